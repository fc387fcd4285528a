import type { Drift } from '~~/core/model'
import { kindCounts } from '~~/core/bed'
import type { Scene } from '~~/core/scene'
import { plantsByDrift, spansByDrift, standsAt, type PlacedPlant } from '~~/core/layout'
import { genusOf, shownOf, type Plant } from '~~/core/plant'
import { PLACE_MONTHS, type Moment } from '~~/core/time'
import { sameParts } from '~/utils/sameParts'
import type { Axis } from './useAxis'

/** What a strip of the score shows: the same object while a drag only shifts the strip, so that it is not drawn again. */
export interface BlockFace {
  readonly key: string
  readonly drift: Drift
  readonly plant: Plant
  readonly letter: string
  readonly colour: string
  /** The lane it is drawn in: a shape of its own has a block in each lane that it runs through. */
  readonly lane: number
  /** How many of the drift stand in its stretch. */
  readonly count: number
  /** Threads between others, or goes round one: drawn as a slim mark along the lane's foot. */
  readonly slim: boolean
  /** Of slim marks that lie over one another, how many lie below it. */
  readonly tier: number
  readonly onCentreM: number
  /** The kinds that share its place, with their colours now; one for a drift of one kind. */
  readonly shares: readonly { readonly plantId: string; readonly share: number; readonly colour: string }[]
  readonly isFirst: boolean
  /** Of places that change hands, month by month the colour of who stands there, null for nobody; null for others. */
  readonly year: readonly (string | null)[] | null
  readonly fits: Fits
}

/** What there is room for in a strip. */
export interface Fits {
  readonly words: boolean
  readonly letter: boolean
  /** How many there are, beneath the letter. */
  readonly count: boolean
  readonly portrait: boolean
  /** Room for words or a portrait, but not for both with ease. */
  readonly middling: boolean
}

/** A strip of the score: a whole drift, or one single of a dotted repeat. Pixels from the picture's left. */
export interface ScoreBlock {
  readonly face: BlockFace
  readonly left: number
  readonly width: number
}

const WORDS_PX = 76
const MIDDLING_PX = 46
/** The frame of a strip, a sign of its key letter, and what is lost beside a count. */
const FRAME_PX = 4
const LETTER_PX = 8
const COUNT_PX = 26
const PORTRAIT_PX = 32
const SIGN_PX = 7

function fitsIn(width: number, genus: string, letter: string): Fits {
  const words = width >= WORDS_PX
  const middling = width >= MIDDLING_PX
  return {
    words,
    middling,
    letter: width >= FRAME_PX + letter.length * LETTER_PX,
    count: width >= COUNT_PX,
    portrait: middling && (!words || width > PORTRAIT_PX + genus.length * SIGN_PX),
  }
}

/** A block that passes the seam of a round bed is drawn in two. */
function cutAtSeam(part: { from: number; to: number }, { frame }: Scene): { from: number; to: number }[] {
  const whole = frame.runTo - frame.runFrom
  if (part.to - part.from > whole * 0.98) return [{ from: frame.runFrom, to: frame.runTo }]
  if (!frame.closed || (part.from >= 0 && part.to <= whole)) return [part]
  if (part.from < 0)
    return [
      { from: 0, to: part.to },
      { from: part.from + whole, to: whole },
    ]
  return [
    { from: part.from, to: whole },
    { from: 0, to: part.to - whole },
  ]
}

interface Part {
  readonly from: number
  readonly to: number
  readonly lane: number
  /** How many of the drift stand in it. */
  readonly count: number
}

/** Shapes whose plants stand one by one. */
const STAND_ALONE = ['spots', 'scatter', 'beneath', 'exact']

/** The stretches a drift is drawn by: whole, single by single, or of a shape lane by lane. */
function partsOf(drift: Drift, half: number, now: Scene): Part[] {
  const its = plantsByDrift(now.placement).get(drift.id) ?? []
  const around = (p: PlacedPlant): Part => {
    const h = half / stretchOf(now, p)
    return { from: p.along - h, to: p.along + h, lane: p.lane, count: 1 }
  }
  if (STAND_ALONE.includes(drift.shape?.kind ?? '')) return its.map(around)
  if (drift.shape) {
    const lanes = new Map<number, Part>()
    for (const part of its.map(around)) {
      const there = lanes.get(part.lane) ?? { ...part, count: 0 }
      const from = Math.min(there.from, part.from)
      const to = Math.max(there.to, part.to)
      lanes.set(part.lane, { from, to, lane: part.lane, count: there.count + 1 })
    }
    return [...lanes.values()].sort((a, b) => a.lane - b.lane)
  }
  if (drift.pattern === 'dotted') return its.map(around)
  const span = spansByDrift(now.placement).get(drift.id)
  return span ? [{ from: span.from, to: span.to, lane: drift.lane, count: drift.count }] : []
}

const stretchOf = ({ frame }: Scene, p: PlacedPlant) =>
  frame.closed ? frame.stretchAt(p.along, Math.max(0.05, p.out)) : 1

/** Who stands in a drift's places at a moment; its own kind while nobody does. */
function standingKind({ stays, placement }: Scene, drift: Drift, own: Plant, moment: Moment): Plant {
  const one = stays?.has(drift.id) ? plantsByDrift(placement).get(drift.id)?.[0] : undefined
  return (one && standsAt(one, moment, stays)?.plant) ?? own
}

function yearOf(now: Scene, drift: Drift, year: number): (string | null)[] {
  const one = plantsByDrift(now.placement).get(drift.id)?.[0]
  return PLACE_MONTHS.map((month) => {
    const there = one ? standsAt(one, { month, year }, now.stays) : null
    if (!there) return null
    return there.plant.flowerColour ?? there.plant.foliage.summer
  })
}

/** What goes round or beneath others, or thinly among them. */
const isSlim = ({ shape }: Drift) =>
  ['ring', 'beneath', 'scatter'].includes(shape?.kind ?? '') || (shape?.kind === 'hedge' && shape.closed)

/** Whether two lists say the same, item by item. */
const isSameList = <T>(a: readonly T[] | null, b: readonly T[] | null, isSame: (p: T, q: T) => boolean) =>
  a === b || (a !== null && a.length === b?.length && a.every((item, i) => isSame(item, b[i]!)))
const isSameFit = (a: Fits, b: Fits) => (Object.keys(a) as (keyof Fits)[]).every((k) => a[k] === b[k])

/** Whether two blocks look the same; drifts and plants are the same objects while nothing changes them. */
const isAlike = ({ shares, year, fits, ...a }: BlockFace, b: BlockFace) =>
  (Object.keys(a) as (keyof typeof a)[]).every((k) => a[k] === b[k]) &&
  isSameFit(fits, b.fits) &&
  isSameList(year, b.year, (p, q) => p === q) &&
  isSameList(shares, b.shares, (p, q) => p.plantId === q.plantId && p.share === q.share && p.colour === q.colour)

/** The blocks of all lanes, straight below their plants. */
export function useScoreBlocks(axis: () => Axis) {
  const { scene, letters, bodies } = useScene()
  const compose = useComposeStore()
  const colours = computed(() => {
    const now = new Map<string, string>()
    for (const { at, look } of bodies.value)
      if (!now.has(at.plant.id)) now.set(at.plant.id, shownOf(at.plant, look).colour)
    return now
  })
  const px = (a: number) => {
    const { score } = axis()
    return score.leftPx + (a - score.from) * score.pxPerM
  }

  let before: readonly BlockFace[] = []
  const blocks = computed<readonly ScoreBlock[]>(() => {
    const now = made()
    before = sameParts(
      before,
      now.map((b) => b.face),
      (f) => f.key,
      isAlike,
    )
    return now.map((b, i) => ({ ...b, face: before[i]! }))
  })

  function made(): ScoreBlock[] {
    const now = scene.value
    if (!now) return []
    const hedges = now.bed.drifts.filter((d) => d.shape?.kind === 'hedge' && d.shape.closed)
    return now.bed.drifts.flatMap((drift) => {
      const tier = Math.max(0, hedges.indexOf(drift))
      const own = now.library.get(drift.plantId)
      if (!own) return []
      const plant = standingKind(now, drift, own, compose.moment)
      const half = (own.spreadM * now.school.spacing) / 2
      const parts = partsOf(drift, half, now)
      const shares = [...kindCounts(drift)].map(([plantId, n]) => ({
        plantId,
        share: n,
        colour: colours.value.get(plantId) ?? now.library.get(plantId)?.foliage.summer ?? '#888888',
      }))
      const year = now.stays?.has(drift.id) ? yearOf(now, drift, compose.moment.year) : null
      const leaf = colours.value.get(plant.id) ?? plant.foliage.summer
      return parts
        .flatMap((part) => cutAtSeam(part, now).map((cut) => ({ ...part, ...cut })))
        .map((part, i) => {
          const width = (part.to - part.from) * axis().score.pxPerM
          const letter = letters.value.get(plant.id) ?? ''
          const face: BlockFace = {
            key: `${drift.id}/${i}`,
            drift,
            plant,
            letter,
            colour: leaf,
            lane: part.lane,
            count: part.count,
            slim: own.spacingHabit === 'weaves' || isSlim(drift),
            onCentreM: drift.pattern === 'dotted' ? drift.everyM : own.spreadM * now.school.spacing,
            shares,
            tier,
            isFirst: i === 0,
            year,
            fits: fitsIn(width, genusOf(plant), letter),
          }
          return { face, left: px(part.from), width }
        })
    })
  }
  return { blocks }
}
