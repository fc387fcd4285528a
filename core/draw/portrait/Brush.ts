import { mix } from '../../colour'
import { L, M, O, Q, Z, type Path, type Shape } from '../path'

export const SHADES = 5
/** Shadow and light are tinted, not only darkened: deep leaf shade is a warm near-black, light is late sun. */
const SHADOW = '#1d241d'
const SUN = '#fbf3c4'
const SHADE_MIX = [-0.42, -0.24, -0.07, 0.14, 0.3]

const CONTRAST = { felt: 0.75, gloss: 1.2, matt: 1 } as const

/** Five shades of a colour, dark to light; felted leaves are paler and flatter, glossy ones have more contrast. */
export function shadesOf(colour: string, surface: 'gloss' | 'matt' | 'felt'): string[] {
  const base = surface === 'felt' ? mix(colour, '#e9e8df', 0.16) : colour
  const contrast = CONTRAST[surface]
  return SHADE_MIX.map((u) =>
    u < 0 ? mix(base, SHADOW, Math.min(0.6, -u * contrast)) : mix(base, SUN, u * contrast),
  )
}

/** Collects shapes and hands them out as few paints: all fills of a colour in one path, layer by layer. */
export class Brush {
  private readonly layers = new Map<string, { order: number; paint: Shape }>()

  constructor(
    readonly random: () => number,
    readonly pxPerM: number,
  ) {}

  /** The least length that still shows, in metres. */
  px(n: number) {
    return n / this.pxPerM
  }
  between(low: number, high: number) {
    return low + (high - low) * this.random()
  }

  fillPath(order: number, fill: string): Path {
    return this.layer(`${order}f${fill}`, order, { path: [], fill })
  }
  strokePath(order: number, stroke: string, lineWidth: number): Path {
    const width = Math.max(lineWidth, this.px(0.7))
    return this.layer(`${order}s${stroke}${width.toFixed(4)}`, order, { path: [], stroke, lineWidth: width })
  }

  /** A leaf blade from (x,y) toward `angle` (radians, 0 right, π/2 up). */
  blade(path: Path, x: number, y: number, angle: number, length: number, width: number) {
    const cos = Math.cos(angle)
    const sin = Math.sin(angle)
    const tipX = x + cos * length
    const tipY = y + sin * length
    const midX = x + cos * length * 0.45
    const midY = y + sin * length * 0.45
    path.push(
      M,
      x,
      y,
      Q,
      midX - sin * width,
      midY + cos * width,
      tipX,
      tipY,
      Q,
      midX + sin * width,
      midY - cos * width,
      x,
      y,
      Z,
    )
  }

  circle(path: Path, x: number, y: number, r: number) {
    path.push(O, x, y, r)
  }

  line(path: Path, points: readonly (readonly [number, number])[]) {
    points.forEach(([x, y], i) => path.push(i === 0 ? M : L, x, y))
  }

  curve(path: Path, x0: number, y0: number, cx: number, cy: number, x1: number, y1: number) {
    path.push(M, x0, y0, Q, cx, cy, x1, y1)
  }

  paints(): Shape[] {
    return [...this.layers.values()].sort((a, b) => a.order - b.order).map((l) => l.paint)
  }

  private layer(key: string, order: number, paint: Shape): Path {
    const there = this.layers.get(key)
    if (there) return there.paint.path
    this.layers.set(key, { order, paint })
    return paint.path
  }
}
