import type { Bed, Feature } from '../model'
import { FEATURES, featureLine, placeIn, placingsOf, steppingStones } from '../bed'
import { bandAbout, type Point } from '../geometry'
import type { Aspect } from '../see'

/** A thing that does not grow as it lies in a picture: turned plan, metres. */
export interface FeatureAt {
  readonly feature: Feature
  readonly x: number
  readonly y: number
  /** Its middle line. */
  readonly line: readonly Point[]
  /** Its outlines on the ground: one, or one a stone. */
  readonly outlines: readonly (readonly Point[])[]
  /** How wide it is as seen. */
  readonly widthM: number
  readonly heightM: number
  readonly lies: boolean
}

const ROUND_SIDES = 20

/** All things of a bed and of its repeated parts, as an aspect shows them. */
export function featuresAt({ form, features }: Pick<Bed, 'form' | 'features'>, aspect: Aspect): FeatureAt[] {
  return placingsOf(form).flatMap((to) => {
    const turn = (p: Point) => aspect.turn(placeIn(to, p))
    return features.map((f) => featureAt(f, turn))
  })
}

function featureAt(feature: Feature, turn: (p: Point) => Point): FeatureAt {
  const outlines = outlinesOf(feature).map((o) => o.map(turn))
  const xs = outlines.flat().map((p) => p.x)
  const { x, y } = turn(feature)
  const line = featureLine(feature).map(turn)
  const widthM = Math.max(...xs) - Math.min(...xs)
  const { lies } = FEATURES[feature.kind]
  return { feature, x, y, line, outlines, widthM, heightM: feature.heightM, lies }
}

/** What a thing covers of the ground, in its bed's plan. */
function outlinesOf(f: Feature): Point[][] {
  if (f.kind === 'stepping') return steppingStones(f).map((p, i) => stone(p, f.widthM / 2, i))
  if (f.line.length > 1) return [bandAbout(featureLine(f), f.widthM / 2)]
  const isRound = f.kind === 'pot' || f.kind === 'urn' || f.kind === 'post'
  if (isRound || f.kind === 'boulder') return [oval(f)]
  return [corners(f)]
}

const at = (f: Feature, x: number, y: number): Point => {
  const turn = (f.turnDeg * Math.PI) / 180
  return { x: f.x + x * Math.cos(turn) - y * Math.sin(turn), y: f.y + x * Math.sin(turn) + y * Math.cos(turn) }
}

const corners = (f: Feature): Point[] =>
  [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([x, y]) => at(f, (x! * f.lengthM) / 2, (y! * f.widthM) / 2))

const oval = (f: Feature): Point[] =>
  Array.from({ length: ROUND_SIDES }, (_, i) => {
    const a = (i / ROUND_SIDES) * 2 * Math.PI
    const uneven = f.kind === 'boulder' ? 1 - 0.09 * (1 + Math.sin(3 * a + f.x * 7) * Math.cos(2 * a + f.y * 5)) : 1
    return at(f, (Math.cos(a) * f.lengthM * uneven) / 2, (Math.sin(a) * f.widthM * uneven) / 2)
  })

const stone = ({ x, y }: Point, r: number, n: number): Point[] =>
  Array.from({ length: 9 }, (_, i) => {
    const a = ((i + (n % 3) * 0.2) / 9) * 2 * Math.PI
    const uneven = 0.93 + 0.07 * Math.sin(i * 2.4 + n * 1.7)
    return { x: x + Math.cos(a) * r * uneven, y: y + Math.sin(a) * r * uneven * 0.86 }
  })
