import type { BedPlace, Site, Thing } from '../model'
import type { Point } from '../geometry'
import { resolvePoints, spotAt } from './survey'

type Placed<T> = T extends { readonly outline: readonly unknown[] }
  ? Omit<T, 'outline'> & { readonly outline: readonly Point[] }
  : T extends { readonly line: readonly unknown[] }
    ? Omit<T, 'line'> & { readonly line: readonly Point[] }
    : T extends { readonly at: unknown }
      ? Omit<T, 'at'> & { readonly at: Point }
      : never
/** A thing with each corner at its place, metres of the site plan. */
export type PlacedThing = Placed<Thing>
export type PlacedOf<K extends Thing['kind']> = Extract<PlacedThing, { readonly kind: K }>

export interface ResolvedSite {
  readonly northDeg: number
  readonly things: readonly PlacedThing[]
  readonly beds: readonly (Omit<BedPlace, 'at'> & { readonly at: Point })[]
  readonly places: ReadonlyMap<string, Point>
  readonly problems: ReadonlyMap<string, string>
}

/** The site with every surveyed point worked out. */
export function resolveSite(site: Site): ResolvedSite {
  const { places, problems } = resolvePoints(site.points)
  const at = (spot: Parameters<typeof spotAt>[0]) => spotAt(spot, places)
  const things = site.things.map((t): PlacedThing => {
    if ('outline' in t) return { ...t, outline: t.outline.map(at) }
    if ('line' in t) return { ...t, line: t.line.map(at) }
    return { ...t, at: at(t.at) }
  })
  return { northDeg: site.northDeg, things, beds: site.beds.map((b) => ({ ...b, at: at(b.at) })), places, problems }
}

/** Every corner of a thing. */
export function cornersOf(t: PlacedThing): readonly Point[] {
  if ('outline' in t) return t.outline
  return 'line' in t ? t.line : [t.at]
}
