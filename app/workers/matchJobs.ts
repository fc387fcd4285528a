import type { Direction, PartnerAsk, Partnership, Swap } from '~~/core/match'
import type { Plant, SiteConditions } from '~~/core/plant'

/** What the match worker can be asked. The library is sent once and kept. */
export type MatchRequest =
  | { readonly id: number; readonly job: 'library'; readonly plants: readonly Plant[] }
  | { readonly id: number; readonly job: 'partners'; readonly ask: PartnerAsk }
  | {
      readonly id: number
      readonly job: 'swaps'
      readonly from: Plant
      readonly site: SiteConditions
      readonly direction: Direction
      readonly most: number
    }

export type MatchAnswer =
  | { readonly id: number; readonly kind: 'done' }
  | { readonly id: number; readonly kind: 'partners'; readonly partners: readonly Partnership[] }
  | { readonly id: number; readonly kind: 'swaps'; readonly swaps: readonly Swap[] }
  | { readonly id: number; readonly kind: 'error'; readonly message: string }
