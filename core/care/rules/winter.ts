import { genusOf, type Plant } from '../../plant'
import { bloomOf, type CareContext, type CareRule } from '../careRule'

const isTender = (p: Plant, { zone }: CareContext) => p.tender !== null && zone < p.zones.coldest
const isKept = (p: Plant, at: CareContext) => isTender(p, at) && p.tender!.how !== 'let-go'
/** A degree above which nights must hold is this much later than the last frost, months: a night warms 2 °C in about ten days. */
const MONTHS_A_DEGREE = 0.16
const holds = (p: Plant) => Math.max(0, (p.tender?.outAboveC ?? 2) * MONTHS_A_DEGREE)

/** Nothing tender stands out before its nights hold, nor after they do not. */
const outFrom = (p: Plant, { climate }: CareContext) => climate.lastFrost + holds(p)
const inBy = (p: Plant, { climate }: CareContext) => climate.firstFrost - holds(p)

const storedAt = ({ tender }: Plant) => (tender!.storeC === null ? 'free of frost' : `at ${tender!.storeC}\u202f°C`)

/** Usual troubles of a genus that are looked for, without remedies by name. */
const TROUBLES: Readonly<Record<string, { readonly what: string; readonly from: number; readonly to: number }>> = {
  Buxus: {
    what: 'brown patches with black streaks on the shoots, and webs with green caterpillars',
    from: 4.5,
    to: 9,
  },
  Lilium: { what: 'red beetles and their larvae on the leaves', from: 4.5, to: 7.5 },
  Rosa: { what: 'black spots on the leaves, and greenfly on the buds', from: 5, to: 8 },
  Phlox: { what: 'grey mildew in dry weeks', from: 7, to: 8.5 },
  Monarda: { what: 'grey mildew in dry weeks', from: 6.5, to: 8.5 },
  Symphyotrichum: { what: 'grey mildew from below', from: 8, to: 9.5 },
  Heuchera: { what: 'notched leaves and plants that come loose: weevil', from: 4.5, to: 9 },
  Rhododendron: { what: 'notched leaves, and brown buds that stay on', from: 5, to: 9 },
  Viburnum: { what: 'leaves eaten to a net by beetles', from: 5, to: 7 },
  Paeonia: { what: 'buds that stay small and brown: grey mould', from: 5, to: 6.5 },
  Iris: { what: 'soft rhizomes and streaked leaves: borer', from: 5, to: 7 },
  Hydrangea: { what: 'leaves that hang at noon and stay so: thirst', from: 6.5, to: 9 },
}
/** What a winter here can take: kinds beyond their zone always, those at its edge in their first winters. */
const wantsCover = (p: Plant, { zone, age }: CareContext) =>
  p.tender === null &&
  (p.lifeCycle === 'herbaceous' || p.lifeCycle === 'woody') &&
  (p.zones.coldest > zone || (p.zones.coldest === Math.floor(zone) && age < 2))

const SLUGS_LIKE = ['Hosta', 'Delphinium', 'Dahlia', 'Ligularia', 'Campanula', 'Primula', 'Salvia', 'Tricyrtis']

export const winter: readonly CareRule[] = [
  {
    id: 'set-out',
    kind: 'set out',
    source: 'Keeping: planted out when nights hold',
    applies: (p, at) => isTender(p, at),
    windows: (p, at) => {
      const from = outFrom(p, at)
      return [{ opens: from, best: from + 0.25, closes: from + 1 }]
    },
    why: (p) =>
      `It stands no frost: out when nights stay above ${p.tender!.outAboveC ?? 2}\u202f°C, hardened off for a week before.`,
    minutes: () => 5,
    tools: ['trowel', 'watering can'],
  },
  {
    id: 'lift',
    kind: 'lift',
    source: 'Keeping, Care: lifting and storing what is tender after the first black frost',
    applies: (p, at) => isKept(p, at) && p.tender!.how === 'lift',
    windows: (_, { climate }) => [
      { opens: climate.firstFrost - 0.1, best: climate.firstFrost + 0.15, closes: climate.firstFrost + 0.5 },
    ],
    why: (p) =>
      `Its roots are kept ${storedAt(p)}: lifted when the first black frost has taken the leaf, before it reaches the ground.`,
    minutes: () => 8,
    tools: ['fork', 'crates', 'labels'],
  },
  {
    id: 'bring-in',
    kind: 'bring in',
    source: 'Keeping, Care: nothing tender stays out under its limit',
    applies: (p, at) => isKept(p, at) && p.tender!.how !== 'lift',
    windows: (p, at) => {
      const by = inBy(p, at)
      return [{ opens: by - 0.7, best: by - 0.3, closes: by }]
    },
    why: (p) =>
      `Under ${p.tender!.outAboveC ?? 2}\u202f°C it suffers: in before the first nights below that, then kept ${storedAt(p)}.`,
    minutes: () => 6,
    tools: ['trolley'],
  },
  {
    id: 'clear',
    kind: 'hand over',
    source: 'Keeping: one season only',
    applies: (p, at) => isTender(p, at) && p.tender!.how === 'let-go',
    windows: (p, at) => {
      const by = Math.max(inBy(p, at), outFrom(p, at) + 1)
      return [{ opens: by - 0.4, best: by, closes: at.climate.firstFrost + 0.4 }]
    },
    why: () => 'Its season ends with the frost: cleared before it lies on its neighbours.',
    minutes: () => 2,
    tools: ['barrow'],
  },
  {
    id: 'store',
    kind: 'look over in store',
    source: 'Keeping, Care: checked monthly',
    applies: (p, at) => isKept(p, at),
    windows: (p, at) => {
      const from = at.climate.firstFrost + 1
      const to = outFrom(p, at) + 12 - 0.5
      const times = Math.max(0, Math.floor(to - from))
      return Array.from({ length: times }, (_, i) => ({
        opens: from + i,
        best: from + i + 0.5,
        closes: from + i + 1,
      }))
    },
    why: () => 'Rot spreads and what shrivels wants a little water: looked over once a month.',
    minutes: () => 1,
    tools: [],
  },
  {
    id: 'cover',
    kind: 'cover',
    source: 'Keeping, Care: winter cover',
    applies: wantsCover,
    windows: (_, { climate }) => [
      { opens: climate.firstFrost + 0.6, best: climate.firstFrost + 1.1, closes: climate.firstFrost + 1.8 },
    ],
    why: (p, { zone }) =>
      `At its limit here (zone ${p.zones.coldest} in zone ${zone}): leaves or brush over its foot once the ground is cold.`,
    minutes: (p) => Math.max(1, 4 * p.spreadM),
    tools: ['brush or leaves'],
  },
  {
    id: 'uncover',
    kind: 'uncover',
    source: 'Keeping, Care: winter cover',
    applies: wantsCover,
    windows: (_, { climate }) => [
      { opens: climate.lastFrost - 1.5, best: climate.lastFrost - 1, closes: climate.lastFrost - 0.3 },
    ],
    why: () => 'Air before it rots beneath: off in steps, on a dull day.',
    minutes: (p) => Math.max(0.5, 2 * p.spreadM),
    tools: [],
  },
  {
    id: 'slugs',
    kind: 'guard',
    source: 'Keeping, Care: slug guard at emergence',
    applies: (p) => SLUGS_LIKE.includes(genusOf(p)) && p.lifeCycle !== 'woody',
    windows: (_, { climate }) => [
      { opens: climate.lastFrost - 1, best: climate.lastFrost - 0.6, closes: climate.lastFrost + 0.6 },
    ],
    why: () => 'Slugs take its first shoots in a night: gathered at dusk, or ringed with grit, while they come up.',
    minutes: () => 2,
    tools: ['lamp', 'bucket'],
  },
  {
    id: 'rabbits',
    kind: 'guard',
    source: 'Keeping, Care: rabbit guard',
    applies: (p, at) => at.rabbits && p.rabbits === 'browsed' && at.age < 2,
    windows: (_, { climate }) => [
      { opens: climate.lastFrost - 1.2, best: climate.lastFrost - 0.7, closes: climate.lastFrost + 0.5 },
    ],
    why: () => 'Young and browsed by rabbits here: a guard of netting until its shoots have hardened.',
    minutes: () => 4,
    tools: ['netting', 'canes'],
  },
  {
    id: 'watch',
    kind: 'watch',
    source: 'Keeping, Care: watching lists of the genus’s usual troubles without chemicals by name',
    applies: (p) => genusOf(p) in TROUBLES,
    windows: (p) => {
      const { from, to } = TROUBLES[genusOf(p)]!
      return [{ opens: from, best: (from + to) / 2, closes: to }]
    },
    why: (p) => `Look for ${TROUBLES[genusOf(p)]!.what}.`,
    minutes: () => 1,
    tools: [],
  },
  {
    id: 'feed-pot',
    kind: 'feed',
    source: 'Keeping, Care: pots through summer; only by soil test in the ground',
    applies: (p, at) => at.inPots && bloomOf(p) !== null,
    windows: (_, { climate }) => {
      const from = climate.lastFrost + 0.7
      const times = Math.max(1, Math.floor((climate.firstFrost - 1 - from) / 0.5))
      return Array.from({ length: times }, (_x, i) => {
        const best = from + 0.5 * i
        return { opens: best - 0.2, best, closes: best + 0.25 }
      })
    },
    why: () => 'A pot’s mix is soon eaten up: fed every second week while it grows, never dry.',
    minutes: () => 1,
    tools: ['watering can'],
  },
  {
    id: 'repot',
    kind: 'repot',
    source: 'Keeping, Care: repotting every second to fifth year',
    applies: (p, at) =>
      at.inPots && ['woody', 'herbaceous'].includes(p.lifeCycle) && at.age > 0 && at.age % 3 === 0,
    windows: (_, { climate }) => {
      const last = Math.max(3.5, climate.lastFrost)
      return [{ opens: last - 1.2, best: last - 0.7, closes: last }]
    },
    why: () => 'Its roots have filled the pot: a third of the old mix off, fresh mix in, before it grows.',
    minutes: () => 20,
    tools: ['potting mix', 'old saw'],
  },
]
