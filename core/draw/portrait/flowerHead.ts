import { lighten, mix } from '../../colour'
import type { FlowerForm } from '../../plant'
import type { Path } from '../path'
import type { Brush } from './Brush'

/** Length or width of one head in metres, on a woody plant and on a stem. */
const HEAD_M: Readonly<Record<FlowerForm, number>> = {
  none: 0,
  spike: 0.2,
  plume: 0.26,
  panicle: 0.2,
  plate: 0.1,
  daisy: 0.06,
  ball: 0.1,
  bell: 0.035,
  cup: 0.055,
  trumpet: 0.09,
  haze: 0.012,
}
const LEAST_PX: Readonly<Record<FlowerForm, number>> = {
  none: 0,
  spike: 9,
  plume: 11,
  panicle: 9,
  plate: 7,
  daisy: 4.6,
  ball: 5.5,
  bell: 3,
  cup: 4,
  trumpet: 6,
  haze: 1.3,
}

export const headSizeM = (form: FlowerForm, pxPerM: number) => Math.max(HEAD_M[form], LEAST_PX[form] / pxPerM)

/** What a head is drawn with: its place and size, and paths in light and shade of its colour. */
interface Head {
  readonly brush: Brush
  readonly colour: string
  readonly x: number
  readonly y: number
  readonly size: number
  readonly order: number
  readonly pick: () => Path
}

function scatter({ brush, pick }: Head, n: number, r: number, place: () => [number, number]) {
  for (let i = 0; i < n; i++) brush.circle(pick(), ...place(), Math.max(r, brush.px(0.75)))
}
const eye = ({ brush, colour, order }: Head, into: string, u: number) =>
  brush.fillPath(order + 3, mix(colour, into, u))

const HEADS: Readonly<Record<FlowerForm, (head: Head) => void>> = {
  none: () => {},
  spike: ({ brush, x, y, size, pick }) => {
    const lean = brush.between(-0.12, 0.12)
    const dots = Math.max(11, Math.round(size / Math.max(0.016, brush.px(1.1))))
    for (let i = 0; i < dots; i++) {
      const u = i / dots
      const wide = Math.min(size * 0.13, Math.max(0.022, brush.px(1.3))) * (1 - u * 0.7)
      brush.circle(
        pick(),
        x + lean * u * size + brush.between(-1, 1) * wide,
        y - size * 0.45 + u * size,
        Math.max(0.011 * (1 - u * 0.4), brush.px(0.75)),
      )
    }
  },
  plume: ({ brush, x, y, size, pick }) => {
    const lean = brush.between(-0.2, 0.2)
    for (let i = 0; i < 9; i++) {
      const u = i / 9
      brush.blade(
        pick(),
        x + lean * u * size,
        y - size * 0.6 + u * size * 0.85,
        Math.PI / 2 - lean + brush.between(-0.45, 0.45) * (1 - u),
        size * 0.34,
        size * 0.05,
      )
    }
  },
  panicle: (head) => {
    const { brush, x, y, size } = head
    scatter(head, 26, Math.min(size * 0.075, 0.016), () => {
      const u = brush.random() ** 1.4
      return [x + brush.between(-1, 1) * size * 0.26 * (1 - u), y - size * 0.3 + u * size]
    })
  },
  plate: (head) => {
    const { brush, x, y, size } = head
    scatter(head, 13, size * 0.085, () => [
      x + brush.between(-0.5, 0.5) * size,
      y + brush.between(-0.09, 0.12) * size,
    ])
  },
  ball: (head) => {
    const { brush, x, y, size } = head
    scatter(head, 17, size * 0.11, () => {
      const a = brush.between(0, 6.28)
      const r = Math.sqrt(brush.random()) * size * 0.45
      return [x + Math.cos(a) * r, y + Math.sin(a) * r * 0.9]
    })
  },
  haze: (head) => {
    const { brush, x, y, size } = head
    scatter(head, 2, size * 0.42, () => [
      x + brush.between(-1, 1) * size * 2,
      y + brush.between(-1, 1) * size * 1.8,
    ])
  },
  daisy: (head) => {
    const { brush, x, y, size, pick } = head
    const turn = brush.random()
    const petals = pick()
    for (let i = 0; i < 8; i++) brush.blade(petals, x, y, turn + (i * Math.PI) / 4, size * 0.52, size * 0.15)
    brush.circle(eye(head, '#6a4a12', 0.75), x, y, Math.max(size * 0.15, brush.px(0.8)))
  },
  cup: (head) => {
    const { brush, x, y, size, pick } = head
    const petals = pick()
    for (let i = 0; i < 5; i++) {
      const [cos, sin] = [Math.cos(i * 1.257), Math.sin(i * 1.257)]
      brush.circle(petals, x + cos * size * 0.24, y + sin * size * 0.22, size * 0.23)
    }
    brush.circle(eye(head, '#f0dc86', 0.6), x, y, size * 0.1)
  },
  bell: ({ brush, x, y, size, pick }) => {
    const down = -Math.PI / 2 + brush.between(-0.4, 0.4)
    brush.blade(pick(), x, y, down, size, size * 0.36)
    brush.circle(pick(), x + Math.cos(down) * size * 0.75, y + Math.sin(down) * size * 0.75, size * 0.22)
  },
  trumpet: (head) => {
    const { brush, x, y, size, pick } = head
    const turn = brush.between(-0.5, 0.5)
    const petals = pick()
    for (let i = 0; i < 6; i++) brush.blade(petals, x, y, turn + i * 1.047, size * 0.5, size * 0.17)
    brush.circle(eye(head, '#d8b23c', 0.55), x, y, size * 0.13)
  },
}

/** A third of a head lies in shade, a quarter in light. */
const IN_SHADE = 0.3
const IN_LIGHT = 0.72

/** One flower head of a form, its foot or middle at (x,y), `size` metres, in light and shade of its colour. */
export function drawHead(
  brush: Brush,
  form: FlowerForm,
  colour: string,
  x: number,
  y: number,
  size: number,
  order: number,
) {
  const light = lighten(colour, 0.07)
  const dark = lighten(colour, -0.1)
  const pick = () => {
    const r = brush.random()
    if (r < IN_SHADE) return brush.fillPath(order, dark)
    return r < IN_LIGHT ? brush.fillPath(order + 1, colour) : brush.fillPath(order + 2, light)
  }
  HEADS[form]({ brush, colour, x, y, size, order, pick })
}
