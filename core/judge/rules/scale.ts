import { standIns } from '../../match'
import { fullHeightM, type Plant } from '../../plant'
import { capital, driftsSeen, kindsById, laneGroups, metres, nameOf, type Scene } from '../../scene'
import { swapKind, type Edit } from '../../edit'
import { asKind } from '../fitting'
import type { Finding, Mend } from '../finding'
import { ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

const COLUMNS = 24
/** The tallest quarter of the skyline against the wall. */
const LEAST_OF_WALL = 0.26
const TALL_WALL_M = 1.8
/** More height than this a shallow bed does not bear. */
const MOST_OF_DEPTH = 0.38
/** Under windows a border is low on purpose. */
const MUCH_GLASS = 0.5
/** A plant wider than the bed is deep, or more than twice as high, is out of scale; columns may be higher. */
const WIDEST_OF_DEPTH = 1
const HIGHEST_OF_DEPTH = 1.9
const COLUMN = 3.2
const HIGHEST_COLUMN = 2.6
/** Groups under this angle are lost; nearer than so far nothing is. */
const LEAST_DEG = 5
const FAR_M = 7
const LOST_SHARE = 0.45

/** Does the planting answer the building, the bed's depth and the distance from which it is seen? */
export const scale: WholeRule = {
  id: 'scale',
  findings: (scene) =>
    scene.placement.plants.length === 0 ? [] : [...tooLow(scene), ...tooLarge(scene), ...tooSmall(scene)],
}

function tooLow(scene: Scene): Finding[] {
  const { wall } = scene.bed
  if (!wall || wall.heightM < TALL_WALL_M || scene.bed.form.kind !== 'foundation') return []
  const glass =
    wall.openings.reduce((n, o) => n + o.widthM, 0) / Math.max(0.1, scene.frame.runTo - scene.frame.runFrom)
  if (glass > MUCH_GLASS || scene.bed.school === 'carpet') return []
  const tall = tallestQuarter(scene)
  const wanted = Math.min(LEAST_OF_WALL * wall.heightM, MOST_OF_DEPTH * scene.frame.depths.mean)
  if (tall >= wanted) return []
  return [
    ofBed(
      scene,
      {
        id: 'scale:low',
        rule: 'scale',
        title: 'Too low for the building',
        reason:
          `The tallest quarter of the planting reaches ${metres(tall)} before a wall of ${metres(wall.heightM)}; ` +
          'a third to two thirds of it looks settled.',
        weight: 46,
        figures: [
          { name: 'tallest quarter', value: tall, unit: 'm' },
          { name: 'of the wall', value: (tall / wall.heightM) * 100, unit: '%' },
        ],
        source: `Mean of the tallest quarter of the skyline over the wall’s height, ${LEAST_OF_WALL * 100} % and more.`,
        grounds: ['composing#scale'],
      },
      () => taller(scene, wall.heightM),
    ),
  ]
}

/** Mean height of the tallest quarter of the skyline, metres. */
function tallestQuarter({ frame, own }: Scene): number {
  const tops = new Float64Array(COLUMNS)
  const step = (frame.runTo - frame.runFrom) / COLUMNS
  for (const { along, plant } of own) {
    if (plant.spacingHabit === 'weaves') continue
    const high = fullHeightM(plant)
    const last = Math.min(COLUMNS - 1, Math.floor((along + plant.spreadM / 2 - frame.runFrom) / step))
    for (let c = Math.max(0, Math.floor((along - plant.spreadM / 2 - frame.runFrom) / step)); c <= last; c++)
      if (high > tops[c]!) tops[c] = high
  }
  const sorted = [...tops].sort((a, b) => b - a).slice(0, COLUMNS / 4)
  return sorted.reduce((a, b) => a + b, 0) / sorted.length
}

/** The back lane's largest kinds give way to taller ones as wide as the bed bears. */
function taller(scene: Scene, wallM: number): Mend[] {
  const back = driftsSeen(scene)
    .filter((d) => d.drift.lane === 0 && d.plant.spacingHabit !== 'weaves')
    .sort((a, b) => fullHeightM(b.plant) - fullHeightM(a.plant))
  const first = back[0]
  if (!first) return []
  const limits = {
    minHeightM: wallM * 0.3,
    maxHeightM: wallM * 0.75,
    maxSpreadM: Math.min(scene.frame.depths.mean * 0.42, 1.4),
  }
  const every = back.filter((_, i) => i % 2 === 0).sort((a, b) => b.to - b.from - (a.to - a.from))
  return standIns(first.plant, scene, limits, 3).map((p) => ({
    label: `${capital(nameOf(p))} in the back lane`,
    edit: {
      kind: 'all',
      name: 'taller back',
      edits: every.map(({ drift }) => ({
        kind: 'changeDrift' as const,
        driftId: drift.id,
        change: { plantId: p.id, count: 1 },
      })),
    },
  }))
}

function tooLarge(scene: Scene): Finding[] {
  const { form } = scene.bed
  if (!['foundation', 'screen', 'terrace', 'two-sided'].includes(form.kind)) return []
  const depth = scene.frame.depths.greatest
  const isOut = (p: Plant) => {
    if (p.kind === 'tree' || p.kind === 'climber') return p.spreadM - p.clearStemM > depth * 2.5
    const high = fullHeightM(p)
    const most = high < p.spreadM * COLUMN ? HIGHEST_OF_DEPTH : HIGHEST_COLUMN
    return p.spreadM > depth * WIDEST_OF_DEPTH || (high > depth * most && form.kind !== 'screen')
  }
  return kindsById(scene.byPlant)
    .filter(([plant]) => plant.lifeCycle !== 'bulb' && isOut(plant))
    .map(([plant, placed]) =>
      ofBed(
        scene,
        {
          id: `scale:large:${plant.id}`,
          rule: 'scale',
          title: `${capital(nameOf(plant))} too large for the bed`,
          reason:
            `It grows ${metres(fullHeightM(plant))} high and ${metres(plant.spreadM)} across; the bed is ` +
            `${metres(depth)} deep at its deepest.`,
          weight: 57,
          plants: placed,
          figures: [
            { name: 'across', value: plant.spreadM, unit: 'm' },
            { name: 'high', value: fullHeightM(plant), unit: 'm' },
            { name: 'depth', value: depth, unit: 'm' },
          ],
          source: 'Mature spread against the depth, height against 1.9 times the depth.',
          grounds: ['composing#scale'],
        },
        () => smaller(scene, plant, depth),
      ),
    )
}

const smaller = (scene: Scene, plant: Plant, depthM: number): Mend[] =>
  standIns(plant, scene, { maxHeightM: depthM * 1.2, maxSpreadM: depthM * 0.55 }, 3).map((p) => ({
    label: `${capital(nameOf(p))} instead`,
    edit: { kind: 'all', name: 'swap plant', edits: swapKind(scene.bed, plant.id, p.id) },
  }))

function tooSmall(scene: Scene): Finding[] {
  const far = scene.bed.viewpoint.distanceM
  if (far < FAR_M) return []
  const wanted = 2 * far * Math.tan((LEAST_DEG * Math.PI) / 360)
  const groups = laneGroups(scene).flat()
  const small = groups.filter((g) => g.to - g.from < wanted * 0.6)
  if (small.length < 3 || small.length < groups.length * LOST_SHARE) return []
  return [
    ofBed(
      scene,
      {
        id: 'scale:lost',
        rule: 'scale',
        title: `Groups too small to be seen from ${far.toFixed(0)}\u202fm`,
        reason:
          `${small.length} of ${groups.length} groups are narrower than ${metres(wanted * 0.6)}; from ` +
          `${metres(far)} a group wants about ${metres(wanted)}.`,
        weight: 40,
        figures: [
          { name: 'too small', value: small.length, unit: '' },
          { name: 'wanted', value: wanted, unit: 'm' },
        ],
        source: 'Width of a group as an angle, 5° and more from the main viewpoint.',
        grounds: ['composing#scale'],
      },
      () => [
        { label: 'Fewer, larger groups', edit: { kind: 'all', name: 'join groups', edits: joined(scene, wanted) } },
      ],
    ),
  ]
}

/** Along each lane a kind is carried on until its group is wide enough for the distance. */
const joined = (scene: Scene, wantedM: number): Edit[] =>
  scene.bed.laneShares.flatMap((_, lane) => {
    const own = driftsSeen(scene)
      .filter((d) => d.drift.lane === lane && d.plant.spacingHabit !== 'weaves' && !d.drift.shape)
      .sort((a, b) => a.middle - b.middle)
    let [kind, from] = [own[0], own[0]?.from ?? 0]
    return own.flatMap((d): Edit[] => {
      if (!kind || d === kind) return []
      if (d.from - from >= wantedM && d.plant.id !== kind.plant.id) {
        ;[kind, from] = [d, d.from]
        return []
      }
      return d.plant.id === kind.plant.id ? [] : [asKind(d, kind.plant)]
    })
  })
