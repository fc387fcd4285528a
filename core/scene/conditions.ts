import { once } from '../once'
import { throughCrowns, sunWay, type Crown, type SunWay } from '../light'
import type { PlacedPlant } from '../layout'
import { fullHeightM, type Plant, type SiteConditions } from '../plant'
import type { Scene } from './scene'

const MORNING_ONLY = 0.85
/** A plant shades its neighbours when it grows this high, and well above them. */
const SHADES_FROM_M = 1.5
const TALLER = 1.5
/** Its shadow counts as far as this many times its height. */
const REACH = 2.5
/** What of a plant's own height the light must reach. */
const LIGHT_AT = 0.5

const round = (hours: number) => Math.round(hours * 10) / 10

/** What a place of the bed offers: that of a plant, or an empty one; its light less what taller plants beside it take when grown. */
export function conditionsAt(
  scene: Scene,
  p: Pick<PlacedPlant, 'x' | 'y'> & { readonly plant?: Plant },
): SiteConditions {
  const pass = shadeAt(scene, p)
  if (!scene.light) {
    if (!pass) return scene.site
    return { ...scene.site, sunHours: round((scene.site.sunHours * (pass.morning + pass.afternoon)) / 2) }
  }
  const here = scene.light.at(p.x, p.y)
  const { morning, afternoon } = pass ?? { morning: 1, afternoon: 1 }
  const early = here.morningShare * morning
  const late = (1 - here.morningShare) * afternoon
  const left = early + late
  return {
    ...scene.site,
    sunHours: round(here.mean * left),
    brightestH: here.brightest * left,
    darkestH: here.darkest * left,
    lateSummerH: here.lateSummerH * afternoon,
    morningOnly: left > 0 && early / left > MORNING_ONLY,
  }
}

const GROWING = [4, 5, 6, 7, 8, 9]
const ways = new Map<string, SunWay>()
const MOST_WAYS = 40

function wayOf(scene: Scene): SunWay | null {
  const { sunAt, surroundings, light } = scene
  if (!sunAt || !surroundings || surroundings.facesDeg === null) return null
  const season = light?.season ?? (sunAt.latitude < 0 ? [10, 11, 12, 1, 2, 3] : GROWING)
  const lookDeg = (surroundings.facesDeg + 180) % 360
  const key = [sunAt.latitude, sunAt.longitude, lookDeg, ...season].join()
  let way = ways.get(key)
  if (!way) {
    if (ways.size > MOST_WAYS) ways.clear()
    ways.set(key, (way = sunWay(season, sunAt.latitude, sunAt.longitude, lookDeg)))
  }
  return way
}

/** Crowns of all that grows tall in the bed and beside it. */
const crownsOf = once((scene: Scene): readonly (Crown & { readonly id: string; readonly topM: number })[] =>
  [...scene.everywhere, ...scene.neighbours]
    .filter((p) => p.plant.lifeCycle === 'woody' && p.plant.kind !== 'climber' && !p.standing?.gap)
    .filter((p) => fullHeightM(p.plant) >= SHADES_FROM_M)
    .map((p) => {
      const topM = Math.max(p.plant.foliageHeightM, p.standing?.heightM ?? 0)
      const stemM = p.plant.habit === 'tree' ? p.plant.clearStemM : 0
      const rz = (topM - stemM) / 2
      return {
        id: p.id,
        topM,
        x: p.x,
        y: p.y,
        z: stemM + rz,
        r: p.plant.spreadM / 2,
        rz,
        pass: 1 - p.plant.density,
      }
    }),
)

/** The shares of light that taller plants leave to a place; null when none stands near or the sun's way is not known. */
function shadeAt(scene: Scene, p: Pick<PlacedPlant, 'x' | 'y'> & { readonly plant?: Plant }) {
  // What weaves leafs before the shrubs it stands under do.
  if (p.plant?.spacingHabit === 'weaves') return null
  const heightM = p.plant ? fullHeightM(p.plant) : 0
  const crowns = crownsOf(scene).filter(
    (c) => c.topM >= heightM * TALLER && isBeside(c, p) && Math.hypot(c.x - p.x, c.y - p.y) < REACH * c.topM,
  )
  const way = crowns.length > 0 ? wayOf(scene) : null
  return way ? throughCrowns(crowns, { x: p.x, y: p.y, z: heightM * LIGHT_AT }, way) : null
}

const isBeside = (c: Crown, p: Pick<PlacedPlant, 'x' | 'y'>) => c.x !== p.x || c.y !== p.y
