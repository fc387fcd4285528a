import { swapKind } from '../../edit'
import { standIns } from '../../match'
import { fullHeightM, type Plant } from '../../plant'
import { capital, driftsSeen, kindsById, metres, nameOf, type Scene } from '../../scene'
import type { PlacedPlant } from '../../layout'
import type { Finding } from '../finding'
import { ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

/** So much of the canopy of what does not stand the winter is more than pockets. */
const MOST_TENDER = 0.3
const ROOTS_FROM_M = 2.5
const THIRSTY_ROOTS = 0.75
const LEAST_ROOTS_M = 2

/** What wanders in a clipped bed, what does not stand the winter for good, roots too near drains and walls. */
export const keeping: WholeRule = {
  id: 'keeping',
  findings: (scene) => [...wandering(scene), ...clippedInTheWild(scene), ...tender(scene), ...roots(scene)],
}

const swaps = (scene: Scene, plant: Plant, where: (p: Plant) => boolean) =>
  standIns(plant, scene, { maxSpreadM: plant.spreadM * 1.1, where }, 3).map((p) => ({
    label: `${capital(nameOf(p))} instead`,
    edit: { kind: 'all' as const, name: 'swap plant', edits: swapKind(scene.bed, plant.id, p.id) },
  }))

function wandering(scene: Scene): Finding[] {
  if (scene.school.upkeep !== 'clipped and deadheaded') return []
  return kindsById(scene.byPlant)
    .filter(([p]) => p.travels === 'seeds' && p.lifeCycle !== 'woody')
    .map(([plant, placed]) =>
      ofBed(
        scene,
        {
          id: `keeping:seeds:${plant.id}`,
          rule: 'keeping',
          title: `${capital(nameOf(plant))} seeds itself about`,
          reason: `${scene.school.name} is clipped and deadheaded: its seedlings come up in the lines and edges.`,
          weight: 27,
          plants: placed,
          figures: [{ name: 'plants', value: placed.length, unit: '' }],
          source: 'How it travels, by the plant library; upkeep of the school.',
          grounds: ['practice#together-or-not-at-all', 'practice#schools'],
        },
        () => swaps(scene, plant, (p) => p.travels !== 'seeds'),
      ),
    )
}

/** A hedge kept in form where all is left to seed and wander. */
function clippedInTheWild(scene: Scene): Finding[] {
  if (scene.school.upkeep !== 'left to seed') return []
  return driftsSeen(scene)
    .filter((d) => d.drift.shape?.kind === 'hedge')
    .map(({ drift, plant, placed }) =>
      ofBed(
        scene,
        {
          id: `keeping:clipped:${drift.id}`,
          rule: 'keeping',
          title: `${capital(nameOf(plant))} is clipped in a bed that is left to seed`,
          reason: `${scene.school.name} is not clipped: a kept line in it asks for shears, and stands alone in it.`,
          weight: 22,
          plants: placed,
          figures: [{ name: 'plants', value: placed.length, unit: '' }],
          source: 'Drifts kept as a hedge; upkeep of the school.',
          grounds: ['practice#schools'],
        },
        () => [
          {
            label: 'Let it grow as a mass',
            edit: {
              kind: 'changeDrift',
              driftId: drift.id,
              change: { shape: null, pattern: 'mass', count: Math.max(1, Math.ceil(drift.count / 3)) },
            },
          },
          { label: 'Leave it out', edit: { kind: 'removeDrift', driftId: drift.id } },
        ],
      ),
    )
}

function tender(scene: Scene): Finding[] {
  if (scene.bed.form.kind === 'container') return []
  const isTender = (p: Plant) =>
    (p.lifeCycle === 'tender' || (p.lifeCycle === 'annual' && p.tender !== null)) &&
    scene.site.zone < p.zones.coldest
  const kinds = kindsById(scene.byPlant).filter(([p]) => p.spacingHabit !== 'weaves')
  const areaOf = ([p, placed]: (typeof kinds)[number]) => placed.length * p.spreadM ** 2
  const whole = kinds.reduce((n, k) => n + areaOf(k), 0)
  const own = kinds.filter(([p]) => isTender(p))
  const share = whole > 0 ? own.reduce((n, k) => n + areaOf(k), 0) / whole : 0
  // Behind them all stand what is to hold the bed for good.
  const inBack = own.filter(
    ([p, placed]) => p.lifeCycle === 'tender' && isBack(scene, placed) && fullHeightM(p) >= 1,
  )
  const told = share > MOST_TENDER ? own : inBack
  return told.map(([plant, placed]) =>
    ofBed(
      scene,
      {
        id: `keeping:tender:${plant.id}`,
        rule: 'keeping',
        title: `${capital(nameOf(plant))} is no permanent plant here`,
        reason:
          `It stands winters from zone ${plant.zones.coldest}, here it is zone ${scene.site.zone}: it is lifted or bought again every ` +
          'year, and its place is empty until June.',
        weight: 36,
        plants: placed,
        figures: [
          { name: 'hardy to zone', value: plant.zones.coldest, unit: '' },
          { name: 'tender in all', value: share * 100, unit: '%' },
        ],
        source: 'Tender kinds over 30 % of the canopy, or in the back lane.',
        grounds: ['practice#planting-and-care', 'keeping#care'],
      },
      () => swaps(scene, plant, (p) => p.lifeCycle !== 'tender' && p.lifeCycle !== 'annual'),
    ),
  )
}

const isBack = ({ bed }: Scene, placed: readonly PlacedPlant[]) =>
  bed.laneShares.length > 1 && placed.some((p) => p.lane === 0) && placed.length >= 2

const isThirsty = (p: Plant) => p.water.wettest === 'wet' || p.root === 'surface'

function roots(scene: Scene): Finding[] {
  const things = scene.surroundings?.things ?? []
  const drains = things.flatMap((t) =>
    t.kind === 'service' && (t.service === 'drain' || t.service === 'water') ? [t] : [],
  )
  const hasWall =
    scene.bed.form.kind === 'foundation' && scene.bed.wall !== null && scene.bed.wall.material !== 'boards'
  const woody = kindsById(scene.byPlant).filter(
    ([p]) => p.lifeCycle === 'woody' && p.kind !== 'climber' && fullHeightM(p) >= ROOTS_FROM_M && isThirsty(p),
  )
  return woody.flatMap(([plant, placed]) => {
    const want = Math.max(LEAST_ROOTS_M, fullHeightM(plant) * THIRSTY_ROOTS)
    const far = (p: PlacedPlant) =>
      Math.min(
        Infinity,
        ...drains.map((d) => clearOf(d.line, p)),
        ...(hasWall && plant.kind === 'tree' ? [p.out] : []),
      )
    const near = placed.filter((p) => far(p) < want)
    if (near.length === 0) return []
    const least = Math.min(...near.map(far))
    return [
      ofBed(
        scene,
        {
          id: `keeping:roots:${plant.id}`,
          rule: 'keeping',
          title: `Roots of ${nameOf(plant)} by a drain or wall`,
          reason:
            `It stands ${metres(least)} from it; a plant of its kind seeks water and wants ${metres(want)}. ` +
            'Ask a licensed professional and the local code.',
          weight: 60,
          plants: near,
          figures: [
            { name: 'apart', value: least, unit: 'm' },
            { name: 'wanted', value: want, unit: 'm' },
          ],
          source: 'Water-seeking and surface-rooting woody plants, 0.75 of their height.',
          grounds: ['practice#cautions'],
        },
        () => swaps(scene, plant, (p) => !isThirsty(p) && p.kind !== 'tree'),
      ),
    ]
  })
}

function clearOf(line: readonly { x: number; y: number }[], p: PlacedPlant): number {
  let least = Infinity
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [line[i - 1]!, line[i]!]
    const [dx, dy] = [b.x - a.x, b.y - a.y]
    const whole = dx * dx + dy * dy
    const u = whole === 0 ? 0 : Math.max(0, Math.min(1, ((p.x - a.x) * dx + (p.y - a.y) * dy) / whole))
    least = Math.min(least, Math.hypot(a.x + dx * u - p.x, a.y + dy * u - p.y))
  }
  return least
}
