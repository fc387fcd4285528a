import { setOutTable, type FixedPoint, type Method } from '~~/core/setout'

/** How the bed under the hand is set out: the way of measuring, the end one comes in at, the two points tapes are held at. */
export const useSetOut = createSharedComposable(() => {
  const site = useSiteStore()
  const { settled } = useScene()
  const { laid } = useGardenScene()
  const method = ref<Method>('baseline')
  const path = ref<'left' | 'right'>('right')
  const pointIds = ref<readonly [string, string] | null>(null)
  const { units } = useManner()
  const scene = computed(() => settled.value?.scene ?? null)
  const round = computed(() => scene.value?.frame.closed === true)
  watch(
    round,
    (is) => {
      if (is && method.value === 'baseline') method.value = 'radius'
      if (!is && method.value === 'radius') method.value = 'baseline'
    },
    { immediate: true },
  )

  /** Points of the survey in the bed's own plan, when the bed lies on the site. */
  const points = computed<readonly (FixedPoint & { readonly id: string })[]>(() => {
    const to = laid.value?.transform
    if (!to) return []
    return (site.site?.points ?? []).flatMap((p) => {
      const at = site.resolved.places.get(p.id)
      return at ? [{ id: p.id, name: p.name, ...to.toBed(at) }] : []
    })
  })
  const chosenPoints = computed<readonly [FixedPoint, FixedPoint] | null>(() => {
    if (points.value.length < 2) return null
    const byId = (id: string | undefined) => points.value.find((p) => p.id === id)
    const [a, b] = [byId(pointIds.value?.[0]) ?? points.value[0]!, byId(pointIds.value?.[1]) ?? points.value[1]!]
    return a === b ? null : [a, b]
  })
  const table = computed(() =>
    scene.value
      ? setOutTable(scene.value, {
          method: method.value,
          units: units.value,
          path: path.value,
          points: chosenPoints.value,
        })
      : null,
  )
  return { method, path, pointIds, points, chosenPoints, units, scene, round, table }
})
