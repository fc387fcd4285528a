import { faultOfLine, fitLine, type FoundLine } from '~~/core/exchange'
import { applySiteEdit, newThing, type Site, type SiteEdit, type Thing } from '~~/core/site'
import { siteSchema } from '~~/shared/siteSchema'
import { describeIssues } from '~~/shared/wire'
import { newId } from './newId'

/** Lines turned into things of the site: the edits, and what was left out with the reason. */
export interface DrawingEdits {
  readonly edits: readonly SiteEdit[]
  readonly left: readonly string[]
}

const MOST_THINGS = 500

/**
 * Things of a site from lines of a drawing, each of a chosen kind (`none` leaves it out); what a site cannot keep
 * is left out and named.
 */
export function drawingEdits(site: Site, lines: readonly FoundLine[], kinds: readonly string[]): DrawingEdits {
  const left: string[] = []
  const edits = lines.flatMap((found, i): SiteEdit[] => {
    const kind = kinds[i]
    if (!kind || kind === 'none' || kind === 'bed') return []
    const line = fitLine(found, i + 1)
    const fault = faultOfLine(line)
    if (fault) left.push(`${line.name}: ${fault}`)
    return fault ? [] : [{ kind: 'setThing', thing: thingOf(line, kind as 'building') }]
  })
  const room = Math.max(0, MOST_THINGS - site.things.length)
  if (edits.length > room)
    left.push(`${edits.length - room} of ${edits.length}: a site holds at most ${MOST_THINGS} things`)
  return { edits: edits.slice(0, room), left }
}

function thingOf(line: FoundLine, kind: 'building'): Thing {
  const thing = newThing(kind, newId(), line.points[0]!)
  const spots = line.points.map(({ x, y }) => ({ x, y }))
  return { ...thing, name: line.name, ...('outline' in thing ? { outline: spots } : { line: spots }) } as Thing
}

/** Why a site with these edits could not be saved; null when it can. */
export function faultOfEdits(site: Site, edits: readonly SiteEdit[]): string | null {
  const after = applySiteEdit(site, { kind: 'all', name: 'bring in a drawing', edits }).site
  const checked = siteSchema.safeParse(after)
  return checked.success ? null : describeIssues(checked.error)
}
