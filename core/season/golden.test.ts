import { describe, expect, it } from 'vitest'
import { figures } from '../../tests/support/figures'
import { ofScenes } from '../../tests/support/goldenBeds'
import { bodiesAt } from '../layout'
import { monthColours } from './monthColours'
import { monthInterest } from './monthInterest'

describe('golden months', () => {
  it('of every bed', () =>
    expect(
      ofScenes((scene) => {
        const colours = [2, 5, 8, 11].map((month) =>
          monthColours(bodiesAt(scene.own, { month, year: 3 }, scene.climate), 4),
        )
        return `${monthInterest(scene)
          .map((m) => `${Math.round(m.bloom * 1000)}/${Math.round(m.leaf * 1000)}`)
          .join(' ')} ${figures(colours)}`
      }),
    ).toMatchSnapshot())
})
