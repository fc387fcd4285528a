import { describe, expect, it } from 'vitest'
import { figures } from '../../tests/support/figures'
import { goldenBed } from '../../tests/support/goldenBeds'
import { demoBed } from '../../tests/support/library'
import { describeEdit } from './describeEdit'
import { applyEdit } from './edit'
import type { Edit } from './editSchema'

const bed = demoBed('reading-room-front')
const [a, b] = bed.drifts as [(typeof bed.drifts)[number], (typeof bed.drifts)[number]]
const finding = { findingId: 'hidden:x', title: 'Hidden', reason: 'on purpose' }
const edits: Edit[] = [
  { kind: 'addDrift', drift: { ...a, id: 'new' }, position: 1 },
  { kind: 'addDrift', drift: a },
  { kind: 'removeDrift', driftId: a.id },
  { kind: 'removeDrift', driftId: 'nobody' },
  ...(
    [
      { at: 3 },
      { lane: 1 },
      { count: 9 },
      { count: 1 },
      { plantId: b.plantId },
      { pattern: 'mass' },
      { everyM: 2 },
    ] as const
  ).map((change): Edit => ({ kind: 'changeDrift', driftId: a.id, change })),
  { kind: 'removePlant', driftId: a.id, index: 0 },
  { kind: 'setPins', driftId: a.id, pins: [{ driftId: a.id, index: 0, x: 2, y: 1 }] },
  { kind: 'setPins', driftId: b.id, pins: [] },
  { kind: 'accept', acceptance: finding },
  { kind: 'unaccept', findingId: 'hidden:x' },
  { kind: 'setBuying', plantId: a.plantId, buying: { plantId: a.plantId, size: 'no. 3', have: 2 } },
  { kind: 'setBuying', plantId: a.plantId, buying: null },
  { kind: 'setShortlist', plantIds: [a.plantId] },
  ...(
    [
      { name: 'Other' },
      { school: 'lush' },
      { laneShares: [0.5, 0.5] },
      { wall: null },
      { viewpoint: bed.viewpoint },
    ] as const
  ).map((change): Edit => ({ kind: 'setBed', change: change as never })),
  { kind: 'setExisting', existing: [] },
  { kind: 'replace', bed: goldenBed(4) },
  {
    kind: 'all',
    name: 'swap',
    edits: [
      { kind: 'removeDrift', driftId: a.id },
      { kind: 'removeDrift', driftId: b.id },
    ],
  },
]

describe('golden edits', () => {
  it('what each does, how it is told, and what takes it back', () =>
    expect(
      edits.map((edit) => {
        const { bed: after, inverse } = applyEdit(bed, edit)
        return `${describeEdit(edit)}: ${figures(after)} ${figures(inverse)} ${figures(applyEdit(after, inverse).bed)}`
      }),
    ).toMatchSnapshot())
})
