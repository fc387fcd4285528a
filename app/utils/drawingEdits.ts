import { type Site, type Thing, type ThingKind, siteSchema } from '~~/core/model'
import { faultOfLine, fitLine, type FoundLine } from '~~/core/exchange'
import type { Point } from '~~/core/geometry'
import { applySiteEdit, EMPTY_SITE, newThing, type SiteEdit } from '~~/core/site'
import { describeIssues } from '~~/shared/wire'
import { newId } from './newId'

/** Lines turned into things of the site: the edits, what was simplified, and what was left out with the reason. */
export interface DrawingEdits {
  readonly edits: readonly SiteEdit[]
  readonly simplified: number
  readonly left: readonly string[]
}

const MOST_THINGS = 500

/**
 * Things of a site from lines of a drawing, each of a chosen kind (`none` leaves it out, `own` is what our own file says it was); what a
 * site cannot keep is left out and named.
 */
export function drawingEdits(site: Site, lines: readonly FoundLine[], kinds: readonly string[]): DrawingEdits {
  const left: string[] = []
  const ids = new Map(lines.map((l) => [String(l.facts?.id ?? ''), newId()]))
  let simplified = 0
  const edits = lines.flatMap((found, i): SiteEdit[] => {
    const kind = kinds[i]
    if (!kind || kind === 'none' || kind === 'bed') return []
    const line = fitLine(found, i + 1)
    const thing = faultOfLine(line) ? null : thingOf(line, kind, ids)
    const fault = faultOfLine(line) ?? (thing ? faultOfThing(thing) : null)
    if (fault || !thing) {
      left.push(`${line.name}: ${fault}`)
      return []
    }
    if (line.points.length < found.points.length) simplified++
    return [{ kind: 'setThing', thing }]
  })
  const room = Math.max(0, MOST_THINGS - site.things.length)
  if (edits.length > room)
    left.push(`${edits.length - room} of ${edits.length}: a site holds at most ${MOST_THINGS} things`)
  return { edits: edits.slice(0, room), simplified, left }
}

function thingOf(line: FoundLine, chosen: string, ids: ReadonlyMap<string, string>): Thing {
  const kind = (chosen === 'own' ? String(line.facts!.kind) : chosen) as ThingKind
  const plain = newThing(kind, newId(), line.points[0]!)
  const spots = line.points.map(({ x, y }) => ({ x, y }))
  const placed = placeOf(plain, spots)
  if (chosen !== 'own') return { ...plain, name: line.name, ...placed } as Thing
  const { id, seenFrom, ...facts } = line.facts!
  const seen = seenFrom === undefined ? {} : { seenFrom: ids.get(String(seenFrom)) ?? null }
  return { ...plain, ...facts, ...seen, id: ids.get(String(id)) ?? plain.id, name: line.name, ...placed } as Thing
}

function placeOf(plain: Thing, spots: readonly Point[]) {
  if ('outline' in plain) return { outline: spots }
  return 'line' in plain ? { line: spots } : { at: spots[0]! }
}

function faultOfThing(thing: Thing): string | null {
  const checked = siteSchema.safeParse({ ...EMPTY_SITE, things: [thing] })
  return checked.success ? null : describeIssues(checked.error)
}

/** Why a site with these edits could not be saved; null when it can. */
export function faultOfEdits(site: Site, edits: readonly SiteEdit[]): string | null {
  const after = applySiteEdit(site, { kind: 'all', name: 'bring in a drawing', edits }).site
  const checked = siteSchema.safeParse(after)
  return checked.success ? null : describeIssues(checked.error)
}
