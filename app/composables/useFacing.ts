import { windName } from '~~/core/site'

/** What the bed faces: by its place on the site when it has one, else as typed. Beds round a middle face all ways. */
export function useFacing() {
  const store = useBedStore()
  const garden = useGardenScene()
  const { frame, surroundings } = useAspect()
  const isComputed = computed(() => garden.hasPlace.value)
  const facing = computed(() => {
    if (frame.value?.closed) return ''
    const facesDeg = isComputed.value ? surroundings.value?.facesDeg : null
    return typeof facesDeg === 'number' ? windName(facesDeg) : (store.bed?.ground.facing ?? '')
  })
  return { facing, isComputed }
}
