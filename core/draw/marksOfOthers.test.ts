import { expect, it } from 'vitest'
import { clientPaints } from './clientPaints'
import { herePaints } from './herePaints'
import { isShape, isWords, type Paint } from './path'

const wordsIn = (paints: readonly Paint[]): string[] =>
  paints.flatMap((p) => ('badge' in p ? wordsIn(p.badge) : isWords(p) ? [p.words] : []))

it('a client’s places are flags out of the front edge with their numbers; what is settled is pale', () => {
  const marks = [
    { x: 2, y: 2.4, number: 1, settled: false },
    { x: 9, y: 2.6, number: 2, settled: true },
  ]
  const paints = clientPaints(marks, '#123456', '#ffffff')
  expect(wordsIn(paints)).toEqual(['1', '2'])
  expect(paints.map((p) => 'at' in p && [p.at.x, p.at.y])).toEqual([
    [2, -2.4],
    [9, -2.6],
  ])
  const alphas = paints.map((p) => ('badge' in p && isShape(p.badge[1]!) ? p.badge[1].alpha : null))
  expect(alphas[1]).toBeLessThan(alphas[0]!)
})

it('what others have chosen has a ring about every plant and a name at the first; nothing chosen is nothing drawn', () => {
  const plants = [1, 2, 3].map((x) => ({ x, y: 1, radiusM: 0.2 }))
  const paints = herePaints(
    [
      { name: 'Rowan', plants },
      { name: 'Linden', plants: [] },
    ],
    '#123456',
    '#ffffff',
  )
  expect(paints.filter(isShape)).toHaveLength(3)
  expect(paints.filter(isShape).every((p) => p.dash !== undefined && p.fill === undefined)).toBe(true)
  expect(wordsIn(paints)).toEqual(['Rowan'])
})
