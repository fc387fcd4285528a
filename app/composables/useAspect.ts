import type { Viewpoint } from '~~/core/model'
import { seenFrom } from '~~/core/garden'
import { frameOf } from '~~/core/bed'
import type { PlacedOf } from '~~/core/site'
import { aspectOf, middleOfBed, type Aspect } from '~~/core/see'
import { targetMarks } from '~~/core/draw'

/** A viewpoint of the site as it looks at a bed. */
export interface SeenFromSite {
  readonly thing: PlacedOf<'viewpoint'>
  readonly viewpoint: Viewpoint
}

/** Where the bed is looked at from: its own viewpoint or one of the site's, walked round. */
export const useAspect = createSharedComposable(() => {
  const compose = useComposeStore()
  const garden = useGardenScene()
  // Of the bed without its plants: nothing of this is worked out anew while plants move.
  const frame = computed(() => (garden.bare.value ? frameOf(garden.bare.value) : null))
  const surroundings = computed(() => garden.laid.value?.surroundings ?? null)

  const fromSite = computed<SeenFromSite[]>(() => {
    const bed = garden.bare.value
    const f = frame.value
    if (!bed || !f || !garden.hasPlace.value) return []
    return (surroundings.value?.things ?? []).flatMap((thing) =>
      thing.kind === 'viewpoint' ? [{ thing, viewpoint: seenFrom(thing, bed, f) }] : [],
    )
  })

  const viewpoint = computed<Viewpoint | null>(() => {
    if (!garden.bed.value) return null
    const base =
      fromSite.value.find((v) => v.thing.id === compose.viewpointId)?.viewpoint ?? garden.bed.value!.viewpoint
    return compose.walkDeg === 0 ? base : { ...base, turnDeg: base.turnDeg + compose.walkDeg }
  })
  const aspect = computed<Aspect | null>(() =>
    garden.bare.value && frame.value && viewpoint.value
      ? aspectOf(garden.bare.value, frame.value, viewpoint.value)
      : null,
  )
  /** Whether the elevation lies straight above the score. */
  const lined = computed(() => !!aspect.value && aspect.value.turnDeg === 0 && !frame.value?.closed)

  const marks = computed(() =>
    aspect.value && garden.bare.value && frame.value
      ? targetMarks(surroundings.value?.things ?? [], aspect.value, middleOfBed(garden.bare.value, frame.value))
      : [],
  )
  return { marks, frame, surroundings, fromSite, viewpoint, aspect, lined }
})
