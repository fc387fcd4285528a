import {
  AppIdFlags,
  Attrib,
  DxfWriter,
  type EntitiesManager,
  Insert,
  LWPolylineFlags,
  point3d,
  SeqEnd,
  TextHorizontalAlignment,
  TextVerticalAlignment,
  Units,
} from '@tarikjabiri/dxf'
import type { Point } from '../../geometry'
import { chunksOf } from './extendedData'

/** Colour numbers of the layers, for drawing programs that show a layer in one colour. */
const COLOURS: Readonly<Record<string, number>> = {
  building: 1,
  openings: 4,
  fence: 30,
  surface: 8,
  terrace: 40,
  tree: 3,
  feature: 6,
  service: 5,
  viewpoint: 2,
  target: 4,
  bed: 92,
  lanes: 8,
  wall: 1,
  fixtures: 6,
  names: 7,
  'standing plants': 94,
}
const PLANT_COLOUR = 90
const TEXT_M = 0.25
const LONGEST_NAME = 200

/** The application that the extended data of our drawings is filed under. */
const APPLICATION = 'AMBER_TERRACE'

/** What a shape of a drawing is, kept as extended data of its entity. */
type Said = Readonly<Record<string, unknown>> | null

/** A name that drawing programs take for a layer or block: without the characters that they keep for themselves. */
const tableName = (text: string) =>
  text
    .replace(/[<>/\\":;?*|=`,\p{Cc}]/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, LONGEST_NAME) || 'unnamed'

/** A text of one line in which nothing reads as a code of the format. */
const plainText = (text: string) =>
  text
    .replace(/\p{Cc}+/gu, ' ')
    .replace(/%%/g, '% %')
    .replace(/\\/g, '/')
    .replace(/\^/g, '’')
    .trim()

/** A drawing file in metres (DXF of 2007, UTF-8): layers are made as they are asked for. */
export class DxfDrawing {
  private readonly writer = new DxfWriter()
  private readonly layers = new Set<string>()
  private readonly blocks = new Map<string, string>()

  constructor() {
    this.writer.setUnits(Units.Meters)
    this.writer.setVariable('$MEASUREMENT', { 70: 1 })
    this.writer.tables.addAppId(APPLICATION, AppIdFlags.None)
  }

  private on(layer: string) {
    const name = tableName(layer)
    if (!this.layers.has(name)) this.writer.addLayer(name, COLOURS[name] ?? PLANT_COLOUR, 'Continuous')
    this.layers.add(name)
    return { layerName: name }
  }

  private say(entity: { addXData: (name: string) => { string: (text: string) => void } }, said: Said) {
    if (!said) return
    const data = entity.addXData(APPLICATION)
    // The package leaves out the last character of a string.
    for (const chunk of chunksOf(said)) data.string(`${chunk}.`)
  }

  addLine(layer: string, points: readonly Point[], closed: boolean, said: Said = null) {
    const flags = closed ? LWPolylineFlags.Closed : LWPolylineFlags.None
    const vertices = points.map(({ x, y }) => ({ point: { x, y } }))
    this.say(this.writer.modelSpace.addLWPolyline(vertices, { ...this.on(layer), flags }), said)
  }

  addCircle(layer: string, { x, y }: Point, r: number, said: Said = null) {
    this.say(this.writer.modelSpace.addCircle(point3d(x, y, 0), r, this.on(layer)), said)
  }

  addPoint(layer: string, { x, y }: Point, said: Said) {
    this.say(this.writer.modelSpace.addPoint(x, y, 0, this.on(layer)), said)
  }

  addWords(layer: string, { x, y }: Point, words: string, heightM = TEXT_M) {
    const text = plainText(words)
    if (text === '') return
    this.writer.modelSpace.addText(point3d(x, y, 0), heightM, text, {
      ...this.on(layer),
      horizontalAlignment: TextHorizontalAlignment.Center,
      verticalAlignment: TextVerticalAlignment.Middle,
      secondAlignmentPoint: point3d(x, y, 0),
    })
  }

  /** A block of a name, drawn once by `draw` in metres about its own origin. */
  private block(name: string, draw: (into: EntitiesManager) => void): string {
    const wanted = tableName(name)
    const known = this.blocks.get(wanted)
    if (known) return known
    const block = this.writer.addBlock(wanted)
    draw(block)
    this.blocks.set(wanted, block.name)
    return block.name
  }

  /** A circle with a cross as a block at a place; the attributes are the words and figures that the block carries, the first is shown. */
  addMark(
    layer: string,
    name: string,
    at: Point,
    r: number,
    attributes: Readonly<Record<string, string>>,
    said: Said,
  ) {
    const cross = Math.min(0.05, r / 3)
    const block = this.block(name, (into) => {
      into.addCircle(point3d(0, 0, 0), r)
      into.addLine(point3d(-cross, 0, 0), point3d(cross, 0, 0))
      into.addLine(point3d(0, -cross, 0), point3d(0, cross, 0))
    })
    const on = this.on(layer)
    const space = this.writer.modelSpace
    const insert = new Insert(block, point3d(at.x, at.y, 0), on)
    space.addEntity(insert)
    this.say(insert, said)
    for (const [i, [tag, value]] of Object.entries(attributes).entries()) {
      const shown = { ...on, ...(i > 0 ? { visible: false } : {}) }
      space.addEntity(new Attrib(point3d(at.x, at.y, 0), TEXT_M / 2, tag, plainText(value) || '-', shown))
    }
    if (Object.keys(attributes).length === 0) return
    insert.attributesFollowFlag = 1
    space.addEntity(new SeqEnd()).ownerBlockRecord = insert.handle
  }

  text(): string {
    return this.writer.stringify()
  }
}
