import { genusOf, shootsAgain, type Plant } from '../../plant'
import { bloomOf, WEEK, type CareRule } from '../careRule'

const isHerb = (p: Plant) => p.lifeCycle === 'herbaceous' && p.kind !== 'fern'
const isEvergreen = (p: Plant) => p.retention === 'evergreen' || p.retention === 'semi-evergreen'
/** What flowers again when it is cut by half after the first flowers. */
const FLUSHES = [
  'Nepeta',
  'Geranium',
  'Salvia',
  'Alchemilla',
  'Centaurea',
  'Delphinium',
  'Astrantia',
  'Erigeron',
  'Campanula',
  'Anthemis',
  'Stachys',
  'Knautia',
]
/** What is better gone before winter: it breaks under snow, or its sickness winters in it. */
const GONE_BY_WINTER = [
  'Paeonia',
  'Phlox',
  'Monarda',
  'Hemerocallis',
  'Hosta',
  'Iris',
  'Alcea',
  'Crocosmia',
  'Lilium',
]

/** Kinds that can be cut to the ground: never evergreens that do not shoot again. */
const canBeCutDown = (p: Plant): boolean =>
  (isHerb(p) || p.kind === 'grass') &&
  p.spacingHabit !== 'weaves' &&
  (!isEvergreen(p) || (shootsAgain(p) && p.pruningGroup === 'cut-down'))

const leavesInAutumn = (p: Plant) => p.retention !== 'stands' && GONE_BY_WINTER.includes(genusOf(p))

export const tidying: readonly CareRule[] = [
  {
    id: 'cut-down-autumn',
    kind: 'cut down',
    source: 'Keeping, Care: late autumn where snow breaks it or disease winters in it',
    applies: (p) => canBeCutDown(p) && p.pruningGroup === 'cut-down' && leavesInAutumn(p),
    windows: (_, { climate }) => [
      { opens: climate.firstFrost, best: climate.firstFrost + 0.6, closes: climate.firstFrost + 1.6 },
    ],
    why: () =>
      'Its leaves lie down with the frost, and what ailed it winters in them: off the bed, not on the compost if it was sick.',
    minutes: () => 3,
    tools: ['secateurs', 'barrow'],
  },
  {
    id: 'cut-down-spring',
    kind: 'cut down',
    source: 'Keeping, Care: late winter where it stands well',
    applies: (p) => canBeCutDown(p) && p.pruningGroup === 'cut-down' && !leavesInAutumn(p),
    windows: (_, { climate }) => {
      const last = Math.max(3, climate.lastFrost)
      return [{ opens: last - 2.4, best: last - 1.6, closes: last - 0.8 }]
    },
    why: (p) =>
      p.retention === 'stands'
        ? 'It stands well through winter and shelters what winters in it: cut before the new shoots reach the height of the cut.'
        : 'Its old leaves cover the crown through winter: cut before the new shoots come.',
    minutes: (p) => (p.kind === 'grass' ? 6 : 3),
    tools: ['shears', 'barrow'],
  },
  {
    id: 'deadhead',
    kind: 'deadhead',
    source: 'Keeping, Care: deadheading',
    applies: (p) => p.pruningGroup === 'deadhead' && !p.selfCleaning && bloomOf(p) !== null,
    windows: (p) => {
      const bloom = bloomOf(p)!
      const times = Math.max(1, Math.round((bloom.to - bloom.from) / 0.5) - 1)
      return Array.from({ length: times }, (_, i) => {
        const best = bloom.from + 0.5 * (i + 1)
        return { opens: best - WEEK, best, closes: best + WEEK }
      })
    },
    why: () => 'What sets no seed goes on flowering.',
    minutes: () => 2,
    tools: ['secateurs'],
  },
  {
    id: 'second-flush',
    kind: 'cut by half',
    source: 'Keeping, Care: half-cutting for a second flush, in about a month',
    applies: (p) => isHerb(p) && FLUSHES.includes(genusOf(p)) && p.flowerMonths.length > 0 && bloomOf(p)!.from <= 7,
    windows: (p) => {
      const best = Math.min(bloomOf(p)!.from + 1.4, 8)
      return [{ opens: best - 0.3, best, closes: best + 0.6 }]
    },
    why: () => 'Cut by half when the first flowers fade, it comes again in about a month.',
    minutes: () => 3,
    tools: ['shears'],
  },
  {
    id: 'stake',
    kind: 'stake',
    source: 'Keeping, Care: staking before it flops, early, by height',
    applies: (p) => p.staking !== 'none' && p.kind !== 'tree',
    windows: (p, { climate }) => {
      const last = Math.max(3.5, climate.lastFrost)
      const early = p.flowerMonths[0] !== undefined && p.flowerMonths[0] <= 6 ? last - 0.5 : last
      return [{ opens: early - 0.5, best: early, closes: early + 0.9 }]
    },
    why: () => 'It lies down when it flowers: its support stands before it needs it, and is grown through by then.',
    minutes: () => 4,
    tools: ['ring or stakes', 'soft twine'],
  },
  {
    id: 'divide',
    kind: 'divide',
    source: 'Keeping, Care: dividing by interval',
    applies: (p, { age }) => p.divideYears > 0 && age > 0 && age % p.divideYears === 0,
    windows: (p, { climate }) => {
      const last = Math.max(3.5, climate.lastFrost)
      const flowersEarly = p.flowerMonths.length > 0 && p.flowerMonths[0]! <= 5
      if (p.lifeCycle === 'bulb') return [{ opens: 6, best: 6.5, closes: 7.5 }]
      return flowersEarly
        ? [{ opens: 8.5, best: 9, closes: Math.max(9.2, climate.firstFrost - 0.7) }]
        : [{ opens: last - 1.2, best: last - 0.6, closes: last + 0.3 }]
    },
    why: (p) =>
      `Every ${p.divideYears} years it is lifted and its outer pieces set again, or its middle goes bare.`,
    minutes: () => 15,
    tools: ['spade', 'two forks', 'barrow'],
  },
]
