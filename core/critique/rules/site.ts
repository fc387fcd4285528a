import type { PlacedPlant } from '../../layout'
import { misfits, type Plant } from '../../plant'
import { finding, type Finding, type Mend } from '../finding'
import type { WholeRule } from '../rule'
import { capital, nameOf, stretchOf, type Scene } from '../scene'
import { standIns } from '../standIn'

const WEIGHT = { zone: 92, sun: 78, water: 70, soil: 40, ph: 38 } as const
const HARDINESS = { zone: 'will not winter here', sun: 'in the wrong light', water: 'in the wrong wet', soil: 'in the wrong soil', ph: 'in the wrong pH' } as const

/** A plant whose light, zone, water, soil or pH is not what this bed offers. */
export const site: WholeRule = {
  id: 'site',
  findings: (scene) => [...scene.byPlant].flatMap(([plant, placed]) => judge(scene, plant, placed)),
}

function judge(scene: Scene, plant: Plant, placed: readonly PlacedPlant[]): Finding[] {
  const wrong = [...misfits(plant, scene.site)].sort((a, b) => WEIGHT[b.want] - WEIGHT[a.want])
  const worst = wrong[0]
  if (!worst) return []
  const drifts = [...new Set(placed.map((p) => p.driftId))]
  const mends = (): Mend[] => standIns(plant, scene, { maxSpreadM: plant.spreadM * 1.35 }, 2).map((p) => ({
    label: `Swap for ${nameOf(p)}`,
    edit: { kind: 'all', name: 'swap plant', edits: drifts.map((driftId) => ({ kind: 'changeDrift' as const, driftId, change: { plantId: p.id } })) },
  }))
  return [finding({
    id: `site:${plant.id}`,
    rule: 'site',
    title: `${capital(nameOf(plant))} ${HARDINESS[worst.want]}`,
    reason: `${capital(wrong.map((m) => m.text).join('; '))}. The nursery's label and the local extension office know the place better.`,
    weight: WEIGHT[worst.want],
    ...stretchOf(placed),
    plants: placed.map((p) => p.id),
    figures: [{ name: 'sun', value: scene.site.sunHours, unit: 'h' }, { name: 'zone', value: scene.site.zone, unit: '' }, { name: 'pH', value: scene.site.ph, unit: '' }],
    source: 'Full sun ≥ 6 h, part sun 4-6, part shade 2-4, shade < 2; ranges of the plant library. Calculations, Light.',
  }, mends)]
}
