import DxfParser from 'dxf-parser'
import { factsOf } from './extendedData'

/** An entity of a drawing as its file has it: codes and values in their order. */
export interface DxfEntity {
  readonly type: string
  readonly groups: readonly (readonly [number, string | number])[]
}
export interface DxfBlockFound {
  readonly name: string
  readonly position?: { readonly x: number; readonly y: number }
  readonly entities?: readonly DxfEntity[]
}
export interface DxfFile {
  readonly header: Readonly<Record<string, unknown>>
  readonly layers: ReadonlyMap<string, { readonly frozen: boolean; readonly visible: boolean }>
  readonly blocks: ReadonlyMap<string, DxfBlockFound>
  readonly entities: readonly DxfEntity[]
}

interface Scanner {
  next: () => { code: number; value: string | number }
}
const KINDS = [
  'LINE',
  'LWPOLYLINE',
  'POLYLINE',
  'VERTEX',
  'SEQEND',
  'ARC',
  'CIRCLE',
  'ELLIPSE',
  'SPLINE',
  'HATCH',
  'SOLID',
  'TRACE',
  '3DFACE',
  'POINT',
  'INSERT',
  'ATTRIB',
  'TEXT',
  'MTEXT',
] as const
/** Kinds that are counted and left out. */
const OTHERS = [
  'DIMENSION',
  'LEADER',
  'MULTILEADER',
  'IMAGE',
  'WIPEOUT',
  'VIEWPORT',
  'REGION',
  '3DSOLID',
  'BODY',
  'RAY',
  'XLINE',
] as const

/** Reads every entity of one kind as its groups, so that nothing of it is lost. */
const keeperOf = (type: string) =>
  class {
    readonly ForEntityName = type
    parseEntity(scanner: Scanner) {
      const groups: [number, string | number][] = []
      for (let g = scanner.next(); g.code !== 0; g = scanner.next()) groups.push([g.code, g.value])
      return { type, groups }
    }
  }

/** The sections of a DXF text; throws when it is none. */
export function parseDxf(text: string): DxfFile {
  const parser = new DxfParser()
  for (const type of [...KINDS, ...OTHERS])
    parser.registerEntityHandler(keeperOf(type) as unknown as Parameters<typeof parser.registerEntityHandler>[0])
  // A file cut after its entities is still a drawing.
  const whole = /\bEOF\s*$/.test(text) ? text : `${text.trimEnd()}\n0\nEOF\n`
  const read = (parser.parseSync(whole) ?? {}) as unknown as Sections
  return {
    header: read.header ?? {},
    layers: new Map(Object.entries(read.tables?.layer?.layers ?? {}).map(([name, l]) => [name, stateOf(l)])),
    blocks: new Map(Object.entries(read.blocks ?? {})),
    entities: read.entities ?? [],
  }
}

interface LayerRead {
  readonly frozen?: boolean
  readonly visible?: boolean
}
interface Sections {
  readonly header?: Record<string, unknown>
  readonly tables?: { readonly layer?: { readonly layers?: Record<string, LayerRead> } }
  readonly blocks?: Record<string, DxfBlockFound>
  readonly entities?: readonly DxfEntity[]
}
const stateOf = (l: LayerRead) => ({ frozen: l.frozen === true, visible: l.visible !== false })

/** The first figure of a code. */
export function numberOf(e: DxfEntity, code: number, otherwise = 0): number {
  const value = e.groups.find(([c]) => c === code)?.[1]
  const n = Number(value)
  return value !== undefined && Number.isFinite(n) ? n : otherwise
}

/** All figures of a code. */
export const numbersOf = (e: DxfEntity, code: number): number[] =>
  e.groups.filter(([c]) => c === code).map(([, v]) => Number(v))

/** The texts of some codes in their order, joined. */
export const textOf = (e: DxfEntity, ...codes: readonly number[]): string =>
  e.groups
    .filter(([c]) => codes.includes(c))
    .map(([, v]) => String(v))
    .join('')

/** Pairs of two codes, as corners are written. */
export function pointsOf(e: DxfEntity, xCode: number): { x: number; y: number }[] {
  const points: { x: number; y: number }[] = []
  for (const [code, value] of e.groups) {
    if (code === xCode) points.push({ x: Number(value), y: 0 })
    else if (code === xCode + 10 && points.length > 0) points[points.length - 1]!.y = Number(value)
  }
  return points
}

export const layerOfEntity = (e: DxfEntity): string => textOf({ ...e, groups: first(e, 8) }, 8) || '0'
const first = (e: DxfEntity, code: number) => e.groups.filter(([c]) => c === code).slice(0, 1)

export const isOnPaper = (e: DxfEntity) => numberOf(e, 67) === 1
export const isInvisible = (e: DxfEntity) => numberOf(e, 60) === 1
/** Seen from below: its own axes run to the left. */
export const isMirrored = (e: DxfEntity) => numberOf(e, 230, 1) < 0

/** What our own drawings say of an entity; null for others. */
export const saidOf = (e: DxfEntity) => factsOf(e.groups.filter(([c]) => c === 1000).map(([, v]) => String(v)))
