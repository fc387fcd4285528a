import type { GroundId } from './grounds'
import type { Edit } from '../edit'

export const RULES = [
  'shallow',
  'wall',
  'overlap',
  'crowded',
  'gap',
  'hidden',
  'before',
  'window',
  'keep-open',
  'site',
  'around',
  'thirst',
  'smother',
  'blend',
  'months',
  'clutter',
  'theme',
  'brief',
  'scale',
  'anchors',
  'engulfed',
  'over-edge',
  'climbs',
  'harm',
  'existing',
  'one-kind',
  'flowering',
  'palette',
  'backdrop',
  'sameness',
  'repetition',
  'lines',
  'numbers',
  'keeping',
  'legs',
  'bulbs',
  'stays',
] as const
export type RuleId = (typeof RULES)[number]

/** A figure a finding rests on, with its unit ('' for a bare number). */
export interface Figure {
  readonly name: string
  readonly value: number
  readonly unit: string
}
/** An edit that would mend a finding. */
export interface Mend {
  readonly label: string
  readonly edit: Edit
}

/** Something that wants a second look. Nothing is forbidden: it can be mended, or accepted with a reason. */
export interface Finding {
  /** The same for the same trouble, so that an acceptance stays with it. */
  readonly id: string
  readonly rule: RuleId
  readonly title: string
  readonly reason: string
  /** Order of importance, 0-100. */
  readonly weight: number
  /** Stretch of the bed in its running coordinate, metres. */
  readonly from: number
  readonly to: number
  /** Ids of the placed plants it is about. */
  readonly plants: readonly string[]
  readonly figures: readonly Figure[]
  /** What it is reckoned by, in words. */
  readonly source: string
  /** The pages of our grounds that it follows; none where the brief or the school says so itself. */
  readonly grounds: readonly GroundId[]
  readonly mends: readonly Mend[]
}

/** A local observation about one plant, pair or spot at x (the bed's running coordinate); rules gather them and fold them into findings. */
export interface Remark {
  readonly x: number
  /** What is folded together. */
  readonly group: string
  readonly plants: readonly string[]
  readonly value: number
  readonly other: number
}

/** A finding whose mends are worked out when they are first asked for: most are judged many times and mended once. */
export function finding(parts: Omit<Finding, 'mends'>, mends: () => readonly Mend[]): Finding {
  let known: readonly Mend[] | undefined
  return {
    ...parts,
    get mends() {
      return (known ??= mends().filter((m) => m.edit.kind !== 'all' || m.edit.edits.length > 0))
    },
  }
}
