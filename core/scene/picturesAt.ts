import { once } from '../once'
import { plantCounts } from '../bed'
import { keyLetters } from '../count'
import type { Climate, Moment, PlaceMonth } from '../time'
import type { Scene } from './scene'
import { bodiesAt, type Body } from '../layout'
import type { Plant } from '../plant'
import { elevation, plan, type Elevation, type Plan } from '../draw'
import { repeated, type Aspect } from '../see'

/**
 * What a scene shows at a moment from an aspect: its own bodies, and both pictures with what other beds show in them, each made when it is
 * first asked for.
 */
export interface Pictures {
  readonly bodies: readonly Body[]
  readonly elevation: Elevation
  readonly plan: Plan
}

const bodiesIn = once<Scene, Map<string, readonly Body[]>>(() => new Map())
const picturesIn = once<Scene, (aspect: Aspect) => Map<string, Pictures>>(() => once(() => new Map()))
/** Of each aspect, what was made last for a moment: what stays from scene to scene is not made again. */
interface Last {
  elevation?: Elevation
  plan?: Plan
  beyond?: readonly Body[]
}
const shownLast = once<Aspect, Map<string, Last>>(() => new Map())
const bodiesLast = once<Climate, Map<string, readonly Body[]>>(() => new Map())
const ownLetters = once(({ bed, library }: Scene): ReadonlyMap<string, string> =>
  keyLetters([...plantCounts(bed).keys()].map((id) => library.get(id)).filter((p): p is Plant => !!p)),
)

/** The key letters of a scene's plants: the garden's where it was given them. */
export const lettersOf = (scene: Scene): ReadonlyMap<string, string> => scene.input.letters ?? ownLetters(scene)

const keyOf = (moment: Moment) => `${moment.month}/${moment.year}`

/** All plants of a scene, repeated parts included, as they stand at a moment; kept as long as the scene. */
export function bodiesOf(scene: Scene, moment: Moment): readonly Body[] {
  const months = bodiesIn(scene)
  let bodies = months.get(keyOf(moment))
  if (!bodies) {
    const last = bodiesLast(scene.climate)
    bodies = bodiesAt(
      [...repeated(scene.placement.plants, scene.bed.form, scene.library), ...scene.placement.standing],
      moment,
      scene.climate,
      scene.bed.buying,
      scene.stays,
      last.get(keyOf(moment)),
    )
    last.set(keyOf(moment), bodies)
    months.set(keyOf(moment), bodies)
  }
  return bodies
}

/** What a scene shows at a moment from an aspect, kept as long as both: going back to a month computes nothing. */
export function picturesAt(scene: Scene, moment: Moment, aspect: Aspect): Pictures {
  const months = picturesIn(scene)(aspect)
  let pictures = months.get(keyOf(moment))
  if (!pictures) months.set(keyOf(moment), (pictures = picturesOf(scene, moment, aspect)))
  return pictures
}

function picturesOf(scene: Scene, moment: Moment, aspect: Aspect): Pictures {
  const { frame, bed } = scene
  const shown = shownLast(aspect)
  const last = shown.get(keyOf(moment)) ?? {}
  shown.set(keyOf(moment), last)
  const bodies = bodiesOf(scene, moment)
  const beyond = bodiesAt(scene.neighbours, moment, scene.climate, [], null, last.beyond)
  last.beyond = beyond
  const all = beyond.length > 0 ? [...bodies, ...beyond] : bodies
  let front: Elevation | undefined
  let above: Plan | undefined
  return {
    bodies,
    get elevation() {
      return (front ??= last.elevation = elevation(all, frame, bed, aspect, last.elevation))
    },
    get plan() {
      return (above ??= last.plan = plan(all, frame, lettersOf(scene), bed, aspect, last.plan))
    },
  }
}

/** The other months of the year, the nearest to a month first. */
export const otherMonths = (month: PlaceMonth): PlaceMonth[] =>
  [1, -1, 2, -2, 3, -3, 4, -4, 5, -5, 6].map((d) => ((month - 1 + d + 12) % 12) + 1)
