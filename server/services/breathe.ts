const LONGEST_MS = 40

/** Lets the server answer others in the middle of long work: waits a turn of the event loop when the last one is some time ago. */
export function breather() {
  let last = performance.now()
  return async () => {
    if (performance.now() - last < LONGEST_MS) return
    await new Promise((next) => {
      setImmediate(next)
    })
    last = performance.now()
  }
}
