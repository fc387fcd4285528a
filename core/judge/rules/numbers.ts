import { fullHeightM } from '../../plant'
import { capital, driftsSeen, type DriftSeen, nameOf, type Scene } from '../../scene'
import { ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

/** Beyond so many nobody counts. */
const COUNTED = 8
const ANCHOR_M = 0.9

/** Even numbers in a group where the school wants odd ones: always, or for anchors only. */
export const numbers: WholeRule = {
  id: 'numbers',
  findings: (scene) => {
    const { groups, name } = scene.school
    if (groups === 'any') return []
    return driftsSeen(scene)
      .filter((d) => isCounted(d) && (groups === 'odd always' || isAnchor(d)))
      .filter((d) => !isPaired(scene, d))
      .map(({ drift, plant, placed }) =>
        ofBed(
          scene,
          {
            id: `numbers:${drift.id}`,
            rule: 'numbers',
            title: `${capital(nameOf(plant))} in an even number`,
            reason:
              `${drift.count} stand together; ${name} wants odd numbers${groups === 'odd always' ? '' : ' for anchors'}: ` +
              'the eye splits an even group into halves.',
            weight: 24,
            plants: placed,
            figures: [{ name: 'in the group', value: drift.count, unit: '' }],
            source: 'Odd numbers matter most for anchors, little in a dense mix.',
            grounds: ['practice#groups-repetition-order', 'practice#schools'],
          },
          () =>
            [drift.count - 1, drift.count + 1].map((count) => ({
              label: `${count} of ${nameOf(plant)}`,
              edit: { kind: 'changeDrift' as const, driftId: drift.id, change: { count } },
            })),
        ),
      )
  },
}

const isCounted = ({ drift, plant }: DriftSeen) =>
  drift.count % 2 === 0 &&
  drift.count <= COUNTED &&
  (drift.pattern === 'mass' || drift.pattern === 'staggered') &&
  !drift.shape &&
  !drift.mix &&
  plant.spacingHabit !== 'weaves'

const isAnchor = ({ drift, plant }: DriftSeen) =>
  drift.lane === 0 && plant.lifeCycle === 'woody' && fullHeightM(plant) >= ANCHOR_M

/** Two that stand on purpose as a pair, either side of a door or window. */
const isPaired = ({ bed }: Scene, { drift }: DriftSeen) =>
  bed.orders.some((o) => o.kind === 'mirror' && o.driftIds.includes(drift.id))
