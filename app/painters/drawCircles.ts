import { seeded } from '~~/core/geometry'
import { lighten, lightness, mix } from '~~/core/colour'
import type { PlanCircle } from '~~/core/draw'
import type { PlanView } from './PlanPainter'

const LEAST_LETTER_PX = 7

interface FontNow {
  px: number
}

const inks = new Map<string, { edge: string; ink: string }>()

/** The edge and the letter of a circle: ink on pale leaves, paper on dark ones. */
function inksOf(fill: string) {
  let known = inks.get(fill)
  if (!known) {
    const dark = lightness(mix(fill, '#e5d8c0', 0.3)) < 0.6
    inks.set(fill, (known = { edge: lighten(fill, -0.22), ink: dark ? '#fdf8ec' : '#2b2621' }))
  }
  return known
}

/** Draws the circles of a plan, large to small. */
export function drawCircles(context: CanvasRenderingContext2D, view: PlanView) {
  const font: FontNow = { px: 0 }
  for (const circle of view.list.circles) drawCircle(context, circle, view, font)
}

function drawCircle(context: CanvasRenderingContext2D, circle: PlanCircle, view: PlanView, font: FontNow) {
  const { pxPerM } = view
  const x = view.leftPx + (circle.x - view.fromX) * pxPerM
  const y = view.topPx + circle.y * pxPerM
  const r = circle.matureR * pxPerM
  const { edge, ink } = inksOf(circle.fill)
  context.globalAlpha = 0.3
  context.fillStyle = circle.fill
  context.beginPath()
  context.arc(x, y, r, 0, Math.PI * 2)
  context.fill()
  context.globalAlpha = 0.9
  context.lineWidth = 1
  context.strokeStyle = edge
  context.stroke()
  if (circle.nowR > 0) {
    context.globalAlpha = 0.62
    context.beginPath()
    context.arc(x, y, Math.min(circle.nowR, circle.matureR) * pxPerM, 0, Math.PI * 2)
    context.fill()
  }
  context.globalAlpha = 0.55
  context.lineWidth = 0.7
  context.beginPath()
  const random = seeded(circle.body.at.seed)
  const rays = r > 14 ? 9 : 6
  for (let i = 0; i < rays; i++) {
    const angle = ((i + random() * 0.7) / rays) * Math.PI * 2
    context.moveTo(x + Math.cos(angle) * r * 0.45, y + Math.sin(angle) * r * 0.45)
    context.lineTo(x + Math.cos(angle) * r * 0.92, y + Math.sin(angle) * r * 0.92)
  }
  context.stroke()
  context.globalAlpha = 1
  if (r >= LEAST_LETTER_PX) drawLetter(context, circle.letter, ink, { x, y, r }, font)
  if (circle.body.at.pinned) {
    context.fillStyle = edge
    context.beginPath()
    context.arc(x, y - r, 2.4, 0, Math.PI * 2)
    context.fill()
  }
}

function drawLetter(
  context: CanvasRenderingContext2D,
  letter: string,
  ink: string,
  { x, y, r }: { x: number; y: number; r: number },
  font: FontNow,
) {
  // Setting a font is the slowest thing here: circles come by size, so it seldom changes.
  const px = Math.round(Math.max(8, Math.min(13, r * 0.75)))
  if (px !== font.px) {
    context.font = `600 ${px}px "Inter Variable", sans-serif`
    context.textAlign = 'center'
    context.textBaseline = 'middle'
    font.px = px
  }
  context.fillStyle = ink
  context.fillText(letter, x, y + 0.5)
}
