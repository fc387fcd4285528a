const LEAST_MS = 10

/** Takes the steps of some work while the browser has nothing else to do. Returns how to call the rest off. */
export function whenIdle(steps: Iterator<unknown>): () => void {
  let stopped = false
  const run = (deadline: IdleDeadline) => {
    while (!stopped && deadline.timeRemaining() > LEAST_MS) if (steps.next().done) stopped = true
    if (!stopped) requestIdleCallback(run)
  }
  requestIdleCallback(run)
  return () => {
    stopped = true
  }
}
