import { driftsSeen, nameOf } from '../../scene'
import { asKind } from '../fitting'
import { ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

const LEAST_LENGTH_M = 5
const LEAST_KINDS = 6
/** One of each is the school's own way. */
const ONE_OF_EACH = 0.9

/** In a bed of some length nothing comes back: no thread runs through it. */
export const repetition: WholeRule = {
  id: 'repetition',
  findings: (scene) => {
    if (scene.frame.runTo - scene.frame.runFrom < LEAST_LENGTH_M || scene.school.singlesShare > ONE_OF_EACH)
      return []
    if (scene.bed.form.kind === 'court' || scene.bed.form.kind === 'container') return []
    const groups = driftsSeen(scene).filter((d) => d.plant.spacingHabit !== 'weaves' && d.plant.kind !== 'climber')
    const kinds = new Map<string, number>()
    for (const { drift } of groups)
      kinds.set(
        drift.plantId,
        (kinds.get(drift.plantId) ?? 0) + (drift.pattern === 'dotted' || drift.shape ? 2 : 1),
      )
    const back = [...kinds.values()].filter((n) => n > 1).length
    const largest = [...groups].sort((a, b) => b.to - b.from - (a.to - a.from))
    if (kinds.size < LEAST_KINDS || back > 0) return []
    const [a, b] = largest
    return [
      ofBed(
        scene,
        {
          id: 'repetition',
          rule: 'repetition',
          title: 'Nothing comes back',
          reason: `${kinds.size} kinds stand in one group each; the same plant again along the bed knits it together.`,
          weight: 35,
          figures: [
            { name: 'kinds', value: kinds.size, unit: '' },
            { name: 'that come back', value: back, unit: '' },
          ],
          source: 'The most seen kinds come back two or more times along the bed.',
          grounds: ['practice#groups-repetition-order', 'composing#thread'],
        },
        () =>
          [a, b].flatMap((d) => {
            const far = d && groups.filter((g) => g !== d && g.drift.lane === d.drift.lane)
            const other = far?.sort((x, y) => Math.abs(y.middle - d!.middle) - Math.abs(x.middle - d!.middle))[0]
            if (!d || !other) return []
            return [
              { label: `${nameOf(d.plant)} again instead of ${nameOf(other.plant)}`, edit: asKind(other, d.plant) },
            ]
          }),
      ),
    ]
  },
}
