import svgpath from 'svgpath'
import { flattenCurve, type Point } from '../../geometry'
import { arcDraw, type Draw } from '../curves'
import { userLength } from './svgLengths'

/** A part of an element's outline; an element of several strokes has several. */
interface SvgShape {
  readonly what: string
  readonly closed: boolean
  readonly draw: Draw
}
/** A property of the element by name, and the size of what it lies in, for per cent. */
interface SvgElement {
  readonly get: (name: string) => string | undefined
  readonly width: number
  readonly height: number
}

type Reader = (e: SvgElement) => SvgShape[]
const across = (e: SvgElement, name: string) => userLength(e.get(name), e.width)
const down = (e: SvgElement, name: string) => userLength(e.get(name), e.height)

const READERS: Readonly<Record<string, Reader>> = {
  rect: (e) => pathShapes('rect', rectPath(e)),
  circle: (e) => {
    const r = userLength(e.get('r'), Math.hypot(e.width, e.height) / Math.SQRT2)
    return oval('circle', across(e, 'cx'), down(e, 'cy'), r, r)
  },
  ellipse: (e) => oval('ellipse', across(e, 'cx'), down(e, 'cy'), across(e, 'rx'), down(e, 'ry')),
  line: (e) => [
    {
      what: 'line',
      closed: false,
      draw: () => [
        { x: across(e, 'x1'), y: down(e, 'y1') },
        { x: across(e, 'x2'), y: down(e, 'y2') },
      ],
    },
  ],
  polygon: (e) => corners('polygon', e, true),
  polyline: (e) => corners('polyline', e, false),
  path: (e) => pathShapes('path', pathText(e.get('d') ?? '')),
}
export const isSvgShape = (tag: string) => tag in READERS

/** The shapes of an element in its own coordinates. */
export const shapesOfSvg = (tag: string, e: SvgElement): SvgShape[] => READERS[tag]?.(e) ?? []

function oval(what: string, cx: number, cy: number, rx: number, ry: number): SvgShape[] {
  if (!(rx > 0 && ry > 0)) return []
  const draw = arcDraw({ x: cx, y: cy }, { x: rx, y: 0 }, { x: 0, y: ry }, 0, 2 * Math.PI)
  return [{ what, closed: true, draw }]
}

function corners(what: string, e: SvgElement, closed: boolean): SvgShape[] {
  const figures = (e.get('points') ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number)
    .filter(Number.isFinite)
  const points = Array.from({ length: Math.floor(figures.length / 2) }, (_, i) => ({
    x: figures[2 * i]!,
    y: figures[2 * i + 1]!,
  }))
  return points.length > 1 ? [{ what, closed, draw: () => points }] : []
}

/** A path as an attribute, or as a property: `path("…")`. */
const pathText = (d: string) => /^path\(\s*["'](.*)["']\s*\)$/s.exec(d.trim())?.[1] ?? d

function rectPath(e: SvgElement): string {
  const [x, y, w, h] = [across(e, 'x'), down(e, 'y'), across(e, 'width'), down(e, 'height')]
  if (!(w > 0 && h > 0)) return ''
  const [askedX, askedY] = [across(e, 'rx'), down(e, 'ry')]
  const rx = Math.min(askedX || askedY, w / 2)
  const ry = Math.min(askedY || askedX, h / 2)
  if (!(rx > 0 && ry > 0)) return `M${x} ${y}h${w}v${h}h${-w}z`
  const arc = (dx: number, dy: number) => `a${rx} ${ry} 0 0 1 ${dx} ${dy}`
  const [sideW, sideH] = [w - 2 * rx, h - 2 * ry]
  const tops = `M${x + rx} ${y}h${sideW}${arc(rx, ry)}v${sideH}${arc(-rx, ry)}`
  return `${tops}h${-sideW}${arc(-rx, -ry)}v${-sideH}${arc(rx, -ry)}z`
}

type Bit = Draw

/** The strokes of a path, one a move: lines, and curves followed. */
function pathShapes(what: string, d: string): SvgShape[] {
  if (d === '') return []
  const strokes: { bits: Bit[]; closed: boolean }[] = []
  let bits: Bit[] = []
  const end = (closed: boolean) => {
    if (bits.length > 0) strokes.push({ bits, closed })
    bits = []
  }
  svgpath(d)
    .abs()
    .unshort()
    .unarc()
    .iterate(([letter, ...n], _, x, y) => {
      const from = { x, y }
      if (letter === 'M') return end(false)
      if (letter === 'Z' || letter === 'z') return end(true)
      bits.push(bitOf(letter, n as number[], from))
    })
  end(false)
  return strokes.map(({ bits: all, closed }) => ({
    what,
    closed,
    draw: (tolerance) => all.flatMap((bit, i) => bit(tolerance).slice(i === 0 ? 0 : 1)),
  }))
}

function bitOf(letter: string, n: readonly number[], from: Point): Bit {
  const pairs = Array.from({ length: n.length / 2 }, (_, i) => ({ x: n[2 * i]!, y: n[2 * i + 1]! }))
  switch (letter) {
    case 'H':
      return () => [from, { x: n[0]!, y: from.y }]
    case 'V':
      return () => [from, { x: from.x, y: n[0]! }]
    case 'Q':
    case 'C':
      return (tolerance) => flattenCurve((u) => bezier([from, ...pairs], u), tolerance, 2)
    default:
      return () => [from, ...pairs.slice(-1)]
  }
}

/** A place of a Bézier curve, by halving its frame at `u`. */
function bezier(frame: readonly Point[], u: number): Point {
  let row = [...frame]
  while (row.length > 1)
    row = row
      .slice(1)
      .map((b, i) => ({ x: row[i]!.x + (b.x - row[i]!.x) * u, y: row[i]!.y + (b.y - row[i]!.y) * u }))
  return row[0]!
}
