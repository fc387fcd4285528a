import type { Opening, Wall } from '~~/core/bed'
import { hashText, seeded } from '~~/core/geometry'
import { lighten, mix } from '~~/core/colour'

/** How a picture turns metres into pixels: x from the left, z up from the wall's foot. */
export interface PictureScale {
  readonly pxPerM: number
  readonly x: (metres: number) => number
  readonly z: (metres: number) => number
}

/** The air between: a wall is drawn paler than it is, so that the planting before it is the most colourful thing. */
const PALE = '#ecdfcd'

const COURSE_M: Readonly<Record<Wall['material'], number>> = { brick: 0.075, stone: 0.3, render: 0, boards: 0.16 }

/** The wall behind a bed with its courses, windows and doors. */
export function drawWall(
  context: CanvasRenderingContext2D,
  wall: Wall,
  scale: PictureScale,
  fromX: number,
  toX: number,
) {
  const left = scale.x(fromX)
  const right = scale.x(toX)
  const top = scale.z(wall.heightM)
  const foot = scale.z(0)
  context.fillStyle = mix(wall.colour, PALE, 0.36)
  context.fillRect(left, top, right - left, foot - top)
  context.save()
  context.beginPath()
  context.rect(left, top, right - left, foot - top)
  context.clip()
  drawCourses(context, wall, scale, left, right, Math.max(top, 0), foot)
  context.restore()
  context.fillStyle = mix(wall.colour, '#2b2621', 0.45)
  context.fillRect(left, foot - scale.pxPerM * 0.1, right - left, scale.pxPerM * 0.1)
  context.fillStyle = mix(wall.colour, '#3d444c', 0.7)
  context.fillRect(left - 4, top - 5, right - left + 8, 6)
  for (const opening of wall.openings) drawOpening(context, opening, scale)
}

function drawCourses(
  context: CanvasRenderingContext2D,
  wall: Wall,
  scale: PictureScale,
  left: number,
  right: number,
  top: number,
  foot: number,
) {
  const course = COURSE_M[wall.material] * scale.pxPerM
  if (course < 2.5) return
  const random = seeded(hashText(wall.material + wall.colour))
  const base = mix(wall.colour, PALE, 0.3)
  const shades = [lighten(base, 0.03), lighten(base, -0.035), lighten(base, -0.015)]
  const unit = wall.material === 'brick' ? course * 3 : course * 1.9
  if (wall.material !== 'boards') {
    for (let row = 0, y = foot; y > top - course; row++, y -= course) {
      for (let x = left - (row % 2) * unit * 0.5; x < right; x += unit) {
        if (random() > 0.34) continue
        context.fillStyle = shades[Math.floor(random() * shades.length)]!
        context.fillRect(x + 0.6, y - course + 0.6, unit - 1.2, course - 1.2)
      }
    }
  }
  context.strokeStyle = mix(wall.colour, wall.material === 'boards' ? '#2b2621' : '#f3e8da', 0.34)
  context.globalAlpha = wall.material === 'boards' ? 0.5 : 0.36
  context.lineWidth = 0.7
  context.beginPath()
  for (let y = foot; y > top; y -= course) {
    context.moveTo(left, y)
    context.lineTo(right, y)
  }
  context.stroke()
  context.globalAlpha = 1
}

function drawOpening(context: CanvasRenderingContext2D, opening: Opening, scale: PictureScale) {
  const x = scale.x(opening.x)
  const width = opening.widthM * scale.pxPerM
  const top = scale.z(opening.headM)
  const bottom = scale.z(opening.sillM)
  const height = bottom - top
  const frame = Math.max(2, 0.07 * scale.pxPerM)
  context.fillStyle = '#efe6cf'
  context.fillRect(x - frame, top - frame, width + 2 * frame, height + 2 * frame)
  if (opening.sillM > 0.3) context.fillRect(x - frame * 1.9, bottom + frame * 0.4, width + frame * 3.8, frame * 0.9)
  const glass = context.createLinearGradient(x, top, x + width, bottom)
  glass.addColorStop(0, '#8fa0a2')
  glass.addColorStop(0.48, '#6d7f83')
  glass.addColorStop(0.5, '#5b6c71')
  glass.addColorStop(1, '#4b5a60')
  context.fillStyle = opening.sillM > 0.3 ? glass : '#5a4634'
  context.fillRect(x, top, width, height)
  context.fillStyle = '#efe6cf'
  const bar = Math.max(1.2, frame * 0.45)
  if (opening.sillM <= 0.3) return
  context.fillRect(x, top + height / 2 - bar, width, bar * 2)
  context.fillRect(x + width / 2 - bar / 2, top, bar, height)
}
