import type { CareKind } from './careRule'

/** Kinds of work, as they are shown. */
export const CARE_WORDS: Readonly<Record<CareKind, string>> = {
  prune: 'prune',
  clip: 'clip',
  'cut down': 'cut down',
  deadhead: 'deadhead',
  'cut by half': 'cut by half',
  stake: 'stake',
  feed: 'feed',
  divide: 'divide',
  'set out': 'set out',
  'bring in': 'bring in',
  lift: 'lift',
  'look over in store': 'look over in store',
  cover: 'cover',
  uncover: 'uncover',
  guard: 'guard',
  watch: 'watch',
  repot: 'repot',
  'hand over': 'hand over',
  mulch: 'mulch',
  weed: 'weed',
  edge: 'edge',
}
