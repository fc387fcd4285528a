const BUDGET_MS = 5
const REST_MS = 90

const waiting = new Set<() => void>()
let timer: ReturnType<typeof setTimeout> | undefined
let frame = 0

/** Does small drawings once the hand rests, a few a frame, so that none of them holds up a gesture. Returns how to call it off. */
export function drawLater(draw: () => void): () => void {
  waiting.add(draw)
  cancelAnimationFrame(frame)
  clearTimeout(timer)
  timer = setTimeout(() => {
    frame = requestAnimationFrame(step)
  }, REST_MS)
  return () => {
    waiting.delete(draw)
  }
}

function step() {
  const until = performance.now() + BUDGET_MS
  for (const draw of waiting) {
    waiting.delete(draw)
    draw()
    if (performance.now() > until) break
  }
  if (waiting.size > 0) frame = requestAnimationFrame(step)
}
