import Flatbush from 'flatbush'

interface Circle {
  readonly x: number
  readonly y: number
  readonly r: number
}

interface CircleIndex {
  /** Indexes of the circles whose boxes meet the box. */
  search(minX: number, minY: number, maxX: number, maxY: number): number[]
}

/** Finds circles by place (wraps flatbush). An empty list is allowed. */
export function circleIndex(circles: readonly Circle[]): CircleIndex {
  if (circles.length === 0) return { search: () => [] }
  const tree = new Flatbush(circles.length)
  for (const c of circles) tree.add(c.x - c.r, c.y - c.r, c.x + c.r, c.y + c.r)
  tree.finish()
  return { search: (a, b, c, d) => tree.search(a, b, c, d) }
}
