import type { Plant } from '~~/core/plant'
import type { BedYear, Tapestry } from '~~/core/season'
import type { SentScene } from './lookJobs'

/** What the season worker can be asked: the library goes once, then the year of a bed and its ten years. */
export type SeasonAsk =
  | { readonly job: 'library'; readonly plants: readonly Plant[] }
  | { readonly job: 'year'; readonly number: number; readonly scene: SentScene; readonly year: number }

export type SeasonAnswer =
  | { readonly number: number; readonly cloth: Tapestry; readonly years: readonly BedYear[] }
  | { readonly number: number; readonly message: string }
