import { middleOf } from '../../geometry'
import type { PlacedThing, ResolvedSite } from '../../site'
import { factsOfThing } from '../factsOfThing'
import type { LayerLine, NamedOutline, PlantOnSite } from '../PlantOnSite'
import { DxfDrawing } from './DxfDrawing'

/**
 * A site, its beds and its planting as a DXF drawing in true metres: outlines and lines on a layer a kind, each with its name as a text;
 * trees, features and plants as blocks with attributes, plants on a layer a lane and kind. What each is stands in its extended data, so
 * that the file reads back whole.
 */
export function writeDxf(
  site: Pick<ResolvedSite, 'things'>,
  beds: readonly NamedOutline[],
  plants: readonly PlantOnSite[] = [],
  pipes: readonly LayerLine[] = [],
): string {
  const drawing = new DxfDrawing()
  for (const thing of site.things) addThing(drawing, thing)
  for (const { name, outline } of beds) {
    drawing.addLine('bed', outline, true, { kind: 'bed', name })
    drawing.addWords('names', middleOf(outline), name)
  }
  for (const plant of plants) addPlant(drawing, plant)
  for (const { layer, line, closed, name } of pipes) drawing.addLine(layer, line, closed, { kind: 'pipe', name })
  return drawing.text()
}

function addThing(drawing: DxfDrawing, thing: PlacedThing) {
  const said = factsOfThing(thing)
  if ('outline' in thing) {
    drawing.addLine(thing.kind, thing.outline, true, said)
    drawing.addWords('names', middleOf(thing.outline), thing.name)
  } else if ('line' in thing) {
    drawing.addLine(thing.kind, thing.line, false, said)
    drawing.addWords('names', thing.line[Math.floor((thing.line.length - 1) / 2)]!, thing.name)
  } else if (thing.kind === 'tree' || thing.kind === 'feature') {
    const r = thing.kind === 'tree' ? thing.spreadM / 2 : Math.max(0.05, thing.widthM / 2)
    const attributes = { NAME: thing.name, KIND: thing.kind, HEIGHT_M: String(thing.heightM) }
    drawing.addMark(thing.kind, `${thing.kind} ${Math.round(r * 2000)} mm`, thing.at, r, attributes, said)
  } else {
    drawing.addPoint(thing.kind, thing.at, said)
    drawing.addWords('names', thing.at, thing.name)
  }
}

function addPlant(drawing: DxfDrawing, plant: PlantOnSite) {
  const { x, y, ...facts } = plant
  drawing.addMark(
    `plants ${plant.lane} ${plant.botanicalName}`,
    `${plant.letters} ${plant.botanicalName}`,
    { x, y },
    plant.spreadM / 2,
    {
      LETTER: plant.letters,
      BOTANICAL: plant.botanicalName,
      COMMON: plant.commonName,
      BED: plant.bed,
      LANE: plant.lane,
      HEIGHT_M: String(plant.heightM),
      SPREAD_M: String(plant.spreadM),
    },
    { kind: 'plant', name: plant.commonName, ...facts },
  )
}
