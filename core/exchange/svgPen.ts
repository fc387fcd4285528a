import {
  badgeSheet,
  isClipped,
  isShape,
  isWords,
  L,
  M,
  Q,
  Z,
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
export function pathToSvg(path: Path, { perM, left, top }: Sheet): string {
  const out: string[] = []
  for (let i = 0; i < path.length;) {
    const step = path[i++]
    const x = () => n(left + path[i++]! * perM)
    const y = () => n(top - path[i++]! * perM)
    if (step === Z) out.push('Z')
    else if (step === M || step === L) out.push(`${step === M ? 'M' : 'L'}${x()} ${y()}`)
    else if (step === Q) out.push(`Q${x()} ${y()} ${x()} ${y()}`)
    else out.push(circle(left + path[i++]! * perM, top - path[i++]! * perM, path[i++]! * perM))
  }
  return out.join('')
}

const circle = (x: number, y: number, r: number) =>
  `M${n(x - r)} ${n(y)}a${n(r)} ${n(r)} 0 1 0 ${n(2 * r)} 0a${n(r)} ${n(r)} 0 1 0 ${n(-2 * r)} 0`

/** Collects what must be named before it is used: shades and clips. */
class Markup {
  readonly definitions: string[] = []

  define(make: (id: string) => string): string {
    const id = `d${this.definitions.length}`
    this.definitions.push(make(id))
    return `url(#${id})`
  }
}

/** Paints as SVG elements on a sheet. Texts are escaped; colours come from checked data. */
export function paintsAsSvg(paints: readonly Paint[], sheet: Sheet): string {
  const markup = new Markup()
  const body = paints.map((p) => paintMarkup(p, sheet, markup)).join('\n')
  return `<defs>${markup.definitions.join('')}</defs>\n${body}`
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

function paintMarkup(paint: Paint, sheet: Sheet, markup: Markup): string {
  if (isShape(paint)) return shapeMarkup(paint, sheet, markup)
  if (isWords(paint)) return wordsMarkup(paint, sheet)
  if (isClipped(paint)) {
    const clip = markup.define(
      (id) => `<clipPath id="${id}"><path d="${pathToSvg(paint.clip, sheet)}"/></clipPath>`,
    )
    return `<g clip-path="${clip}">${paint.within.map((p) => paintMarkup(p, sheet, markup)).join('')}</g>`
  }
  return paint.badge.map((p) => paintMarkup(p, badgeSheet(sheet, paint.at), markup)).join('')
}

function shapeMarkup(shape: Shape, sheet: Sheet, markup: Markup): string {
  const { fill, stroke, alpha, dash } = shape
  if (!fill && !stroke) return ''
  const width = Math.max(shape.thin ?? 0, (shape.lineWidth ?? 0) * sheet.perM)
  const attributes = [
    `d="${pathToSvg(shape.path, sheet)}"`,
    `fill="${typeof fill === 'object' ? shadeMarkup(fill, sheet, markup) : (fill ?? 'none')}"`,
    stroke ? `stroke="${stroke}" stroke-width="${n(width)}" stroke-linecap="${dash ? 'butt' : 'round'}"` : '',
    dash && dash.length > 0 ? `stroke-dasharray="${dash.join(' ')}"` : '',
    alpha === undefined ? '' : `opacity="${n(alpha)}"`,
  ]
  return `<path ${attributes.filter((a) => a !== '').join(' ')}/>`
}

function shadeMarkup({ from, to, stops }: Shade, { perM, left, top }: Sheet, markup: Markup): string {
  const [x1, y1, x2, y2] = [left + from.x * perM, top - from.y * perM, left + to.x * perM, top - to.y * perM].map(n)
  const ends = `x1="${x1}" y1="${y1}" x2="${x2}" y2="${y2}"`
  const list = stops.map(([at, colour]) => `<stop offset="${at}" stop-color="${colour}"/>`).join('')
  return markup.define(
    (id) => `<linearGradient id="${id}" gradientUnits="userSpaceOnUse" ${ends}>${list}</linearGradient>`,
  )
}

const ANCHOR = { left: 'start', center: 'middle', right: 'end' } as const
/** Letters stand on a base line; places name their middle. */
const HALF_HEIGHT = 0.35

function wordsMarkup(w: Words, { perM, left, top }: Sheet): string {
  const x = n(left + w.x * perM + (w.dx ?? 0))
  const y = n(top - w.y * perM - (w.dy ?? 0) + w.size * HALF_HEIGHT)
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
