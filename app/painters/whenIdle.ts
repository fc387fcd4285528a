const LEAST_MS = 10
/** What a browser calls idle may last 50 ms: a hand that comes meanwhile would wait for the end of it. */
const MOST_MS = 8

/** Takes the steps of some work while the browser has nothing else to do. Returns how to call the rest off. */
export function whenIdle(steps: Iterator<unknown>): () => void {
  let stopped = false
  const run = (deadline: IdleDeadline) => {
    const until = performance.now() + MOST_MS
    while (!stopped && deadline.timeRemaining() > LEAST_MS && performance.now() < until)
      if (steps.next().done) stopped = true
    if (!stopped) requestIdleCallback(run)
  }
  requestIdleCallback(run)
  return () => {
    stopped = true
  }
}
