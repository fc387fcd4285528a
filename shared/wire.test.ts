import { describe, expect, it } from 'vitest'
import { type Bed, gardenSchema } from '../core/model'
import { bedSchema } from '../core/bed'
import { revisionSchema, describeIssues } from './wire'
import { drift, testBed } from '../tests/support/library'

const wrong = (bed: unknown) => {
  const read = bedSchema.safeParse(bed)
  return read.success ? '' : describeIssues(read.error)
}

describe('bedSchema', () => {
  it('takes a sound bed, and any script as a name', () => {
    expect(wrong(testBed({ drifts: [drift('a', 'hosta-halcyon', 2, 3, 4)] }))).toBe('')
    expect(wrong(testBed({ name: '<b>Lilac corner</b> 北の段' }))).toBe('')
  })
  const bed = testBed()
  it.each<[string, Partial<Record<keyof Bed, unknown>>, RegExp]>([
    ['an empty name', { name: '  ' }, /A name is needed/],
    ['a name of 10,000 characters', { name: 'x'.repeat(10_000) }, /at most 120/],
    ['a negative count', { drifts: [drift('a', 'hosta-halcyon', 1, 3, -4)] }, /at least one plant/],
    ['an absurd count', { drifts: [drift('a', 'hosta-halcyon', 1, 3, 1e9)] }, /at most 500/],
    ['a lane it lacks', { drifts: [drift('a', 'hosta-halcyon', 3, 3)] }, /lane the bed does not have/],
    [
      'two drifts of one id',
      { drifts: [drift('a', 'hosta-halcyon', 1, 3), drift('a', 'hosta-halcyon', 1, 4)] },
      /same id/,
    ],
    ['a pin of no drift', { pins: [{ driftId: 'x', index: 0, x: 1, y: 1 }] }, /pin belongs/],
    [
      'edges that cross',
      {
        outline: {
          ...bed.outline,
          front: {
            kind: 'straight',
            stations: [
              { x: 0, y: 2 },
              { x: 5, y: -1 },
              { x: 10, y: 2 },
            ],
          },
        },
      },
      /crosses it/,
    ],
    [
      'an infinite depth',
      {
        outline: {
          ...bed.outline,
          front: {
            kind: 'straight',
            stations: [
              { x: 0, y: Infinity },
              { x: 10, y: 2 },
            ],
          },
        },
      },
      /outline/,
    ],
    [
      'a sill above its head',
      { wall: { ...bed.wall, openings: [{ id: 'w', x: 1, widthM: 1, sillM: 2, headM: 1 }] } },
      /above its sill/,
    ],
    [
      'too many plants',
      { drifts: Array.from({ length: 30 }, (_, i) => drift(`d${i}`, 'hosta-halcyon', 1, 3, 500)) },
      /at most 5000/,
    ],
    ['no drifts at all', { drifts: undefined }, /drifts/],
    ['a name with a null character', { name: 'North\u0000step' }, /control character/],
    ['half an emoji', { name: 'North \ud83c' }, /half|broken|character/],
    [
      'two pins of one plant',
      {
        drifts: [drift('a', 'hosta-halcyon', 1, 3)],
        pins: [1, 2].map((x) => ({ driftId: 'a', index: 0, x, y: 1 })),
      },
      /One plant is pinned in two/,
    ],
    [
      'one finding accepted twice',
      { accepted: [1, 2].map(() => ({ findingId: 'gap:1', title: 'Bare', reason: '' })) },
      /same finding|twice|accepted/i,
    ],
    [
      'one plant ordered twice',
      { buying: [1, 2].map((have) => ({ plantId: 'hosta-halcyon', size: '9 cm', have })) },
      /One plant is bought in two/,
    ],
  ])('refuses %s', (_, change, message) => expect(wrong({ ...bed, ...change })).toMatch(message))
})

describe('what no store keeps', () => {
  it('counts characters, not halves of them', () => {
    expect(wrong(testBed({ name: '🌿'.repeat(120) }))).toBe('')
    expect(wrong(testBed({ name: '🌿'.repeat(121) }))).toMatch(/at most 120 characters; this one has 121/)
  })
  it('refuses revisions beyond what the database counts', () => {
    expect(revisionSchema.safeParse(2 ** 31 - 2).success).toBe(true)
    for (const beyond of [2 ** 31 - 1, 2 ** 31, -1, 1.5])
      expect(revisionSchema.safeParse(beyond).success).toBe(false)
  })
})

describe('gardenSchema', () => {
  const garden = {
    name: 'G',
    units: 'metric',
    place: { town: '', latitude: 44, longitude: 0, hardinessZone: '6b', lastFrost: '05-08', firstFrost: '10-14' },
  }
  it.each([
    ['latitude', 91],
    ['hardinessZone', '99'],
    ['lastFrost', '02-31'],
    ['lastFrost', '13-01'],
    ['firstFrost', 'autumn'],
    ['longitude', Number.NaN],
  ])('refuses %s %s', (key, value) => {
    expect(gardenSchema.safeParse({ ...garden, place: { ...garden.place, [key]: value } }).success).toBe(false)
    expect(gardenSchema.safeParse(garden).success).toBe(true)
  })
})
