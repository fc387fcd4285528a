import { TRAIT } from '../../brief'
import { finding, type Finding } from '../finding'
import type { WholeRule } from '../rule'
import { swapKind } from '../../edit'
import { capital, kindsById, nameOf, stretchOf, type Scene } from '../../scene'
import { standIns } from '../../match'

/** A plant that has what the brief says never. Wishes and musts stand in the brief's own table. */
export const brief: WholeRule = {
  id: 'brief',
  findings: (scene) =>
    (scene.requirements ?? [])
      .filter((r) => r.weight === 'never')
      .flatMap((r): Finding[] => {
        const { label, has } = TRAIT[r.trait]
        return kindsById(scene.byPlant)
          .filter(([plant]) => has(plant))
          .map(([plant, placed]) =>
            finding(
              {
                id: `brief:${r.trait}:${plant.id}`,
                rule: 'brief',
                title: `${capital(nameOf(plant))} against the brief`,
                reason: `The brief says never ${label}${r.beds.length > 0 ? ' in this bed' : ''}.`,
                weight: r.trait === 'poison' || r.trait === 'thorns' || r.trait === 'sap' ? 82 : 44,
                ...stretchOf(placed),
                plants: placed.map((p) => p.id),
                figures: [{ name: 'plants', value: placed.length, unit: '' }],
                source: 'Requirement of the brief; trait by the plant library.',
              },
              () => swapsFor(scene, placed[0]!.plant.id, has),
            ),
          )
      }),
}

function swapsFor(scene: Scene, plantId: string, has: (typeof TRAIT)[keyof typeof TRAIT]['has']) {
  const plant = scene.library.get(plantId)
  if (!plant) return []
  return standIns(plant, scene, { maxSpreadM: plant.spreadM * 1.35, where: (p) => !has(p) }, 2).map((p) => ({
    label: `Swap for ${nameOf(p)}`,
    edit: { kind: 'all' as const, name: 'swap plant', edits: swapKind(scene.bed, plantId, p.id) },
  }))
}
