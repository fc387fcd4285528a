import { seeded } from '~~/core/geometry'
import type { Fixture, StandingFixture } from '~~/core/draw'
import type { PictureScale } from './drawWall'

const IRON = '#4a4640'
const STONE = '#b9ae9c'
const TERRACOTTA = '#b0694a'
const LEAF = '#5d6f4a'

/** A fixture in the elevation, its foot at (x, baseM). */
export function drawFixture(context: CanvasRenderingContext2D, f: StandingFixture, scale: PictureScale) {
  const x = scale.x(f.x)
  const foot = scale.z(f.baseM)
  const h = f.heightM * scale.pxPerM
  const w = f.widthM * scale.pxPerM
  context.save()
  context.translate(x, foot)
  switch (f.look) {
    case 'post':
      drawBellPost(context, w, h)
      break
    case 'urn':
      drawUrn(context, w, h)
      break
    case 'obelisk':
      drawObelisk(context, w, h)
      break
    case 'pot':
      drawPot(context, w, h)
      break
    case 'tree':
      drawCrown(context, w, h, 0.3)
      break
    case 'planting':
      drawCrown(context, w, h, 0)
      break
  }
  context.restore()
}

/** A fixture from above. */
export function drawFixtureAbove(
  context: CanvasRenderingContext2D,
  f: Fixture,
  x: number,
  y: number,
  pxPerM: number,
) {
  const r = (f.widthM / 2) * pxPerM
  context.save()
  context.beginPath()
  context.arc(x, y, Math.max(3, r), 0, Math.PI * 2)
  const soft = f.look === 'planting' || f.look === 'tree'
  context.globalAlpha = soft ? 0.5 : f.look === 'pot' ? 0 : 1
  context.fillStyle = soft ? LEAF : f.look === 'post' ? IRON : STONE
  context.fill()
  context.globalAlpha = 1
  context.lineWidth = f.look === 'pot' ? Math.max(2, r * 0.12) : 1.4
  context.strokeStyle = f.look === 'pot' ? TERRACOTTA : soft ? '#46573a' : '#2b2621'
  context.stroke()
  context.restore()
}

/** A post with an arm and a bell. */
function drawBellPost(c: CanvasRenderingContext2D, w: number, h: number) {
  const half = Math.max(1.6, w * 0.28)
  c.fillStyle = '#6d5c48'
  c.fillRect(-half, -h, half * 2, h)
  c.fillStyle = '#57493a'
  c.fillRect(half * 0.3, -h, half * 0.7, h)
  const bell = Math.max(6, h * 0.13)
  c.fillStyle = IRON
  c.fillRect(-half, -h - 2, bell * 1.5 + half, 3)
  c.translate(bell * 1.1, -h + 2)
  c.beginPath()
  c.moveTo(-bell * 0.22, 0)
  c.quadraticCurveTo(-bell * 0.5, bell * 0.25, -bell * 0.52, bell * 0.8)
  c.lineTo(-bell * 0.72, bell)
  c.lineTo(bell * 0.72, bell)
  c.lineTo(bell * 0.52, bell * 0.8)
  c.quadraticCurveTo(bell * 0.5, bell * 0.25, bell * 0.22, 0)
  c.closePath()
  c.fillStyle = '#a9853f'
  c.fill()
  c.lineWidth = 0.8
  c.strokeStyle = '#6d5526'
  c.stroke()
  c.beginPath()
  c.arc(0, bell * 1.08, bell * 0.14, 0, Math.PI * 2)
  c.fillStyle = '#6d5526'
  c.fill()
}

function drawUrn(c: CanvasRenderingContext2D, w: number, h: number) {
  c.beginPath()
  c.moveTo(-w * 0.3, 0)
  c.lineTo(-w * 0.2, -h * 0.25)
  c.quadraticCurveTo(-w * 0.6, -h * 0.6, -w * 0.42, -h)
  c.lineTo(w * 0.42, -h)
  c.quadraticCurveTo(w * 0.6, -h * 0.6, w * 0.2, -h * 0.25)
  c.lineTo(w * 0.3, 0)
  c.closePath()
  c.fillStyle = STONE
  c.fill()
  c.strokeStyle = '#857b6a'
  c.lineWidth = 1
  c.stroke()
}

function drawObelisk(c: CanvasRenderingContext2D, w: number, h: number) {
  c.strokeStyle = IRON
  c.lineWidth = 1.6
  c.beginPath()
  for (const s of [-1, -0.3, 0.3, 1]) {
    c.moveTo((s * w) / 2, 0)
    c.lineTo(0, -h)
  }
  for (const u of [0.2, 0.45, 0.7]) {
    c.moveTo((-w / 2) * (1 - u), -h * u)
    c.lineTo((w / 2) * (1 - u), -h * u)
  }
  c.stroke()
}

function drawPot(c: CanvasRenderingContext2D, w: number, h: number) {
  const clay = c.createLinearGradient(-w / 2, 0, w / 2, 0)
  clay.addColorStop(0, '#8f5038')
  clay.addColorStop(0.35, '#c07a58')
  clay.addColorStop(1, '#8a4c35')
  c.fillStyle = 'rgba(35, 27, 18, 0.25)'
  c.beginPath()
  c.ellipse(0, 0, w * 0.5, w * 0.07, 0, 0, Math.PI * 2)
  c.fill()
  c.fillStyle = clay
  c.beginPath()
  c.moveTo(-w * 0.46, -h * 0.84)
  c.lineTo(-w * 0.34, 0)
  c.quadraticCurveTo(0, w * 0.06, w * 0.34, 0)
  c.lineTo(w * 0.46, -h * 0.84)
  c.closePath()
  c.fill()
  c.beginPath()
  c.roundRect(-w / 2, -h, w, h * 0.18, 3)
  c.fill()
  c.strokeStyle = '#7a412d'
  c.lineWidth = 0.8
  c.stroke()
}

/** What stands already: a mass of leaf over its stems, drawn quieter than what is planned. */
function drawCrown(c: CanvasRenderingContext2D, w: number, h: number, stem: number) {
  const random = seeded(Math.round(w * 7 + h))
  const low = h * Math.max(stem, 0.12)
  c.strokeStyle = '#6d5c48'
  c.lineWidth = Math.max(1.5, w * 0.025)
  c.lineCap = 'round'
  const stems = stem > 0 ? 1 : 5
  for (let i = 0; i < stems; i++) {
    c.beginPath()
    c.moveTo((i - (stems - 1) / 2) * w * 0.05, 0)
    c.quadraticCurveTo((i - (stems - 1) / 2) * w * 0.09, -low, (i - (stems - 1) / 2) * w * 0.16, -h * 0.55)
    c.stroke()
  }
  const middle = -low - (h - low) / 2
  const tones = ['#4d5d3b', '#5c6d46', '#6d7f52', '#7f9163']
  tones.forEach((colour, layer) => {
    c.fillStyle = colour
    for (let i = 0; i < 260; i++) {
      const a = random() * Math.PI * 2
      const r = Math.sqrt(random()) * (1 - layer * 0.07)
      // Fuller in the shoulders than at the foot, a little uneven at the rim.
      const y = Math.sin(a) * r
      const x = Math.cos(a) * r * (0.93 + 0.07 * Math.sin(a * 7)) * (y > 0 ? 1 - 0.25 * y : 1)
      const size = Math.max(2, w * 0.022) * (0.7 + random() * 0.6)
      c.beginPath()
      c.ellipse(
        x * (w / 2),
        Math.min(-3, middle + y * ((h - low) / 2) - layer * 2),
        size,
        size * 0.62,
        a + random(),
        0,
        Math.PI * 2,
      )
      c.fill()
    }
  })
}
