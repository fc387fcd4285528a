import type { WholeRule } from '../rule'
import { nameOf } from '../../scene'
import type { Mend } from '../finding'

const LEAST_KINDS = 5

/** Too many kinds that stand alone: nothing for the eye to settle on. */
export const clutter: WholeRule = {
  id: 'clutter',
  findings: (scene) => {
    const kinds = [...scene.byPlant.values()].filter(
      (list) => list[0]!.plant.kind !== 'climber' && list[0]!.plant.spacingHabit !== 'specimen',
    )
    const singles = kinds.filter((list) => list.length === 1).map((list) => list[0]!)
    if (kinds.length < LEAST_KINDS || singles.length <= kinds.length * scene.school.singlesShare) return []
    const smallest = [...singles].sort((a, b) => a.plant.spreadM - b.plant.spreadM)[0]!
    const drift = scene.bed.drifts.find((d) => d.id === smallest.driftId)!
    const named = singles
      .slice(0, 4)
      .map((p) => nameOf(p.plant))
      .join(', ')
    const mends: Mend[] = [
      {
        label: `Make it three ${nameOf(smallest.plant)}`,
        edit: { kind: 'changeDrift', driftId: drift.id, change: { count: 3, pattern: 'staggered' } },
      },
      { label: `Leave out ${nameOf(smallest.plant)}`, edit: { kind: 'removeDrift', driftId: drift.id } },
    ]
    return [
      {
        id: 'clutter',
        rule: 'clutter',
        title: `${singles.length} kinds stand alone`,
        reason:
          `Of ${kinds.length} kinds ${singles.length} are singles (${named}${singles.length > 4 ? '…' : ''}); ` +
          `${scene.school.name} keeps them under ${Math.round(scene.school.singlesShare * 100)} %. ` +
          'Groups of three or more read better.',
        weight: 36 + 20 * (singles.length / kinds.length),
        from: scene.frame.runFrom,
        to: scene.frame.runTo,
        plants: singles.map((p) => p.id),
        figures: [
          { name: 'singles', value: singles.length, unit: '' },
          { name: 'kinds', value: kinds.length, unit: '' },
        ],
        source:
          'One plant of everything is clutter; specimens and climbers are not counted. Practice, Groups, repetition, order.',
        mends,
      },
    ]
  },
}
