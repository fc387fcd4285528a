/** A part of a picture, whole CSS pixels. */
export interface Part {
  readonly left: number
  readonly top: number
  readonly right: number
  readonly bottom: number
}

/** Something in a picture: how it looks and where, and the box it lies in, CSS pixels; no box: it may lie anywhere. */
export interface Drawn {
  readonly id: string
  readonly look: readonly (string | number | boolean | null | undefined)[]
  readonly box: Part | null
}

/** Share of the picture above which it is drawn anew as a whole. */
const MOST = 0.7
const ROUND_PX = 2
/** Changes nearer to one another than this are one part. */
const NEAR_PX = 24

/**
 * The parts of a picture, one beside the other, in which two drawings of it differ, for whatever was added, taken away or changed; `all`
 * when it is as well to draw the whole.
 */
export function changedParts(
  before: readonly Drawn[],
  now: readonly Drawn[],
  width: number,
  height: number,
): readonly Part[] | 'all' {
  const boxes = changedBoxes(before, now)
  if (!boxes) return 'all'
  const parts: Part[] = []
  for (const box of boxes.sort((a, b) => a.left - b.left)) {
    const last = parts[parts.length - 1]
    if (last && box.left - NEAR_PX <= last.right) parts[parts.length - 1] = around(last, box)
    else parts.push(box)
  }
  const within = parts
    .map((p) => ({
      left: Math.max(0, Math.floor(p.left - ROUND_PX)),
      top: Math.max(0, Math.floor(p.top - ROUND_PX)),
      right: Math.min(width, Math.ceil(p.right + ROUND_PX)),
      bottom: Math.min(height, Math.ceil(p.bottom + ROUND_PX)),
    }))
    .filter((p) => p.right > p.left && p.bottom > p.top)
  const area = within.reduce((sum, p) => sum + (p.right - p.left) * (p.bottom - p.top), 0)
  return area > MOST * width * height ? 'all' : within
}

/** The boxes of what differs, as it was and as it is; null when something that differs has none. */
function changedBoxes(before: readonly Drawn[], now: readonly Drawn[]): Part[] | null {
  const boxes: (Part | null)[] = []
  const note = (was: Drawn | undefined, is: Drawn | undefined) => {
    if (was && is && (was === is || isAlike(was, is))) return
    if (is) boxes.push(is.box)
    if (was) boxes.push(was.box)
  }
  // Nearly all stand at the same number of the list as before; only the others are looked up.
  const isAt = (i: number) => before[i]?.id === now[i]?.id
  const others = new Map(before.filter((_, i) => !isAt(i)).map((d) => [d.id, d]))
  for (const [i, d] of now.entries()) {
    if (isAt(i)) note(before[i], d)
    else {
      note(others.get(d.id), d)
      others.delete(d.id)
    }
  }
  for (const gone of others.values()) note(gone, undefined)
  return boxes.every((b) => b !== null) ? boxes : null
}

const isAlike = ({ look: a }: Drawn, { look: b }: Drawn) => a.length === b.length && a.every((v, i) => v === b[i])

const around = (a: Part, b: Part): Part => ({
  left: Math.min(a.left, b.left),
  top: Math.min(a.top, b.top),
  right: Math.max(a.right, b.right),
  bottom: Math.max(a.bottom, b.bottom),
})

/** Whether something may show in one of the parts. */
export const meetsParts = ({ box }: Drawn, parts: readonly Part[]) =>
  box === null ||
  parts.some((p) => box.left < p.right && box.right > p.left && box.top < p.bottom && box.bottom > p.top)
