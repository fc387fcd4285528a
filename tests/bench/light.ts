import type { Thing } from '../../core/model'
import { changedLight, lightHours, obstaclesOf, sunAt, type LightInput, type Obstacle } from '../../core/light'
import { finish } from '../../core/finish'
import { EMPTY_SITE, newThing, resolveSite } from '../../core/site'
import { castRays } from '../support/rayCaster'
import { middle, type Report } from './report'

const AT = { latitude: 44.6, longitude: -63.6 }
const RUNS = 3
/** The ray caster is asked every so many cells each way, and its time reckoned up: whole it would take minutes. */
const EVERY = 8

/** 40 × 30 m with thirty obstacles: buildings with roofs, fences and trees. */
function thirty(): Obstacle[] {
  const things: Thing[] = Array.from({ length: 30 }, (_, i) => {
    const at = { x: ((i * 17) % 40) - 1, y: ((i * 11) % 30) - 1 }
    if (i % 5 === 0)
      return {
        ...newThing('building', `b${i}`, at),
        outline: [
          [0, 0],
          [5, 0],
          [5, 3],
          [0, 3],
        ].map(([x, y]) => ({ x: at.x + x!, y: at.y + y! })),
      } as Thing
    return newThing(i % 5 < 3 ? 'tree' : 'fence', `t${i}`, at)
  })
  return obstaclesOf(resolveSite({ ...EMPTY_SITE, things }), AT.latitude)
}

/** The year's light of a small site, against a ray for each cell and step, and after one obstacle moved. */
export function benchLight(report: Report) {
  const input: LightInput = {
    obstacles: thirty(),
    grid: { x0: 0, y0: 0, cellM: 0.25, cols: 160, rows: 120 },
    ...AT,
    northDeg: 20,
  }
  const times: number[] = []
  let light = finish(lightHours(input))
  for (let i = 0; i < RUNS; i++) {
    const began = performance.now()
    light = finish(lightHours(input))
    times.push(performance.now() - began)
  }
  const whole = middle(times)
  report('light-year-40x30-30-obstacles', whole, 'ms', 3000)

  const months = [3, 6, 9, 12]
  const began = performance.now()
  const plain = castRays(input, months, EVERY)
  const plainMs = (performance.now() - began) * EVERY * EVERY * (12 / months.length)
  report('light-plain-ray-caster-reckoned', plainMs, 'ms', 10_000_000)
  report('light-to-ray-caster', whole / plainMs, 'ratio', 0.1)
  let off = 0
  let asked = 0
  months.forEach((month, k) => {
    for (let r = 0; r < input.grid.rows; r += EVERY)
      for (let c = 0; c < input.grid.cols; c += EVERY) {
        const cell = r * input.grid.cols + c
        asked++
        if (Math.abs(plain[k]![cell]! - sunAt(light, month, cell)) > 1 / 6 + 1e-5) off++
      }
  })
  report('light-cells-off-by-more-than-a-step', (100 * off) / asked, '%', 0.5)

  const fence = input.obstacles.findIndex((o) => o.kind === 'faces' && o.id === 't3')
  const now = input.obstacles.map((o, i) =>
    i === fence && o.kind === 'faces'
      ? { ...o, faces: o.faces.map((f) => f.map((p) => ({ ...p, x: p.x + 0.5 }))) }
      : o,
  )
  const from = performance.now()
  const { worked } = finish(changedLight({ ...input, obstacles: now }, input.obstacles, light))
  report('light-one-obstacle-moved', performance.now() - from, 'ms', whole)
  report('light-one-obstacle-cells-worked', worked, 'ratio', 0.5)
}
