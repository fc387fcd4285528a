import type { PlacedPlant } from '../../layout'
import { misfits, type Misfit, type Plant } from '../../plant'
import { finding, type Finding, type Mend } from '../finding'
import type { WholeRule } from '../rule'
import { swapKind } from '../../edit'
import { capital, conditionsAt, kindsById, nameOf, stretchOf, type Scene } from '../../scene'
import { standIns } from '../../match'

const WEIGHT = {
  zone: 92,
  sun: 78,
  water: 70,
  summer: 66,
  cool: 44,
  heat: 56,
  harm: 45,
  salt: 42,
  soil: 40,
  ph: 38,
  wind: 34,
} as const
/** What some of the animals that come take first is not lost yet. */
const SOME_HARM = 28
const weightOf = (m: Misfit) => (m.want === 'harm' && m.text.startsWith('some') ? SOME_HARM : WEIGHT[m.want])
const heaviest = (wrong: readonly Misfit[]) => Math.max(0, ...wrong.map(weightOf))
const HARDINESS = {
  zone: 'will not winter here',
  sun: 'in the wrong light',
  water: 'in the wrong moisture',
  summer: 'will not thrive in the summer heat here',
  cool: 'wants hotter summers than here',
  heat: 'too hot there',
  wind: 'will be blown over',
  salt: 'will scorch in the salt',
  harm: 'will be eaten',
  soil: 'in the wrong soil',
  ph: 'in the wrong pH',
} as const

/** A plant whose light, heat, zone, water, wind, salt, soil or pH is not what its place offers. */
export const site: WholeRule = {
  id: 'site',
  findings: (scene) => kindsById(kindsOf(scene)).flatMap(([plant, placed]) => judge(scene, plant, placed)),
}

/** Plants of all parts by their kind. */
function kindsOf(scene: Scene): ReadonlyMap<Plant, readonly PlacedPlant[]> {
  if (scene.planted.length === scene.placement.plants.length) return scene.byPlant
  const kinds = new Map<Plant, PlacedPlant[]>()
  for (const p of scene.planted) kinds.set(p.plant, [...(kinds.get(p.plant) ?? []), p])
  return kinds
}

interface Unsuited {
  readonly suffering: readonly PlacedPlant[]
  /** Of places that differ, the worst speaks for the others. */
  readonly worst: PlacedPlant
  readonly wrong: readonly Misfit[]
}

/** Those of a kind whose place does not suit it, with what is wrong at the worst. */
function unsuited(scene: Scene, plant: Plant, placed: readonly PlacedPlant[]): Unsuited | null {
  // Without light place by place, one place is as another.
  if (!scene.light && !scene.sunAt) {
    const wrong = misfits(plant, scene.site)
    return wrong.length > 0 ? { suffering: placed, worst: placed[0]!, wrong } : null
  }
  const judged = placed
    .map((p) => ({ p, wrong: misfits(plant, conditionsAt(scene, p)) }))
    .filter((j) => j.wrong.length > 0)
  if (judged.length === 0) return null
  const worst = judged.reduce((w, j) => (heaviest(j.wrong) > heaviest(w.wrong) ? j : w))
  return { suffering: judged.map((j) => j.p), worst: worst.p, wrong: worst.wrong }
}

function judge(scene: Scene, plant: Plant, placed: readonly PlacedPlant[]): Finding[] {
  const judged = unsuited(scene, plant, placed)
  if (!judged) return []
  const { suffering } = judged
  const wrong = [...judged.wrong].sort((a, b) => weightOf(b) - weightOf(a))
  const worst = wrong[0]!
  const here = conditionsAt(scene, judged.worst)
  const drifts = new Set(suffering.map((p) => p.driftId))
  const mends = (): Mend[] =>
    standIns(plant, scene, { maxSpreadM: plant.spreadM * 1.1 }, 2).map((p) => ({
      label: `Swap for ${nameOf(p)}`,
      edit: { kind: 'all', name: 'swap plant', edits: swapKind(scene.bed, plant.id, p.id, drifts) },
    }))
  const some = suffering.length < placed.length ? `${suffering.length} of ${placed.length}: ` : ''
  const how = scene.light ? ' (computed for its place)' : ' (measured by hand)'
  return [
    finding(
      {
        id: `site:${plant.id}`,
        rule: 'site',
        title: `${capital(nameOf(plant))} ${weightOf(worst) === SOME_HARM ? 'may be eaten' : HARDINESS[worst.want]}`,
        reason:
          `${some}${capital(wrong.map((m) => m.text).join('; '))}${worst.want === 'sun' ? how : ''}. ` +
          `The nursery's label and the local extension office know the place better.`,
        weight: weightOf(worst),
        ...stretchOf(suffering),
        plants: suffering.map((p) => p.id),
        figures: [
          { name: 'sun', value: here.sunHours, unit: 'h' },
          { name: 'zone', value: scene.site.zone, unit: '' },
          { name: 'pH', value: scene.site.ph, unit: '' },
        ],
        source: 'Full sun ≥ 6 h, part sun 4-6, part shade 2-4, shade < 2; ranges of the plant library.',
        grounds: ['calculations#light'],
      },
      mends,
    ),
  ]
}
