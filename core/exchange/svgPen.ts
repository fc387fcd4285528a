import {
  onSheet,
  strokeWidth,
  tracePath,
  walkPaints,
  wordsPlace,
  type Paint,
  type Path,
  type Shade,
  type Shape,
  type Sheet,
  type Words,
} from '../draw'

const n = (value: number) => String(Math.round(value * 1000) / 1000)
const escape = (text: string) =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!)

/** A path's `d` on a sheet. */
export function pathToSvg(path: Path, sheet: Sheet): string {
  const out: string[] = []
  tracePath(path, sheet, {
    moveTo: (x, y) => out.push(`M${n(x)} ${n(y)}`),
    lineTo: (x, y) => out.push(`L${n(x)} ${n(y)}`),
    quadraticCurveTo: (cx, cy, x, y) => out.push(`Q${n(cx)} ${n(cy)} ${n(x)} ${n(y)}`),
    closePath: () => out.push('Z'),
    circle: (x, y, r) => out.push(circle(x, y, r)),
  })
  return out.join('')
}

const circle = (x: number, y: number, r: number) =>
  `M${n(x - r)} ${n(y)}a${n(r)} ${n(r)} 0 1 0 ${n(2 * r)} 0a${n(r)} ${n(r)} 0 1 0 ${n(-2 * r)} 0`

/** Collects markup, and what must be named before it is used: shades and clips. */
class Markup {
  readonly definitions: string[] = []
  readonly body: string[] = []

  define(make: (id: string) => string): string {
    const id = `d${this.definitions.length}`
    this.definitions.push(make(id))
    return `url(#${id})`
  }
}

/** Paints as SVG elements on a sheet. Texts are escaped; colours come from checked data. */
export function paintsAsSvg(paints: readonly Paint[], sheet: Sheet): string {
  const markup = new Markup()
  walkPaints(paints, sheet, {
    shape: (shape, at) => markup.body.push(shapeMarkup(shape, at, markup)),
    words: (words, at) => markup.body.push(wordsMarkup(words, at)),
    clip: (path, at, within) => {
      const clip = markup.define((id) => `<clipPath id="${id}"><path d="${pathToSvg(path, at)}"/></clipPath>`)
      markup.body.push(`<g clip-path="${clip}">`)
      within()
      markup.body.push('</g>')
    },
  })
  return `<defs>${markup.definitions.join('')}</defs>\n${markup.body.filter((part) => part !== '').join('\n')}`
}

/** Paints as an SVG picture of so many points. */
export function writePaintsAsSvg(
  paints: readonly Paint[],
  sheet: Sheet,
  widthPt: number,
  heightPt: number,
): string {
  const size = `width="${n(widthPt)}pt" height="${n(heightPt)}pt" viewBox="0 0 ${n(widthPt)} ${n(heightPt)}"`
  return `<svg xmlns="http://www.w3.org/2000/svg" ${size}>\n${paintsAsSvg(paints, sheet)}\n</svg>\n`
}

function shapeMarkup(shape: Shape, sheet: Sheet, markup: Markup): string {
  const { fill, stroke, alpha, dash } = shape
  if (!fill && !stroke) return ''
  const cap = dash ? 'butt' : 'round'
  const attributes = [
    `d="${pathToSvg(shape.path, sheet)}"`,
    `fill="${typeof fill === 'object' ? shadeMarkup(fill, sheet, markup) : (fill ?? 'none')}"`,
    stroke ? `stroke="${stroke}" stroke-width="${n(strokeWidth(shape, sheet))}" stroke-linecap="${cap}"` : '',
    dash && dash.length > 0 ? `stroke-dasharray="${dash.join(' ')}"` : '',
    alpha === undefined ? '' : `opacity="${n(alpha)}"`,
  ]
  return `<path ${attributes.filter((a) => a !== '').join(' ')}/>`
}

function shadeMarkup(shade: Shade, sheet: Sheet, markup: Markup): string {
  const [from, to] = [onSheet(shade.from, sheet), onSheet(shade.to, sheet)]
  const ends = `x1="${n(from.x)}" y1="${n(from.y)}" x2="${n(to.x)}" y2="${n(to.y)}"`
  const list = shade.stops.map(([at, colour]) => `<stop offset="${at}" stop-color="${colour}"/>`).join('')
  return markup.define(
    (id) => `<linearGradient id="${id}" gradientUnits="userSpaceOnUse" ${ends}>${list}</linearGradient>`,
  )
}

const ANCHOR = { left: 'start', center: 'middle', right: 'end' } as const
/** Letters stand on a base line; places name their middle. */
const HALF_HEIGHT = 0.35

function wordsMarkup(w: Words, sheet: Sheet): string {
  const at = wordsPlace(w, sheet)
  const [x, y] = [n(at.x), n(at.y + w.size * HALF_HEIGHT)]
  const isTitle = w.face === 'title' || w.face === 'title-bold'
  const isBold = w.face === 'bold' || w.face === 'title-bold'
  const attributes = [
    `x="${x}" y="${y}" font-size="${n(w.size)}" fill="${w.colour}" text-anchor="${ANCHOR[w.align ?? 'left']}"`,
    `font-family="${isTitle ? 'Fraunces, serif' : 'Inter, sans-serif'}"`,
    isBold ? 'font-weight="600"' : '',
    w.rim ? `stroke="${w.rim}" stroke-width="3" stroke-linejoin="round" paint-order="stroke"` : '',
  ]
  return `<text ${attributes.filter((a) => a !== '').join(' ')}>${escape(w.words)}</text>`
}
