import { describe, expect, it } from 'vitest'
import { critique } from '../../core/judge'
import { applyEdit } from '../../core/edit'
import { tryMends } from '../../core/mend'
import { makeScene } from '../../core/scene'
import { library } from '../support/library'
import { bedOfSound, FAULTS, sceneOfSound, shuffled, SOUND_BEDS, SPOILERS, type Planted } from '../practice'

const sound = SOUND_BEDS.map((bed) => {
  const scene = sceneOfSound(bed, library)
  return { bed, scene, before: new Set(critique(scene).findings.map((f) => f.id)) }
})
const isNamed = ({ scene, culprits }: Planted, plants: readonly string[]) =>
  culprits.length === 0 || plants.some((id) => culprits.includes(scene.byId.get(id)?.plant.id ?? ''))

describe('sound beds', () => {
  it('read, with every plant in the library, in many climates, schools and kinds', () => {
    for (const { bed, scene } of sound) {
      expect(scene.placement.plants.length, bed.id).toBeGreaterThan(8)
      for (const d of scene.bed.drifts) expect(library.has(d.plantId), `${bed.id} ${d.plantId}`).toBe(true)
      for (const d of scene.bed.drifts) expect(d.at).toBeLessThanOrEqual(scene.frame.frontLength)
    }
    expect(new Set(SOUND_BEDS.map((b) => b.school)).size).toBeGreaterThanOrEqual(6)
    expect(new Set(SOUND_BEDS.map((b) => b.zone)).size).toBeGreaterThanOrEqual(5)
    expect(new Set(SOUND_BEDS.map((b) => b.kind)).size).toBe(8)
    expect(SOUND_BEDS.length).toBeGreaterThanOrEqual(24)
    expect(() => bedOfSound({ ...SOUND_BEDS[0]!, lanes: ['somewhere nepeta'] }, library)).toThrow('is no group')
  })
})

describe('the second look at sound beds', () => {
  it('is silent', () => {
    const alarms = sound.filter((s) => s.before.size > 0).map((s) => `${s.bed.id}: ${[...s.before].join(', ')}`)
    expect(alarms.length / sound.length, alarms.join('; ')).toBeLessThanOrEqual(0.05)
  })
})

describe('planted faults', () => {
  // A fifth of all cases, another for every bed; the bench tries them all.
  const cases = sound.flatMap((own, i) =>
    FAULTS.flatMap((fault, k) => {
      const planted = (i + k) % 5 === 0 ? fault.plant(own.scene, 11) : null
      return planted ? [{ ...own, fault, planted }] : []
    }),
  )
  const judged = cases.map((c) => ({ ...c, after: critique(c.planted.scene) }))
  const hitOf = ({ fault, after, before, planted }: (typeof judged)[number]) =>
    after.findings.find((f) => fault.rules.includes(f.rule) && !before.has(f.id) && isNamed(planted, f.plants))

  it('are of a hundred kinds, found, and name the culprit', () => {
    expect(FAULTS.length).toBeGreaterThanOrEqual(80)
    expect(new Set(FAULTS.map((f) => f.id)).size).toBe(FAULTS.length)
    expect(cases.length).toBeGreaterThan(300)
    const missed = judged.filter((c) => !hitOf(c)).map((c) => `${c.fault.id} in ${c.bed.id}`)
    expect(missed.length / cases.length, missed.join('; ')).toBeLessThanOrEqual(0.05)
  })
  it('are mended by what is offered, or told why only the designer can decide', () => {
    let [tried, mended] = [0, 0]
    for (const [i, c] of judged.entries()) {
      const hit = i % 6 === 0 ? hitOf(c) : undefined
      if (!hit) continue
      const { mends, why } = tryMends(c.after, hit)
      tried++
      if (mends.length > 0) mended++
      expect(mends.length > 0 || (why ?? '').length > 20, c.fault.id).toBe(true)
      for (const mend of mends) {
        const { bed } = applyEdit(c.planted.scene.bed, mend.edit)
        const left = critique(makeScene({ ...c.planted.scene.input, bed })).findings
        expect(
          left.some((f) => f.id === hit.id),
          `${c.fault.id} in ${c.bed.id}: ${mend.label}`,
        ).toBe(false)
      }
    }
    expect(mended / tried).toBeGreaterThanOrEqual(0.75)
  })
  it('are the same by the same seed', () => {
    const { scene } = sound[0]!
    for (const fault of FAULTS) expect(fault.plant(scene, 5)?.scene.bed).toEqual(fault.plant(scene, 5)?.scene.bed)
  })
})

describe('shuffles and spoilers', () => {
  it('leave each lane its plants and places, and spoil what they say', () => {
    for (const { scene } of sound) {
      const bed = shuffled(scene.bed, 3)
      const lanes = (drifts: typeof bed.drifts) => drifts.map((d) => `${d.lane} ${d.plantId} ${d.count}`).sort()
      expect(lanes(bed.drifts)).toEqual(lanes(scene.bed.drifts))
      for (const lane of [0, 1, 2]) {
        const places = (drifts: typeof bed.drifts) =>
          drifts
            .filter((d) => d.lane === lane)
            .map((d) => d.at)
            .sort()
        expect(places(bed.drifts)).toEqual(places(scene.bed.drifts))
      }
      for (const s of SPOILERS) {
        const spoiled = s.spoil(scene, 7)
        if (spoiled) expect(spoiled.drifts, s.id).not.toEqual(scene.bed.drifts)
      }
    }
  })
})
