import { type RoundEdge, type BedForm, type RoundForm } from '../model'

export const isRound = (form: BedForm): form is RoundForm =>
  form.kind === 'island' || form.kind === 'ring' || form.kind === 'court' || form.kind === 'container'

/** An oval edge about the plan's middle, by its length and width; metres. */
export function oval(lengthM: number, widthM: number, stations = 12): RoundEdge {
  const at = (i: number) => {
    const a = Math.PI + (i / stations) * 2 * Math.PI
    return { x: round((Math.cos(a) * lengthM) / 2), y: round((-Math.sin(a) * widthM) / 2) }
  }
  return { smooth: true, stations: Array.from({ length: stations }, (_, i) => at(i)) }
}

const round = (n: number) => Math.round(n * 1000) / 1000
export interface Placing {
  readonly x: number
  readonly y: number
  readonly turnDeg: number
  readonly mirrored: boolean
}
