import { outlinesOf } from '../../see'
import { fullHeightM, HAZARD_WORDS, type Plant } from '../../plant'
import type { Point } from '../../geometry'
import {
  distanceTo,
  doorsOf,
  holds,
  sightTriangles,
  toSegment,
  type PlacedThing,
  type Surroundings,
} from '../../site'
import type { PlacedPlant } from '../../layout'
import { swapKind } from '../../edit'
import { standIns } from '../../match'
import type { Finding, Mend } from '../finding'
import { byKind, type WholeRule } from '../rule'
import { capital, metres, nameOf, stretchOf, type Scene } from '../../scene'

const DIG_M = 1
const TREE_FROM_M = 4
const LINE_CLEAR_M = 1.5
const SIGHT_M = 0.75
const DOOR_M = 1.5

/** Cautions that come from what stands, runs and drives round a bed; each defers to the local code and those licensed for it. */
export const around: WholeRule = {
  id: 'around',
  findings: (scene) => {
    const s = scene.surroundings
    return s
      ? [
          ...digging(scene, s),
          ...nearBuildings(scene, s),
          ...underLines(scene, s),
          ...sight(scene, s),
          ...atDoors(scene, s),
        ]
      : []
  },
}

const standWords = (many: number) => (many === 1 ? 'one plant stands' : `${many} plants stand`)
const firstNames = (plants: readonly PlacedPlant[]): string =>
  [...new Set(plants.map((p) => nameOf(p.plant)))].slice(0, 3).join(', ')

/** Plants with what is harmful about each. */
function harmWords(plants: readonly PlacedPlant[]): string {
  const say = ({ plant }: PlacedPlant) =>
    `${capital(nameOf(plant))} (${plant.hazards.map((h) => HAZARD_WORDS[h]).join(', ')})`
  return [...new Set(plants.map(say))].slice(0, 4).join('; ')
}

const caution = (
  scene: Scene,
  id: string,
  plants: readonly PlacedPlant[],
  parts: Pick<Finding, 'title' | 'reason' | 'weight' | 'figures' | 'source' | 'grounds'>,
  mends: readonly Mend[] = [],
): Finding => ({
  id: `around:${id}`,
  rule: 'around',
  mends,
  ...(plants.length > 0 ? stretchOf(plants) : { from: scene.frame.runFrom, to: scene.frame.runTo }),
  plants: plants.map((p) => p.id),
  ...parts,
})

const SERVICES = {
  water: 'water pipe',
  gas: 'gas pipe',
  electric: 'electric cable',
  drain: 'drain',
  telecom: 'telecom cable',
  drip: 'drip line',
  overhead: 'overhead line',
} as const

function digging(scene: Scene, { things }: Surroundings): Finding[] {
  return things.flatMap((t) => {
    if (t.kind !== 'service' || t.service === 'overhead' || t.service === 'drip') return []
    const near = Math.min(...outlinesOf(scene.bed, scene.frame).map((o) => clearance(o, t.line)))
    if (near > DIG_M) return []
    const plants = scene.planted.filter((p) => distanceTo(t, p) < DIG_M)
    return [
      caution(scene, `dig:${t.id}`, plants, {
        title: `Dig with care: ${SERVICES[t.service]}`,
        reason:
          `${capital(t.name)} runs ${near < 0.05 ? 'under the bed' : `${metres(near)} from the bed`} at about ` +
          `${metres(t.depthM)}${t.sure ? '' : ', its place not sure'}` +
          (plants.length > 0 ? `; ${standWords(plants.length)} within ${DIG_M}\u202fm of it. ` : '. ') +
          'Before any digging have the services located and ask the local code.',
        weight: 88,
        figures: [
          { name: 'distance', value: near, unit: 'm' },
          { name: 'depth', value: t.depthM, unit: 'm' },
        ],
        source: 'Services within 1\u202fm of the bed as drawn on the site.',
        grounds: ['practice#cautions'],
      }),
    ]
  })
}

const SAMPLE_M = 0.2

/** How near a line comes to an outline, metres; 0 inside. */
function clearance(outline: readonly Point[], line: readonly Point[]): number {
  let least = Infinity
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [line[i - 1]!, line[i]!]
    const steps = Math.max(1, Math.ceil(Math.hypot(b.x - a.x, b.y - a.y) / SAMPLE_M))
    for (let k = 0; k <= steps; k++) {
      const p = { x: a.x + ((b.x - a.x) * k) / steps, y: a.y + ((b.y - a.y) * k) / steps }
      if (holds(outline, p)) return 0
      outline.forEach((q, n) => {
        least = Math.min(least, toSegment(p, q, outline[(n + 1) % outline.length]!))
      })
    }
  }
  return least
}

const isTree = (p: Plant) =>
  p.kind === 'tree' || (p.kind === 'conifer' && p.foliageHeightM > TREE_FROM_M) || p.foliageHeightM > 5

function nearBuildings(scene: Scene, { things }: Surroundings): Finding[] {
  const buildings = things.filter((t) => t.kind === 'building')
  return byKind(scene.planted.filter((p) => isTree(p.plant))).flatMap((plants) => {
    const { plant } = plants[0]!
    const want = Math.max(3, plant.spreadM / 2)
    const close = plants
      .map((p) => ({ p, far: Math.min(Infinity, ...buildings.map((b) => distanceTo(b, p))) }))
      .filter(({ far }) => far < want)
    if (close.length === 0) return []
    const nearest = Math.min(...close.map((c) => c.far))
    return [
      caution(
        scene,
        `building:${plant.id}`,
        close.map((c) => c.p),
        {
          title: `${capital(nameOf(plant))} grows near a building`,
          reason:
            `It stands ${metres(nearest)} from the wall and grows ${metres(fullHeightM(plant))} high and ` +
            `${metres(plant.spreadM)} across; trees want ${metres(want)}. Ask a licensed professional and the ` +
            'local code.',
          weight: 80,
          figures: [
            { name: 'from the building', value: nearest, unit: 'm' },
            { name: 'wanted', value: want, unit: 'm' },
          ],
          source: 'Trees max(w/2, 3\u202fm) from buildings.',
          grounds: ['calculations#spacing-and-counts'],
        },
      ),
    ]
  })
}

function underLines(scene: Scene, { things }: Surroundings): Finding[] {
  const lines = things.filter(
    (t): t is Extract<PlacedThing, { kind: 'service' }> => t.kind === 'service' && t.service === 'overhead',
  )
  return lines.flatMap((line) =>
    byKind(
      scene.planted.filter(
        (p) =>
          distanceTo(line, p) < p.plant.spreadM / 2 + LINE_CLEAR_M &&
          fullHeightM(p.plant) > line.depthM - LINE_CLEAR_M,
      ),
    ).map((plants) =>
      caution(
        scene,
        `line:${line.id}:${plants[0]!.plant.id}`,
        plants,
        {
          title: `${capital(nameOf(plants[0]!.plant))} grows into the overhead line`,
          reason:
            `It will be ${metres(fullHeightM(plants[0]!.plant))} high under ${line.name} at ` +
            `${metres(line.depthM)}; ${metres(LINE_CLEAR_M)} should stay clear. Choose a lower plant; work near ` +
            'lines is for the utility’s own people.',
          weight: 90,
          figures: [
            { name: 'grows to', value: fullHeightM(plants[0]!.plant), unit: 'm' },
            { name: 'line', value: line.depthM, unit: 'm' },
          ],
          source: 'Mature height against the line’s height less 1.5\u202fm.',
          grounds: ['practice#cautions'],
        },
        lowerKinds(scene, plants[0]!.plant, line.depthM - LINE_CLEAR_M),
      ),
    ),
  )
}

const lowerKinds = (scene: Scene, plant: Plant, maxHeightM: number): Mend[] =>
  standIns(plant, scene, { maxSpreadM: plant.spreadM * 1.1, maxHeightM }, 2).map((p) => ({
    label: `${capital(nameOf(p))}, lower, instead`,
    edit: { kind: 'all', name: 'swap plant', edits: swapKind(scene.bed, plant.id, p.id) },
  }))

function sight(scene: Scene, { things }: Surroundings): Finding[] {
  return sightTriangles(things).flatMap((triangle, i) => {
    const outlines = outlinesOf(scene.bed, scene.frame)
    const touches = outlines.some((o) => o.some((p) => holds(triangle, p)) || triangle.some((p) => holds(o, p)))
    const tall = scene.planted.filter((p) => holds(triangle, p) && fullHeightM(p.plant) > SIGHT_M)
    if (!touches && tall.length === 0) return []
    return [
      caution(scene, `sight:${i}`, tall, {
        title: 'In the sight of drivers',
        reason:
          'Part of the bed lies in the triangle a driver looks through where the drive meets the ' +
          (tall.length > 0
            ? `street; ${tall.length} plants there grow over ${metres(SIGHT_M)} (${firstNames(tall)}). `
            : `street: keep it under ${metres(SIGHT_M)}. `) +
          'The local code gives the height and the lengths.',
        weight: tall.length > 0 ? 86 : 40,
        figures: [
          { name: 'height kept', value: SIGHT_M, unit: 'm' },
          { name: 'too tall', value: tall.length, unit: '' },
        ],
        source: 'Triangle of 3\u202fm along the drive and 3\u202fm along the street.',
        grounds: ['practice#cautions'],
      }),
    ]
  })
}

function atDoors(scene: Scene, { things }: Surroundings): Finding[] {
  return doorsOf(things).flatMap((door, i) => {
    const near = scene.planted.filter(
      (p) => Math.hypot(p.x - door.at.x, p.y - door.at.y) < DOOR_M + door.widthM / 2,
    )
    const blocking = near.filter(
      (p) => Math.hypot(p.x - door.at.x, p.y - door.at.y) < door.widthM / 2 + p.plant.spreadM / 2,
    )
    const harmful = near.filter((p) => p.plant.hazards.length > 0)
    const found: Finding[] = []
    if (blocking.length > 0) {
      found.push(
        caution(scene, `door:${i}`, blocking, {
          title: 'Grows across a door',
          reason:
            `${[...new Set(blocking.map((p) => capital(nameOf(p.plant))))].slice(0, 3).join(', ')} will reach ` +
            `into the way of the door of ${door.name}. Keep its width clear; the local code may ask for more.`,
          weight: 72,
          figures: [{ name: 'door', value: door.widthM, unit: 'm' }],
          source: 'Mature spread against the door’s width.',
          grounds: ['practice#cautions'],
        }),
      )
    }
    if (harmful.length > 0) {
      found.push(
        caution(scene, `harm:${i}`, harmful, {
          title: 'Harmful plants by a door',
          reason: `${harmWords(harmful)} ` + `within ${DOOR_M}\u202fm of the door of ${door.name}.`,
          weight: 66,
          figures: [{ name: 'within', value: DOOR_M, unit: 'm' }],
          source: 'Hazards of the plant library near doors, paths and seats.',
          grounds: ['practice#cautions'],
        }),
      )
    }
    return found
  })
}
