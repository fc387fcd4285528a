import { describe, expect, it } from 'vitest'
import { figures } from '../../tests/support/figures'
import { ofScenes } from '../../tests/support/goldenBeds'
import { library, plants } from '../../tests/support/library'
import { TRAIT } from '../brief'
import { hoursAYear, minutesAYear } from '../care'
import { bedCosts } from './bedCosts'
import { keyLetters } from './keyLetters'
import { schedule } from './schedule'

describe('golden counts, costs and work', () => {
  it('of every bed', () =>
    expect(
      ofScenes(({ bed, frame, byPlant }) => {
        const list = schedule(bed, library)
        const hours = hoursAYear(
          [...byPlant].map(([plant, p]) => ({ plant, count: p.length })),
          frame.areaM2,
        )
        return `${figures(list)} ${JSON.stringify(bedCosts(bed, library))} ${hours.toFixed(3)}`
      }),
    ).toMatchSnapshot())
  it('of every plant', () => {
    expect(figures(plants.map(minutesAYear))).toMatchSnapshot()
    expect([...keyLetters(plants.slice(0, 60))].map(([id, letter]) => `${letter} ${id}`)).toMatchSnapshot()
    expect(
      Object.fromEntries(
        Object.entries(TRAIT).map(([trait, { has }]) => [
          trait,
          `${plants.filter(has).length} ${figures(plants.filter(has).map((p) => p.id))}`,
        ]),
      ),
    ).toMatchSnapshot()
  })
})
