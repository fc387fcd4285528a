import { insideOf, nearestOn, distance, polygonArea, type Point } from '../geometry'
import { fail, ok, type Result } from '../result'

/** A line, outline or place found in a drawing, in metres of the site plan (x right, y up); one point is a place. */
export interface FoundLine {
  readonly name: string
  readonly layer: string
  /** What the file calls it: polyline, circle, text … */
  readonly what: string
  readonly closed: boolean
  readonly points: readonly Point[]
  /** What our own files say it is: its kind, name and figures. */
  readonly facts?: Readonly<Record<string, unknown>> | null
}

/** What was not taken from a file, so many of a kind and layer, and why. */
export interface LeftOut {
  readonly what: string
  readonly layer: string
  readonly count: number
  readonly why: string
}

/** Metres in a unit of a drawing, and where that is known from; `doubt` says why it should be looked at. */
export interface FoundUnit {
  readonly metres: number
  readonly said: string | null
  readonly doubt: string | null
}

export interface FoundDrawing {
  readonly lines: readonly FoundLine[]
  readonly left: readonly LeftOut[]
  readonly unit: FoundUnit
  /** What else is worth knowing before it is taken in. */
  readonly told: readonly string[]
}

/** A shape before its unit is settled: its places in units of the drawing, curves not farther off than `tolerance`. */
export interface Piece extends Omit<FoundLine, 'points'> {
  readonly draw: (tolerance: number) => readonly Point[]
}
/** A text of a drawing: it names the shape that it stands in. */
export interface Label {
  readonly text: string
  readonly at: Point
  readonly layer: string
}

/** More than this is no drawing of a small site. */
export const MOST_LINES = 5000
const MOST_POINTS = 200_000
/** No place of a curve is farther from what is taken in than this, metres. */
const TOLERANCE_M = 0.002
/** A text this near to a line names it, metres. */
const LABEL_REACH_M = 0.6

/** Keeps count of what is left out. */
export class LeftBehind {
  private readonly lines = new Map<string, LeftOut>()

  add(what: string, layer: string, why: string, count = 1) {
    const key = `${what}|${layer}|${why}`
    const before = this.lines.get(key)?.count ?? 0
    this.lines.set(key, { what, layer, why, count: before + count })
  }

  list(): LeftOut[] {
    return [...this.lines.values()]
  }
}

/** Pieces as lines in metres: curves followed, doubles left out, texts made names; an error when they are too many or none. */
export function finishDrawing(
  pieces: readonly Piece[],
  labels: readonly Label[],
  unit: FoundUnit,
  behind: LeftBehind,
  told: readonly string[] = [],
): Result<FoundDrawing> {
  if (pieces.length > MOST_LINES)
    return fail(
      `The drawing has more than ${MOST_LINES} pieces: nothing was changed. Save only the layers of the plan.`,
    )
  const found: FoundLine[] = []
  let points = 0
  for (const { draw, ...piece } of pieces) {
    const drawn = draw(TOLERANCE_M / unit.metres)
    points += drawn.length
    if (points > MOST_POINTS)
      return fail(
        `The drawing has more than ${MOST_POINTS} points: nothing was changed. Simplify it and try again.`,
      )
    if (drawn.some((p) => !isOnSite(p, unit.metres))) return fail(TOO_FAR)
    const inMetres = drawn.map((p) => ({ x: p.x * unit.metres, y: p.y * unit.metres }))
    found.push(
      isPlace(piece)
        ? { ...piece, closed: false, points: [middleOfBox(inMetres)] }
        : { ...piece, points: inMetres },
    )
  }
  const texts = labels.map((l) => ({ ...l, at: { x: l.at.x * unit.metres, y: l.at.y * unit.metres } }))
  const lines = nameByLabels(withoutDoubles(tidy(found), behind), texts, behind)
  return lines.length > 0
    ? ok({ lines, left: behind.list(), unit, told })
    : fail(`The drawing holds no lines or outlines${whyNot(behind)}: nothing was changed.`)
}

/** Farther from its own origin than round the earth, nothing is a drawing of a site. */
const FARTHEST_M = 4e7
const isOnSite = (p: Point, metres: number) =>
  Math.abs(p.x * metres) < FARTHEST_M && Math.abs(p.y * metres) < FARTHEST_M
const TOO_FAR =
  'The drawing has places farther off than the earth is round: nothing was changed. Look at its unit, or save it again.'

/** Kinds of our own that stand at a place, whatever they are drawn as. */
const PLACES = new Set(['tree', 'feature', 'viewpoint', 'target', 'plant'])
export const isPlace = ({ facts }: Pick<FoundLine, 'facts'>) => !!facts && PLACES.has(String(facts.kind))

function middleOfBox(points: readonly Point[]): Point {
  const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)]
  return { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: (Math.min(...ys) + Math.max(...ys)) / 2 }
}

function whyNot(behind: LeftBehind): string {
  const left = behind.list().map((l) => `${l.count} ${l.what}: ${l.why}`)
  return left.length > 0 ? ` that can be taken in (${left.slice(0, 3).join('; ')})` : ''
}

/** Lines with points to a tenth of a millimetre, doubled points dropped, and those of no length left out; a place stays one point. */
export function tidy(lines: readonly FoundLine[]): FoundLine[] {
  const fine = (n: number) => Math.round(n * 10_000) / 10_000
  return lines.flatMap((line) => {
    const points = line.points
      .map((p) => ({ x: fine(p.x), y: fine(p.y) }))
      .filter((p, i, all) => i === 0 || p.x !== all[i - 1]!.x || p.y !== all[i - 1]!.y)
    if (line.points.length === 1) return [{ ...line, closed: false, points }]
    const [first, last] = [points[0], points[points.length - 1]]
    const ends = points.length > 2 && first!.x === last!.x && first!.y === last!.y
    const open = ends ? points.slice(0, -1) : points
    return open.length >= 2 ? [{ ...line, closed: (line.closed || ends) && open.length >= 3, points: open }] : []
  })
}

/** Of shapes with the very same places the first, the one that says most: a hatch often repeats an outline. */
function withoutDoubles(lines: readonly FoundLine[], behind: LeftBehind): FoundLine[] {
  const seen = new Set<string>()
  return lines.filter((l) => {
    const key = l.points
      .map((p) => `${p.x},${p.y}`)
      .sort()
      .join(' ')
    const isDouble = seen.has(key) && !l.facts && l.points.length > 1
    if (isDouble) behind.add(l.what, l.layer, 'it repeats another')
    seen.add(key)
    return !isDouble
  })
}

/** Texts as names: each names the smallest outline it stands in that has no name of its own, else the nearest line within reach. */
function nameByLabels(lines: readonly FoundLine[], labels: readonly Label[], behind: LeftBehind): FoundLine[] {
  const named = new Map<FoundLine, string>()
  const free = lines.filter((l) => !l.facts && l.name === '')
  const outlines = free
    .filter((l) => l.closed)
    .map((line) => ({ line, holds: insideOf(line.points), area: Math.abs(polygonArea(line.points)) }))
    .sort((a, b) => a.area - b.area)
  for (const { text, at, layer } of labels) {
    const holder = outlines.find((o) => !named.has(o.line) && o.holds(at))?.line
    const line = holder ?? free.find((l) => !l.closed && !named.has(l) && isBy(l.points, at))
    if (line) named.set(line, text)
    else if (!lines.some((l) => l.name === text || l.facts?.name === text))
      behind.add('text', layer, 'it names nothing')
  }
  return lines.map((l) => ({ ...l, name: l.name || named.get(l) || l.layer || l.what }))
}

const isBy = (points: readonly Point[], at: Point) =>
  points.some((a, i) => i > 0 && distance(nearestOn([points[i - 1]!, a], at), at) <= LABEL_REACH_M)
