import type { FeatureKind, Feature } from '../model'
import { lineLength, placeAlong, smoothLine, type Point } from '../geometry'

/** What a kind is like: its words, its first size in metres and colour, and whether plants keep off it. */
interface FeatureTraits {
  readonly name: string
  readonly lengthM: number
  readonly widthM: number
  readonly heightM: number
  readonly colour: string
  readonly lies: boolean
  /** Whether it takes ground: plants keep off it. */
  readonly takesGround: boolean
  readonly runs: boolean
}

const trait = (
  name: string,
  [lengthM, widthM, heightM]: readonly [number, number, number],
  colour: string,
  { lies = false, takesGround = true, runs = false } = {},
): FeatureTraits => ({ name, lengthM, widthM, heightM, colour, lies, takesGround, runs })

export const FEATURES: Readonly<Record<FeatureKind, FeatureTraits>> = {
  gravel: trait('gravel ribbon', [2.4, 0.5, 0.05], '#cbbfa8', { lies: true, runs: true }),
  paving: trait('paving with open joints', [1.2, 0.9, 0.05], '#b8b0a2', { lies: true, takesGround: false }),
  stepping: trait('stepping stones', [1.8, 0.4, 0.05], '#a9a294', { lies: true, runs: true }),
  boulder: trait('boulder', [0.8, 0.6, 0.45], '#9a958b'),
  pot: trait('pot', [0.45, 0.45, 0.45], '#b0694a'),
  urn: trait('urn', [0.5, 0.5, 0.8], '#b9ae9c'),
  post: trait('post', [0.1, 0.1, 2], '#6d5c48'),
  obelisk: trait('obelisk', [0.45, 0.45, 1.9], '#4a4640'),
  trellis: trait('trellis', [1.5, 0.05, 1.8], '#8a7355', { takesGround: false }),
  wires: trait('wires', [2.4, 0.05, 2], '#8c8c88', { takesGround: false }),
  bench: trait('bench', [1.5, 0.55, 0.85], '#8a7355'),
  edging: trait('edging', [2, 0.08, 0.1], '#a4573f', { takesGround: false, runs: true }),
}

/** A thing of a kind as it is first set at a place of the plan. */
export function newFeature(kind: FeatureKind, id: string, { x, y }: Point): Feature {
  const { lengthM, widthM, heightM, colour } = FEATURES[kind]
  return { id, kind, x, y, lengthM, widthM, heightM, turnDeg: 0, colour, line: [] }
}

/** The middle line of a thing in plan: its own way, smooth through its points, or straight along its length. */
export function featureLine(f: Feature): Point[] {
  const turn = (f.turnDeg * Math.PI) / 180
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)]
  const straight = [
    { x: -f.lengthM / 2, y: 0 },
    { x: f.lengthM / 2, y: 0 },
  ]
  const line = f.line.length > 1 ? smoothLine(f.line) : straight
  return line.map(({ x, y }) => ({ x: f.x + x * cos - y * sin, y: f.y + x * sin + y * cos }))
}

/** Length of a thing's middle line, metres. */
export const featureLengthM = (f: Feature): number => lineLength(featureLine(f))

/** A round part of the ground that a thing takes, metres. */
export interface Disc extends Point {
  readonly r: number
}

/** The ground that a thing takes, as discs along its middle line that overlap by half; nothing where plants may stand in it. */
export const featureDiscs = (f: Feature): Disc[] => (FEATURES[f.kind].takesGround ? coverDiscs(f) : [])

/** The ground under a thing, whether plants may stand in it or not; trellis, wires and edging cover none. */
export function coverDiscs(f: Feature): Disc[] {
  if (!FEATURES[f.kind].takesGround && f.kind !== 'paving') return []
  if (f.kind === 'stepping') return steppingStones(f).map((p) => ({ ...p, r: f.widthM / 2 }))
  const alongIt = f.line.length > 1 || f.lengthM >= f.widthM
  const r = (alongIt ? f.widthM : f.lengthM) / 2
  const line = alongIt ? featureLine(f) : featureLine({ ...f, lengthM: f.widthM, turnDeg: f.turnDeg + 90 })
  const whole = lineLength(line)
  const inset = f.line.length > 1 ? 0 : r
  const many = Math.max(1, Math.min(MOST_DISCS, Math.ceil((whole - 2 * inset) / Math.max(0.02, r)) + 1))
  return Array.from({ length: many }, (_, i) => {
    const share = many === 1 ? 0.5 : i / (many - 1)
    return { ...placeAlong(line, inset + share * Math.max(0, whole - 2 * inset)), r }
  })
}

/** What a thing takes of the view from the side, as discs along its line: what stands upright and covers no ground hides too. */
export function standingDiscs(f: Feature): Disc[] {
  if (f.kind !== 'trellis' && f.kind !== 'wires') return featureDiscs(f)
  const line = featureLine(f)
  const whole = lineLength(line)
  const many = Math.max(1, Math.min(MOST_DISCS, Math.round(whole / UPRIGHT_M)))
  return Array.from({ length: many }, (_, i) => ({
    ...placeAlong(line, ((i + 0.5) / many) * whole),
    r: whole / many / 2,
  }))
}

/** An upright is cut into parts about so wide, metres. */
const UPRIGHT_M = 0.3
const MOST_DISCS = 200
/** A comfortable step, metres on centre. */
const STEP_M = 0.6

/** Where stepping stones lie: a step apart along their way, as many as it holds. */
export function steppingStones(f: Feature): Point[] {
  const line = featureLine(f)
  const whole = lineLength(line)
  const many = Math.max(1, Math.min(MOST_DISCS, Math.floor((whole - f.widthM) / STEP_M + 1e-9) + 1))
  const first = (whole - (many - 1) * STEP_M) / 2
  return Array.from({ length: many }, (_, i) => placeAlong(line, first + i * STEP_M))
}

/** Ground under a thing, square metres. */
export function featureAreaM2(f: Feature): number {
  if (f.kind === 'stepping') return steppingStones(f).length * Math.PI * (f.widthM / 2) ** 2
  if (f.kind === 'boulder') return (Math.PI * f.lengthM * f.widthM) / 4
  const round = f.kind === 'pot' || f.kind === 'urn' || f.kind === 'post' || f.kind === 'obelisk'
  return round ? (Math.PI * f.lengthM * f.widthM) / 4 : featureLengthM(f) * f.widthM
}
