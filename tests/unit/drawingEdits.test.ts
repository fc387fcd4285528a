import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { drawingEdits, faultOfEdits } from '../../app/utils/drawingEdits'
import { EMPTY_SITE, newThing, type Site } from '../../core/site'

const square = (x: number, name = 'lawn') => ({
  name,
  closed: true,
  points: [
    { x, y: 0 },
    { x: x + 4, y: 0 },
    { x: x + 4, y: 3 },
  ],
})

describe('a drawing taken into the site', () => {
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
