import type { Elevation } from '~~/core/draw'
import type { PictureScale } from './drawWall'
import type { Palette } from './palette'

interface Sheet {
  readonly width: number
  readonly height: number
  readonly frontPx: number
  readonly palette: Palette
}

/** The ground of an elevation: a strip of soil before a wall, a terrace with its face, or the bed's own outline in lawn or gravel. */
export function drawGround(
  context: CanvasRenderingContext2D,
  list: Elevation,
  scale: PictureScale,
  { width, height, frontPx, palette }: Sheet,
) {
  const foot = scale.z(0)
  if (list.grounds.length > 0) return drawOutlines(context, list, scale, { width, height, frontPx, palette })
  const left = scale.x(list.fromX)
  const right = scale.x(list.toX)
  const soil = context.createLinearGradient(0, foot, 0, height)
  soil.addColorStop(0, '#6f5c45')
  soil.addColorStop(1, palette.soil)
  context.fillStyle = soil
  const front = scale.z(list.frontBaseM + Math.max(0, list.fallM))
  context.beginPath()
  context.moveTo(left, foot)
  context.lineTo(right, foot + list.fallM * scale.pxPerM)
  context.lineTo(right, front + list.fallM * scale.pxPerM)
  context.lineTo(left, front)
  context.closePath()
  context.fill()
  if (list.raisedM > 0) drawFace(context, left, right, front, height - frontPx, list.fallM * scale.pxPerM)
  else context.fillRect(left, front, right - left, height - front)
  context.fillStyle = palette.soilLight
  context.fillRect(0, height - frontPx + 2, width, frontPx)
}

/** The stone face that holds a terrace up. */
function drawFace(
  context: CanvasRenderingContext2D,
  left: number,
  right: number,
  top: number,
  bottom: number,
  fall: number,
) {
  context.save()
  context.beginPath()
  context.moveTo(left, top)
  context.lineTo(right, top + fall)
  context.lineTo(right, bottom + 3)
  context.lineTo(left, bottom + 3)
  context.closePath()
  context.clip()
  context.fillStyle = '#bcb09c'
  context.fillRect(left, Math.min(top, top + fall), right - left, bottom - top + Math.abs(fall) + 3)
  context.strokeStyle = '#8f8471'
  context.lineWidth = 0.8
  const course = 9
  for (let y = top, row = 0; y < bottom + Math.abs(fall); y += course, row++) {
    context.beginPath()
    context.moveTo(left, y)
    context.lineTo(right, y)
    for (let x = left + (row % 2) * 13; x < right; x += 26) {
      context.moveTo(x, y)
      context.lineTo(x, y + course)
    }
    context.stroke()
  }
  context.restore()
}

function drawOutlines(
  context: CanvasRenderingContext2D,
  list: Elevation,
  scale: PictureScale,
  { width, height, palette }: Sheet,
) {
  const far = scale.z(Math.max(0, ...list.grounds.flat().map((p) => p.y)) + 0.25)
  const around = context.createLinearGradient(0, far, 0, height)
  if (list.paved) {
    around.addColorStop(0, '#e9e0ce')
    around.addColorStop(1, '#d9cdb6')
  } else {
    around.addColorStop(0, '#c3cbaa')
    around.addColorStop(1, '#a7b48a')
  }
  context.fillStyle = around
  context.fillRect(0, far, width, height - far)
  context.fillStyle = list.paved ? '#8d7758' : '#7a664c'
  context.strokeStyle = palette.soil
  for (const outline of list.grounds) {
    context.beginPath()
    outline.forEach((p, i) =>
      i === 0 ? context.moveTo(scale.x(p.x), scale.z(p.y)) : context.lineTo(scale.x(p.x), scale.z(p.y)),
    )
    context.closePath()
    // A pot's soil lies in the pot.
    if (!list.fixtures.some((f) => f.look === 'pot')) context.fill()
  }
}
