import { selectOne } from 'css-select'
import { isTag, type ChildNode, type Element } from 'domhandler'
import { textContent } from 'domutils'
import { applyToPoint, compose, identity, translate, type Matrix } from 'transformation-matrix'
import { fail, ok, type Result } from '../../result'
import {
  finishDrawing,
  LeftBehind,
  MOST_LINES,
  type FoundDrawing,
  type FoundUnit,
  type Label,
  type Piece,
} from '../found'
import { withinLimits } from '../drawingLimits'
import { reachOf, unitFor } from '../sizeUnit'
import { paperMm, PX_MM, userLength, viewBoxOf } from './svgLengths'
import { readXml } from './readXml'
import { isSvgShape, shapesOfSvg } from './svgShapes'
import { fit, transformOf } from './svgFit'
import { SvgStyles } from './SvgStyles'

/** How large an SVG lies on the ground: at a scale, when it has a page, or so many metres a unit. */
export interface SvgSize {
  /** Ratio of the scale that its page is drawn at; 50 is 1 : 50. */
  readonly ratio?: number | undefined
  readonly unitM?: number | undefined
}
/** An SVG drawing with what its page says: millimetres across and down, and the scale our own files name. */
export interface FoundSvg extends FoundDrawing {
  readonly page: { readonly widthMm: number; readonly heightMm: number } | null
  readonly ratio: number | null
}

const BROKEN =
  'That does not read as an SVG drawing: nothing was changed. Save it again as plain SVG and try once more.'
const DEEPEST = 64
const DEFAULT_SIDE = 100
const DEFAULT_RATIO = 50
/** What is only drawn where something uses it. */
const KEPT_APART = new Set([
  'defs',
  'symbol',
  'clipPath',
  'mask',
  'pattern',
  'marker',
  'linearGradient',
  'radialGradient',
  'filter',
  'style',
  'title',
  'desc',
  'metadata',
  'script',
])

/**
 * The shapes of an SVG drawing in metres (its y turned up): groups, views within views, `use`, style sheets and transforms followed,
 * curves within 2 mm, hidden parts left out, texts as names.
 */
export function readSvg(text: string, size: SvgSize = {}): Result<FoundSvg> {
  const within = withinLimits(text, 'svg')
  if (!within.ok) return within
  const read = walked(text)
  return read ? finished(read, size) : fail(BROKEN)
}

/** The shapes of a text that reads as SVG; null when it does not. */
function walked(text: string): { readonly root: Element; readonly walk: Walk } | null {
  try {
    const root = rootOf(text)
    if (!root) return null
    const walk = new Walk(root)
    walk.all()
    return { root, walk }
  } catch {
    return null
  }
}

function finished(
  { root, walk }: { readonly root: Element; readonly walk: Walk },
  size: SvgSize,
): Result<FoundSvg> {
  const page = pageOf(root)
  const named = Number(root.attribs['data-scale'])
  const ratio = named > 0 ? named : null
  const mmPerUnit = page ? page.widthMm / (viewBoxOf(root.attribs.viewBox)?.w ?? page.widthMm / PX_MM) : null
  const read = finishDrawing(walk.pieces, walk.labels, unitOf(walk, size, mmPerUnit, ratio), walk.behind)
  return read.ok ? ok({ ...read.value, page, ratio }) : read
}

function rootOf(text: string): Element | null {
  const isRoot = (n: ChildNode): n is Element => isTag(n) && n.name === 'svg'
  return readXml(text).children.find(isRoot) ?? null
}

function pageOf({ attribs }: Element): FoundSvg['page'] {
  const [widthMm, heightMm] = [paperMm(attribs.width), paperMm(attribs.height)]
  return widthMm && heightMm ? { widthMm, heightMm } : null
}

function unitOf(walk: Walk, { ratio, unitM }: SvgSize, mmPerUnit: number | null, named: number | null): FoundUnit {
  if (unitM) return { metres: unitM, said: null, doubt: null }
  if (!mmPerUnit) return unitFor(walk.reach(), null, null)
  const scaleOf = ratio ?? named ?? DEFAULT_RATIO
  const metres = (mmPerUnit * scaleOf) / 1000
  const doubt = ratio || named ? null : `it has a page but no scale; taken as 1 : ${DEFAULT_RATIO}`
  return { metres, said: `1 : ${scaleOf} on paper`, doubt }
}

interface Place {
  readonly matrix: Matrix
  readonly layer: string
  readonly width: number
  readonly height: number
  readonly depth: number
  /** What the group it lies in is called. */
  readonly name: string
  readonly facts?: Piece['facts']
  readonly unseen: boolean
}

class Walk {
  readonly pieces: Piece[] = []
  readonly labels: Label[] = []
  readonly behind = new LeftBehind()
  private readonly styles: SvgStyles
  private readonly drawn = new Set<object>()

  constructor(private readonly root: Element) {
    this.styles = new SvgStyles(root)
  }

  /** All that the picture's own view holds. */
  all() {
    const { attribs, children } = this.root
    const box = viewBoxOf(attribs.viewBox)
    const width = box?.w ?? userLength(attribs.width, DEFAULT_SIDE, DEFAULT_SIDE)
    const height = box?.h ?? userLength(attribs.height, DEFAULT_SIDE, DEFAULT_SIDE)
    // Our own files say where the site’s origin lies on their page.
    const [x = 0, y = 0] = (attribs['data-origin'] ?? '').split(' ').map(Number).filter(Number.isFinite)
    const matrix = translate(-x, -y)
    for (const child of children)
      this.node(child, { matrix, layer: '', width, height, depth: 0, name: '', unseen: false })
  }

  reach(): number {
    return reachOf(this.pieces.flatMap((p) => p.draw(Infinity)))
  }

  node(node: ChildNode, place: Place) {
    if (!isTag(node) || KEPT_APART.has(node.name) || this.pieces.length > MOST_LINES) return
    if (this.isGone(node)) {
      this.behind.add(node.name, place.layer, 'it is hidden')
      return
    }
    if (place.depth > DEEPEST) throw new Error('nested too deep')
    this.take(node, this.inside(node, place))
  }

  /** Gone with all that it holds. */
  private isGone(e: Element): boolean {
    return this.styles.get(e, 'display') === 'none' || this.styles.get(e, 'opacity') === '0'
  }

  /** Unseen itself: what it holds may say otherwise. */
  private isUnseen(e: Element, outer: boolean): boolean {
    const own = this.styles.get(e, 'visibility')
    if (own === undefined || own === 'inherit') return outer
    return own === 'hidden' || own === 'collapse'
  }

  /** Where the inside of an element lies. */
  private inside(e: Element, place: Place): Place {
    const transform = this.styles.get(e, 'transform')
    const matrix = transform ? compose(place.matrix, transformOf(transform)) : place.matrix
    const isGroup = e.name === 'g' || e.name === 'svg' || e.name === 'a'
    const called = labelOf(e)
    const facts = factsOfElement(e) ?? place.facts
    return {
      ...place,
      matrix,
      depth: place.depth + 1,
      unseen: this.isUnseen(e, place.unseen),
      layer: isGroup && called !== '' && !facts ? called : place.layer,
      name: called || place.name,
      ...(facts ? { facts } : {}),
    }
  }

  private take(e: Element, place: Place) {
    if (place.unseen && (isSvgShape(e.name) || e.name === 'text'))
      return this.behind.add(e.name, place.layer, 'it is hidden')
    if (e.name === 'use') return this.use(e, place)
    if (e.name === 'svg') return this.view(e, place, place.width, place.height)
    if (e.name === 'text') return this.text(e, place)
    if (isSvgShape(e.name)) return this.shape(e, place)
    if (e.name === 'image' || e.name === 'foreignObject')
      return this.behind.add(e.name, place.layer, 'pictures are not lines')
    for (const child of e.children) this.node(child, place)
  }

  private shape(e: Element, place: Place) {
    const { matrix, layer, width, height, facts } = place
    const stretch = Math.max(Math.hypot(matrix.a, matrix.b), Math.hypot(matrix.c, matrix.d), 1e-12)
    const get = (name: string) => this.styles.get(e, name)
    const name = typeof facts?.name === 'string' ? facts.name : labelOf(e)
    // Of what our own files draw of a thing the first shape is the thing, the rest is ornament.
    if (facts && this.drawn.has(facts)) return
    if (facts) this.drawn.add(facts)
    for (const { what, closed, draw } of shapesOfSvg(e.name, { get, width, height }))
      this.pieces.push({
        name,
        layer,
        what,
        closed,
        facts: facts ?? null,
        draw: (tolerance) => draw(tolerance / stretch).map((p) => turnedUp(applyToPoint(matrix, p))),
      })
  }

  private text(e: Element, { matrix, layer, width, height, facts }: Place) {
    const words = textContent(e).replace(/\s+/g, ' ').trim()
    if (words === '' || facts) return
    const first = e.children.find((c): c is Element => isTag(c) && c.name === 'tspan')
    const at = (name: string, whole: number) => userLength(e.attribs[name] ?? first?.attribs[name], whole)
    this.labels.push({
      text: words,
      at: turnedUp(applyToPoint(matrix, { x: at('x', width), y: at('y', height) })),
      layer,
    })
  }

  /** What is drawn again at another place: a shape or group as it stands, a symbol or view fitted into its own width and height. */
  private use(e: Element, place: Place) {
    const id = (e.attribs.href ?? e.attribs['xlink:href'] ?? '').replace(/^#/, '')
    const target =
      id === ''
        ? null
        : (selectOne(`[id="${id.replace(/["\\]/g, '\\$&')}"]`, [this.root], { xmlMode: true }) as Element | null)
    if (!target) return this.behind.add('use', place.layer, 'what it repeats is not in the file')
    const get = (name: string) => this.styles.get(e, name)
    const at = translate(userLength(get('x'), place.width), userLength(get('y'), place.height))
    const moved = { ...place, matrix: compose(place.matrix, at) }
    if (target.name !== 'symbol' && target.name !== 'svg') return this.node(target, moved)
    const asked = (name: 'width' | 'height') =>
      userLength(get(name) ?? target.attribs[name], place[name], place[name])
    this.view(target, moved, asked('width'), asked('height'))
  }

  /** A view of its own: its box is fitted into its width and height. */
  private view(e: Element, place: Place, whole: number, high: number) {
    const isSvg = e.name === 'svg'
    const x = isSvg ? userLength(e.attribs.x, place.width) : 0
    const y = isSvg ? userLength(e.attribs.y, place.height) : 0
    const width = isSvg ? userLength(e.attribs.width, place.width, whole) : whole
    const height = isSvg ? userLength(e.attribs.height, place.height, high) : high
    const box = viewBoxOf(e.attribs.viewBox)
    const fitted = box ? fit(box, width, height, e.attribs.preserveAspectRatio) : identity()
    const inner = {
      ...place,
      matrix: compose(place.matrix, translate(x, y), fitted),
      width: box?.w ?? width,
      height: box?.h ?? height,
      depth: place.depth + 1,
    }
    for (const child of e.children) this.node(child, inner)
  }
}

const turnedUp = (p: { x: number; y: number }) => ({ x: p.x, y: 0 - p.y })

/** What an element is called: by a label, a title, or its id. */
function labelOf(e: Element): string {
  const title = e.children.find((c): c is Element => isTag(c) && c.name === 'title')
  const id = e.attribs.id ?? ''
  return (
    e.attribs['data-name'] ??
    labelAttribute(e) ??
    e.attribs['aria-label'] ??
    (title ? textContent(title) : id)
  ).trim()
}

function factsOfElement(e: Element): Piece['facts'] {
  try {
    const read = JSON.parse(e.attribs['data-facts'] ?? 'null') as unknown
    return typeof read === 'object' && read !== null && 'kind' in read ? (read as Record<string, unknown>) : null
  } catch {
    return null
  }
}

/** Drawing programs name layers by an attribute of their own, `…:label`. */
const labelAttribute = (e: Element): string | undefined =>
  Object.entries(e.attribs).find(([name]) => name.endsWith(':label'))?.[1]
