import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Site } from '../../core/model'
import { drawingEdits, faultOfEdits } from '../../app/utils/drawingEdits'
import { EMPTY_SITE, newThing } from '../../core/site'

const shape = { layer: '', what: 'polyline' }
const square = (x: number, name = 'lawn') => ({
  ...shape,
  name,
  closed: true,
  points: [
    { x, y: 0 },
    { x: x + 4, y: 0 },
    { x: x + 4, y: 3 },
  ],
})

describe('a drawing taken into the site', () => {
  it('our own things come back what they were, views seen from their own viewpoints', () => {
    const view = { ...newThing('viewpoint', 'v', { x: 1, y: 2 }), name: 'Door' }
    const wish = { ...newThing('target', 'g', { x: 5, y: 5 }), seenFrom: 'v' }
    const lines = [view, wish].map((t) => ({
      ...shape,
      name: t.name,
      closed: false,
      points: [{ x: 3, y: 4 }],
      facts: t as unknown as Record<string, unknown>,
    }))
    const { edits, left } = drawingEdits(EMPTY_SITE, lines, ['own', 'own'])
    expect(left).toEqual([])
    const [door, goal] = edits.map((e) => (e.kind === 'setThing' ? e.thing : null))
    expect(door).toMatchObject({ kind: 'viewpoint', name: 'Door', at: { x: 3, y: 4 } })
    expect(goal).toMatchObject({ kind: 'target', seenFrom: door!.id })
    expect(door!.id).not.toBe('v')
  })
  it('figures that a site cannot keep leave the thing out, with the reason', () => {
    const tree = { ...newThing('tree', 't', { x: 0, y: 0 }), heightM: 4000 } as unknown as Record<string, unknown>
    const line = { ...shape, name: 'Giant', closed: false, points: [{ x: 0, y: 0 }], facts: tree }
    const { edits, left } = drawingEdits(EMPTY_SITE, [line], ['own'])
    expect(edits).toEqual([])
    expect(left[0]).toContain('A tree can be at most 60 m')
  })
  it('outlines of many corners are simplified and counted', () => {
    const points = Array.from({ length: 900 }, (_, i) => ({
      x: 9 * Math.cos(i / 143.3),
      y: 9 * Math.sin(i / 143.3),
    }))
    const { edits, simplified } = drawingEdits(
      EMPTY_SITE,
      [{ ...shape, name: 'pond', closed: true, points }],
      ['surface'],
    )
    expect([edits.length, simplified]).toEqual([1, 1])
    expect(faultOfEdits(EMPTY_SITE, edits)).toBeNull()
  })
  it('leaves out, and names, what a site cannot keep', () => {
    const lines = [square(0), square(5000, 'far'), { ...square(1, 'thin'), points: [{ x: 0, y: 0 }] }]
    const { edits, left } = drawingEdits(EMPTY_SITE, lines, ['surface', 'surface', 'surface'])
    expect(edits).toHaveLength(1)
    expect(left).toHaveLength(2)
    expect(left[0]).toMatch(/^far: /)
    expect(faultOfEdits(EMPTY_SITE, edits)).toBeNull()
  })
  it('holds at most five hundred things, those there are counted', () => {
    const things = Array.from({ length: 498 }, (_, i) => newThing('tree', `t${i}`, { x: 0, y: 0 }))
    const site: Site = { ...EMPTY_SITE, things }
    const { edits, left } = drawingEdits(
      site,
      [square(0), square(1), square(2)],
      ['surface', 'terrace', 'building'],
    )
    expect(edits).toHaveLength(2)
    expect(left).toEqual(['1 of 3: a site holds at most 500 things'])
  })
  it('whatever the drawing says, what is taken in can be saved', () => {
    const number = fc.oneof(fc.double({ min: -1500, max: 1500 }), fc.constantFrom(Number.NaN, Infinity, 0))
    const line = fc.record({
      layer: fc.constant(''),
      what: fc.constant('polyline'),
      name: fc.string({ unit: 'binary', maxLength: 200 }),
      closed: fc.boolean(),
      points: fc.array(fc.record({ x: number, y: number }), { minLength: 1, maxLength: 6 }),
    })
    fc.assert(
      fc.property(fc.array(line, { maxLength: 5 }), (lines) => {
        const kinds = lines.map((l) => (l.closed ? 'surface' : 'fence'))
        const { edits } = drawingEdits(EMPTY_SITE, lines, kinds)
        expect(faultOfEdits(EMPTY_SITE, edits)).toBeNull()
      }),
    )
  })
})
