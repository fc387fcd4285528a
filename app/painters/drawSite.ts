import { lighten, mix } from '~~/core/colour'
import type { Point } from '~~/core/geometry'
import type { PlacedOf, PlacedThing } from '~~/core/site'
import type { LaidBed } from '~/composables/useSite'
import type { Palette } from './palette'

/** How a site's metres (y up) become pixels. */
export interface SiteScale {
  readonly pxPerM: number
  readonly x: (m: number) => number
  readonly y: (m: number) => number
}

const COVER: Readonly<Record<PlacedOf<'surface'>['cover'], string>> = {
  path: '#e3d6bb',
  paving: '#dbd0bd',
  lawn: '#d3dcb8',
  water: '#bfd6da',
  gravel: '#e9dfca',
  drive: '#d9d1c3',
  street: '#cbc6bd',
}
const SERVICE: Readonly<Record<PlacedOf<'service'>['service'], string>> = {
  water: '#36618e',
  gas: '#8a6a1c',
  electric: '#8d3f2f',
  drain: '#5e5347',
  telecom: '#6a4d86',
  drip: '#3f7d78',
  overhead: '#2b2621',
}
const INK = '#2b2621'

function trace(c: CanvasRenderingContext2D, points: readonly Point[], scale: SiteScale, closed: boolean) {
  c.beginPath()
  points.forEach((p, i) => (i === 0 ? c.moveTo(scale.x(p.x), scale.y(p.y)) : c.lineTo(scale.x(p.x), scale.y(p.y))))
  if (closed) c.closePath()
}

/** A bed on the site: its soil, its front edge in amber when it is the one being worked on, and its name. */
export function drawBed(
  c: CanvasRenderingContext2D,
  bed: LaidBed,
  scale: SiteScale,
  palette: Palette,
  outlineOnly: boolean,
) {
  for (const outline of bed.outlines) {
    trace(c, outline, scale, true)
    c.globalAlpha = outlineOnly ? 0 : 0.6
    c.fillStyle = palette.soilLight
    c.fill()
    c.globalAlpha = 1
    c.strokeStyle = bed.current ? palette.amber : palette.soil
    c.lineWidth = bed.current ? 2.4 : 1.3
    c.stroke()
  }
  const all = bed.outlines.flat()
  const x = all.reduce((n, p) => n + p.x, 0) / all.length
  const y = all.reduce((n, p) => n + p.y, 0) / all.length
  const wide = (Math.max(...all.map((p) => p.x)) - Math.min(...all.map((p) => p.x))) * scale.pxPerM
  // A small bed has its name beneath it, clear of what stands in it.
  const below = wide < bed.name.length * 8
  words(
    c,
    bed.name,
    scale.x(x),
    below ? scale.y(Math.min(...all.map((p) => p.y))) + 9 : scale.y(y),
    bed.current ? '#7a3f06' : INK,
    `${bed.current ? '600 ' : ''}12px "Fraunces Variable", serif`,
  )
}

function words(c: CanvasRenderingContext2D, text: string, x: number, y: number, colour: string, font: string) {
  c.font = font
  c.textAlign = 'center'
  c.textBaseline = 'middle'
  c.lineWidth = 3
  c.strokeStyle = 'rgba(251, 247, 238, 0.85)'
  c.strokeText(text, x, y)
  c.fillStyle = colour
  c.fillText(text, x, y)
}

export function drawThing(c: CanvasRenderingContext2D, t: PlacedThing, scale: SiteScale) {
  switch (t.kind) {
    case 'surface':
      trace(c, t.outline, scale, true)
      c.fillStyle = COVER[t.cover]
      c.fill()
      break
    case 'terrace':
      trace(c, t.outline, scale, true)
      c.fillStyle = t.levelM > 0 ? '#e4d8c1' : '#d3c7b2'
      c.fill()
      c.strokeStyle = '#8f8471'
      c.lineWidth = 1.5
      c.stroke()
      break
    case 'building':
      drawBuilding(c, t, scale)
      break
    case 'fence':
      trace(c, t.line, scale, false)
      c.strokeStyle = '#5e4a38'
      c.lineWidth = Math.max(2, 0.1 * scale.pxPerM)
      c.setLineDash(t.solid >= 0.95 ? [] : [6, 3])
      c.stroke()
      c.setLineDash([])
      break
    case 'service':
      trace(c, t.line, scale, false)
      c.strokeStyle = SERVICE[t.service]
      c.lineWidth = 1.6
      c.setLineDash(t.service === 'overhead' ? [1, 5] : t.sure ? [9, 4] : [4, 6])
      c.stroke()
      c.setLineDash([])
      break
    case 'tree':
      drawTree(c, t, scale)
      break
    case 'feature':
      drawFeature(c, t, scale)
      break
    case 'viewpoint':
      drawViewpoint(c, t, scale)
      break
    case 'target':
      drawTarget(c, t, scale)
      break
  }
}

function drawBuilding(c: CanvasRenderingContext2D, t: PlacedOf<'building'>, scale: SiteScale) {
  trace(c, t.outline, scale, true)
  c.fillStyle = mix(t.colour, '#f3ebdc', 0.35)
  c.fill()
  c.strokeStyle = mix(t.colour, INK, 0.45)
  c.lineWidth = Math.max(2.5, 0.16 * scale.pxPerM)
  c.stroke()
  for (const o of t.openings) {
    const a = t.outline[o.side % t.outline.length]!
    const b = t.outline[(o.side + 1) % t.outline.length]!
    const length = Math.hypot(b.x - a.x, b.y - a.y)
    const at = (m: number): Point => ({ x: a.x + ((b.x - a.x) * m) / length, y: a.y + ((b.y - a.y) * m) / length })
    trace(c, [at(o.alongM), at(o.alongM + o.widthM)], scale, false)
    c.strokeStyle = o.sillM < 0.3 ? '#fbf7ee' : '#8fb0b8'
    c.lineWidth = Math.max(2, 0.12 * scale.pxPerM)
    c.stroke()
  }
  const x = t.outline.reduce((n, p) => n + p.x, 0) / t.outline.length
  const y = t.outline.reduce((n, p) => n + p.y, 0) / t.outline.length
  words(c, t.name, scale.x(x), scale.y(y), INK, '600 13px "Fraunces Variable", serif')
}

function drawTree(c: CanvasRenderingContext2D, t: PlacedOf<'tree'>, scale: SiteScale) {
  const [x, y] = [scale.x(t.at.x), scale.y(t.at.y)]
  const r = (t.spreadM / 2) * scale.pxPerM
  c.beginPath()
  const lobes = 14
  for (let i = 0; i <= lobes * 4; i++) {
    const a = (i / (lobes * 4)) * Math.PI * 2
    const wave = r * (0.95 + 0.05 * Math.cos(a * lobes))
    if (i === 0) c.moveTo(x + wave, y)
    else c.lineTo(x + Math.cos(a) * wave, y + Math.sin(a) * wave)
  }
  c.closePath()
  c.globalAlpha = 0.38
  c.fillStyle = t.leaf === 'evergreen' ? '#4f6b4a' : '#8ba066'
  c.fill()
  c.globalAlpha = 1
  c.strokeStyle = t.leaf === 'evergreen' ? '#3a5236' : '#64784a'
  c.lineWidth = 1.2
  c.stroke()
  c.beginPath()
  c.arc(x, y, Math.max(2.5, 0.12 * scale.pxPerM), 0, Math.PI * 2)
  c.fillStyle = '#6d5c48'
  c.fill()
}

function drawFeature(c: CanvasRenderingContext2D, t: PlacedOf<'feature'>, scale: SiteScale) {
  const [x, y] = [scale.x(t.at.x), scale.y(t.at.y)]
  const r = Math.max(3.5, (t.widthM / 2) * scale.pxPerM)
  c.beginPath()
  if (t.what === 'bench') c.rect(x - r, y - r * 0.35, 2 * r, r * 0.7)
  else c.arc(x, y, r, 0, Math.PI * 2)
  c.fillStyle = t.what === 'tap' ? '#36618e' : lighten('#8f8471', t.keepInView ? -0.2 : 0)
  c.fill()
  if (t.keepInView) {
    c.beginPath()
    c.arc(x, y, r + 3, 0, Math.PI * 2)
    c.strokeStyle = '#d68a1c'
    c.lineWidth = 1.5
    c.stroke()
  }
}

/** An eye: where someone stands, sits or drives. */
function drawViewpoint(c: CanvasRenderingContext2D, t: PlacedOf<'viewpoint'>, scale: SiteScale) {
  const [x, y] = [scale.x(t.at.x), scale.y(t.at.y)]
  c.beginPath()
  c.moveTo(x - 9, y)
  c.quadraticCurveTo(x, y - 9, x + 9, y)
  c.quadraticCurveTo(x, y + 9, x - 9, y)
  c.fillStyle = '#fbf7ee'
  c.fill()
  c.strokeStyle = '#7a3f06'
  c.lineWidth = 1.4
  c.stroke()
  c.beginPath()
  c.arc(x, y, 3, 0, Math.PI * 2)
  c.fillStyle = '#7a3f06'
  c.fill()
  words(c, t.name, x, y + 16, '#7a3f06', '11px "Inter Variable", sans-serif')
}

/** A view to keep (an open frame) or to hide (a barred one). */
function drawTarget(c: CanvasRenderingContext2D, t: PlacedOf<'target'>, scale: SiteScale) {
  const [x, y] = [scale.x(t.at.x), scale.y(t.at.y)]
  c.strokeStyle = t.wish === 'keep' ? '#4f6b4a' : '#8d3f2f'
  c.lineWidth = 1.6
  c.strokeRect(x - 9, y - 6, 18, 12)
  if (t.wish === 'hide') {
    c.beginPath()
    for (const d of [-5, 0, 5]) {
      c.moveTo(x + d, y - 6)
      c.lineTo(x + d, y + 6)
    }
    c.stroke()
  }
  words(c, `${t.wish}: ${t.name}`, x, y + 16, c.strokeStyle, '11px "Inter Variable", sans-serif')
}
