import { seeded } from '../geometry'
import { IRON, obelisk, pot, STONE, urn } from './uprights'
import type { StandingFixture } from './elevation'
import type { Fixture } from './fixture'
import { L, M, Q, Z, type Paint, type Path, type Shape } from './path'
import { circlePath, ellipsePath, movedPath, rectPath } from './paths'

const TERRACOTTA = '#b0694a'
const LEAF = '#5d6f4a'
const BRONZE = '#6d5526'

type Look = (w: number, h: number) => Shape[]

const LOOKS: Readonly<Record<Fixture['look'], Look>> = {
  post: bellPost,
  urn,
  obelisk,
  pot,
  tree: (w, h) => crown(w, h, 0.3),
  planting: (w, h) => crown(w, h, 0),
}

/** A fixture of the elevation, its foot at (x, baseM); metres. */
export const fixturePaints = (f: StandingFixture): Paint[] =>
  LOOKS[f.look](f.widthM, f.heightM).map((shape) => ({
    ...shape,
    path: movedPath(shape.path, { x: f.x, y: f.baseM }, 1, 1),
    ...(typeof shape.fill === 'object'
      ? {
          fill: {
            ...shape.fill,
            from: { ...shape.fill.from, x: f.x + shape.fill.from.x },
            to: { ...shape.fill.to, x: f.x + shape.fill.to.x },
          },
        }
      : {}),
  }))

const ABOVE: Readonly<
  Record<Fixture['look'], { readonly fill: string; readonly alpha: number; readonly edge: string }>
> = {
  post: { fill: IRON, alpha: 1, edge: '#2b2621' },
  urn: { fill: STONE, alpha: 1, edge: '#2b2621' },
  obelisk: { fill: STONE, alpha: 1, edge: '#2b2621' },
  pot: { fill: TERRACOTTA, alpha: 0, edge: TERRACOTTA },
  tree: { fill: LEAF, alpha: 0.5, edge: '#46573a' },
  planting: { fill: LEAF, alpha: 0.5, edge: '#46573a' },
}

/** A fixture from above; y as in the bed's plan, turned up. */
export function fixtureAbovePaints(f: Fixture): Paint[] {
  const { fill, alpha, edge } = ABOVE[f.look]
  const path = circlePath(f.x, -f.y, Math.max(0.05, f.widthM / 2))
  const rim: Shape = { path, stroke: edge, thin: 1.4, layer: 'fixtures' }
  if (f.look === 'pot') return [{ ...rim, thin: 2, lineWidth: f.widthM * 0.06 }]
  return [{ path, fill, alpha }, rim]
}

/** A post with an arm and a bell. */
function bellPost(w: number, h: number): Shape[] {
  const half = w * 0.28
  const bell = h * 0.13
  const x = bell * 1.1
  const rim = bell * 0.72
  const skirt = [M, x - bell * 0.22, h, Q, x - bell * 0.5, h - bell * 0.25, x - bell * 0.52, h - bell * 0.8]
  const other = [L, x + bell * 0.52, h - bell * 0.8, Q, x + bell * 0.5, h - bell * 0.25, x + bell * 0.22, h, Z]
  const body: Path = [...skirt, L, x - rim, h - bell, L, x + rim, h - bell, ...other]
  return [
    { path: rectPath(-half, 0, half * 2, h), fill: '#6d5c48', layer: 'fixtures' },
    { path: rectPath(half * 0.3, 0, half * 0.7, h), fill: '#57493a' },
    { path: rectPath(-half, h, bell * 1.5 + half, h * 0.025), fill: IRON },
    { path: body, fill: '#a9853f', stroke: BRONZE, thin: 0.8 },
    { path: circlePath(x, h - bell * 1.08, bell * 0.14), fill: BRONZE },
  ]
}

const TONES = ['#4d5d3b', '#5c6d46', '#6d7f52', '#7f9163']
const LEAVES_A_TONE = 260

/** What stands already: a mass of leaf over its stems, drawn quieter than what is planned. */
function crown(w: number, h: number, stem: number): Shape[] {
  const random = seeded(Math.round(w * 700 + h * 100))
  const low = h * Math.max(stem, 0.12)
  const middle = low + (h - low) / 2
  const leaves = TONES.map((fill, layer): Shape => {
    const path: Path = []
    for (let i = 0; i < LEAVES_A_TONE; i++) {
      const a = random() * Math.PI * 2
      const r = Math.sqrt(random()) * (1 - layer * 0.07)
      // Fuller in the shoulders than at the foot, a little uneven at the rim.
      const y = Math.sin(a) * r
      const x = Math.cos(a) * r * (0.93 + 0.07 * Math.sin(a * 7)) * (y < 0 ? 1 + 0.25 * y : 1)
      const size = Math.max(0.02, w * 0.022) * (0.7 + random() * 0.6)
      const up = Math.max(size, middle + y * ((h - low) / 2) + layer * 0.02)
      path.push(...ellipsePath((x * w) / 2, up, size, size * 0.62, a + random()))
    }
    return { path, fill, ...(layer === 0 ? { layer: 'fixtures' } : {}) }
  })
  return [stems(w, h, low, stem > 0 ? 1 : 5), ...leaves]
}

function stems(w: number, h: number, low: number, count: number): Shape {
  const path: Path = []
  for (let i = 0; i < count; i++) {
    const s = i - (count - 1) / 2
    path.push(M, s * w * 0.05, 0, Q, s * w * 0.09, low, s * w * 0.16, h * 0.55)
  }
  return { path, stroke: '#6d5c48', lineWidth: w * 0.025, thin: 1.5 }
}
