import type { BaseDrawing, BedPlace, Site, SurveyPoint, Thing } from '../model'
import { mergeParts } from '../merge'

/** Nothing surveyed yet. */
export const EMPTY_SITE: Site = { northDeg: 0, points: [], things: [], beds: [], base: null }

/** A named change of a site; each has an inverse. */
export type SiteEdit =
  | { readonly kind: 'setThing'; readonly thing: Thing; readonly position?: number }
  | { readonly kind: 'removeThing'; readonly id: string }
  | { readonly kind: 'setPoint'; readonly point: SurveyPoint; readonly position?: number }
  | { readonly kind: 'removePoint'; readonly id: string }
  | { readonly kind: 'setBedPlace'; readonly bedId: string; readonly place: BedPlace | null }
  | { readonly kind: 'setNorth'; readonly northDeg: number }
  | { readonly kind: 'setBase'; readonly base: BaseDrawing | null }
  | { readonly kind: 'replaceSite'; readonly site: Site }
  | { readonly kind: 'all'; readonly edits: readonly SiteEdit[]; readonly name: string }

/** Applies an edit of a site: things and points are added or, when their id is there, changed. */
export function applySiteEdit(site: Site, edit: SiteEdit): { readonly site: Site; readonly inverse: SiteEdit } {
  switch (edit.kind) {
    case 'setThing': {
      const set = put(site.things, edit.thing, edit.position)
      return {
        site: { ...site, things: set.list },
        inverse: set.before ? { kind: 'setThing', thing: set.before } : { kind: 'removeThing', id: edit.thing.id },
      }
    }
    case 'removeThing': {
      const cut = take(site.things, edit.id)
      return cut
        ? {
            site: { ...site, things: cut.list },
            inverse: { kind: 'setThing', thing: cut.item, position: cut.position },
          }
        : { site, inverse: NOTHING }
    }
    case 'setPoint': {
      const set = put(site.points, edit.point, edit.position)
      return {
        site: { ...site, points: set.list },
        inverse: set.before ? { kind: 'setPoint', point: set.before } : { kind: 'removePoint', id: edit.point.id },
      }
    }
    case 'removePoint': {
      const cut = take(site.points, edit.id)
      return cut
        ? {
            site: { ...site, points: cut.list },
            inverse: { kind: 'setPoint', point: cut.item, position: cut.position },
          }
        : { site, inverse: NOTHING }
    }
    case 'setBedPlace': {
      const before = site.beds.find((b) => b.bedId === edit.bedId) ?? null
      const beds = withPlace(site.beds, before, edit.place)
      return { site: { ...site, beds }, inverse: { kind: 'setBedPlace', bedId: edit.bedId, place: before } }
    }
    case 'setNorth':
      return { site: { ...site, northDeg: edit.northDeg }, inverse: { kind: 'setNorth', northDeg: site.northDeg } }
    case 'setBase':
      return { site: { ...site, base: edit.base }, inverse: { kind: 'setBase', base: site.base } }
    case 'replaceSite':
      return { site: edit.site, inverse: { kind: 'replaceSite', site } }
    case 'all': {
      const inverses: SiteEdit[] = []
      let now = site
      for (const part of edit.edits) {
        const done = applySiteEdit(now, part)
        now = done.site
        inverses.unshift(done.inverse)
      }
      return { site: now, inverse: { kind: 'all', edits: inverses, name: edit.name } }
    }
  }
}

const NOTHING: SiteEdit = { kind: 'all', edits: [], name: 'nothing' }

function put<T extends { readonly id: string }>(
  list: readonly T[],
  item: T,
  position?: number,
): { list: readonly T[]; before: T | null } {
  const before = list.find((x) => x.id === item.id) ?? null
  if (before) return { list: list.map((x) => (x === before ? item : x)), before }
  const after = [...list]
  after.splice(position ?? after.length, 0, item)
  return { list: after, before: null }
}

function take<T extends { readonly id: string }>(
  list: readonly T[],
  id: string,
): { list: readonly T[]; item: T; position: number } | null {
  const position = list.findIndex((x) => x.id === id)
  return position < 0 ? null : { list: list.filter((_, i) => i !== position), item: list[position]!, position }
}

/** What an edit does, in a few words. */
export function describeSiteEdit(edit: SiteEdit): string {
  switch (edit.kind) {
    case 'setThing':
      return `change ${edit.thing.name}`
    case 'removeThing':
      return 'take out of the site'
    case 'setPoint':
      return `measure ${edit.point.name}`
    case 'removePoint':
      return 'take out a point'
    case 'setBedPlace':
      return edit.place ? 'place the bed' : 'take the bed off the site'
    case 'setNorth':
      return 'turn north'
    case 'setBase':
      return 'change the drawing'
    case 'replaceSite':
      return 'take the other version'
    case 'all':
      return edit.name
  }
}

/** Places with one put in, changed or (by null) taken out. */
function withPlace(beds: Site['beds'], before: BedPlace | null, place: BedPlace | null): Site['beds'] {
  if (place === null) return beds.filter((b) => b !== before)
  return before ? beds.map((b) => (b === before ? place : b)) : [...beds, place]
}

/** A whole site set anew, so that it leaves alone what others changed of it between `base` and `theirs`. */
export function rebaseSiteEdit(edit: SiteEdit, base: Site, theirs: Site): SiteEdit {
  if (edit.kind === 'all') return { ...edit, edits: edit.edits.map((e) => rebaseSiteEdit(e, base, theirs)) }
  if (edit.kind !== 'replaceSite') return edit
  return { kind: 'replaceSite', site: mergeParts(base, edit.site, theirs).value }
}
