import { describe, expect, it } from 'vitest'
import { bandAbout, cornersOf, lineLength, placeAlong, square } from './lines'
import { polygonArea } from './polygon'
import { toMm } from './point'

const bend = [
  { x: 0, y: 0 },
  { x: 3, y: 0 },
  { x: 3, y: 4 },
]

describe('open lines', () => {
  it('have their length, and places along it', () => {
    expect(lineLength(bend)).toBe(7)
    expect(lineLength([bend[0]!])).toBe(0)
    expect(placeAlong(bend, 1)).toEqual({ x: 1, y: 0 })
    expect(placeAlong(bend, 5)).toEqual({ x: 3, y: 2 })
    expect(placeAlong(bend, -1)).toEqual({ x: 0, y: 0 })
    expect(placeAlong(bend, 99)).toEqual({ x: 3, y: 4 })
    expect(placeAlong([bend[1]!], 2)).toEqual(bend[1])
  })

  it('have a way square to them, and a band about them', () => {
    expect(square({ x: 1, y: 1 }, { x: 5, y: 1 })).toEqual({ x: -0, y: 1 })
    expect(square({ x: 0, y: 0 }, { x: 3, y: 4 })).toEqual({ x: -0.8, y: 0.6 })
    const straight = bandAbout(bend.slice(0, 2), 0.25)
    expect(straight).toEqual([
      { x: 0, y: 0.25 },
      { x: 3, y: 0.25 },
      { x: 3, y: -0.25 },
      { x: 0, y: -0.25 },
    ])
    expect(polygonArea(straight)).toBeCloseTo(1.5, 9)
  })

  it('have corners where they turn by more than a little', () => {
    expect(cornersOf(bend, false)).toEqual([{ x: 3, y: 0 }])
    expect(cornersOf(bend, true)).toEqual(bend)
    const gentle = [
      { x: 0, y: 0 },
      { x: 2, y: 0 },
      { x: 4, y: 1 },
    ]
    expect(cornersOf(gentle, false)).toEqual([])
    // Past straight back, either way round.
    const spike = [
      { x: 0, y: 0 },
      { x: -2, y: 0.1 },
      { x: 0, y: 0.2 },
    ]
    expect(cornersOf(spike, false)).toEqual([spike[1]])
  })

  it('are kept to the millimetre', () => expect([toMm(1.23449), toMm(-0.0016)]).toEqual([1.234, -0.002]))
})
