import type { Tick, TickKind } from '~~/core/model'
import { joinTicks, type SiteBed, type SiteKind, type SitePlant, type SiteSheet } from '~~/core/setout'

const DEVICE_KEY = 'amber-device'

/** The name this browser ticks under. */
export function deviceName(): string {
  let name = localStorage.getItem(DEVICE_KEY)
  if (!name) localStorage.setItem(DEVICE_KEY, (name = newId()))
  return name
}

/** A garden's sheet for the day on site: from the server while there is one, else as this device kept it. */
export function useSiteSheet(gardenId: string) {
  const sheet = shallowRef<SiteSheet | null>(null)
  const problem = ref('')
  const book = useTickBook(gardenId)

  async function open() {
    const kept = await readKept('siteSheet', `sheet:${gardenId}`)
    if (kept) sheet.value = kept
    try {
      sheet.value = await ask('siteSheet', `/api/gardens/${gardenId}/setout`)
      await writeKept(`sheet:${gardenId}`, sheet.value)
    } catch (error) {
      if (!kept) problem.value = messageOf(error)
    }
    await book.open()
  }
  const kinds = computed<ReadonlyMap<string, SiteKind>>(
    () => new Map((sheet.value?.kinds ?? []).map((k) => [k.id, k])),
  )
  return { ...book, sheet, problem, kinds, open }
}

/** Ticks of a garden: kept in this device first, told to the server when there is one, and joined with what others ticked. */
export function useTickBook(gardenId: string) {
  const ticks = shallowRef<readonly Tick[]>([])
  /** Ticks of this device that the server has not got yet. */
  const waiting = shallowRef<readonly Tick[]>([])
  /** What the server would not have, with its words: kept, and not sent again until somebody says so. */
  const aside = shallowRef<{ ticks: readonly Tick[]; why: string }>({ ticks: [], why: '' })
  const state = ref<'joined' | 'waiting' | 'joining'>('joined')
  /** Whether the server answered when it was last asked. */
  const reached = ref(true)
  const key = `ticks:${gardenId}`
  const words = computed(() => {
    const places = new Map<string, Map<TickKind, string>>()
    for (const t of ticks.value) {
      const place = `${t.bedId}|${t.plant}`
      places.set(place, (places.get(place) ?? new Map<TickKind, string>()).set(t.what, t.value))
    }
    return places
  })
  const has = (bed: SiteBed, plant: SitePlant, what: TickKind) =>
    words.value.get(`${bed.id}|${plant.ref}`)?.get(what) === 'yes'
  const insteadOf = (bed: SiteBed, plant: SitePlant) => {
    const value = words.value.get(`${bed.id}|${plant.ref}`)?.get('instead') ?? 'no'
    return value === 'no' ? '' : value
  }

  async function open() {
    const kept = await readKept('keptTicks', key)
    ticks.value = joinTicks(ticks.value, kept?.ticks ?? [])
    waiting.value = joinTicks(waiting.value, kept?.waiting ?? [])
    aside.value = kept?.aside ?? { ticks: [], why: '' }
    await join()
  }
  const keep = () => writeKept(key, { ticks: [...ticks.value], waiting: [...waiting.value], aside: aside.value })

  async function join() {
    if (state.value === 'joining') return
    state.value = 'joining'
    const done = await deliver(waiting.value, (sent) =>
      ask('ticks', `/api/gardens/${gardenId}/ticks`, {
        method: 'POST',
        body: { ticks: sent },
        timeout: 15000,
      }).then((stored) => {
        waiting.value = waiting.value.filter((t) => !sent.includes(t))
        return stored
      }),
    )
    if (done.refused.length > 0) {
      waiting.value = waiting.value.filter((t) => !done.refused.includes(t))
      aside.value = { ticks: joinTicks(aside.value.ticks, done.refused), why: done.why }
    }
    if (done.answer) ticks.value = joinTicks(done.answer, [...aside.value.ticks, ...waiting.value])
    reached.value = done.waiting.length === 0 && (done.answer !== null || done.refused.length > 0)
    state.value = waiting.value.length > 0 ? 'waiting' : 'joined'
    await keep()
  }

  async function tryAgain() {
    waiting.value = joinTicks(aside.value.ticks, waiting.value)
    await letGo()
  }
  async function letGo() {
    aside.value = { ticks: [], why: '' }
    await join()
  }

  /** Ticks places, now. They lie in this device before anything else. */
  async function tick(places: readonly Pick<Tick, 'bedId' | 'plant' | 'plantId'>[], what: TickKind, value: string) {
    const at = new Date().toISOString()
    const made = places.map((p): Tick => ({ ...p, what, value, at, device: deviceName() }))
    waiting.value = joinTicks(waiting.value, made)
    ticks.value = joinTicks(ticks.value, made)
    if (state.value === 'joined') state.value = 'waiting'
    await keep()
    void join()
  }

  useEventListener('online', () => void join())
  useHeard('ticks', join)
  useIntervalFn(() => {
    if (waiting.value.length > 0) void join()
  }, 20000)
  const refused = computed(() => ({ many: aside.value.ticks.length, why: aside.value.why }))
  return { ticks, waiting, refused, state, reached, has, insteadOf, tick, tryAgain, letGo, join, open }
}
