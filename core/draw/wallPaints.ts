import type { Opening, Wall } from '../model'
import { hashText, seeded } from '../geometry'
import { lighten, mix } from '../colour'
import { L, M, type Paint } from './path'
import { rectPath } from './paths'

/** The air between: a wall is drawn paler than it is, so that the planting before it is the most colourful thing. */
const PALE = '#ecdfcd'
const DARK = '#2b2621'
const FRAME = '#efe6cf'
const COURSE_M: Readonly<Record<Wall['material'], number>> = { brick: 0.075, stone: 0.3, render: 0, boards: 0.16 }
/** Courses closer than this on the sheet are not drawn, points. */
const LEAST_COURSE = 2.5
const PLINTH_M = 0.1
/** A door is what begins this near the ground, metres. */
const DOOR_BELOW_M = 0.3

/** The wall behind a bed with its courses, windows and doors: metres along it, and up from its foot. */
export function wallPaints(wall: Wall, fromX: number, toX: number, perM: number): Paint[] {
  const width = toX - fromX
  const whole = rectPath(fromX, 0, width, wall.heightM)
  const eaves = rectPath(fromX - 4 / perM, wall.heightM - 1 / perM, width + 8 / perM, 6 / perM)
  return [
    { path: whole, fill: mix(wall.colour, PALE, 0.36), layer: 'wall' },
    { clip: whole, within: coursePaints(wall, fromX, toX, perM) },
    { path: rectPath(fromX, 0, width, PLINTH_M), fill: mix(wall.colour, DARK, 0.45) },
    { path: eaves, fill: mix(wall.colour, '#3d444c', 0.7) },
    ...wall.openings.flatMap((o) => openingPaints(o, perM)),
  ]
}

function coursePaints(wall: Wall, fromX: number, toX: number, perM: number): Paint[] {
  const course = COURSE_M[wall.material]
  if (course * perM < LEAST_COURSE) return []
  const isBoards = wall.material === 'boards'
  const lines: number[] = []
  for (let z = 0; z < wall.heightM; z += course) lines.push(M, fromX, z, L, toX, z)
  const stroke = mix(wall.colour, isBoards ? DARK : '#f3e8da', 0.34)
  const joints: Paint = { path: lines, stroke, thin: 0.7, alpha: isBoards ? 0.5 : 0.36 }
  return isBoards ? [joints] : [...stonePaints(wall, course, fromX, toX, perM), joints]
}

/** Every third stone or brick a little lighter or darker than the others. */
function stonePaints(wall: Wall, course: number, fromX: number, toX: number, perM: number): Paint[] {
  const random = seeded(hashText(wall.material + wall.colour))
  const base = mix(wall.colour, PALE, 0.3)
  const shades = [lighten(base, 0.03), lighten(base, -0.035), lighten(base, -0.015)]
  const paths = shades.map(() => [] as number[])
  const unit = course * (wall.material === 'brick' ? 3 : 1.9)
  const gap = 0.6 / perM
  for (let row = 0; row * course < wall.heightM; row++) {
    for (let x = fromX - (row % 2) * unit * 0.5; x < toX; x += unit) {
      if (random() > 0.34) continue
      const path = paths[Math.floor(random() * shades.length)]!
      path.push(...rectPath(x + gap, row * course + gap, unit - 2 * gap, course - 2 * gap))
    }
  }
  return paths.map((path, i) => ({ path, fill: shades[i]! }))
}

function openingPaints(o: Opening, perM: number): Paint[] {
  const height = o.headM - o.sillM
  const frame = Math.max(2 / perM, 0.07)
  const around = rectPath(o.x - frame, o.sillM - frame, o.widthM + 2 * frame, height + 2 * frame)
  const pane = rectPath(o.x, o.sillM, o.widthM, height)
  if (o.sillM <= DOOR_BELOW_M)
    return [
      { path: around, fill: FRAME },
      { path: pane, fill: '#5a4634', layer: 'openings' },
    ]
  const bar = Math.max(1.2 / perM, frame * 0.45)
  const sill = rectPath(o.x - frame * 1.9, o.sillM - frame * 1.3, o.widthM + frame * 3.8, frame * 0.9)
  return [
    { path: around, fill: FRAME },
    { path: sill, fill: FRAME },
    { path: pane, fill: glassOf(o), layer: 'openings' },
    { path: rectPath(o.x, o.sillM + height / 2 - bar, o.widthM, bar * 2), fill: FRAME },
    { path: rectPath(o.x + o.widthM / 2 - bar / 2, o.sillM, bar, height), fill: FRAME },
  ]
}

const glassOf = (o: Opening) => ({
  from: { x: o.x, y: o.headM },
  to: { x: o.x + o.widthM, y: o.sillM },
  stops: [
    [0, '#8fa0a2'],
    [0.48, '#6d7f83'],
    [0.5, '#5b6c71'],
    [1, '#4b5a60'],
  ] as const,
})
