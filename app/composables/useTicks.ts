import { get, set } from 'idb-keyval'
import { joinTicks, type Tick, type TickKind } from '~~/core/setout'

const DEVICE_KEY = 'amber-device'

/** What is ticked on site: kept in this device first, told to the server when there is one, and joined with what others ticked. */
export const useTicks = createSharedComposable(() => {
  const bed = useBedStore()
  const ticks = shallowRef<readonly Tick[]>([])
  /** Ticks of this device that the server has not got yet. */
  const waiting = shallowRef<readonly Tick[]>([])
  const state = ref<'joined' | 'waiting' | 'joining'>('joined')
  const problem = ref('')
  const gardenId = computed(() => bed.garden?.id ?? null)
  const keyOf = (garden: string) => `ticks:${garden}`
  let openedFor: string | null = null

  const device = () => {
    let name = localStorage.getItem(DEVICE_KEY)
    if (!name) localStorage.setItem(DEVICE_KEY, (name = newId()))
    return name
  }

  /** Shows what this device holds at once, then joins it with the server's. */
  async function open() {
    const garden = gardenId.value
    if (!garden || openedFor === garden) return
    openedFor = garden
    const kept = await get<{ ticks: Tick[]; waiting: Tick[] }>(keyOf(garden)).catch(() => undefined)
    ticks.value = kept?.ticks ?? []
    waiting.value = kept?.waiting ?? []
    await join()
  }

  async function keep() {
    const garden = gardenId.value
    if (garden)
      await set(keyOf(garden), { ticks: [...ticks.value], waiting: [...waiting.value] }).catch(() => undefined)
  }

  async function join() {
    const garden = gardenId.value
    if (!garden || state.value === 'joining') return
    state.value = 'joining'
    const sent = waiting.value
    try {
      const answer = await $fetch<Tick[]>(`/api/gardens/${garden}/ticks`, { method: 'POST', body: { ticks: sent } })
      waiting.value = waiting.value.filter((t) => !sent.includes(t))
      ticks.value = joinTicks(answer, waiting.value)
      problem.value = ''
    } catch (error) {
      problem.value = messageOf(error)
    }
    state.value = waiting.value.length > 0 ? 'waiting' : 'joined'
    await keep()
  }

  /** Ticks places, now. They are kept on this device before anything else. */
  async function tick(places: readonly Pick<Tick, 'bedId' | 'plant' | 'plantId'>[], what: TickKind, value: string) {
    const at = new Date().toISOString()
    const made = places.map((p): Tick => ({ ...p, what, value, at, device: device() }))
    waiting.value = joinTicks(waiting.value, made)
    ticks.value = joinTicks(ticks.value, made)
    if (state.value === 'joined') state.value = 'waiting'
    await keep()
    void join()
  }

  if (import.meta.client) {
    watch(gardenId, () => void open(), { immediate: true })
    useEventListener('online', () => void join())
    useIntervalFn(() => {
      if (waiting.value.length > 0) void join()
    }, 20000)
  }
  return { ticks, waiting, state, problem, tick, join }
})
