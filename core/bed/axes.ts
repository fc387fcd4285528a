import type { BedFrame } from './frame'

const FAR_M = 1000

/** The place along the front edge at which a bed's middle line meets it, metres: round a middle, where the viewer stands nearest. */
export function middleAlong(frame: BedFrame): number {
  if (!frame.closed) return frame.sAt((frame.runFrom + frame.runTo) / 2)
  return frame.sAt(frame.locate({ x: (frame.firstX + frame.lastX) / 2, y: FAR_M }).a)
}

/** Of a bed that goes round: the place at which the line across it, from side to side, meets its edge on the left. */
export function acrossAlong(frame: BedFrame): number {
  const ys = frame.outline.map((p) => p.y)
  return frame.sAt(frame.locate({ x: -FAR_M, y: (Math.min(...ys) + Math.max(...ys)) / 2 }).a)
}
