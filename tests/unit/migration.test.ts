import { bedSchema } from '../../core/bed'
import { describe, expect, it } from 'vitest'
import { place } from '../../core/layout'
import { library } from '../support/library'

import before from '../support/demo-before.json' with { type: 'json' }

/** The demo's beds as they were stored before shapes, things, orders and notes, with the places their plants had then, millimetres. */
const beds = before as unknown as { id: string; bed: unknown; places: [string, number, number][] }[]

describe('a bed of an earlier version', () => {
  it.each(beds)('$id opens with nothing new in it and every plant where it stood', ({ bed: stored, places }) => {
    const bed = bedSchema.parse(stored)
    expect([bed.features, bed.orders, bed.notes, bed.laneStations]).toEqual([[], [], [], []])
    const now = place(bed, library).plants.map((p) => [p.id, Math.round(p.x * 1000), Math.round(p.y * 1000)])
    expect(now).toEqual(places)
  })
})
