import { describe, expect, it } from 'vitest'
import { plainGround, rectangle } from '../bed'
import { applyEdit } from '../edit'
import { critique } from '../judge'
import { fullHeightM, misfits } from '../plant'
import { makeScene, type SceneInput } from '../scene'
import { climate, library, testBed } from '../../tests/support/library'
import { placeBeside } from './lanePlaces'
import { type PlaceAsk, suggestions } from './suggest'

const WALL = { heightM: 3.2, material: 'render', colour: '#8a5a45', openings: [] } as const
const empty = testBed({ outline: rectangle(12, 3), wall: WALL })
const judged = (bed = empty, input: Partial<SceneInput> = {}) =>
  critique(makeScene({ bed, library, climate, hardinessZone: '6b', ...input }))
const ask = (change: Partial<PlaceAsk> = {}): PlaceAsk => ({
  atM: 6,
  lane: 0,
  size: 3,
  month: 7,
  bias: 0.5,
  ...change,
})

describe('suggestions for a place', () => {
  it('fill the lanes they belong to: the back lane before a high wall gets what is tall, the front what is low', () => {
    for (const { plants, drifts, total } of suggestions(judged(), ask())) {
      const inLane = (lane: number) => fullHeightM(plants[drifts.findIndex((d) => d.lane === lane)]!)
      expect(inLane(0)).toBeGreaterThanOrEqual(1)
      expect(inLane(1)).toBeLessThan(inLane(0))
      expect(inLane(2)).toBeLessThan(inLane(1))
      expect(drifts.every((d) => d.count >= 1 && d.count <= 11)).toBe(true)
      expect(total).toBeGreaterThan(0)
    }
  })
  it('differ: no two share two kinds, and all live at the place', () => {
    const judgedHere = judged()
    const list = suggestions(judgedHere, ask({ size: 5 }))
    expect(list.length).toBeGreaterThanOrEqual(3)
    for (const [i, a] of list.entries()) {
      for (const b of list.slice(i + 1)) expect(a.plants.filter((p) => b.plants.includes(p)).length).toBeLessThan(2)
      for (const p of a.plants) expect(misfits(p, judgedHere.scene.site)).toEqual([])
    }
    expect(list.map((s) => s.total)).toEqual([...list.map((s) => s.total)].sort((a, b) => b - a))
  })
  it('set one after another make a bed of three lanes, each gaining on the one before', () => {
    let bed = empty
    let before = 0
    for (const atM of [2, 5, 8, 10.5]) {
      const [best] = suggestions(judged(bed), ask({ atM }))
      expect(best!.total - best!.gain).toBeCloseTo(before, 6)
      expect(best!.gain).toBeGreaterThan(0)
      before = best!.total
      bed = applyEdit(bed, best!.edit).bed
    }
    expect(new Set(bed.drifts.map((d) => d.lane))).toEqual(new Set([0, 1, 2]))
    const { scene } = judged(bed)
    expect(scene.placement.plants.filter((p) => p.crowded).length).toBeLessThan(scene.placement.plants.length * 0.1)
    expect(before).toBeGreaterThan(45)
  })
  it('keep to the brief and to the ground', () => {
    const dry = testBed({
      ...empty,
      ground: { ...plainGround, sunHours: 8, sunByHand: true, water: 'dry', soil: 'sand', ph: 7 },
    })
    const never = [{ trait: 'poison', weight: 'never', beds: [] }] as const
    const free = suggestions(judged(dry), ask())
    const kept = suggestions(judged(dry, { requirements: never }), ask())
    for (const p of [...free, ...kept].flatMap((s) => s.plants)) expect(p.water.driest).toBe('dry')
    for (const p of kept.flatMap((s) => s.plants)) expect(['none', 'mild']).toContain(p.toxicity.people)
  })
  it('beside a plant are other kinds that stand near it, in the roomiest place there is', () => {
    const lone = applyEdit(empty, {
      kind: 'addDrift',
      drift: { id: 'p', plantId: 'paeonia-lactiflora', lane: 1, at: 3, count: 3, pattern: 'mass', everyM: 1 },
    }).bed
    const here = judged(lone)
    const place = placeBeside(here.scene, 'p')!
    expect(Math.abs(place.atM - 3)).toBeLessThan(3)
    const list = suggestions(here, ask({ ...place, size: 2, beside: 'paeonia-lactiflora' }))
    expect(list.length).toBeGreaterThan(0)
    for (const s of list) {
      expect(s.plants.some((p) => p.id === 'paeonia-lactiflora')).toBe(false)
      for (const d of s.drifts) expect(Math.abs(d.at - 3)).toBeLessThan(5)
    }
    expect(placeBeside(here.scene, 'nothing')).toBeNull()
  })
  it('keep to the lane that was asked for where the others are full', () => {
    const [best] = suggestions(judged(), ask())
    const full = applyEdit(empty, best!.edit).bed
    for (const s of suggestions(judged(full), ask({ lane: 2 })))
      expect(new Set(s.drifts.map((d) => d.lane))).toEqual(new Set([2]))
  })
})
