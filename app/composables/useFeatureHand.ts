import type { Feature } from '~~/core/model'
import { featureUnder, type Plan } from '~~/core/draw'
import { toMm, type Point } from '~~/core/geometry'
import type { Aspect } from '~~/core/see'
import { POINT_GRIP, type PlanHand } from './planHand'

/** Moving a thing of the bed in the plan. */
export function useFeatureHand(
  aspect: Readonly<Ref<Aspect | null>>,
  plan: Readonly<Ref<Plan | null>>,
): PlanHand & { under: (at: Point) => Feature | null } {
  const store = useBedStore()
  const compose = useComposeStore()
  let held: { feature: Feature; from: Point } | null = null

  /** The thing under a place; of things that are repeated only the planned one can be taken hold of. */
  const under = (at: Point): Feature | null => {
    const found = plan.value
      ? featureUnder(plan.value.features.slice(0, store.bed?.features.length ?? 0), at)
      : null
    return store.bed?.features.find((f) => f.id === found?.feature.id) ?? null
  }
  const moved = (at: Point) => {
    const { feature, from } = held!
    const to = aspect.value!.unturn(at)
    const now = { ...feature, x: toMm(feature.x + to.x - from.x), y: toMm(feature.y + to.y - from.y) }
    const features = (store.kept?.features ?? []).map((f) => (f.id === feature.id ? now : f))
    return { kind: 'setBed' as const, change: { features } }
  }
  return {
    under,
    begin(at) {
      const feature = compose.featureId ? under(at) : null
      if (!feature || feature.id !== compose.featureId || !aspect.value) return false
      held = { feature, from: aspect.value.unturn(at) }
      return true
    },
    move: (at) => store.preview(moved(at)),
    end(at) {
      store.edit(moved(at))
      held = null
    },
    letGo() {
      held = null
      store.preview(null)
    },
    grip: () => POINT_GRIP,
  }
}
