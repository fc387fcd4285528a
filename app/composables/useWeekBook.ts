import type { CareTick } from '~~/core/model'
import type { CareTask } from '~~/core/care'

type Ticks = Readonly<Record<string, CareTick | null>>
/** Ticks that the server would not have, and its words. */
interface Aside {
  readonly ticks: Ticks
  readonly why: string
}
const NOTHING_ASIDE: Aside = { ticks: {}, why: '' }

/** The week's work on the tablet: ticks lie in this device until the server has them. */
export function useWeekBook(gardenId: string) {
  const ticks = shallowRef<Readonly<Record<string, CareTick>>>({})
  const waiting = shallowRef<Ticks>({})
  const aside = shallowRef(NOTHING_ASIDE)
  const joining = ref(false)
  const key = `week:${gardenId}`
  const keep = () => writeKept(key, { ticks: ticks.value, waiting: waiting.value, aside: aside.value })
  const apply = (to: Readonly<Record<string, CareTick>>, by: Readonly<Record<string, CareTick | null>>) =>
    Object.fromEntries(Object.entries({ ...to, ...by }).filter((e): e is [string, CareTick] => e[1] !== null))

  async function open() {
    const kept = await readKept('keptWeek', key)
    waiting.value = { ...kept?.waiting, ...waiting.value }
    aside.value = kept?.aside ?? NOTHING_ASIDE
    ticks.value = apply(kept?.ticks ?? {}, { ...aside.value.ticks, ...waiting.value })
    await join()
  }
  async function join() {
    if (joining.value) return
    joining.value = true
    const { answer, refused, why } = await deliver(Object.entries(waiting.value), (sent) =>
      ask('careTicks', `/api/gardens/${gardenId}/care-ticks`, {
        method: 'POST',
        body: { ticks: Object.fromEntries(sent) },
        timeout: 15000,
      }).then((stored) => {
        const isSent = ([id, tick]: [string, CareTick | null]) => sent.some((s) => s[0] === id && s[1] === tick)
        waiting.value = Object.fromEntries(Object.entries(waiting.value).filter((e) => !isSent(e)))
        return stored
      }),
    )
    setAside(refused, why)
    if (answer) ticks.value = apply(answer, { ...aside.value.ticks, ...waiting.value })
    joining.value = false
    await keep()
  }
  /** What the server will not have is kept and shown, and not sent again until somebody says so. */
  function setAside(refused: readonly [string, CareTick | null][], why: string) {
    if (refused.length === 0) return
    aside.value = { ticks: { ...aside.value.ticks, ...Object.fromEntries(refused) }, why }
    const gone = new Set(refused.map(([id]) => id))
    waiting.value = Object.fromEntries(Object.entries(waiting.value).filter(([id]) => !gone.has(id)))
  }
  async function tryAgain() {
    waiting.value = { ...aside.value.ticks, ...waiting.value }
    aside.value = NOTHING_ASIDE
    await join()
  }
  async function letGo() {
    aside.value = NOTHING_ASIDE
    await join()
  }
  async function tick(task: CareTask, value: CareTick | null) {
    waiting.value = { ...waiting.value, [task.id]: value }
    ticks.value = apply(ticks.value, waiting.value)
    await keep()
    void join()
  }
  useEventListener('online', () => void join())
  useHeard('care-ticks', join)
  useIntervalFn(() => {
    if (Object.keys(waiting.value).length > 0) void join()
  }, 20000)
  const refused = computed(() => ({ many: Object.keys(aside.value.ticks).length, why: aside.value.why }))
  return { ticks, waiting, refused, open, tick, tryAgain, letGo }
}
