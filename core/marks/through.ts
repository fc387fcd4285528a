import { deltaE, saturation, oklchOf } from '../colour'
import { hoursAYear } from '../care'
import type { Body } from '../layout'
import { misfits, shownOf } from '../plant'
import { soilCover, type Finding } from '../judge'
import { conditionsAt, type Scene } from '../scene'
import { monthName, type PlaceMonth } from '../time'
import { band, mean, ramp } from './curves'
import { isOneOfEach, percent, type Judged } from './mark'
import { GROWING, GROWN_YEAR, momentOf, SUMMER } from './moments'
import { fullestShare, lengthOf, totalSeen } from './runs'
import { seenPicture, type SeenPicture } from '../scene'

const HUES = 12
const HAS_HUE = 0.045
/** A theme's colour is met within this, ΔE. */
const ON_THEME = 16

interface FlowerSeen {
  readonly colour: string
  readonly m2: number
  readonly x: number
}

/** Flowers that are seen in a month, with where they stand in the picture. */
function flowersIn(picture: SeenPicture): FlowerSeen[] {
  return picture.bodies.flatMap((b, i) => {
    if (!picture.isOwn(i) || picture.seenM2[i]! <= 0) return []
    const { flower } = shownOf(b.at.plant, b.look)
    return flower ? [{ colour: flower.colour, m2: picture.seenM2[i]! * flower.share, x: b.at.x }] : []
  })
}

const monthsThatMatter = (scene: Scene): readonly number[] => GROWING.map((m) => momentOf(scene, m).month)
const pictureIn = (scene: Scene, month: PlaceMonth, turn: number) =>
  seenPicture(scene, { month, year: GROWN_YEAR }, turn)

/** Colour: one leads, one or two follow, no soup; the theme's colours when there is one. */
export function colour(scene: Scene, turn: number): Judged {
  const all = monthsThatMatter(scene).flatMap((m) => flowersIn(pictureIn(scene, m, turn)))
  const whole = all.reduce((sum, f) => sum + f.m2, 0)
  if (whole === 0) return { share: 0.5, figures: [{ name: 'flowers', value: 'none', wanted: 'some' }], worst: null }
  const bins = new Map<number, number>()
  for (const f of all) bins.set(hueBin(f.colour), (bins.get(hueBin(f.colour)) ?? 0) + f.m2 / whole)
  const shares = [...bins.values()].sort((a, b) => b - a)
  const leader = shares[0]! + (shares[1] ?? 0) * 0.35
  const many = shares.filter((s) => s > 0.06).length
  const { theme, school } = scene
  const met = theme
    ? all
        .filter((f) => theme.colours.some((c) => deltaE(c.colour, f.colour) < ON_THEME))
        .reduce((s, f) => s + f.m2, 0) / whole
    : null
  const isFree = school.paletteTolerance >= 100
  const order = 0.55 * ramp(leader, 0.15, 0.5) + 0.45 * ramp(many, 7, 4)
  const own = isFree ? 0.5 + 0.5 * order : order
  return {
    share: met === null ? own : 0.5 * own + 0.5 * ramp(met, 0.2, 0.75),
    figures: [
      { name: 'leading colour', value: percent(shares[0]!), wanted: '45 to 70 %' },
      { name: 'colours', value: String(many), wanted: 'four at most' },
      ...(met === null ? [] : [{ name: 'in the theme', value: percent(met), wanted: '75 %' }]),
    ],
    worst: null,
  }
}

function hueBin(hex: string): number {
  if (saturation(hex) < HAS_HUE) return -1
  return Math.floor(((oklchOf(hex)?.h ?? 0) / 360) * HUES) % HUES
}

const COLOURED_LEAF = 0.13
/** Shares of the picture that are enough to look at: flower or fruit, coloured leaf, what stands in winter. */
const ENOUGH_FLOWER = 0.1
const ENOUGH_LEAF = 0.45
const ENOUGH_WINTER = 0.3

/** Seasons: something everywhere, always. */
export function seasons(scene: Scene, turn: number): Judged {
  const summer = totalSeen(pictureIn(scene, momentOf(scene, SUMMER).month, turn))
  const months = Array.from({ length: 12 }, (_, i) => (i + 1) as PlaceMonth)
  const shown = months.map((m) => interestIn(pictureIn(scene, m, turn), summer))
  const growing = monthsThatMatter(scene)
  const mattering = growing.map((m) => shown[m - 1]!)
  const least = Math.min(...mattering.map((s) => s.interest))
  const winter = mean(months.filter((m) => !growing.includes(m)).map((m) => shown[m - 1]!.interest))
  const sides = mean(mattering.map((s) => s.even))
  const weakest = growing[mattering.findIndex((s) => s.interest === least)] ?? 1
  return {
    share: 0.35 * mean(mattering.map((s) => s.interest)) + 0.2 * least + 0.2 * sides + 0.25 * winter,
    figures: [
      {
        name: 'weakest month that matters',
        value: `${monthName(weakest)}, ${percent(least)}`,
        wanted: 'all of it',
      },
      { name: 'winter', value: percent(winter), wanted: 'bones, berries, bark' },
      { name: 'evenly along the bed', value: percent(sides), wanted: 'both halves at once' },
    ],
    worst: null,
  }
}

interface Shows {
  /** Flower and fruit, as square metres of the picture. */
  readonly show: number
  readonly coloured: number
  readonly standing: number
  readonly x: number
}

/** What each plant has to show in a month. */
function showsIn(picture: SeenPicture): Shows[] {
  return picture.bodies.flatMap((b, i) => {
    const m2 = picture.seenM2[i]!
    if (!picture.isOwn(i) || m2 <= 0) return []
    const { flower, fruit, leaf, inLeaf } = shownOf(b.at.plant, b.look)
    const isColoured = leaf && inLeaf && saturation(leaf.colour) > COLOURED_LEAF
    const stands = standsUp(b)
    return [
      {
        show: ((flower?.share ?? 0) + (fruit?.share ?? 0) * FRUIT_COUNTS) * m2,
        coloured: isColoured ? m2 : 0,
        standing: stands ? m2 : 0,
        x: b.at.x,
      },
    ]
  })
}
const FRUIT_COUNTS = 2
const standsUp = ({ at, look }: Body) =>
  at.plant.retention === 'evergreen' || look.state === 'dry' || at.plant.bark !== null
/** Coloured leaf beside flower, where the two halves of a bed are weighed. */
const LEAF_COUNTS = 0.15

/** What a month has to look at, 0 to 1, and how evenly it lies left and right. */
function interestIn(picture: SeenPicture, summerM2: number): { interest: number; even: number } {
  const middle = picture.firstX + lengthOf(picture) / 2
  const all = showsIn(picture)
  const sum = (of: (s: Shows) => number) => all.reduce((n, s) => n + of(s), 0)
  const share = (m2: number) => (summerM2 > 0 ? m2 / summerM2 : 0)
  const interest =
    ramp(share(sum((s) => s.show)), 0, ENOUGH_FLOWER) * 0.75 +
    ramp(share(sum((s) => s.coloured)), 0, ENOUGH_LEAF) * 0.35 +
    ramp(share(sum((s) => s.standing)), 0, ENOUGH_WINTER) * 0.3
  const left = sum((s) => (s.x < middle ? s.show + s.coloured * LEAF_COUNTS : 0))
  const both = sum((s) => s.show + s.coloured * LEAF_COUNTS)
  return {
    interest: Math.min(1, interest),
    even: both > 0 ? ramp(Math.min(left, both - left) / both, 0.03, 0.35) : 0,
  }
}

/** Rules whose findings tell of plants in trouble. */
const TROUBLE = new Set<string>([
  'site',
  'thirst',
  'smother',
  'hidden',
  'overlap',
  'crowded',
  'wall',
  'window',
  'keep-open',
  'shallow',
])

/** Findings by which a bed loses health, and how much a full weight of them takes. */
/** What costs health by its weight: every finding, as each is a thing to mend. */
const HEAVY = 0.35

/** Health: plants that suit their place and their neighbours, and not all of one kind or family. */
export function health(scene: Scene, turn: number, findings: readonly Finding[]): Judged {
  const { plants } = scene.placement
  const suited = plants.filter((p) => misfits(p.plant, conditionsAt(scene, p)).length === 0).length / plants.length
  const troubled = new Set(findings.filter((f) => TROUBLE.has(f.rule)).flatMap((f) => f.plants))
  const clear = 1 - plants.filter((p) => troubled.has(p.id)).length / plants.length
  const picture = seenPicture(scene, momentOf(scene, SUMMER), turn)
  const kind = fullestShare(picture, (p) => p.id)
  const family = fullestShare(picture, (p) => p.family || p.id)
  const [mostKind, mostFamily] = isOneOfEach(scene.school) ? [1 / 3, 0.5] : [0.5, 0.65]
  const heavy = findings.reduce((sum, f) => sum + f.weight, 0) / 100
  const mixed = Math.min(ramp(kind, mostKind + 0.45, mostKind), ramp(family, mostFamily + 0.4, mostFamily))
  return {
    share: (0.4 * ramp(suited, 0.4, 1) + 0.35 * ramp(clear, 0.3, 1) + 0.25 * mixed) / (1 + HEAVY * heavy),
    figures: [
      { name: 'suit their place', value: percent(suited), wanted: 'all' },
      { name: 'in no trouble', value: percent(clear), wanted: 'all' },
      {
        name: 'most seen kind and family',
        value: `${percent(kind)}, ${percent(family)}`,
        wanted: `${percent(mostKind)}, ${percent(mostFamily)}`,
      },
    ],
    worst: null,
  }
}

const OLD_YEAR = 10

/** Time: something to see in the first summer, closed ground when grown, no thicket when old. */
export function time(scene: Scene, turn: number): Judged {
  const grown = totalSeen(seenPicture(scene, momentOf(scene, SUMMER), turn))
  const first = totalSeen(seenPicture(scene, momentOf(scene, SUMMER, 1), turn)) / Math.max(1e-9, grown)
  const old = seenPicture(scene, momentOf(scene, SUMMER, OLD_YEAR), turn)
  const crowd = crowding(scene, old)
  const cover = soilCover(scene)
  const { plants } = scene.placement
  const roomless = plants.filter((p) => p.crowded).length / plants.length
  const wanted = 1 - scene.school.bareShare
  return {
    share:
      (0.3 * ramp(first, 0.08, 0.35) + 0.4 * ramp(crowd, 2, 1.3) + 0.3 * ramp(cover, wanted * 0.45, wanted)) *
      (0.1 + 0.9 * ramp(roomless, 0.3, 0.02)),
    figures: [
      { name: 'seen in the first summer', value: percent(first), wanted: 'a third of what comes' },
      { name: 'canopies in year ten', value: `${crowd.toFixed(1)} times the ground`, wanted: 'at most 1.3' },
      { name: 'without room', value: percent(roomless), wanted: 'none' },
      { name: 'soil covered', value: percent(cover), wanted: percent(wanted) },
    ],
    worst: null,
  }
}

/** Area of all grown canopies over the ground of the bed; what weaves or climbs takes none. */
function crowding({ frame }: Scene, { bodies, isOwn }: SeenPicture): number {
  let canopy = 0
  bodies.forEach((b, i) => {
    const { plant } = b.at
    if (isOwn(i) && !b.at.id.includes('@') && plant.spacingHabit !== 'weaves' && plant.kind !== 'climber')
      canopy += Math.PI * (b.spreadM / 2) ** 2
  })
  return canopy / Math.max(0.1, frame.areaM2)
}

/** Care: hours a year for each square metre. */
export function care(scene: Scene): Judged {
  const plants = [...scene.byPlant].map(([plant, list]) => ({ plant, count: list.length }))
  const area = Math.max(0.1, scene.frame.areaM2)
  const hours = hoursAYear(plants, area) / area
  return {
    share: band(hours, -1, 0, 0.7, 2.4),
    figures: [{ name: 'hours a square metre', value: hours.toFixed(1), wanted: 'under 0.7 a year' }],
    worst: null,
  }
}
