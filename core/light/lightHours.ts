import type { PlaceMonth } from '../time'
import type { Point } from '../geometry'
import { aboveLevel, shadowOfCrown, shadowOfFace, slantOf, type Slant } from './shadow'
import type { CrownObstacle, Obstacle } from './obstacle'
import type { Corner } from './roofFaces'
import { shadedBy } from './shadedBy'
import { sunSteps } from './sun'
import type { GridWindow, LightGrid } from './lightGrid'

/**
 * Hours of sun of one day, a figure a cell, row by row: direct before and after solar noon, direct later than two
 * hours after it, in dappled shade, and what of that gets through.
 */
export interface MonthLight {
  readonly morning: Float32Array
  readonly afternoon: Float32Array
  readonly late: Float32Array
  readonly dappled: Float32Array
  readonly through: Float32Array
}
/** The 21st of each month; `dayHours` is the length of each of these days. */
export interface LightHours {
  readonly grid: LightGrid
  readonly months: readonly MonthLight[]
  readonly dayHours: readonly number[]
}

export interface LightInput {
  readonly obstacles: readonly Obstacle[]
  readonly grid: LightGrid
  readonly latitude: number
  readonly longitude: number
  /** Azimuth of the plan's y axis. */
  readonly northDeg: number
  /** Height of the ground in a cell, metres; 0 everywhere when left out. */
  readonly levels?: Float32Array
  readonly stepMinutes?: number
}

const LATE_H = 2

/**
 * Direct sun on a raster in equal steps of the day, for twelve months; yields the share done after each month.
 * A cell is in shade when the line from its middle to the sun meets a face or a crown.
 * Source: docs/grounds/calculations, Light. Shadows are filled row by row, which is the same test for all cells of a row at once.
 */
export function* lightHours(input: LightInput): Generator<number, LightHours> {
  const { grid } = input
  const cells = grid.cols * grid.rows
  const window = { c0: 0, c1: grid.cols, r0: 0, r1: grid.rows }
  const months: MonthLight[] = []
  const dayHours: number[] = []
  const levels = input.levels ? [...new Set(input.levels)] : [0]
  const light = new Float32Array(cells)
  for (let month = 1; month <= 12; month++) {
    const result = emptyMonth(cells)
    const steps = sunSteps(month, input.latitude, input.longitude, input.stepMinutes)
    for (const level of levels) {
      const drawn = drawnObstacles(input.obstacles, level)
      for (const step of steps) {
        shade(light, grid, window, drawn, slantOf(step, input.northDeg), level, month)
        gather(result, light, grid, window, step, 1, input.levels, level)
      }
    }
    months.push(result)
    dayHours.push(steps.reduce((sum, s) => sum + s.hours, 0))
    yield month / 12
  }
  return { grid, months, dayHours }
}

/** What a change asked for: the light afterwards, and the share of cells and steps that were worked out again. */
interface ChangedLight {
  readonly hours: LightHours
  readonly worked: number
}

/**
 * The light after obstacles changed, from the light before: at each step only the cells that a changed obstacle shades or shaded are worked
 * out, once as they were and once as they are. Grid, place and levels must be the same. Yields the share done.
 */
export function* changedLight(
  input: LightInput,
  was: readonly Obstacle[],
  before: LightHours,
): Generator<number, ChangedLight> {
  const { grid } = input
  const cells = grid.cols * grid.rows
  const changed = [...differing(was, input.obstacles), ...differing(input.obstacles, was)]
  const levels = input.levels ? [...new Set(input.levels)] : [0]
  const months: MonthLight[] = []
  const light = new Float32Array(cells)
  let worked = 0
  let all = 0
  for (let month = 1; month <= 12; month++) {
    const result = emptyMonth(cells, before.months[month - 1])
    for (const level of levels) {
      const [then, now] = [drawnObstacles(was, level), drawnObstacles(input.obstacles, level)]
      for (const step of sunSteps(month, input.latitude, input.longitude, input.stepMinutes)) {
        all += cells
        const slant = slantOf(step, input.northDeg)
        const window = shadedBy(changed, slant, level, grid)
        if (!window) continue
        worked += (window.c1 - window.c0) * (window.r1 - window.r0)
        for (const [drawn, sign] of [
          [then, -1],
          [now, 1],
        ] as const) {
          shade(light, grid, window, drawn, slant, level, month)
          gather(result, light, grid, window, step, sign, input.levels, level)
        }
      }
    }
    months.push(result)
    yield month / 12
  }
  return { hours: { grid, months, dayHours: before.dayHours }, worked: worked / all }
}

/** Obstacles of one list that are not in the other as they are. */
function differing(list: readonly Obstacle[], other: readonly Obstacle[]): Obstacle[] {
  const texts = new Map(other.map((o) => [o.id, JSON.stringify(o)]))
  return list.filter((o) => texts.get(o.id) !== JSON.stringify(o))
}

/** The sun a cell has in a month, hours: direct, and what comes through crowns. */
export const sunAt = (light: LightHours, month: PlaceMonth, cell: number): number => {
  const m = light.months[month - 1]!
  return m.morning[cell]! + m.afternoon[cell]! + m.through[cell]!
}

interface Drawn {
  readonly faces: { readonly corners: readonly Corner[]; readonly pass: number }[]
  readonly crowns: readonly CrownObstacle[]
}

function drawnObstacles(obstacles: readonly Obstacle[], level: number): Drawn {
  const crowns = obstacles.filter((o): o is CrownObstacle => o.kind === 'crown')
  const faces = obstacles.flatMap((o) =>
    o.kind === 'faces'
      ? o.faces.flatMap((f) => {
          const corners = aboveLevel(f, level)
          return corners ? [{ corners, pass: o.pass }] : []
        })
      : [],
  )
  // What lets light pass comes first: what stops it all is filled over it.
  return { faces: faces.sort((a, b) => b.pass - a.pass), crowns }
}

function emptyMonth(cells: number, before?: MonthLight): MonthLight {
  const make = (from?: Float32Array) => from?.slice() ?? new Float32Array(cells)
  return {
    morning: make(before?.morning),
    afternoon: make(before?.afternoon),
    late: make(before?.late),
    dappled: make(before?.dappled),
    through: make(before?.through),
  }
}

function shade(
  light: Float32Array,
  grid: LightGrid,
  w: GridWindow,
  { faces, crowns }: Drawn,
  slant: Slant,
  level: number,
  month: PlaceMonth,
) {
  for (let r = w.r0; r < w.r1; r++) light.fill(1, r * grid.cols + w.c0, r * grid.cols + w.c1)
  for (const crown of crowns)
    fillEllipse(light, grid, w, shadowOfCrown(crown, slant, level), crown.passByMonth[month - 1]!)
  for (const { corners, pass } of faces) fillOutline(light, grid, w, shadowOfFace(corners, slant, level), pass)
}

function gather(
  to: MonthLight,
  light: Float32Array,
  grid: LightGrid,
  w: GridWindow,
  step: { hours: number; afterNoonH: number },
  sign: 1 | -1,
  levels: Float32Array | undefined,
  level: number,
) {
  const hours = sign * step.hours
  const half = step.afterNoonH < 0 ? to.morning : to.afternoon
  const isLate = step.afterNoonH >= LATE_H
  for (let r = w.r0; r < w.r1; r++) {
    for (let i = r * grid.cols + w.c0, end = r * grid.cols + w.c1; i < end; i++) {
      const pass = light[i]!
      if (pass === 0 || (levels && levels[i] !== level)) continue
      if (pass === 1) {
        half[i]! += hours
        if (isLate) to.late[i]! += hours
      } else {
        to.dappled[i]! += hours
        to.through[i]! += pass * hours
      }
    }
  }
}

/** The first cell of a row whose middle lies at or right of x. */
const columnAt = (x: number, grid: LightGrid) => Math.ceil((x - grid.x0) / grid.cellM - 0.5)

const crossings: number[] = []

function fillOutline(light: Float32Array, grid: LightGrid, w: GridWindow, outline: readonly Point[], pass: number) {
  let low = Infinity
  let high = -Infinity
  for (const p of outline) {
    if (p.y < low) low = p.y
    if (p.y > high) high = p.y
  }
  const from = Math.max(w.r0, Math.ceil((low - grid.y0) / grid.cellM - 0.5))
  const to = Math.min(w.r1 - 1, Math.floor((high - grid.y0) / grid.cellM - 0.5))
  for (let r = from; r <= to; r++) {
    const y = grid.y0 + (r + 0.5) * grid.cellM
    crossings.length = 0
    let a = outline[outline.length - 1]!
    for (const b of outline) {
      if (a.y <= y !== b.y <= y) crossings.push(a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x))
      a = b
    }
    if (crossings.length > 2) crossings.sort((p, q) => p - q)
    else if (crossings.length === 2 && crossings[0]! > crossings[1]!) crossings.reverse()
    for (let k = 0; k + 1 < crossings.length; k += 2)
      fillSpan(light, grid, w, r, columnAt(crossings[k]!, grid), columnAt(crossings[k + 1]!, grid), pass)
  }
}

function fillEllipse(
  light: Float32Array,
  grid: LightGrid,
  w: GridWindow,
  e: ReturnType<typeof shadowOfCrown>,
  pass: number,
) {
  // The ellipse as a quadratic form A dx² + 2B dx dy + C dy² = 1 about its middle.
  const u = 1 / (e.along * e.along)
  const v = 1 / (e.across * e.across)
  const A = e.awayX * e.awayX * u + e.awayY * e.awayY * v
  const B = e.awayX * e.awayY * (u - v)
  const C = e.awayY * e.awayY * u + e.awayX * e.awayX * v
  const reach = Math.sqrt(A / (A * C - B * B))
  const from = Math.max(w.r0, Math.ceil((e.y - reach - grid.y0) / grid.cellM - 0.5))
  const to = Math.min(w.r1 - 1, Math.floor((e.y + reach - grid.y0) / grid.cellM - 0.5))
  for (let r = from; r <= to; r++) {
    const dy = grid.y0 + (r + 0.5) * grid.cellM - e.y
    const root = Math.sqrt(Math.max(0, B * B * dy * dy - A * (C * dy * dy - 1)))
    fillSpan(
      light,
      grid,
      w,
      r,
      columnAt(e.x + (-B * dy - root) / A, grid),
      columnAt(e.x + (-B * dy + root) / A, grid),
      pass,
    )
  }
}

function fillSpan(
  light: Float32Array,
  grid: LightGrid,
  w: GridWindow,
  row: number,
  from: number,
  to: number,
  pass: number,
) {
  const a = Math.max(w.c0, from)
  const b = Math.min(w.c1, to)
  if (a >= b) return
  if (pass === 0) light.fill(0, row * grid.cols + a, row * grid.cols + b)
  else for (let i = row * grid.cols + a, end = row * grid.cols + b; i < end; i++) light[i]! *= pass
}
