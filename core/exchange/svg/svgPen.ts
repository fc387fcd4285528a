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
} from '../../draw'

const n = (value: number) => String(Math.round(value * 1000) / 1000)
const escape = (text: string) =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!)

/** To the hundredth of a point: nobody sees more, and a picture of many leaves is a fifth smaller. */
const cut = (value: number) => String(Math.round(value * 100) / 100)

/** A path's `d` on a sheet. */
export function pathToSvg(path: Path, sheet: Sheet): string {
  const out: string[] = []
  tracePath(path, sheet, {
    moveTo: (x, y) => out.push(`M${cut(x)} ${cut(y)}`),
    lineTo: (x, y) => out.push(`L${cut(x)} ${cut(y)}`),
    quadraticCurveTo: (cx, cy, x, y) => out.push(`Q${cut(cx)} ${cut(cy)} ${cut(x)} ${cut(y)}`),
    closePath: () => out.push('Z'),
    circle: (x, y, r) => out.push(circle(x, y, r)),
  })
  return out.join('')
}

const circle = (x: number, y: number, r: number) =>
  `M${cut(x - r)} ${cut(y)}a${cut(r)} ${cut(r)} 0 1 0 ${cut(2 * r)} 0a${cut(r)} ${cut(r)} 0 1 0 ${cut(-2 * r)} 0`

/** A text made safe for markup. */
export const escapeMarkup = escape

/** Collects markup, and what must be named before it is used: shades and clips. */
export class SvgMarkup {
  private readonly definitions: string[] = []
  readonly body: string[] = []
  private readonly ids = new Set<string>()

  define(make: (id: string) => string): string {
    const id = `d${this.definitions.length}`
    this.definitions.push(make(id))
    return `url(#${id})`
  }

  /** An id that no other element of the picture has, of letters that every reader takes. */
  id(wanted: string): string {
    const base = wanted.replace(/[^A-Za-z0-9_-]+/g, '-').replace(/^[^A-Za-z]/, 'n$&')
    let id = base
    for (let n = 2; this.ids.has(id); n++) id = `${base}-${n}`
    this.ids.add(id)
    return id
  }

  /** Paints as elements, those of one layer that follow one another as a group with its name. */
  put(paints: Iterable<Paint>, sheet: Sheet) {
    let open: string | undefined
    const turnTo = (layer: string | undefined) => {
      if (layer === open) return
      if (open !== undefined) this.body.push('</g>')
      if (layer !== undefined) this.body.push(`<g id="${this.id(layer)}" data-name="${escape(layer)}">`)
      open = layer
    }
    for (const paint of paints) {
      turnTo('layer' in paint ? paint.layer : undefined)
      this.putOne(paint, sheet)
    }
    turnTo(undefined)
  }

  /** Paints as elements as they follow, without groups. */
  putOne(paint: Paint, sheet: Sheet) {
    walkPaints([paint], sheet, {
      shape: (shape, at) => this.body.push(shapeMarkup(shape, at, this)),
      words: (words, at) => this.body.push(wordsMarkup(words, at)),
      clip: (path, at, within) => {
        const clip = this.define((id) => `<clipPath id="${id}"><path d="${pathToSvg(path, at)}"/></clipPath>`)
        this.body.push(`<g clip-path="${clip}">`)
        within()
        this.body.push('</g>')
      },
    })
  }

  text(): string {
    return [...this.lines()].join('\n')
  }

  *lines(): Generator<string> {
    yield `<defs>${this.definitions.join('')}</defs>`
    for (const part of this.body) if (part !== '') yield part
  }
}

const MM_PER_PT = 25.4 / 72

/**
 * Paints as an SVG picture of so many points, its page in millimetres, line by line: a picture of many plants is too large to be held as
 * one text. `scale` is the ratio it is drawn at.
 */
export function* svgLines(
  paints: Iterable<Paint>,
  sheet: Sheet,
  widthPt: number,
  heightPt: number,
  scale?: number,
): Generator<string> {
  const page = `width="${n(widthPt * MM_PER_PT)}mm" height="${n(heightPt * MM_PER_PT)}mm"`
  const at = scale ? ` data-scale="${scale}"` : ''
  const box = `viewBox="0 0 ${n(widthPt)} ${n(heightPt)}"`
  yield `<svg xmlns="http://www.w3.org/2000/svg" ${page} ${box}${at}>`
  const markup = new SvgMarkup()
  markup.put(paints, sheet)
  yield* markup.lines()
  yield '</svg>'
}

function shapeMarkup(shape: Shape, sheet: Sheet, markup: SvgMarkup): string {
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

function shadeMarkup(shade: Shade, sheet: Sheet, markup: SvgMarkup): string {
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
