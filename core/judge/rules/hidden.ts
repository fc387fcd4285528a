import { placingsOf } from '../../bed'
import { capital, MATURE_YEAR, nameOf, plantsNear, stretchOf, type Scene, type Range } from '../../scene'
import { monthName, placeMonth, type LibraryMonth } from '../../time'
import { fullHeightM, type Plant } from '../../plant'
import { bodiesAt, type Body, type PlacedPlant } from '../../layout'
import { aspectOf, judgedTurns, visibleShares, type Aspect } from '../../see'
import type { Mend, Remark } from '../finding'
import { listed } from '../ofBed'
import { byGroup, type LocalRule } from '../rule'

const HIDDEN_BELOW = 0.35
/** What carries its flowers well over its leaves shows by these alone. */
const SPIRE_BELOW = 0.2
const SPIRE = 1.3
const belowOf = (plant: Plant) => (plant.flowerHeightM > SPIRE * plant.foliageHeightM ? SPIRE_BELOW : HIDDEN_BELOW)
/** A group is seen as one: some of it may stand behind its own. */
const HIDDEN_PART = 0.75
/** Each plant is judged in the one of these months nearest to its own best. */
const MOMENTS: readonly LibraryMonth[] = [4, 6, 8, 10]

/** A plant that does not show, in its own best month, behind what stands in front of it. */
export const hidden: LocalRule = {
  id: 'hidden',
  remarks: (scene, range) => {
    const plants = plantsNear(scene, range)
    return MOMENTS.flatMap((month) => hiddenIn(scene, month, range, plants))
  },
  fold: (scene, remarks) =>
    [...byGroup(remarks)].flatMap(([driftId, list]) => {
      const drift = scene.bed.drifts.find((d) => d.id === driftId)
      const parts = placingsOf(scene.bed.form).length
      if (!drift || list.length < drift.count * parts * HIDDEN_PART) return []
      const plants = list.map((r) => scene.byId.get(r.plants[0]!)!)
      const share = list.reduce((sum, r) => sum + r.value, 0) / list.length
      const { plant } = plants[0]!
      const hiders = hidersOf(scene, plants)
      const by = listed(hiders.map((p) => nameOf(p.plant)))
      return [
        {
          id: `hidden:${driftId}`,
          rule: 'hidden' as const,
          title: `${capital(nameOf(plant))} hidden behind ${by || 'others'}`,
          reason:
            `${list.length === 1 ? 'It shows' : `${list.length} of ${drift.count * parts} show`} only ` +
            `${Math.round(share * 100)} % in ${monthName(list[0]!.other)} when grown, from ` +
            `${scene.bed.viewpoint.name.toLowerCase()} (eye ${scene.bed.viewpoint.eyeHeightM}\u202fm, ` +
            `${scene.bed.viewpoint.distanceM}\u202fm back).`,
          weight: 50 + 30 * (1 - share / belowOf(plant)),
          ...stretchOf(plants),
          plants: [...plants, ...hiders].map((p) => p.id),
          figures: [
            { name: 'seen', value: share * 100, unit: '%' },
            { name: 'wanted', value: belowOf(plant) * 100, unit: '%' },
          ],
          source:
            'Visible share of its outline, laid near to far from the eye; hidden below 35 % (20 % where flowers stand over ' +
            'the leaves) in its best month.',
          grounds: ['calculations#what-is-seen'],
          mends: mendsFor(scene, drift.lane, driftId),
        },
      ]
    }),
}

const LEAST_OVER = 0.4
const MOST_HIDERS = 12

/** What stands nearer to the viewer before hidden plants and is high and dense enough to hide them: planned or there already. */
function hidersOf(scene: Scene, hiddenOnes: readonly PlacedPlant[]): PlacedPlant[] {
  if (scene.frame.closed) return []
  const kind = hiddenOnes[0]!.plant.id
  const found = scene.own.filter(
    (q) =>
      q.plant.id !== kind &&
      q.plant.density > 0.4 &&
      q.plant.spacingHabit !== 'weaves' &&
      hiddenOnes.some(
        (p) =>
          q.out > p.out + 0.05 &&
          Math.abs(q.along - p.along) < (q.plant.spreadM + p.plant.spreadM) * 0.45 &&
          fullHeightM(q.plant) >= fullHeightM(p.plant) * LEAST_OVER,
      ),
  )
  return found.sort((a, b) => fullHeightM(b.plant) - fullHeightM(a.plant)).slice(0, MOST_HIDERS)
}

function hiddenIn(scene: Scene, best: LibraryMonth, range: Range, plants: readonly PlacedPlant[]): Remark[] {
  const month = placeMonth(best, scene.climate)
  const bodies = bodiesAt(plants, { month, year: MATURE_YEAR }, scene.climate, scene.bed.buying, scene.stays)
  const judged = bodies.map(({ at }) => isJudged(at, best, range))
  if (!judged.includes(true)) return []
  const shares = bestShares(scene, bodies, range, judged)
  return bodies.flatMap(({ at }, i) => {
    const share = shares[i]!
    return judged[i] && share < belowOf(at.plant)
      ? [{ x: at.along, group: at.driftId, plants: [at.id], value: share, other: month }]
      : []
  })
}

const isJudged = ({ along, standing, neighbour, plant }: PlacedPlant, best: LibraryMonth, range: Range): boolean =>
  along >= range.from &&
  along <= range.to &&
  !standing &&
  !neighbour &&
  plant.kind !== 'climber' &&
  plant.spacingHabit !== 'weaves' &&
  bestMoment(plant) === best

/** Of each body the share that shows from where it shows best: one front, both, or all round. */
function bestShares(
  { bed, frame }: Scene,
  bodies: readonly Body[],
  range: Range,
  wanted: readonly boolean[],
): Float64Array {
  const all = judgedTurns(bed).map((turnDeg) => {
    const viewpoint = { ...bed.viewpoint, turnDeg }
    const aspect = aspectOf(bed, frame, viewpoint)
    const turned = turnDeg === 0 ? bodies : bodies.map((b) => ({ ...b, at: { ...b.at, ...aspect.turn(b.at) } }))
    const seen = seenStretch(range, turnDeg, aspect)
    return visibleShares(turned, {
      viewpoint,
      frontY: (x) => aspect.front.yAt(x),
      wanted,
      ...(seen ? { range: seen } : {}),
    }).shares
  })
  return all.reduce((best, shares) => best.map((b, i) => (Number.isNaN(b) || shares[i]! > b ? shares[i]! : b)))
}

/** A stretch of the bed as it lies in the turned picture; null for the whole of it. */
function seenStretch({ from, to }: Range, turnDeg: number, aspect: Aspect): Range | null {
  if (!Number.isFinite(from)) return null
  const ends = [aspect.turn({ x: from, y: 0 }).x, aspect.turn({ x: to, y: 0 }).x]
  return turnDeg % 180 === 0 ? { from: Math.min(...ends), to: Math.max(...ends) } : null
}

function bestMoment(plant: Plant): LibraryMonth {
  const { flowerMonths } = plant
  const best = flowerMonths[Math.floor((flowerMonths.length - 1) / 2)] ?? 7
  return MOMENTS.reduce((a, b) => (Math.abs(b - best) < Math.abs(a - best) ? b : a))
}

function mendsFor(scene: Scene, lane: number, driftId: string): Mend[] {
  const mends: Mend[] = []
  if (lane + 1 < scene.bed.laneShares.length)
    mends.push({
      label: 'Bring it forward a lane',
      edit: { kind: 'changeDrift', driftId, change: { lane: lane + 1 } },
    })
  mends.push({ label: 'Leave it out', edit: { kind: 'removeDrift', driftId } })
  return mends
}
