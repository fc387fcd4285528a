import type { Grip } from './planHand'
import type { HandAt } from './useDrag'

const LEAST_PX = 9

/** A ring round what the hand holds in the plan: it is at once where the hand is, while the plants follow in their turn. */
export function useHeldRing(pxPerM: () => number) {
  const ring = shallowRef<{ readonly width: string; readonly height: string; readonly transform: string } | null>(
    null,
  )
  /** False where nothing is held that a ring could stand for. */
  function lead(grip: Grip | null, at?: HandAt): boolean {
    if (!grip || !at) {
      ring.value = null
      return false
    }
    const reach = Math.max(LEAST_PX, grip.radiusM * pxPerM())
    const [x, y] = [at.x + grip.dx * pxPerM() - reach, at.y + grip.dy * pxPerM() - reach]
    const size = `${2 * reach}px`
    ring.value = { width: size, height: size, transform: `translate(${x}px, ${y}px)` }
    return true
  }
  return { ring, lead }
}
