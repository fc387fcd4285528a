import { shootsAgain, type Plant } from '../../plant'
import { bloomOf, FOUR_WEEKS, type CareContext, type CareRule, type LibraryWindow } from '../careRule'
import { LEAST_SPREAD_M, PRUNING } from '../work'

const SOURCE = 'Keeping, Care: pruning by flowering wood'
const SECATEURS = ['secateurs']
const minutesOf = (p: Plant) => Math.max(2, PRUNING[p.pruningGroup].minutes * Math.max(LEAST_SPREAD_M, p.spreadM))
const isPruned = (p: Plant) => p.lifeCycle === 'woody' && p.pruningGroup !== 'none'
const onOldWood = (p: Plant) => p.flowerWood === 'old' && p.flowerMonths.length > 0

/** From well before the last frost to near it: buds swell, none has opened. */
const lateWinter = ({ climate }: CareContext): LibraryWindow => {
  const last = Math.max(3, climate.lastFrost)
  return { opens: last - 2.4, best: last - 1.5, closes: last - 0.4 }
}
/** Right after its flowers, within four weeks. */
const afterBloom = (p: Plant): LibraryWindow[] => {
  const bloom = bloomOf(p)
  return bloom ? [{ opens: bloom.to, best: bloom.to + 0.3, closes: bloom.to + FOUR_WEEKS }] : []
}
/** What flowers on old wood past midsummer has its buds set by then: only its old heads go, in spring. */
const PAST_MIDSUMMER = 7
const flowersLate = (p: Plant) => (bloomOf(p)?.from ?? 0) >= PAST_MIDSUMMER
const spring = ({ climate }: CareContext): LibraryWindow => {
  const last = Math.max(3.5, climate.lastFrost)
  return { opens: last - 1.2, best: last - 0.6, closes: last + 0.2 }
}

/** Clipping: after the first flush, and late enough in summer that it is over well before frost. */
function clippings({ climate }: CareContext): LibraryWindow[] {
  const end = Math.min(9.3, climate.firstFrost - 1.2)
  return [
    { opens: 6.5, best: 6.8, closes: 7.4 },
    { opens: Math.min(8.5, end - 0.5), best: Math.min(8.8, end - 0.2), closes: end },
  ]
}

export const pruning: readonly CareRule[] = [
  {
    id: 'prune-old-wood',
    kind: 'prune',
    source: SOURCE,
    applies: (p) => isPruned(p) && onOldWood(p) && !flowersLate(p) && p.clematisGroup === null,
    windows: (p) => afterBloom(p),
    why: () =>
      'It flowers on last year’s wood: cut within four weeks after the flowers, later takes next year’s away.',
    minutes: minutesOf,
    tools: [...SECATEURS, 'loppers'],
  },
  {
    id: 'old-heads',
    kind: 'deadhead',
    source: SOURCE,
    applies: (p) => isPruned(p) && onOldWood(p) && flowersLate(p) && p.clematisGroup === null,
    windows: (_, at) => [spring(at)],
    why: () =>
      'Its buds for this year stand below the old heads: take those off down to the first strong pair, no more.',
    minutes: (p) => minutesOf(p) / 2,
    tools: SECATEURS,
  },
  {
    id: 'prune-new-wood',
    kind: 'prune',
    source: SOURCE,
    applies: (p) => isPruned(p) && !onOldWood(p) && p.pruningGroup === 'late-winter' && p.clematisGroup === null,
    windows: (_, at) => [lateWinter(at)],
    why: (p) =>
      p.flowerWood === 'new'
        ? 'It flowers on this year’s wood: cut before it grows, the harder the stronger.'
        : 'Bare of leaf its frame is seen best: dead, crossing and old wood out before it grows.',
    minutes: minutesOf,
    tools: [...SECATEURS, 'loppers', 'pruning saw'],
  },
  {
    id: 'prune-after-flowers',
    kind: 'prune',
    source: SOURCE,
    applies: (p) =>
      isPruned(p) && !onOldWood(p) && p.pruningGroup === 'after-flowering' && p.clematisGroup === null,
    windows: (p, at) => {
      const bloom = bloomOf(p)
      return bloom && bloom.to < at.climate.firstFrost - 1.5 ? afterBloom(p) : [lateWinter(at)]
    },
    why: () =>
      'Shortened after its flowers it makes wood for the next; what flowers till frost waits for the end of winter.',
    minutes: minutesOf,
    tools: SECATEURS,
  },
  {
    id: 'prune-for-leaf',
    kind: 'prune',
    source: SOURCE,
    applies: (p) => isPruned(p) && !onOldWood(p) && p.pruningGroup === 'leaf' && shootsAgain(p),
    windows: (_, at) => [spring(at)],
    why: () => 'Grown for its leaf: cut in spring it makes the largest and the best coloured.',
    minutes: minutesOf,
    tools: [...SECATEURS, 'loppers'],
  },
  {
    id: 'clip',
    kind: 'clip',
    source: 'Keeping, Care: clipped after the first flush and in late summer, never in strong sun or before frost',
    applies: (p) => isPruned(p) && !onOldWood(p) && p.pruningGroup === 'clip',
    windows: (_, at) => clippings(at),
    why: () =>
      'After its first flush and once more in late summer; on a dull day, and weeks before frost, so that the cut hardens.',
    minutes: minutesOf,
    tools: ['hedge shears', 'sheet'],
  },
  ...([1, 2, 3] as const).map((group): CareRule => ({
    id: `clematis-${group}`,
    kind: 'prune',
    source: 'Keeping, Care: clematis by its three groups',
    applies: (p) => p.clematisGroup === group,
    windows: (p, at) => (group === 1 ? afterBloom(p) : [lateWinter(at)]),
    why: () =>
      [
        'The early ones flower on last year’s wood: only thinned, right after the flowers.',
        'The large ones flower twice: weak shoots out, the others down to the first strong pair of buds.',
        'The late ones flower on this year’s wood: all of it down to two pairs of buds.',
      ][group - 1]!,
    minutes: () => 12,
    tools: SECATEURS,
  })),
]
