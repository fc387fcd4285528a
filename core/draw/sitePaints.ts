import { lighten, mix } from '../colour'
import { middleOf, type Point } from '../geometry'
import type { PlacedOf, PlacedThing } from '../site'
import { L, M, Q, Z, type Paint, type Path, type Shape, type Words } from './path'
import { circlePath, linePath, rectPath } from './paths'
import type { Palette } from './palette'

const COVER: Readonly<Record<PlacedOf<'surface'>['cover'], string>> = {
  path: '#e3d6bb',
  paving: '#dbd0bd',
  lawn: '#d3dcb8',
  water: '#bfd6da',
  gravel: '#e9dfca',
  drive: '#d9d1c3',
  street: '#cbc6bd',
}
const SERVICE: Readonly<Record<PlacedOf<'service'>['service'], string>> = {
  water: '#36618e',
  gas: '#8a6a1c',
  electric: '#8d3f2f',
  drain: '#5e5347',
  telecom: '#6a4d86',
  drip: '#3f7d78',
  overhead: '#2b2621',
}
const INK = '#2b2621'
const AMBER_INK = '#7a3f06'
const PAPER_RIM = 'rgba(251, 247, 238, 0.85)'

/** A bed as it lies on a site. */
export interface BedOnSite {
  readonly name: string
  readonly outlines: readonly (readonly Point[])[]
  readonly current: boolean
}

const name = (words: string, at: Point, change: Partial<Words> = {}): Words => ({
  words,
  x: at.x,
  y: at.y,
  size: 12,
  colour: INK,
  align: 'center',
  face: 'title',
  rim: PAPER_RIM,
  ...change,
})

/** A bed on the site: its soil, its edge in amber when it is the one being worked on, and its name. */
export function bedOnSitePaints(bed: BedOnSite, palette: Palette, outlineOnly: boolean, perM: number): Paint[] {
  const all = bed.outlines.flat()
  const xs = all.map((p) => p.x)
  const foot = Math.min(...all.map((p) => p.y))
  const edge = bed.current
    ? { stroke: palette.amber, thin: 2.4, layer: 'bed' }
    : { stroke: palette.soil, thin: 1.3, layer: 'bed' }
  const outlines = bed.outlines.flatMap((o): Paint[] => {
    const path = linePath(o, true)
    return [...(outlineOnly ? [] : [{ path, fill: palette.soilLight, alpha: 0.6 }]), { path, ...edge }]
  })
  const middle = middleOf(all)
  // A small bed has its name beneath it, clear of what stands in it.
  const isNarrow = (Math.max(...xs) - Math.min(...xs)) * perM < bed.name.length * 8
  const at = isNarrow ? { x: middle.x, y: foot } : middle
  const look = bed.current ? { colour: AMBER_INK, face: 'title-bold' as const } : {}
  return [...outlines, name(bed.name, at, { ...look, dy: isNarrow ? -9 : 0, layer: 'bed' })]
}

const PAINTS: { readonly [K in PlacedThing['kind']]: (t: PlacedOf<K>) => Paint[] } = {
  surface: (t) => [{ path: linePath(t.outline, true), fill: COVER[t.cover], layer: 'surface' }],
  terrace: (t) => [
    {
      path: linePath(t.outline, true),
      fill: t.levelM > 0 ? '#e4d8c1' : '#d3c7b2',
      stroke: '#8f8471',
      thin: 1.5,
      layer: 'terrace',
    },
  ],
  building,
  fence: (t) => [
    {
      path: linePath(t.line, false),
      stroke: '#5e4a38',
      lineWidth: 0.1,
      thin: 2,
      dash: t.solid >= 0.95 ? [] : [6, 3],
      layer: 'fence',
    },
  ],
  service: (t) => [
    {
      path: linePath(t.line, false),
      stroke: SERVICE[t.service],
      thin: 1.6,
      dash: serviceDash(t),
      layer: 'service',
    },
  ],
  tree,
  feature,
  viewpoint,
  target,
}

/** A thing of the site from above. */
export const thingPaints = (t: PlacedThing): Paint[] => (PAINTS[t.kind] as (t: PlacedThing) => Paint[])(t)

function serviceDash(t: PlacedOf<'service'>): number[] {
  if (t.service === 'overhead') return [1, 5]
  return t.sure ? [9, 4] : [4, 6]
}

function building(t: PlacedOf<'building'>): Paint[] {
  const openings = t.openings.map((o): Paint => {
    const a = t.outline[o.side % t.outline.length]!
    const b = t.outline[(o.side + 1) % t.outline.length]!
    const length = Math.hypot(b.x - a.x, b.y - a.y)
    const at = (m: number): Point => ({ x: a.x + ((b.x - a.x) * m) / length, y: a.y + ((b.y - a.y) * m) / length })
    const path = linePath([at(o.alongM), at(o.alongM + o.widthM)], false)
    return { path, stroke: o.sillM < 0.3 ? '#fbf7ee' : '#8fb0b8', lineWidth: 0.12, thin: 2, layer: 'openings' }
  })
  const walls: Shape = {
    path: linePath(t.outline, true),
    fill: mix(t.colour, '#f3ebdc', 0.35),
    stroke: mix(t.colour, INK, 0.45),
    lineWidth: 0.16,
    thin: 2.5,
    layer: 'building',
  }
  return [
    walls,
    ...openings,
    name(t.name, middleOf(t.outline), { size: 13, face: 'title-bold', layer: 'building' }),
  ]
}

const LOBES = 14
const STEPS = LOBES * 4
const TREE = {
  evergreen: { fill: '#4f6b4a', edge: '#3a5236' },
  deciduous: { fill: '#8ba066', edge: '#64784a' },
} as const

function tree(t: PlacedOf<'tree'>): Paint[] {
  const { x, y } = t.at
  const r = t.spreadM / 2
  const { fill, edge } = t.leaf === 'evergreen' ? TREE.evergreen : TREE.deciduous
  const rim: Path = []
  for (let i = 0; i < STEPS; i++) {
    const a = (i / STEPS) * Math.PI * 2
    const wave = r * (0.95 + 0.05 * Math.cos(a * LOBES))
    rim.push(i === 0 ? M : L, x + Math.cos(a) * wave, y + Math.sin(a) * wave)
  }
  rim.push(Z)
  return [
    { path: circlePath(x, y, r), layer: 'tree' },
    { path: rim, fill, alpha: 0.38 },
    { path: rim, stroke: edge, thin: 1.2 },
    { path: circlePath(x, y, 0.12), fill: '#6d5c48' },
  ]
}

function feature(t: PlacedOf<'feature'>): Paint[] {
  const { x, y } = t.at
  const r = Math.max(0.12, t.widthM / 2)
  const path = t.what === 'bench' ? rectPath(x - r, y - r * 0.35, 2 * r, r * 0.7) : circlePath(x, y, r)
  const fill = t.what === 'tap' ? '#36618e' : lighten('#8f8471', t.keepInView ? -0.2 : 0)
  const shape: Paint = { path, fill, layer: 'feature' }
  return t.keepInView ? [shape, { path: circlePath(x, y, r * 1.25), stroke: '#d68a1c', thin: 1.5 }] : [shape]
}

const small = (words: string, colour: string): Words => ({
  words,
  x: 0,
  y: 0,
  size: 11,
  colour,
  align: 'center',
  rim: PAPER_RIM,
  dy: -16,
})

/** An eye: where someone stands, sits or drives. */
function viewpoint(t: PlacedOf<'viewpoint'>): Paint[] {
  const eye: Path = [M, -9, 0, Q, 0, 9, 9, 0, Q, 0, -9, -9, 0, Z]
  const badge = [
    { path: eye, fill: '#fbf7ee', stroke: AMBER_INK, thin: 1.4 },
    { path: circlePath(0, 0, 3), fill: AMBER_INK },
    small(t.name, AMBER_INK),
  ]
  return [
    { path: circlePath(t.at.x, t.at.y, 0.2), layer: 'viewpoint' },
    { at: t.at, badge },
  ]
}

const WISH = { keep: '#4f6b4a', hide: '#8d3f2f' } as const

/** A view to keep (an open frame) or to hide (a barred one). */
function target(t: PlacedOf<'target'>): Paint[] {
  const stroke = WISH[t.wish]
  const bars: Path = []
  if (t.wish === 'hide') for (const d of [-5, 0, 5]) bars.push(M, d, -6, L, d, 6)
  const frame = { path: [...rectPath(-9, -6, 18, 12), ...bars], stroke, thin: 1.6 }
  const badge = [frame, small(`${t.wish}: ${t.name}`, stroke)]
  return [
    { path: circlePath(t.at.x, t.at.y, 0.2), layer: 'target' },
    { at: t.at, badge },
  ]
}

/** What lies lowest is painted first. */
const UNDER_BEDS = ['surface', 'terrace'] as const
const OVER_BEDS = ['service', 'fence', 'building', 'feature', 'tree', 'target', 'viewpoint'] as const

const ofKinds = (things: readonly PlacedThing[], kinds: readonly PlacedThing['kind'][]): Paint[] =>
  kinds.flatMap((kind) => things.filter((t) => t.kind === kind).flatMap(thingPaints))

/** The site below its beds, and above them. */
export const siteGroundPaints = (things: readonly PlacedThing[]): Paint[] =>
  things.filter((t) => UNDER_BEDS.some((k) => k === t.kind)).flatMap(thingPaints)
export const siteThingPaints = (things: readonly PlacedThing[]): Paint[] => ofKinds(things, OVER_BEDS)

/** The shadow of a thing; all its faces as one, so that they do not darken each other. */
export const shadowPaints = (outlines: readonly (readonly Point[])[], pass: number): Paint[] => [
  { path: outlines.flatMap((o) => linePath(o, true)), fill: '#262c42', alpha: 0.42 * (1 - pass) },
]
