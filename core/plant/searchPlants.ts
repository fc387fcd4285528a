import { colourWords, deltaE } from '../colour'
import type { LibraryMonth } from '../time'
import { isSafetyKnown } from './cautions'
import { findPlants } from './findPlants'
import { misfits, type SiteConditions } from './fit'
import {
  fullHeightM,
  SUN_CLASSES,
  WATER_CLASSES,
  type Habit,
  type Kind,
  type Plant,
  type Soil,
  type SunClass,
  type WaterClass,
} from './plant'
import type { Eater } from './plantTraits'

/** What is asked of plants; what is left out asks nothing. Lengths in metres, colours `#rrggbb`. */
export interface PlantFilter {
  readonly text?: string
  readonly kind?: Kind
  /** Keep only what fits the bed. */
  readonly site?: SiteConditions
  readonly minHeightM?: number
  readonly maxHeightM?: number
  readonly minSpreadM?: number
  readonly maxSpreadM?: number
  readonly evergreen?: boolean
  readonly flowerMonth?: LibraryMonth
  readonly withoutHazards?: boolean
  readonly fragrant?: boolean
  /** Flowers, leaves in spring or summer, or the second colour of leaves, near one of these. */
  readonly flowerColours?: readonly string[]
  readonly leafColours?: readonly string[]
  readonly light?: SunClass
  readonly water?: WaterClass
  readonly soil?: Soil
  readonly habit?: Habit
  readonly drought?: boolean
  readonly leftByDeer?: boolean
  readonly leftByRabbits?: boolean
  /** Poisons none of these. */
  readonly safeFor?: readonly Eater[]
  readonly grownInYears?: number
  /** Its cheapest size costs at most this. */
  readonly mostPrice?: number
}

/** Two colours go by one name when they are this near, or both have its word and are not too far, ΔE in OKLab × 100. */
const SAME_COLOUR = 9
const SAME_NAME = 26
const nameOf = (colour: string) => colourWords(colour).split(' ').at(-1)
const isNear = (a: string, b: string) => {
  const apart = deltaE(a, b)
  return apart <= SAME_COLOUR || (apart <= SAME_NAME && nameOf(a) === nameOf(b))
}
const isNearOne = (colours: readonly string[], wanted: readonly string[]) =>
  colours.some((c) => wanted.some((w) => isNear(c, w)))
const flowersOf = (p: Plant) => (p.flowerColour ? [p.flowerColour, ...p.moreFlowerColours] : [])
const leavesOf = (p: Plant) => [p.foliage.spring, p.foliage.summer, ...(p.secondLeaf ? [p.secondLeaf.colour] : [])]
/** Whether a class lies in a range of classes. */
const isWithin = <T>(classes: readonly T[], from: T, to: T, asked: T) =>
  classes.indexOf(asked) >= classes.indexOf(from) && classes.indexOf(asked) <= classes.indexOf(to)

type Test = (plant: Plant) => boolean
/** How each question of a filter is asked of a plant. */
const QUESTIONS: { readonly [K in keyof PlantFilter]-?: (asked: NonNullable<PlantFilter[K]>) => Test } = {
  text: () => () => true,
  kind: (kind) => (p) => p.kind === kind,
  site: (site) => (p) => misfits(p, site).length === 0,
  minHeightM: (m) => (p) => fullHeightM(p) >= m,
  maxHeightM: (m) => (p) => fullHeightM(p) <= m,
  minSpreadM: (m) => (p) => p.spreadM >= m,
  maxSpreadM: (m) => (p) => p.spreadM <= m,
  evergreen: () => (p) => p.retention === 'evergreen',
  flowerMonth: (month) => (p) => p.flowerMonths.includes(month),
  withoutHazards: () => (p) => p.hazards.length === 0 && isSafetyKnown(p),
  fragrant: () => (p) => p.fragrance !== 'none',
  flowerColours: (wanted) => (p) => isNearOne(flowersOf(p), wanted),
  leafColours: (wanted) => (p) => isNearOne(leavesOf(p), wanted),
  light: (light) => (p) => isWithin(SUN_CLASSES, p.sun.brightest, p.sun.darkest, light),
  water: (water) => (p) => isWithin(WATER_CLASSES, p.water.driest, p.water.wettest, water),
  soil: (soil) => (p) => p.soils.includes(soil),
  habit: (habit) => (p) => p.habit === habit,
  drought: () => (p) => p.drought === 'high',
  leftByDeer: () => (p) => p.deer === 'resists',
  leftByRabbits: () => (p) => p.rabbits === 'resists',
  safeFor: (eaters) => (p) => isSafetyKnown(p) && eaters.every((e) => p.toxicity[e] === 'none'),
  grownInYears: (years) => (p) => p.yearsTo90 <= years,
  mostPrice: (price) => (p) => Math.min(...p.sizes.map((s) => s.price)) <= price,
}

/** What each filter given asks of a plant; one that is false or an empty list asks nothing. */
function testsOf(filter: PlantFilter): Test[] {
  return (Object.keys(QUESTIONS) as (keyof PlantFilter)[]).flatMap((key) => {
    const asked = filter[key]
    const isAsked = asked !== undefined && asked !== false && !(Array.isArray(asked) && asked.length === 0)
    return isAsked ? [(QUESTIONS[key] as (asked: unknown) => Test)(asked)] : []
  })
}

/** The plants that answer every filter given: by how well they answer the text when there is one, else in the list's order. */
export function searchPlants(plants: readonly Plant[], filter: PlantFilter): Plant[] {
  const tests = testsOf(filter)
  const answers = (plant: Plant): boolean => tests.every((holds) => holds(plant))
  if (!filter.text?.trim()) return plants.filter(answers)
  const byId = new Map(plants.map((p) => [p.id, p]))
  return findPlants(plants, filter.text)
    .map((id) => byId.get(id)!)
    .filter(answers)
}
