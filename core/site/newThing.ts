import type { Spot, Thing, ThingKind } from '../model'
import type { Point } from '../geometry'

export const THING_NAMES: Readonly<Record<ThingKind, string>> = {
  building: 'Building',
  fence: 'Fence or wall',
  surface: 'Path, lawn or water',
  terrace: 'Level',
  tree: 'Tree',
  feature: 'Post, urn, tap, bench',
  service: 'Pipe, cable or line',
  viewpoint: 'Viewpoint',
  target: 'View to keep or hide',
}

/** Eye heights above the ground of each viewer, metres. Source: docs/grounds/calculations, What is seen. */
export const EYE_M = { path: 1.6, street: 1.6, seat: 1.15, driver: 1.1, window: 1.25, 'upper-floor': 4.4 } as const

/** A thing of a kind to start from, about a place; metres. */
export function newThing(kind: ThingKind, id: string, at: Point): Thing {
  const named = { id, name: THING_NAMES[kind].split(/,| or /)[0]! }
  const box = (w: number, d: number): Spot[] =>
    [
      [-w, -d],
      [w, -d],
      [w, d],
      [-w, d],
    ].map(([x, y]) => ({ x: cm(at.x + x! / 2), y: cm(at.y + y! / 2) }))
  const line = (l: number): Spot[] => [
    { x: cm(at.x - l / 2), y: cm(at.y) },
    { x: cm(at.x + l / 2), y: cm(at.y) },
  ]
  const here = { x: cm(at.x), y: cm(at.y) }
  switch (kind) {
    case 'building':
      return {
        ...named,
        kind,
        outline: box(8, 6),
        eaveM: 3,
        roof: { kind: 'gable', ridgeM: 5 },
        material: 'render',
        colour: '#d9cdb8',
        openings: [],
      }
    case 'fence':
      return { ...named, kind, line: line(4), heightM: 1.8, solid: 1 }
    case 'surface':
      return { ...named, kind, cover: 'path', outline: box(4, 1.2) }
    case 'terrace':
      return { ...named, kind, outline: box(4, 3), levelM: 0.6 }
    case 'tree':
      return {
        ...named,
        kind,
        at: here,
        heightM: 6,
        spreadM: 4,
        clearStemM: 2,
        leaf: 'deciduous',
        growthMPerYear: 0.3,
      }
    case 'feature':
      return { ...named, kind, what: 'post', at: here, heightM: 1.2, widthM: 0.15, keepInView: false }
    case 'service':
      return { ...named, kind, service: 'water', line: line(6), depthM: 0.8, sure: false }
    case 'viewpoint':
      return { ...named, kind, viewer: 'path', at: here, eyeM: EYE_M.path }
    case 'target':
      return { ...named, kind, wish: 'keep', seenFrom: null, at: here, widthM: 2, fromM: 0.5, toM: 2.5 }
  }
}

const cm = (n: number) => Math.round(n * 100) / 100

/** A thing moved by so much; corners fixed to surveyed points stay where they were measured. */
export function moved(thing: Thing, dx: number, dy: number): Thing {
  const by = (s: Spot): Spot => ('of' in s ? s : { x: cm(s.x + dx), y: cm(s.y + dy) })
  if ('outline' in thing) return { ...thing, outline: thing.outline.map(by) }
  if ('line' in thing) return { ...thing, line: thing.line.map(by) }
  return { ...thing, at: by(thing.at) }
}

/** The corners of a thing as they are stored. */
export function spotsOf(t: Thing): readonly Spot[] {
  if ('outline' in t) return t.outline
  return 'line' in t ? t.line : [t.at]
}

/** A thing with other corners. */
export function withSpots(thing: Thing, spots: readonly Spot[]): Thing {
  if ('outline' in thing) return { ...thing, outline: spots }
  if ('line' in thing) return { ...thing, line: spots }
  return { ...thing, at: spots[0]! }
}
