import { describe, expect, it } from 'vitest'
import { drawingGroups, firstChoice, groupKey } from '../../app/utils/drawingGroups'
import type { FoundLine } from '../../core/exchange'

const line = (change: Partial<FoundLine>): FoundLine => ({
  name: 'a',
  layer: '',
  what: 'polyline',
  closed: true,
  points: [
    { x: 0, y: 0 },
    { x: 1, y: 0 },
    { x: 1, y: 1 },
  ],
  ...change,
})
const point = { closed: false, points: [{ x: 0, y: 0 }] }
const chosen = (change: Partial<FoundLine>, bedsThere = true) =>
  firstChoice(drawingGroups([line(change)])[0]!, bedsThere)

describe('a drawing by layer and kind', () => {
  it('is counted in groups of one layer, kind and form, in the order they come', () => {
    const groups = drawingGroups([
      line({ layer: 'walls' }),
      line({ layer: 'walls', name: 'b' }),
      line({ layer: 'walls', closed: false }),
      line({ layer: 'trees', ...point, what: 'point' }),
    ])
    expect(groups.map((g) => [g.layer, g.count, g.names.join()])).toEqual([
      ['walls', 2, 'a,b'],
      ['walls', 1, 'a'],
      ['trees', 1, 'a'],
    ])
    expect(new Set(groups.map((g) => g.key)).size).toBe(3)
    expect(groupKey(line({ layer: 'walls' }))).toBe(groups[0]!.key)
  })
  it('plants of our own files are one group, whatever their layer', () => {
    const plants = ['plants back A', 'plants front B'].map((layer) =>
      line({ layer, ...point, facts: { kind: 'plant' } }),
    )
    expect(drawingGroups(plants).map((g) => [g.layer, g.count])).toEqual([['plants', 2]])
  })
  it('becomes what it was, what its layer says, or the commonest; what repeats a bed or is a hole stays out', () => {
    expect(chosen({ facts: { kind: 'fence' }, closed: false })).toBe('own')
    expect(chosen({ layer: 'HOUSE' })).toBe('building')
    expect(chosen({ layer: 'borders' })).toBe('bed')
    expect(chosen({ layer: 'gas', closed: false })).toBe('service')
    expect(chosen({ layer: 'x' })).toBe('surface')
    expect(chosen({ layer: 'x', closed: false })).toBe('fence')
    expect(chosen({ layer: 'Trees', ...point, what: 'circle' })).toBe('tree')
    expect([chosen({ facts: { kind: 'bed' } }), chosen({ facts: { kind: 'bed' } }, false)]).toEqual(['none', 'bed'])
    expect(chosen({ what: 'hole' })).toBe('none')
  })
  it('offers each form only what it can be', () => {
    const offers = (change: Partial<FoundLine>) => drawingGroups([line(change)])[0]!.choices.map((c) => c.value)
    expect(offers({})).toEqual(['surface', 'building', 'terrace', 'bed', 'none'])
    expect(offers({ closed: false })).toEqual(['fence', 'service', 'none'])
    expect(offers(point)).toEqual(['tree', 'feature', 'none'])
    expect(offers({ ...point, facts: { kind: 'viewpoint' } })).toEqual(['own', 'tree', 'feature', 'none'])
  })
})
