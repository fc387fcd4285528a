import type { Viewpoint } from '~~/core/bed'
import { surroundingsOf, type PlacedOf } from '~~/core/site'
import { aspectOf, middleOfBed, type Aspect } from '~~/core/see'
import { targetMarks } from '~~/core/draw'

/** A viewer within this angle of the front sees the picture that lines up with the score. */
const IN_FRONT_DEG = 40

/** A viewpoint of the site as it looks at a bed. */
export interface SeenFromSite {
  readonly thing: PlacedOf<'viewpoint'>
  readonly viewpoint: Viewpoint
}

/** Where the bed is looked at from: its own viewpoint or one of the site's, walked round. */
export const useAspect = createSharedComposable(() => {
  const store = useBedStore()
  const site = useSiteStore()
  const compose = useComposeStore()
  const frame = computed(() => (store.bed ? bedFrameOf(store.bed) : null))
  const surroundings = computed(() =>
    store.id && site.id === store.garden?.id ? surroundingsOf(site.resolved, store.id) : null,
  )

  const fromSite = computed<SeenFromSite[]>(() => {
    const bed = store.bed
    const f = frame.value
    if (!bed || !f) return []
    const middle = middleOfBed(bed, f)
    return (surroundings.value?.things ?? []).flatMap((thing) => {
      if (thing.kind !== 'viewpoint') return []
      const dx = thing.at.x - middle.x
      const dy = thing.at.y - middle.y
      const exact = (Math.atan2(-dx, dy) * 180) / Math.PI
      const snapped = f.closed ? exact : ([0, 180, -180].find((d) => Math.abs(exact - d) < IN_FRONT_DEG) ?? exact)
      const aspect = aspectOf(bed, f, { ...bed.viewpoint, turnDeg: snapped })
      const near = aspect.turn(middle)
      const distanceM = Math.max(0.2, Math.hypot(dx, dy) - (aspect.front.yAt(near.x) - near.y))
      return [
        {
          thing,
          viewpoint: {
            name: thing.name,
            eyeHeightM: thing.eyeM,
            distanceM: Math.round(distanceM * 10) / 10,
            turnDeg: Math.round(snapped),
          },
        },
      ]
    })
  })

  const viewpoint = computed<Viewpoint | null>(() => {
    if (!store.bed) return null
    const base = fromSite.value.find((v) => v.thing.id === compose.viewpointId)?.viewpoint ?? store.bed.viewpoint
    return compose.walkDeg === 0 ? base : { ...base, turnDeg: base.turnDeg + compose.walkDeg }
  })
  const aspect = computed<Aspect | null>(() =>
    store.bed && frame.value && viewpoint.value ? aspectOf(store.bed, frame.value, viewpoint.value) : null,
  )
  /** Whether the elevation lies straight above the score. */
  const lined = computed(() => !!aspect.value && aspect.value.turnDeg === 0 && !frame.value?.closed)

  const marks = computed(() =>
    aspect.value && store.bed && frame.value
      ? targetMarks(surroundings.value?.things ?? [], aspect.value, middleOfBed(store.bed, frame.value))
      : [],
  )
  return { marks, frame, surroundings, fromSite, viewpoint, aspect, lined }
})
