import { editSchema, applyEdit } from '../../core/edit'
import { bedSchema } from '../../core/bed'
import { describe, expect, it } from 'vitest'
import { demoBed, testBed } from '../support/library'

describe('edits as they cross the wire', () => {
  it('leave as it is what they do not name: a round bed that is renamed stays round', () => {
    const rename = editSchema.parse({ kind: 'setBed', change: { name: 'New name' } })
    expect(rename).toEqual({ kind: 'setBed', change: { name: 'New name' } })
    const island = demoBed('bell-island')
    expect(applyEdit(island, rename).bed).toEqual({ ...island, name: 'New name' })
  })

  it('a bed that another version put back has all that beds have now', () => {
    const former = Object.fromEntries(
      Object.entries(testBed()).filter(([part]) => !['features', 'orders', 'notes', 'laneStations'].includes(part)),
    )
    const { bed } = applyEdit(testBed(), { kind: 'replace', bed: former as never })
    expect(bed).toEqual(testBed())
  })

  it('says what is wrong with an order, a mix, a station or a second thing of one id', () => {
    const faultOf = (change: object) => {
      const parsed = bedSchema.safeParse({ ...testBed(), ...change })
      return parsed.success ? '' : parsed.error.issues.map((i) => i.message).join(' ')
    }
    const order = { id: 'o', kind: 'steps', driftIds: ['x'], atM: 0, stepM: 0, about: '' }
    expect(faultOf({ orders: [order] })).toContain('a drift the bed does not have')
    expect(faultOf({ laneStations: [{ atM: 1, shares: [1] }] })).toContain('as many lanes')
    const stone = {
      id: 's',
      kind: 'boulder',
      x: 1,
      y: 1,
      lengthM: 1,
      widthM: 1,
      heightM: 1,
      turnDeg: 0,
      colour: '#888888',
      line: [],
    }
    expect(faultOf({ features: [stone, stone] })).toContain('same id')
    expect(faultOf({ features: [{ ...stone, colour: 'grey' }] })).toContain('#a4573f')
    const mix = (share: number) => ({
      how: 'turns',
      others: [
        { plantId: 'a', share },
        { plantId: 'b', share },
      ],
    })
    const drift = { id: 'd', plantId: 'c', lane: 0, count: 3, pattern: 'row', at: 1, everyM: 1 }
    expect(faultOf({ drifts: [{ ...drift, mix: mix(0.5) }] })).toContain('leave nothing')
    expect(faultOf({ drifts: [{ ...drift, mix: mix(0.3) }] })).toBe('')
  })
})
