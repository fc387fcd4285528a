import type { Elevation } from './elevation'
import { L, M, Z, type Paint, type Path } from './path'
import { linePath, rectPath } from './paths'
import type { Palette } from './palette'

/** What of an elevation is in the picture: metres along and up; `frontM` is the strip before the front edge. */
export interface Window {
  readonly fromX: number
  readonly toX: number
  readonly bottomM: number
  readonly topM: number
  readonly frontM: number
}

/** The ground of an elevation: a strip of soil before a wall, a terrace with its face, or the bed's own outline in lawn or gravel. */
export function groundPaints(list: Elevation, window: Window, palette: Palette): Paint[] {
  if (list.grounds.length > 0) return outlinePaints(list, window, palette)
  const { bottomM, frontM } = window
  const { fromX: left, toX: right, fallM } = list
  const front = list.frontBaseM - Math.max(0, fallM)
  const stops = [
    [0, '#6f5c45'],
    [1, palette.soil],
  ] as const
  const soil = { from: { x: 0, y: 0 }, to: { x: 0, y: bottomM }, stops }
  const bed: Path = [M, left, 0, L, right, -fallM, L, right, front - fallM, L, left, front, Z]
  const below: Paint[] =
    list.raisedM > 0
      ? facePaints(left, right, front, bottomM + frontM, fallM)
      : [{ path: rectPath(left, bottomM, right - left, Math.max(0, front - bottomM)), fill: soil }]
  const strip = rectPath(window.fromX, bottomM, window.toX - window.fromX, frontM)
  return [{ path: bed, fill: soil, layer: 'bed' }, ...below, { path: strip, fill: palette.soilLight }]
}

const COURSE_M = 0.12
const STONE_M = 0.36

/** The stone face that holds a terrace up. */
function facePaints(left: number, right: number, top: number, bottom: number, fall: number): Paint[] {
  const face: Path = [M, left, top, L, right, top - fall, L, right, bottom, L, left, bottom, Z]
  const joints: Path = []
  for (let z = top, row = 0; z > bottom - Math.abs(fall); z -= COURSE_M, row++) {
    joints.push(M, left, z, L, right, z)
    for (let x = left + (row % 2) * (STONE_M / 2); x < right; x += STONE_M) joints.push(M, x, z, L, x, z - COURSE_M)
  }
  return [
    { path: face, fill: '#bcb09c', layer: 'terrace' },
    { clip: face, within: [{ path: joints, stroke: '#8f8471', thin: 0.8 }] },
  ]
}

const PAVED = ['#e9e0ce', '#d9cdb6'] as const
const LAWN = ['#c3cbaa', '#a7b48a'] as const

function outlinePaints(list: Elevation, { fromX, toX, bottomM }: Window, palette: Palette): Paint[] {
  const far = Math.max(0, ...list.grounds.flat().map((p) => p.y)) + 0.25
  const [light, deep] = list.paved ? PAVED : LAWN
  const around = {
    from: { x: 0, y: far },
    to: { x: 0, y: bottomM },
    stops: [
      [0, light],
      [1, deep],
    ] as const,
  }
  const lawn: Paint = { path: rectPath(fromX, bottomM, toX - fromX, far - bottomM), fill: around }
  // A pot's soil lies in the pot.
  if (list.fixtures.some((f) => f.look === 'pot')) return [lawn]
  const fill = list.paved ? '#8d7758' : '#7a664c'
  return [
    lawn,
    ...list.grounds.map((o) => ({ path: linePath(o, true), fill, stroke: palette.soil, thin: 0.5, layer: 'bed' })),
  ]
}
