const BUDGET_MS = 5

const waiting = new Set<() => void>()
let frame = 0

/** Does small drawings a few at a time, in the frames after this one, so that none of them holds up a gesture. Returns how to call it off. */
export function drawLater(draw: () => void): () => void {
  waiting.add(draw)
  if (!frame) frame = requestAnimationFrame(step)
  return () => { waiting.delete(draw) }
}

function step() {
  const until = performance.now() + BUDGET_MS
  for (const draw of waiting) {
    waiting.delete(draw)
    draw()
    if (performance.now() > until) break
  }
  frame = waiting.size > 0 ? requestAnimationFrame(step) : 0
}
