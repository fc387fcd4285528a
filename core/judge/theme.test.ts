import { describe, expect, it } from 'vitest'
import type { Bed } from '../model'
import { deltaE, isGreen, saturation, type Theme } from '../colour'
import { applyEdit } from '../edit'
import { critique } from './critique'
import { makeScene } from '../scene'
import { shownColours } from './rules/theme'
import { climate, demoBed, drift, library, plant, testBed } from '../../tests/support/library'

const violet: Theme = { harmony: 'one-colour', base: '#efeae0', colours: [{ colour: '#6c63bd', months: [] }] }
const sceneOf = (bed: Bed, theme: Theme | null = violet) =>
  makeScene({ bed, library, climate, hardinessZone: '6b', theme })
const found = (bed: Bed, theme: Theme | null = violet) =>
  critique(sceneOf(bed, theme)).findings.filter((f) => f.rule === 'theme')
const bedOf = (...plants: string[]) =>
  testBed({ drifts: plants.map((id, i) => drift(`d${i}`, id, 1, 2 + i * 2.6, 4)) })
const YELLOW = 'coreopsis-verticillata'
const SAGE = 'salvia-nemorosa-ostfriesland'

describe('the colours that a bed shows', () => {
  const scene = sceneOf(demoBed('reading-room-front'))
  const shown = shownColours(scene)
  it('make shares that never pass the whole in any month', () => {
    for (let month = 1; month <= 12; month++) {
      const shares = shown.filter((s) => s.month === month).map((s) => s.share)
      for (const s of shares) expect(s).toBeGreaterThan(0)
      expect(shares.reduce((a, b) => a + b, 0)).toBeLessThanOrEqual(1.0001)
    }
  })
  it('hold a flower only in months near those it flowers in', () => {
    for (const s of shown.filter((x) => x.flower)) {
      const near = s.plant.flowerMonths.some(
        (m) => Math.min(Math.abs(m - s.month), 12 - Math.abs(m - s.month)) <= 1,
      )
      expect(near, `${s.plant.id} in ${s.month}`).toBe(true)
    }
  })
})

describe('the theme', () => {
  it('without one, and in an empty bed, nothing is astray', () => {
    expect(found(bedOf(YELLOW), null)).toEqual([])
    expect(found(testBed())).toEqual([])
  })
  it('names what is outside it, with the distance that it measured, and lets the rest be', () => {
    const list = found(bedOf(YELLOW, SAGE))
    const astray = list.find((f) => f.id === `theme:${YELLOW}`)!
    const flower = plant(YELLOW).flowerColour!
    // Not to the backdrop's own colour, which excuses no flower.
    const distance = deltaE(flower, violet.colours[0]!.colour)
    expect(astray.figures[0]!.value).toBeCloseTo(distance, 6)
    expect(astray.plants).toHaveLength(4)
    expect(list.some((f) => f.id === `theme:${SAGE}`)).toBe(false)
  })
  it('is content once the colour is added, in every month or in those of the flower', () => {
    for (const months of [[], [...plant(YELLOW).flowerMonths, 5, 10]]) {
      const wider: Theme = {
        ...violet,
        colours: [...violet.colours, { colour: plant(YELLOW).flowerColour!, months }],
      }
      expect(found(bedOf(YELLOW, SAGE), wider).some((f) => f.id === `theme:${YELLOW}`)).toBe(false)
    }
  })
  it('says when a colour is wanted, but not then', () => {
    const spring: Theme = { ...violet, colours: [{ colour: plant(YELLOW).flowerColour!, months: [3] }] }
    expect(found(bedOf(YELLOW), spring)[0]!.reason).toContain('the theme has no colour then')
  })
  it('offers plants whose colours belong, and taking one ends the finding', () => {
    const bed = bedOf(YELLOW, SAGE)
    const astray = found(bed).find((f) => f.id === `theme:${YELLOW}`)!
    expect(astray.mends.length).toBeGreaterThan(0)
    for (const mend of astray.mends) {
      const after = applyEdit(bed, mend.edit).bed
      const swapped = library.get(after.drifts[0]!.plantId)!
      expect(swapped.id).not.toBe(YELLOW)
      if (swapped.flowerColour && !isGreen(swapped.flowerColour) && saturation(swapped.flowerColour) >= 0.05)
        expect(deltaE(swapped.flowerColour, violet.colours[0]!.colour)).toBeLessThanOrEqual(13)
      expect(found(after).some((f) => f.id === `theme:${YELLOW}`)).toBe(false)
    }
  })
  it('asks nothing of schools that leave colour free', () => {
    expect(found({ ...bedOf(YELLOW, SAGE), school: 'close-knit' }).filter((f) => f.id !== 'theme:much')).toEqual([])
  })
  it('tells what takes over', () => {
    expect(found(bedOf(SAGE, SAGE, SAGE)).some((f) => f.id === 'theme:much')).toBe(true)
    expect(found({ ...bedOf(SAGE, SAGE, SAGE), school: 'single-colour' }).some((f) => f.id === 'theme:much')).toBe(
      false,
    )
  })
})
