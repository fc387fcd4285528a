import { describe, expect, it } from 'vitest'
import type { Brief } from '../model'
import { figures } from '../../tests/support/figures'
import { ofScenes, scenes } from '../../tests/support/goldenBeds'
import { EMPTY_BRIEF } from '../brief'
import { briefChecks } from './briefChecks'
import { soilCover } from './cover'
import { critique } from './critique'
import { RULES } from './finding'
import { shallowest } from './rules/shallow'
import { shownColours } from './rules/theme'

const judged = new Map([...scenes].map(([seed, scene]) => [seed, critique(scene).findings]))

/** Figures taken when they were looked at: any that changes must be meant, and is renewed by `vitest -u`. */
describe('golden findings of made-up beds', () => {
  it('by rule', () =>
    expect(
      ofScenes((_scene, seed) => {
        const findings = judged.get(seed)!.map((f) => ({ ...f, mends: f.mends }))
        const rules = RULES.filter((rule) => findings.some((f) => f.rule === rule))
        return rules.map((rule) => `${rule} ${figures(findings.filter((f) => f.rule === rule))}`).join(', ')
      }),
    ).toMatchSnapshot())
  it('have every rule among them', () =>
    expect(
      RULES.filter((rule) => ![...judged.values()].some((list) => list.some((f) => f.rule === rule))),
      'tried on beds of their own: composition.test',
    ).toEqual(['harm', 'stays']))
  it('in words, of one bed a kind', () =>
    expect(
      [...judged].slice(0, 9).map(([seed, list]) => ({ seed, said: list.map((f) => `${f.title}. ${f.reason}`) })),
    ).toMatchSnapshot())
  it('cover, depth and colours', () =>
    expect(
      ofScenes((scene) => {
        const cut = shallowest(scene)
        const depth = cut ? `${cut.need.toFixed(3)} of ${cut.have.toFixed(3)}` : 'none'
        return `${soilCover(scene).toFixed(4)} ${depth} ${figures(shownColours(scene))}`
      }),
    ).toMatchSnapshot())
})

const brief: Brief = {
  ...EMPTY_BRIEF,
  hoursAYear: 20,
  budget: 900,
  phases: 2,
  months: [2, 6, 10],
  likes: ['sage', 'fern'],
  hates: ['rose', 'grass'],
  stays: 'the seat',
}

describe('golden margins of the brief', () => {
  it('for every bed', () =>
    expect(
      ofScenes((scene) =>
        figures(
          briefChecks({ ...brief, requirements: scene.requirements, theme: scene.theme }, scene, 'golden', [
            scene.bed,
          ]),
        ),
      ),
    ).toMatchSnapshot())
})
