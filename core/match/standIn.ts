import { deltaE } from '../colour'
import { fullHeightM, misfits, type Plant } from '../plant'
import type { Scene } from '../scene'

interface StandInLimits {
  readonly maxHeightM?: number
  readonly minHeightM?: number
  readonly maxSpreadM?: number
  readonly where?: (plant: Plant) => boolean
}

/** The plants that could best take another's place in this bed: they fit the site and the limits, and keep its role. Best first. */
export function standIns(plant: Plant, scene: Scene, limits: StandInLimits, most = 2): Plant[] {
  const { maxHeightM = Infinity, minHeightM = 0, maxSpreadM = Infinity, where = () => true } = limits
  return [...scene.library.values()]
    .filter(
      (p) =>
        p.id !== plant.id &&
        p.kind !== 'climber' &&
        fullHeightM(p) <= maxHeightM &&
        fullHeightM(p) >= minHeightM &&
        p.spreadM <= maxSpreadM &&
        (p.lifeCycle === 'bulb') === (plant.lifeCycle === 'bulb') &&
        where(p) &&
        misfits(p, scene.site).length === 0,
    )
    .map((p) => ({ p, cost: unlikeness(plant, p) }))
    .sort((a, b) => a.cost - b.cost || (a.p.id < b.p.id ? -1 : 1))
    .slice(0, most)
    .map(({ p }) => p)
}

function flowersApart(a: Plant, b: Plant): number {
  if (!a.flowerColour) return 0
  return b.flowerColour ? 0.3 * deltaE(a.flowerColour, b.flowerColour) : 8
}

/** How far a stand-in is from the role of a plant; 0 is its twin. */
export function unlikeness(a: Plant, b: Plant): number {
  const ratio = (x: number, y: number) => Math.abs(Math.log(x / y))
  const months = a.flowerMonths.filter((m) => b.flowerMonths.includes(m)).length
  return (
    22 * ratio(a.spreadM, b.spreadM) +
    14 * ratio(fullHeightM(a), fullHeightM(b)) +
    0.5 * deltaE(a.foliage.summer, b.foliage.summer) +
    flowersApart(a, b) +
    (a.habit === b.habit ? 0 : 8) +
    (a.leafSize === b.leafSize ? 0 : 4) +
    (a.leafOutline === b.leafOutline ? 0 : 3) +
    ((a.retention === 'evergreen') === (b.retention === 'evergreen') ? 0 : 14) +
    (a.lifeCycle === b.lifeCycle ? 0 : 10) +
    (b.invasiveNote ? 8 : 0) +
    4 * b.hazards.length -
    2 * Math.min(3, months)
  )
}
