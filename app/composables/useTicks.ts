import type { Tick } from '~~/core/model'

/** What is ticked in the garden that is open, for Count: as the server has it. */
export const useTicks = createSharedComposable(() => {
  const bed = useBedStore()
  const ticks = shallowRef<readonly Tick[]>([])
  const gardenId = computed(() => bed.garden?.id ?? null)

  async function load() {
    if (!gardenId.value) return
    ticks.value = await ask('ticks', `/api/gardens/${gardenId.value}/ticks`)
  }
  watch(gardenId, load, { immediate: true })
  useEventListener('focus', load)
  useHeard('ticks', load)
  return { ticks, load }
})
