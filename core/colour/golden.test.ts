import { describe, expect, it } from 'vitest'
import { figures } from '../../tests/support/figures'
import { plants } from '../../tests/support/library'
import { deltaE, lighten, lightness, mix, saturation } from './colour'
import { colourWords, isGreen } from './colourWords'
import { HARMONIES, MATERIAL_COLOURS, nearestOf, proposeTheme } from './theme'
import { seenAs, VISIONS } from './vision'

const hex = (n: number) => Math.round(n).toString(16).padStart(2, '0')
const cube: string[] = []
for (let r = 0; r <= 255; r += 42.5)
  for (let g = 0; g <= 255; g += 42.5)
    for (let b = 0; b <= 255; b += 42.5) cube.push(`#${hex(r)}${hex(g)}${hex(b)}`)

describe('golden colours', () => {
  it('in words, all round the cube', () => {
    const words = new Map<string, string[]>()
    for (const c of cube) words.set(colourWords(c), [...(words.get(colourWords(c)) ?? []), c])
    expect(
      Object.fromEntries([...words].sort().map(([w, list]) => [w, `${list.length} ${list[0]} ${figures(list)}`])),
    ).toMatchSnapshot()
    expect(figures(cube.map(isGreen))).toMatchSnapshot()
  })
  it('mixed, lightened, measured and seen otherwise', () => {
    const some = cube.filter((_, i) => i % 11 === 0)
    expect(
      figures(
        some.map((a, i) => [
          deltaE(a, some[0]!),
          mix(a, some[(i * 3) % some.length]!, 0.3),
          lighten(a, 0.1),
          lighten(a, -0.2),
          lightness(a),
          saturation(a),
        ]),
      ),
    ).toMatchSnapshot()
    expect(VISIONS.map((v) => figures(cube.map((c) => seenAs(c, v))))).toMatchSnapshot()
  })
  it('themes of every harmony', () => {
    const flowers = plants.flatMap((p) => p.flowerColour ?? []).slice(0, 60)
    expect(
      MATERIAL_COLOURS.slice(0, 5).map(({ name, colour }) => [
        name,
        ...HARMONIES.map((h) => {
          const theme = proposeTheme(colour, h)
          return (
            `${h} ${theme.colours.map((t) => t.colour).join(' ')} ${figures(theme)} ` +
            `${figures(flowers.map((f) => [nearestOf(theme, f, 6), nearestOf(theme, f, 11)]))}`
          )
        }),
      ]),
    ).toMatchSnapshot()
  })
})
