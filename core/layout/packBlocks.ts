/** A stretch of lane that a group of plants needs: where its middle is wanted, and its width, metres. */
export interface Block {
  readonly wanted: number
  readonly width: number
  /** How much it counts where it is wanted: 1 for most, much more for what gives no way. */
  readonly weight?: number
}

interface Packed {
  /** Middle of each block, in the order given. */
  readonly middles: readonly number[]
  /** Less than 1 when the blocks do not fit: each width was shrunk by it. */
  readonly squeeze: number
}

/**
 * Sets blocks side by side in [from, to] in the order of their wanted places, each as near to it as the others allow
 * (least squares: pool adjacent violators on the places less the widths before them).
 */
export function packBlocks(blocks: readonly Block[], from: number, to: number): Packed {
  const total = blocks.reduce((sum, b) => sum + b.width, 0)
  const squeeze = total > to - from ? (to - from) / total : 1
  const order = blocks.map((_, i) => i).sort((a, b) => blocks[a]!.wanted - blocks[b]!.wanted || a - b)
  const before: number[] = []
  let run = 0
  for (const i of order) {
    const half = (blocks[i]!.width * squeeze) / 2
    run += half
    before.push(run)
    run += half
  }
  const slack = to - from - run
  const pools: Pool[] = []
  order.forEach((i, k) => {
    const { wanted, weight = 1 } = blocks[i]!
    pools.push({ sum: (wanted - from - before[k]!) * weight, size: 1, weight })
    while (pools.length > 1 && mean(pools[pools.length - 2]!) > mean(pools[pools.length - 1]!)) {
      const last = pools.pop()!
      const previous = pools[pools.length - 1]!
      previous.sum += last.sum
      previous.size += last.size
      previous.weight += last.weight
    }
  })
  const middles = new Array<number>(blocks.length)
  let k = 0
  for (const pool of pools) {
    const shift = Math.min(Math.max(0, mean(pool)), Math.max(0, slack))
    for (let n = 0; n < pool.size; n++, k++) middles[order[k]!] = from + before[k]! + shift
  }
  return { middles, squeeze }
}

interface Pool {
  sum: number
  size: number
  weight: number
}
const mean = (pool: Pool) => pool.sum / pool.weight
