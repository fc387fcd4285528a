import {
  bedOnSitePaints,
  circlePath,
  northPaints,
  PRINT_PALETTE,
  scaleBarPaints,
  siteGroundPaints,
  thingPaints,
  type Paint,
  type Sheet,
} from '../../draw'
import { lighten } from '../../colour'
import { boundsOf, cornersOf, type PlacedThing, type ResolvedSite } from '../../site'
import { factsOfThing } from '../factsOfThing'
import type { NamedOutline, PlantOnSite } from '../PlantOnSite'
import { escapeMarkup, pathToSvg, SvgMarkup } from './svgPen'

const MARGIN_M = 1
const MM_PER_INCH = 25.4
const DEFAULT_RATIO = 50
const n = (value: number) => String(Math.round(value * 1000) / 1000)
const GROUND = new Set(['surface', 'terrace'])
const MARK_M = 0.005

/** A group of the picture that is one thing: its kind, name and figures are its attributes. */
interface Piece {
  readonly layer: string
  readonly facts: Readonly<Record<string, unknown>>
  readonly name: string
  /** What it is, before what is drawn of it: its outline, or a mark at its place. */
  readonly shape: string
  readonly paints: readonly Paint[]
}

/**
 * A site, its beds and its planting as an SVG picture for paper at a scale, drawn as the plan is, with north and a scale bar: the page in
 * millimetres, a group a layer, a group with id, name and facts a thing. Names are escaped.
 */
export function writeSvg(
  site: ResolvedSite,
  beds: readonly NamedOutline[],
  plants: readonly PlantOnSite[] = [],
  ratio = DEFAULT_RATIO,
): string {
  const { x0, x1, y0, y1 } = boundsOf(site.things, [...beds.flatMap((b) => b.outline), { x: 0, y: 0 }])
  const perM = (1000 / ratio / MM_PER_INCH) * 72
  const sheet = { perM, left: (MARGIN_M - x0) * perM, top: (y1 + MARGIN_M) * perM }
  const things = site.things.map((t) => thingPiece(t, sheet))
  const all = [
    ...things.filter((t) => GROUND.has(t.layer)),
    ...beds.map((b) => bedPiece(b, sheet)),
    ...plants.map((p) => plantPiece(p, sheet)),
    ...things.filter((t) => !GROUND.has(t.layer)),
  ]
  const markup = new SvgMarkup()
  for (const layer of new Set(all.map((p) => p.layer))) {
    markup.body.push(`<g id="${markup.id(`layer-${layer}`)}" data-name="${escapeMarkup(layer)}">`)
    for (const piece of all) if (piece.layer === layer) put(markup, piece, sheet)
    markup.body.push('</g>')
  }
  const furniture = [
    ...northPaints({ x: x1 - 0.2, y: y1 - 0.2 }, site.northDeg, PRINT_PALETTE),
    ...scaleBarPaints({ x: x0, y: y0 - MARGIN_M * 0.8 }, PRINT_PALETTE, perM),
  ]
  markup.body.push('<g id="furniture" visibility="visible" data-name="north and scale">')
  for (const paint of furniture) markup.putOne(paint, sheet)
  markup.body.push('</g>')
  const [width, height] = [x1 - x0 + 2 * MARGIN_M, y1 - y0 + 2 * MARGIN_M]
  const mm = (m: number) => n((m * 1000) / ratio)
  const page = `width="${mm(width)}mm" height="${mm(height)}mm" viewBox="0 0 ${n(width * perM)} ${n(height * perM)}"`
  const own = `data-scale="${ratio}" data-origin="${n(sheet.left)} ${n(sheet.top)}"`
  return `<svg xmlns="http://www.w3.org/2000/svg" ${page} ${own}>\n${markup.text()}\n</svg>\n`
}

function put(markup: SvgMarkup, { layer, facts, name, shape, paints }: Piece, sheet: Sheet) {
  const data = `data-name="${escapeMarkup(name)}" data-facts="${escapeMarkup(JSON.stringify(facts))}"`
  markup.body.push(`<g id="${markup.id(`${layer}-${name}`)}" ${data}><title>${escapeMarkup(name)}</title>`)
  markup.body.push(`<path d="${shape}" fill="none"/>`)
  for (const paint of paints) markup.putOne(paint, sheet)
  markup.body.push('</g>')
}

function thingPiece(thing: PlacedThing, sheet: Sheet): Piece {
  const paints = GROUND.has(thing.kind) ? siteGroundPaints([thing]) : thingPaints(thing)
  return { layer: thing.kind, facts: factsOfThing(thing), name: thing.name, shape: shapeOf(thing, sheet), paints }
}

function shapeOf(thing: PlacedThing, sheet: Sheet): string {
  const isPlace = !('outline' in thing) && !('line' in thing)
  return isPlace ? markAt(thing.at, sheet) : lineText(cornersOf(thing), 'outline' in thing, sheet)
}

/** Corners as an outline or line, to a thousandth of a point. */
function lineText(
  points: readonly { x: number; y: number }[],
  closed: boolean,
  { perM, left, top }: Sheet,
): string {
  const at = points.map((p) => `${n(left + p.x * perM)} ${n(top - p.y * perM)}`)
  return `M${at.join('L')}${closed ? 'Z' : ''}`
}
const markAt = ({ x, y }: { x: number; y: number }, sheet: Sheet) => pathToSvg(circlePath(x, y, MARK_M), sheet)

const bedPiece = ({ name, outline }: NamedOutline, sheet: Sheet): Piece => ({
  layer: 'bed',
  facts: { kind: 'bed', name },
  name,
  shape: lineText(outline, true, sheet),
  paints: bedOnSitePaints({ name, outlines: [outline], current: false }, PRINT_PALETTE, false, sheet.perM),
})

const PLANT_INK = '#3a5236'

function plantPiece(plant: PlantOnSite, sheet: Sheet): Piece {
  const { x, y, ...facts } = plant
  const path = circlePath(x, y, plant.spreadM / 2)
  return {
    layer: `plants ${plant.lane}`,
    facts: { kind: 'plant', name: plant.commonName, ...facts },
    name: `${plant.letters} ${plant.commonName}`,
    shape: markAt({ x, y }, sheet),
    paints: [
      { path, fill: lighten(PLANT_INK, 0.5), alpha: 0.4 },
      { path, stroke: PLANT_INK, thin: 0.6 },
      { words: plant.letters, x, y, size: 7, colour: '#2b2621', align: 'center', face: 'bold' },
    ],
  }
}
