import { once } from '../once'
import { TOUCH, whole, type Range, type Scene } from '../scene'
import { runsFarM } from './rules/smother'
import type { PlacedPlant } from '../layout'

const MARGIN_M = 0.3
/** Bare ground is looked for this many bare circles' radii about a plant. */
const BARE_REACH = 3

/**
 * The stretch in which two scenes of one bed differ, widened by as far as one plant's change can be noticed; the whole bed when more than
 * plants differ; null when nothing does.
 */
export function changedRange(a: Scene, b: Scene): Range | null {
  if (!sameButPlants(a, b) || b.frame.closed || isSeenAskew(b)) return whole
  if (a.placement.plants.length === 0 || b.placement.plants.length === 0) return whole
  let from = Infinity
  let to = -Infinity
  const note = (p: PlacedPlant) => {
    const reach = reachM(p, a, b)
    from = Math.min(from, p.x - reach)
    to = Math.max(to, p.x + reach)
  }
  noteDifferences(a.placement.plants, b.placement.plants, a, b, note)
  noteDifferences(a.placement.standing, b.placement.standing, a, b, note)
  return to < from ? null : { from, to }
}

/** How far the runners of a bed come, metres. */
const runReachM = once((scene: Scene): number => {
  let far = 0
  for (const p of scene.own) far = Math.max(far, runsFarM(p.plant))
  return far
})

/** Side by side, hiding, and bare ground between them: the farthest from which a rule looks at a plant. */
function reachM({ plant, standing }: PlacedPlant, a: Scene, b: Scene): number {
  const own = Math.max(plant.spreadM, standing?.spreadM ?? 0)
  const widest = Math.max(a.widestM, b.widestM)
  const runs = Math.max(runReachM(a), runReachM(b))
  return (
    Math.max(
      ((own + widest) / 2) * TOUCH,
      (own + widest) / 2 + runs,
      own / 2 + (BARE_REACH * b.school.bareCircleM) / 2,
    ) + MARGIN_M
  )
}

function sameButPlants(a: Scene, b: Scene): boolean {
  const bedParts = [
    'outline',
    'wall',
    'viewpoint',
    'ground',
    'school',
    'laneShares',
    'laneStations',
    'features',
    'buying',
    'form',
  ] as const
  const parts = ['library', 'climate', 'light', 'school', 'surroundings', 'neighbours', 'sunAt'] as const
  return (
    bedParts.every((k) => a.bed[k] === b.bed[k]) && parts.every((k) => a[k] === b[k]) && a.site.zone === b.site.zone
  )
}

/** Seen from aside, a plant may hide another that stands far along the bed. */
const isSeenAskew = ({ bed }: Scene) => bed.form.kind !== 'two-sided' && bed.viewpoint.turnDeg % 180 !== 0

function noteDifferences(
  former: readonly PlacedPlant[],
  now: readonly PlacedPlant[],
  a: Scene,
  b: Scene,
  note: (p: PlacedPlant) => void,
) {
  if (former === now) return
  // Most plants stand at the same number of the list as before; only the others are looked up.
  let met = 0
  for (const [i, p] of now.entries()) {
    const q = former[i]?.id === p.id ? former[i] : a.byId.get(p.id)
    if (q) met++
    if (q && isSame(p, q)) continue
    note(p)
    if (q) note(q)
  }
  if (met < former.length) for (const q of former) if (!b.byId.has(q.id)) note(q)
}

const isSame = (p: PlacedPlant, q: PlacedPlant): boolean => p === q || areAlike(p, q)
const areAlike = (p: PlacedPlant, q: PlacedPlant): boolean =>
  p.x === q.x &&
  p.y === q.y &&
  p.plant === q.plant &&
  p.lane === q.lane &&
  p.crowded === q.crowded &&
  p.pinned === q.pinned &&
  sameStanding(p.standing, q.standing)

function sameStanding(s: PlacedPlant['standing'], t: PlacedPlant['standing']): boolean {
  if (s === t) return true
  if (!s || !t) return false
  return (Object.keys(s) as (keyof typeof s)[]).every((k) => s[k] === t[k])
}
