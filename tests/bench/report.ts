/** Prints one figure as `bench <name> <value> <unit> limit <limit>`. */
export type Report = (name: string, value: number, unit: string, limit: number) => void

/** The median time of some runs, milliseconds, after a warm-up. */
export function median(runs: number, work: () => void): number {
  for (let i = 0; i < Math.min(5, runs); i++) work()
  const times = Array.from({ length: runs }, () => {
    const began = performance.now()
    work()
    return performance.now() - began
  }).sort((a, b) => a - b)
  return times[Math.floor(times.length / 2)]!
}
