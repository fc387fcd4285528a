import { get, set } from 'idb-keyval'
import type { CareTask } from '~~/core/care'
import type { CareTick } from '~~/core/count'

/** The week's work on the tablet: ticks lie in this device until the server has them. */
export function useWeekBook(gardenId: string) {
  const ticks = shallowRef<Readonly<Record<string, CareTick>>>({})
  const waiting = shallowRef<Readonly<Record<string, CareTick | null>>>({})
  const joining = ref(false)
  const key = `week:${gardenId}`
  const keep = () => set(key, { ticks: ticks.value, waiting: waiting.value }).catch(() => undefined)
  const apply = (to: Readonly<Record<string, CareTick>>, by: Readonly<Record<string, CareTick | null>>) =>
    Object.fromEntries(Object.entries({ ...to, ...by }).filter((e): e is [string, CareTick] => e[1] !== null))

  async function open() {
    const kept = await get<{ ticks: Record<string, CareTick>; waiting: Record<string, CareTick | null> }>(
      key,
    ).catch(() => undefined)
    waiting.value = { ...kept?.waiting, ...waiting.value }
    ticks.value = apply(kept?.ticks ?? {}, waiting.value)
    await join()
  }
  async function join() {
    if (joining.value) return
    joining.value = true
    const sent = waiting.value
    try {
      const stored = await $fetch<Record<string, CareTick>>(`/api/gardens/${gardenId}/care-ticks`, {
        method: 'POST',
        body: { ticks: sent },
        timeout: 15000,
      })
      waiting.value = Object.fromEntries(Object.entries(waiting.value).filter(([id, t]) => sent[id] !== t))
      ticks.value = apply(stored, waiting.value)
    } catch {
      // Without a network the ticks wait in this device.
    }
    joining.value = false
    await keep()
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
  return { ticks, waiting, open, tick }
}
