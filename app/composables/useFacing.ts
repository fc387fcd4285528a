import { windName } from '~~/core/site'

/** What the bed faces: by its place on the site when it has one, else as typed. Beds round a middle face all ways. */
export function useFacing() {
  const store = useBedStore()
  const { frame, surroundings } = useAspect()
  const facing = computed(() =>
    frame.value?.closed
      ? ''
      : surroundings.value
        ? windName(surroundings.value.facesDeg)
        : (store.bed?.ground.facing ?? ''),
  )
  return { facing, isComputed: computed(() => surroundings.value !== null) }
}
