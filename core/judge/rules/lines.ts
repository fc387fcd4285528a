import type { PlacedPlant } from '../../layout'
import { fullHeightM } from '../../plant'
import { capital, driftsSeen, type DriftSeen, metres, nameOf, type Scene } from '../../scene'
import type { Finding } from '../finding'
import { ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

/** So many of one kind on one line are a row, where no straight line is wanted. */
const ROW = 6
const ROW_M = 2.5
const STRAIGHT_M = 0.06
/** Anchors whose mirror image stands within this share of the length. */
const PARTNER = 0.06
const PARTNERED = 0.6

/** Straight rows where the school is loose; no balance about the middle where it is formal. */
export const lines: WholeRule = {
  id: 'lines',
  findings: (scene) => (scene.school.lines === 'straight' ? unbalanced(scene) : rows(scene)),
}

/** Loose schools let groups run into one another; others bear an even row at the front. */
const isLoose = ({ school, bed }: Scene) => school.tall === 'airy ones anywhere' && bed.form.kind !== 'court'

function rows(scene: Scene): Finding[] {
  if (!isLoose(scene) || scene.frame.closed) return []
  return driftsSeen(scene)
    .filter((d) => d.drift.pattern === 'row' && isRow(d))
    .map(({ drift, plant, placed, from, to }) =>
      ofBed(
        scene,
        {
          id: `lines:row:${drift.id}`,
          rule: 'lines',
          title: `${capital(nameOf(plant))} in a straight row`,
          reason: `${placed.length} stand on one line over ${metres(to - from)}; ${scene.school.name} wants no straight line.`,
          weight: 26,
          plants: placed,
          figures: [{ name: 'in the row', value: placed.length, unit: '' }],
          source: 'Points of one kind on a line over more than three plants.',
          grounds: ['composing#marks', 'practice#schools'],
        },
        () => [
          {
            label: 'In two staggered rows',
            edit: { kind: 'changeDrift', driftId: drift.id, change: { pattern: 'staggered' } },
          },
          { label: 'As a mass', edit: { kind: 'changeDrift', driftId: drift.id, change: { pattern: 'mass' } } },
        ],
      ),
    )
}

function isRow({ placed, from, to, plant }: DriftSeen): boolean {
  if (placed.length < ROW || to - from < ROW_M || plant.spacingHabit === 'weaves') return false
  const outs = placed.filter((p) => !p.crowded).map((p) => p.out)
  if (outs.length < ROW) return false
  return Math.max(...outs) - Math.min(...outs) < STRAIGHT_M
}

const ANCHOR_M = 0.6

function unbalanced(scene: Scene): Finding[] {
  const { kind } = scene.bed.form
  if (kind !== 'foundation' && kind !== 'terrace' && kind !== 'screen') return []
  const { runFrom, runTo } = scene.frame
  const length = runTo - runFrom
  const anchors = scene.placement.plants.filter(
    (p) => (p.plant.lifeCycle === 'woody' || p.plant.retention === 'evergreen') && fullHeightM(p.plant) >= ANCHOR_M,
  )
  if (anchors.length < 2) return []
  const mirrored = anchors.filter((p) =>
    anchors.some(
      (q) => q.plant.id === p.plant.id && Math.abs(q.along - runFrom - (runTo - p.along)) < PARTNER * length + 0.2,
    ),
  )
  const share = mirrored.length / anchors.length
  if (share >= PARTNERED) return []
  const alone = anchors.filter((p) => !mirrored.includes(p))
  return [
    ofBed(
      scene,
      {
        id: 'lines:balance',
        rule: 'lines',
        title: 'Not balanced about its middle',
        reason:
          `Of ${anchors.length} anchors ${mirrored.length} have one of their kind at the mirrored place; ` +
          `${scene.school.name} wants lines and symmetry.`,
        weight: 36,
        plants: alone,
        figures: [{ name: 'mirrored', value: share * 100, unit: '%' }],
        source: 'Anchors with their like within 6 % of the length of the mirrored place.',
        grounds: ['composing#balance', 'practice#schools'],
      },
      () => [mirrorMend(scene), ...alone.slice(0, 1).flatMap((p) => pairMend(scene, p))],
    ),
  ]
}

/** The left half set out again as the right half’s mirror. */
function mirrorMend(scene: Scene) {
  const length = scene.frame.frontLength
  const left = driftsSeen(scene).filter((d) => d.drift.at < length / 2 && !d.drift.shape)
  const right = driftsSeen(scene).filter((d) => d.drift.at > length / 2 && !d.drift.shape)
  return {
    label: 'Mirror the left half',
    edit: {
      kind: 'all' as const,
      name: 'mirror the bed',
      edits: [
        ...right.map((d) => ({ kind: 'removeDrift' as const, driftId: d.drift.id })),
        ...left.map((d) => ({
          kind: 'addDrift' as const,
          drift: { ...d.drift, id: `${d.drift.id}-m`.slice(0, 60), at: length - d.drift.at },
        })),
      ],
    },
  }
}

function pairMend(scene: Scene, p: PlacedPlant) {
  const drift = scene.bed.drifts.find((d) => d.id === p.driftId)
  if (!drift) return []
  const at = scene.frame.frontLength - drift.at
  return [
    {
      label: `Another ${nameOf(p.plant)} at the mirrored place`,
      edit: { kind: 'addDrift' as const, drift: { ...drift, id: `${drift.id}-pair`.slice(0, 60), at } },
    },
  ]
}
