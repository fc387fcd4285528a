import type { WholeRule } from '../rule'
import type { Edit } from '../../edit'
import type { PlacedPlant } from '../../layout'
import { nameOf, type Scene } from '../../scene'
import type { Mend } from '../finding'

const LEAST_KINDS = 5

/** Of the kinds that stand once in a lane, every second gives its place to the one before it. */
function repeatHalf({ bed }: Scene, singles: readonly PlacedPlant[]): Mend {
  const edits = bed.laneShares.flatMap((_, lane) =>
    singles
      .filter((p) => p.lane === lane)
      .sort((a, b) => a.along - b.along)
      .flatMap((p, i, own): Edit[] =>
        i % 2 === 1 ? [{ kind: 'changeDrift', driftId: p.driftId, change: { plantId: own[i - 1]!.plant.id } }] : [],
      ),
  )
  return { label: 'Repeat half of them', edit: { kind: 'all', name: 'repeat kinds', edits } }
}

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
      repeatHalf(scene, singles),
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
        source: 'One plant of everything is clutter; specimens and climbers are not counted.',
        grounds: ['practice#groups-repetition-order'],
        mends,
      },
    ]
  },
}
