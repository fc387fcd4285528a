import { applyToPoint, compose, identity, rotateDEG, scale, translate, type Matrix } from 'transformation-matrix'
import type { Point } from '../../geometry'
import { fail, type Result } from '../../result'
import { finishDrawing, isPlace, LeftBehind, MOST_LINES, type FoundDrawing, type Label, type Piece } from '../found'
import { reachOf, unitFor, UNITS, type NamedUnit } from '../sizeUnit'
import {
  isInvisible,
  isMirrored,
  isOnPaper,
  layerOfEntity,
  numberOf,
  parseDxf,
  pointsOf,
  saidOf,
  textOf,
  type DxfEntity,
  type DxfFile,
} from './dxfGroups'
import { shapesOfDxf } from './dxfShapes'
import { isBinaryDxf, readableText } from './dxfText'

/** Units by their number in a drawing's head. */
const NUMBERED: Readonly<Record<number, NamedUnit>> = {
  ...Object.fromEntries(
    [
      [1, 'inches'],
      [2, 'feet'],
      [4, 'millimetres'],
      [5, 'centimetres'],
      [6, 'metres'],
      [10, 'yards'],
      [14, 'decimetres'],
    ].map(([n, name]) => [n, UNITS.find((u) => u.name === name)!]),
  ),
  3: { name: 'miles', metres: 1609.344 },
  7: { name: 'kilometres', metres: 1000 },
  13: { name: 'microns', metres: 1e-6 },
  15: { name: 'decametres', metres: 10 },
  16: { name: 'hectometres', metres: 100 },
  21: { name: 'survey feet', metres: 1200 / 3937 },
}
const DEEPEST = 16
const BROKEN =
  'That does not read as a DXF drawing: nothing was changed. Save it again as ASCII DXF and try once more.'

/**
 * What a DXF drawing holds, in metres: lines, polylines, arcs, circles, ellipses, splines, edges of hatches and points, those in blocks
 * too however nested, turned or mirrored. What lies on frozen or hidden layers or on paper is counted and left out. `unitM` overrides
 * the unit the file says.
 */
export function readDxf(text: string, unitM: number | null = null): Result<FoundDrawing> {
  if (isBinaryDxf(text))
    return fail('That is a binary DXF drawing: nothing was changed. Save it as ASCII DXF and try once more.')
  let file: DxfFile
  try {
    file = parseDxf(text)
  } catch {
    return fail(BROKEN)
  }
  const walk = new Walk(file)
  try {
    walk.through(file.entities, identity(), '0', 0)
    const unit = unitFor(walk.reach(), NUMBERED[Number(file.header.$INSUNITS)] ?? null, unitM, isImperial(file))
    return finishDrawing(walk.pieces, walk.labels, unit, walk.behind)
  } catch {
    return fail(BROKEN)
  }
}

const isImperial = ({ header }: DxfFile) =>
  Number(header.$MEASUREMENT ?? 1) === 0 && header.$MEASUREMENT !== undefined

class Walk {
  readonly pieces: Piece[] = []
  readonly labels: Label[] = []
  readonly behind = new LeftBehind()

  constructor(private readonly file: DxfFile) {}

  /** How far all shapes reach, roughly, in the drawing's unit. */
  reach(): number {
    return reachOf(this.pieces.flatMap((p) => p.draw(Infinity)))
  }

  /** Goes through entities; those of a block on layer 0 lie on the layer that the block was set on. */
  through(entities: readonly DxfEntity[], matrix: Matrix, ownLayer: string, depth: number) {
    for (let i = 0; i < entities.length && this.pieces.length <= MOST_LINES; i++) {
      const e = entities[i]!
      const followers = this.followersOf(entities, i)
      i += followers.length
      const layer = layerOfEntity(e) === '0' ? ownLayer : layerOfEntity(e)
      const why = this.whyNot(e, layer)
      if (why) this.behind.add(e.type.toLowerCase(), layer, why)
      else this.take(e, followers, matrix, layer, depth)
    }
  }

  /** Vertices after a polyline, attributes after a block, and the mark that ends them. */
  private followersOf(entities: readonly DxfEntity[], i: number): DxfEntity[] {
    const kind = entities[i]!.type
    if (kind !== 'POLYLINE' && kind !== 'INSERT') return []
    const wanted = kind === 'POLYLINE' ? 'VERTEX' : 'ATTRIB'
    let end = i + 1
    while (entities[end]?.type === wanted) end++
    if (entities[end]?.type === 'SEQEND') end++
    return entities.slice(i + 1, end)
  }

  private whyNot(e: DxfEntity, layer: string): string | null {
    const state = this.file.layers.get(layer)
    if (isOnPaper(e)) return 'it lies on the paper, not in the plan'
    if (state?.frozen) return 'its layer is frozen'
    if (state && !state.visible) return 'its layer is switched off'
    return isInvisible(e) ? 'it is hidden' : null
  }

  private take(e: DxfEntity, followers: readonly DxfEntity[], matrix: Matrix, layer: string, depth: number) {
    if (e.type === 'SEQEND' || e.type === 'VERTEX' || e.type === 'ATTRIB') return
    if (e.type === 'INSERT') return this.takeBlock(e, followers, matrix, layer, depth)
    if (e.type === 'TEXT' || e.type === 'MTEXT') return this.takeText(e, matrix, layer)
    const facts = saidOf(e)
    const shapes = shapesOfDxf(
      e,
      followers.filter((f) => f.type === 'VERTEX'),
    )
    if (!shapes) return this.behind.add(e.type.toLowerCase(), layer, 'such things are not read')
    for (const shape of shapes) this.add(shape, matrix, layer, facts)
  }

  private add(
    { what, closed, draw }: { what: string; closed: boolean; draw: Piece['draw'] },
    matrix: Matrix,
    layer: string,
    facts: ReturnType<typeof saidOf>,
  ) {
    const stretch = Math.max(Math.hypot(matrix.a, matrix.b), Math.hypot(matrix.c, matrix.d), 1e-12)
    const name = typeof facts?.name === 'string' ? facts.name : ''
    this.pieces.push({
      name,
      layer,
      what,
      facts,
      closed,
      draw: (tolerance) => draw(tolerance / stretch).map((p) => applyToPoint(matrix, p)),
    })
  }

  private takeText(e: DxfEntity, matrix: Matrix, layer: string) {
    const text = readableText(e.type === 'MTEXT' ? textOf(e, 3, 1) : textOf(e, 1))
    const at = (e.type === 'TEXT' && alignedAt(e)) || pointsOf(e, 10)[0]
    if (text === '' || !at) return
    this.labels.push({ text, at: applyToPoint(matrix, isMirrored(e) ? { x: -at.x, y: at.y } : at), layer })
  }

  private takeBlock(e: DxfEntity, attributes: readonly DxfEntity[], matrix: Matrix, layer: string, depth: number) {
    const name = textOf(e, 2)
    const block = this.file.blocks.get(name)
    const facts = saidOf(e)
    const at = pointsOf(e, 10)[0] ?? { x: 0, y: 0 }
    if (isPlace({ facts }))
      return this.add({ what: 'block', closed: false, draw: () => [at] }, matrix, layer, facts)
    if (!block || depth >= DEEPEST)
      return this.behind.add('block', layer, block ? 'it is nested too deep' : 'it is empty')
    const before = this.pieces.length
    for (const place of placesOf(e)) {
      const inner = compose(matrix, blockMatrix(e, place, block.position ?? { x: 0, y: 0 }))
      this.through(block.entities ?? [], inner, layer, depth + 1)
    }
    this.nameByAttribute(before, attributes)
  }

  /** The shapes of a block that carries a name are called by it. */
  private nameByAttribute(from: number, attributes: readonly DxfEntity[]) {
    const named = attributes.find((a) => a.type === 'ATTRIB' && /NAME|LABEL/i.test(textOf(a, 2)))
    const name = named ? readableText(textOf(named, 1)) : ''
    if (name === '') return
    for (let i = from; i < this.pieces.length; i++) {
      const piece = this.pieces[i]!
      if (piece.name === '') this.pieces[i] = { ...piece, name }
    }
  }
}

/** Where an aligned text stands: its second place, when it has one. */
const alignedAt = (e: DxfEntity): Point | undefined =>
  numberOf(e, 72) !== 0 || numberOf(e, 73) !== 0 ? pointsOf(e, 11)[0] : undefined

const MOST_COPIES = 2000

/** Where the copies of a block lie, in rows and columns, before it is turned. */
function placesOf(e: DxfEntity): Point[] {
  const columns = Math.max(1, numberOf(e, 70, 1))
  const rows = Math.max(1, numberOf(e, 71, 1))
  const count = Math.min(columns * rows, MOST_COPIES)
  return Array.from({ length: count }, (_, i) => ({
    x: (i % columns) * numberOf(e, 44),
    y: Math.floor(i / columns) * numberOf(e, 45),
  }))
}

/** From the coordinates of a block to those of what it is set in. */
function blockMatrix(e: DxfEntity, place: Point, base: Point): Matrix {
  const at = pointsOf(e, 10)[0] ?? { x: 0, y: 0 }
  return compose(
    isMirrored(e) ? scale(-1, 1) : identity(),
    translate(at.x, at.y),
    rotateDEG(numberOf(e, 50)),
    translate(place.x, place.y),
    scale(numberOf(e, 41, 1) || 1, numberOf(e, 42, 1) || 1),
    translate(-base.x, -base.y),
  )
}
