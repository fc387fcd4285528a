import { turnsOf } from './turnsOf'
import { describe, expect, it } from 'vitest'
import { critique } from '../judge'
import { makeScene, type Scene } from '../scene'
import { sceneOfSound, shuffled, SOUND_BEDS, SPOILERS, type SoundBed } from '../../tests/practice'
import { climate, demoBed, drift, library, testBed } from '../../tests/support/library'
import { MARKS, marksOf, totalOf, type MarkId } from '.'

const judged = (scene: Scene) => marksOf(scene, critique(scene).findings)
const total = (scene: Scene) => totalOf(judged(scene))
const value = (scene: Scene, id: MarkId) => judged(scene).find((m) => m.id === id)!.value
const sceneOf = (bed: Scene['bed']) => makeScene({ bed, library, climate, hardinessZone: '6b' })
const placesOf = ({ bed }: Scene) => bed.drifts.map((d) => `${d.plantId} ${d.at}`).sort()
const isAnother = (scene: Scene, bed: Scene['bed']) =>
  placesOf(scene).join() !==
  bed.drifts
    .map((d) => `${d.plantId} ${d.at}`)
    .sort()
    .join()

describe('marks', () => {
  it('of one scene go by the findings that are given, not by those given first', () => {
    const scene = sceneOf(demoBed('reading-room-front'))
    const findings = critique(scene).findings
    const health = (of: typeof findings) => marksOf(scene, of).find((m) => m.id === 'health')!.value
    const [without, with_] = [health([]), health(findings)]
    expect(with_).toBeLessThan(without)
    expect(health([])).toBe(without)
  })
  it('are fourteen, each between 0 and 100 with its figures, the same each time; none for an empty bed', () => {
    for (const sound of SOUND_BEDS) {
      const marks = judged(sceneOfSound(sound, library))
      const ofPots = ['contrast', 'mass', 'colour', 'seasons', 'rest', 'health']
      expect(marks.map((m) => m.id)).toEqual(sound.kind === 'container' ? ofPots : [...MARKS])
      for (const m of marks) {
        expect(m.value, `${sound.id} ${m.id}`).toBeGreaterThanOrEqual(0)
        expect(m.value, `${sound.id} ${m.id}`).toBeLessThanOrEqual(100)
        expect(m.figures.length).toBeGreaterThan(0)
        if (m.worst) expect(m.worst.from).toBeLessThan(m.worst.to)
      }
      expect(judged(sceneOfSound(sound, library))).toEqual(marks)
    }
    expect(judged(sceneOf(testBed()))).toEqual([])
    expect(totalOf([])).toBe(0)
  })
  it('give no bed with an empty lane, no anchor and bare soil much for layers, bones or time', () => {
    const bed = testBed({
      drifts: [drift('a', 'nepeta-x-faassenii', 2, 2, 4), drift('b', 'alchemilla-mollis', 2, 7, 4)],
    })
    for (const id of ['layers', 'bones'] as const) expect(value(sceneOf(bed), id), id).toBeLessThan(40)
    expect(total(sceneOf(bed))).toBeLessThan(60)
  })
  it('do not change when a bed is mirrored', () => {
    // Round a middle a mirrored bed is another: tried for those that run between two ends.
    for (const sound of SOUND_BEDS) {
      const scene = sceneOfSound(sound, library)
      if (scene.frame.closed || scene.placement.plants.some((p) => p.crowded)) continue
      const drifts = scene.bed.drifts.map((d) => ({ ...d, at: scene.frame.frontLength - d.at }))
      const mirrored = judged(sceneOfSound(sound, library, { ...scene.bed, drifts }))
      // A finding that stands on its threshold may come or go with the cells that plants fall on; health counts it.
      judged(scene).forEach((m, i) => {
        const most = m.id === 'health' ? 12 : 1
        expect(Math.abs(m.value - mirrored[i]!.value), `${sound.id} ${m.id}`).toBeLessThanOrEqual(most)
      })
    }
  })
  it('hardly change when a drift is moved by a hand’s width', () => {
    for (const sound of SOUND_BEDS.slice(0, 12)) {
      const scene = sceneOfSound(sound, library)
      if (scene.frame.closed) continue
      const was = judged(scene)
      for (const drift of scene.bed.drifts.slice(0, 3)) {
        const drifts = scene.bed.drifts.map((d) => (d === drift ? { ...d, at: d.at + 0.08 } : d))
        judged(sceneOfSound(sound, library, { ...scene.bed, drifts })).forEach((m, i) => {
          if (m.id !== 'health') expect(Math.abs(m.value - was[i]!.value), `${sound.id} ${m.id}`).toBeLessThan(3)
        })
      }
    }
  })
  it('a ripple about the mean is no wave, a whole swing is', () => {
    expect(turnsOf([1, 1.01, 0.99, 1.01, 0.99], 1)).toBe(0)
    expect(turnsOf([1.4, 0.6, 1.4, 0.6], 1)).toBe(3)
    expect(turnsOf([], 0)).toBe(0)
  })
  it('are the same from the demo wherever the year turns over', () => {
    const front = demoBed('reading-room-front')
    const north = makeScene({ bed: front, library, climate, hardinessZone: '6b' })
    const south = makeScene({ bed: front, library, climate: { ...climate, southern: true }, hardinessZone: '6b' })
    for (const id of ['scale', 'layers', 'skyline', 'mass', 'rest'] as const)
      expect(Math.abs(value(north, id) - value(south, id)), id).toBeLessThan(1)
  })

  const tries = SOUND_BEDS.map((sound) => ({ sound, scene: sceneOfSound(sound, library) }))
  const gains = (make: (t: { sound: SoundBed; scene: Scene }) => (Scene['bed'] | null)[]) =>
    tries.flatMap((t) => {
      const sound = total(t.scene)
      return make(t).flatMap((bed) =>
        bed && isAnother(t.scene, bed) ? [sound - total(sceneOfSound(t.sound, library, bed))] : [],
      )
    })
  const share = (list: readonly number[], least: number) => list.filter((g) => g > least).length / list.length

  it('set the sound beds above themselves shuffled within their lanes', () => {
    const list = gains(({ scene }) => [1, 2, 3].map((seed) => shuffled(scene.bed, seed * 31)))
    expect(list.length).toBeGreaterThan(25)
    expect(share(list, 0)).toBeGreaterThanOrEqual(0.95)
  })
  it('set the sound beds above themselves spoiled in ways a designer sees in seconds', () => {
    const list = gains(({ scene }) => SPOILERS.map((s) => s.spoil(scene, 7)))
    expect(list.length).toBeGreaterThan(140)
    expect(share(list, 0)).toBeGreaterThanOrEqual(0.95)
    expect(share(list, 5)).toBeGreaterThanOrEqual(0.8)
  })
})
