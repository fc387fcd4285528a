import type { Point } from '../geometry'
import { cornersOf, type PlacedThing, type ResolvedSite } from '../site'

const MARGIN_M = 1
const FILL: Readonly<Record<string, string>> = {
  path: '#e0d3b8',
  paving: '#d8cdba',
  lawn: '#cfd8b2',
  water: '#bcd3d8',
  gravel: '#e6dcc6',
  drive: '#d6cfc2',
  street: '#c9c5bd',
}

/** A site as an SVG picture at true scale: one unit is a metre, y down as SVG has it. Names are escaped. */
export function writeSvg(
  site: ResolvedSite,
  beds: readonly { readonly name: string; readonly outline: readonly Point[] }[],
): string {
  const all = [...site.things.flatMap((t) => cornersOf(t)), ...beds.flatMap((b) => b.outline), { x: 0, y: 0 }]
  const xs = all.map((p) => p.x)
  const ys = all.map((p) => p.y)
  const [x0, x1, y0, y1] = [
    Math.min(...xs) - MARGIN_M,
    Math.max(...xs) + MARGIN_M,
    Math.min(...ys) - MARGIN_M,
    Math.max(...ys) + MARGIN_M,
  ]
  const body = [...site.things].sort((a, b) => order(a) - order(b)).map(draw)
  const bedShapes = beds.map(
    (b) =>
      `<path d="${pathOf(b.outline, true)}" fill="#d9c5a0" stroke="#8a7350" stroke-width="0.05"><title>${escape(b.name)}</title></path>`,
  )
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${n((x1 - x0) * 1000)}mm" height="${n((y1 - y0) * 1000)}mm" viewBox="${n(x0)} ${n(-y1)} ${n(x1 - x0)} ${n(y1 - y0)}">\n${[...body, ...bedShapes, north(site.northDeg, x1 - 1.2, y1 - 1.2)].join('\n')}\n</svg>\n`
}

const order = (t: PlacedThing) =>
  ['surface', 'terrace', 'building', 'fence', 'service', 'tree', 'feature', 'viewpoint', 'target'].indexOf(t.kind)

function draw(t: PlacedThing): string {
  const title = `<title>${escape(t.name)}</title>`
  const corners = cornersOf(t)
  switch (t.kind) {
    case 'surface':
      return `<path d="${pathOf(corners, true)}" fill="${FILL[t.cover]}">${title}</path>`
    case 'terrace':
      return `<path d="${pathOf(corners, true)}" fill="#e2d5bd" stroke="#8f8471" stroke-width="0.06">${title}</path>`
    case 'building':
      return `<path d="${pathOf(corners, true)}" fill="${t.colour}" fill-opacity="0.55" stroke="#2b2621" stroke-width="0.08">${title}</path>`
    case 'fence':
      return `<path d="${pathOf(corners, false)}" fill="none" stroke="#5e5347" stroke-width="0.12">${title}</path>`
    case 'service':
      return `<path d="${pathOf(corners, false)}" fill="none" stroke="#36618e" stroke-width="0.05" stroke-dasharray="0.4 0.2">${title}</path>`
    case 'tree':
      return `<circle cx="${n(corners[0]!.x)}" cy="${n(-corners[0]!.y)}" r="${n(t.spreadM / 2)}" fill="#7d9660" fill-opacity="0.45" stroke="#46573a" stroke-width="0.05">${title}</circle>`
    case 'feature':
      return `<circle cx="${n(corners[0]!.x)}" cy="${n(-corners[0]!.y)}" r="${n(t.widthM / 2)}" fill="#8f8471">${title}</circle>`
    default:
      return `<circle cx="${n(corners[0]!.x)}" cy="${n(-corners[0]!.y)}" r="0.2" fill="none" stroke="#7a3f06" stroke-width="0.06">${title}</circle>`
  }
}

const north = (deg: number, x: number, y: number) =>
  `<g transform="translate(${n(x)} ${n(-y)}) rotate(${n(-deg)})"><path d="M0 0.8L-0.25 0.6L0 -0.8L0.25 0.6Z" fill="#2b2621"/><title>North</title></g>`
const n = (value: number) => String(Math.round(value * 1000) / 1000)
const pathOf = (points: readonly Point[], closed: boolean) =>
  `${points.map((p, i) => `${i === 0 ? 'M' : 'L'}${n(p.x)} ${n(-p.y)}`).join('')}${closed ? 'Z' : ''}`
const escape = (text: string) =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!)
