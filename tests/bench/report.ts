/** Prints one figure as `bench <name> <value> <unit> limit <limit>`. */
export type Report = (name: string, value: number, unit: string, limit: number) => void

const BLOCKS = 5

/**
 * The time of some work in milliseconds: the median of each of five blocks of runs, and of these the least. Other work on the machine only
 * ever adds, so the least disturbed block is nearest the truth.
 */
export function median(runs: number, work: () => void): number {
  for (let i = 0; i < Math.min(8, runs); i++) work()
  return Math.min(
    ...Array.from({ length: BLOCKS }, () =>
      middle(
        Array.from({ length: Math.ceil(runs / BLOCKS) }, () => {
          const began = performance.now()
          work()
          return performance.now() - began
        }),
      ),
    ),
  )
}

export const middle = (times: number[]) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]!
