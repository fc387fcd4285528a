import { circleAt, type Plan } from '~~/core/draw'
import type { Point } from '~~/core/geometry'
import type { PlanHand } from './planHand'

/** Moving one plant in the plan, which pins it; `inside` finds the nearest place of the bed to one of the picture. */
export function usePlantHand(plan: Readonly<Ref<Plan | null>>, inside: (x: number, y: number) => Point): PlanHand {
  const store = useBedStore()
  const { pin } = useChosen()
  let held: { driftId: string; index: number; dx: number; dy: number; radiusM: number } | null = null
  const put = (at: Point, how: 'edit' | 'preview') => {
    const to = inside(at.x + held!.dx, at.y + held!.dy)
    pin(held!.driftId, held!.index, to.x, to.y, how)
  }
  return {
    begin(at) {
      const circle = plan.value && circleAt(plan.value, at.x, at.y)
      const plant = circle?.body.at
      if (!circle || !plant || plant.standing || plant.id.includes('@')) return false
      const { driftId, index } = plant
      held = { driftId, index, dx: circle.x - at.x, dy: circle.y - at.y, radiusM: circle.nowR }
      return true
    },
    move: (at) => put(at, 'preview'),
    end: (at) => put(at, 'edit'),
    letGo: () => store.preview(null),
    grip: () => held,
  }
}
