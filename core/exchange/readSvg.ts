import { XMLParser, XMLValidator } from 'fast-xml-parser'
import { svgPathProperties } from 'svg-path-properties'
import {
  applyToPoint,
  compose,
  fromDefinition,
  fromTransformAttribute,
  identity,
  type Matrix,
} from 'transformation-matrix'
import type { Point } from '../geometry'
import { fail, ok, type Result } from '../result'
import { arcPoints, MOST_LINES, tidy, type FoundLine } from './outline'

type Node = Record<string, unknown>
const ATTRIBUTES = ':@'
const STEPS = 160

/**
 * The shapes of an SVG drawing in metres: one unit of the drawing is `unitM` (its y turned up). Groups, transforms, rectangles, circles,
 * ellipses, lines, polygons and paths are followed; text and pictures are left out.
 */
export function readSvg(text: string, unitM: number): Result<readonly FoundLine[]> {
  if (XMLValidator.validate(text) !== true)
    return fail(
      'That does not read as an SVG drawing: nothing was changed. Save it again as plain SVG and try once more.',
    )
  const tree = new XMLParser({
    preserveOrder: true,
    ignoreAttributes: false,
    attributeNamePrefix: '',
    processEntities: false,
  }).parse(text) as Node[]
  const found: FoundLine[] = []
  for (const node of tree) if ('svg' in node) walk(node, identity(), found, unitM)
  if (found.length > MOST_LINES)
    return fail(
      `The drawing has ${found.length} shapes; ${MOST_LINES} is the most. Save only the layers of the plan.`,
    )
  const lines = tidy(found)
  return lines.length > 0 ? ok(lines) : fail('The drawing holds no shapes: nothing was changed.')
}

function walk(node: Node, outer: Matrix, found: FoundLine[], unitM: number) {
  const tag = Object.keys(node).find((k) => k !== ATTRIBUTES) ?? ''
  const attributes = (node[ATTRIBUTES] ?? {}) as Record<string, string>
  const matrix = attributes.transform ? compose(outer, transformOf(attributes.transform)) : outer
  const shape = shapeOf(tag, attributes)
  if (shape)
    found.push({
      name: attributes.id ?? tag,
      closed: shape.closed,
      points: shape.points.map((p) => {
        const q = applyToPoint(matrix, p)
        return { x: q.x * unitM, y: -q.y * unitM }
      }),
    })
  const children = node[tag]
  if (
    Array.isArray(children) &&
    tag !== 'defs' &&
    tag !== 'clipPath' &&
    tag !== 'mask' &&
    found.length <= MOST_LINES
  )
    for (const child of children as Node[]) walk(child, matrix, found, unitM)
}

function transformOf(text: string): Matrix {
  try {
    return compose(fromDefinition(fromTransformAttribute(text)))
  } catch {
    return identity()
  }
}

function shapeOf(tag: string, a: Record<string, string>): { points: Point[]; closed: boolean } | null {
  const n = (key: string) => Number.parseFloat(a[key] ?? '0') || 0
  switch (tag) {
    case 'rect':
      return {
        closed: true,
        points: [
          { x: n('x'), y: n('y') },
          { x: n('x') + n('width'), y: n('y') },
          { x: n('x') + n('width'), y: n('y') + n('height') },
          { x: n('x'), y: n('y') + n('height') },
        ],
      }
    case 'circle':
      return { closed: true, points: arcPoints(n('cx'), n('cy'), n('r'), 0, 360) }
    case 'ellipse':
      return {
        closed: true,
        points: arcPoints(0, 0, 1, 0, 360).map((p) => ({ x: n('cx') + p.x * n('rx'), y: n('cy') + p.y * n('ry') })),
      }
    case 'line':
      return {
        closed: false,
        points: [
          { x: n('x1'), y: n('y1') },
          { x: n('x2'), y: n('y2') },
        ],
      }
    case 'polygon':
    case 'polyline':
      return { closed: tag === 'polygon', points: pairs(a.points ?? '') }
    case 'path':
      return pathOf(a.d ?? '')
    default:
      return null
  }
}

function pairs(text: string): Point[] {
  const numbers = text
    .trim()
    .split(/[\s,]+/)
    .map(Number)
    .filter(Number.isFinite)
  return Array.from({ length: Math.floor(numbers.length / 2) }, (_, i) => ({
    x: numbers[2 * i]!,
    y: numbers[2 * i + 1]!,
  }))
}

/** A path's points: its own corners where it is straight, points along it where it bends. */
function pathOf(d: string): { points: Point[]; closed: boolean } | null {
  try {
    const path = new svgPathProperties(d)
    const length = path.getTotalLength()
    if (!(length > 0)) return null
    const straight = !/[csqtaCSQTA]/.test(d)
    const points = straight
      ? path.getParts().flatMap((part, i) => (i === 0 ? [part.start, part.end] : [part.end]))
      : Array.from({ length: STEPS + 1 }, (_, i) => path.getPointAtLength((length * i) / STEPS))
    return { points: points.map(({ x, y }) => ({ x, y })), closed: /z\s*$/i.test(d) }
  } catch {
    return null
  }
}
