/** Runs a piece of work to its end. */
export function finish<T>(work: Generator<number, T>): T {
  for (;;) {
    const step = work.next()
    if (step.done) return step.value
  }
}
