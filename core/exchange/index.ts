export { writePaintsAsDxf } from './dxf/writePaintsAsDxf'
export { fromEarth, type Lie, readGeoJson, toEarth, writeGeoJson } from './geoJson'
export { type FoundDrawing, type FoundLine, type FoundUnit, isPlace, type LeftOut } from './found'
export { decodeDxf } from './dxf/dxfText'
export { readDxf } from './dxf/readDxf'
export { readSvg, type FoundSvg, type SvgSize } from './svg/readSvg'
export { UNITS } from './sizeUnit'
export { writeDxf } from './dxf/writeDxf'
export { writeSvg } from './svg/writeSvg'
export {
  FAR_M,
  faultOfLine,
  fitLine,
  liesFar,
  moveToOrigin,
  placedLines,
  simplified,
  type Placing,
} from './fitToSite'
export { pathToSvg, svgLines } from './svg/svgPen'
export { decodeText, type Encoding } from './decodeText'
export { type LayerLine, type NamedOutline, type PlantOnSite } from './PlantOnSite'
export { readCsvTable, readNumber, type Table, toTable } from './readTable'
export { plainList } from './plainList'
