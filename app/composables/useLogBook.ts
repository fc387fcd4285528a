import { del, get, set } from 'idb-keyval'
import { blankEntry, fullEntry, joinEntries, type LogEntry, type SlimEntry } from '~~/core/log'

/** What is said of a new entry; the rest is empty. */
export type Said = Partial<LogEntry> & Pick<LogEntry, 'day' | 'kind'>

/**
 * The log of a garden: written into this device first, told to the server when there is one, and joined with what others wrote. Photos
 * wait in the device too, and go before the entries that show them.
 */
export function useLogBook(gardenId: string) {
  const entries = shallowRef<readonly LogEntry[]>([])
  const waiting = shallowRef<readonly LogEntry[]>([])
  const photosWaiting = shallowRef<readonly string[]>([])
  /** Addresses of photos that only this device has, by their id. */
  const shown = shallowRef<ReadonlyMap<string, string>>(new Map())
  const reached = ref(true)
  const refused = ref('')
  const joining = ref(false)
  const key = `log:${gardenId}`
  const photoKey = (id: string) => `photo:${gardenId}:${id}`

  async function open() {
    const kept = await get<{ waiting: LogEntry[]; photos: string[]; entries?: LogEntry[] }>(key).catch(
      () => undefined,
    )
    waiting.value = joinEntries(waiting.value, kept?.waiting ?? [])
    photosWaiting.value = [...new Set([...photosWaiting.value, ...(kept?.photos ?? [])])]
    entries.value = joinEntries(entries.value, kept?.entries ?? [], waiting.value)
    for (const id of photosWaiting.value) {
      const blob = await get<Blob>(photoKey(id)).catch(() => undefined)
      if (blob) shown.value = new Map(shown.value).set(id, URL.createObjectURL(blob))
    }
    await join()
  }
  /** Lately written ones are kept beside those that wait, so that the device shows them without a network. */
  const KEPT = 400
  const keep = () =>
    set(key, {
      waiting: [...waiting.value],
      photos: [...photosWaiting.value],
      entries: entries.value.slice(0, KEPT),
    }).catch(() => undefined)

  async function join() {
    if (joining.value) return
    joining.value = true
    try {
      for (const id of photosWaiting.value) await sendPhoto(id)
      const sent = waiting.value
      if (sent.length > 0) {
        await $fetch(`/api/gardens/${gardenId}/log`, { method: 'POST', body: { entries: sent }, timeout: 15000 })
        waiting.value = waiting.value.filter((e) => !sent.includes(e))
      }
      const stored = await $fetch<SlimEntry[]>(`/api/gardens/${gardenId}/log`, { timeout: 15000 })
      entries.value = joinEntries(stored.map(fullEntry), waiting.value)
      reached.value = true
      refused.value = ''
    } catch (error) {
      // Without a network everything waits in this device; a refusal is said and waits too.
      reached.value = false
      if (statusOf(error) >= 400 && statusOf(error) < 500) refused.value = messageOf(error)
    }
    joining.value = false
    await keep()
  }
  async function sendPhoto(id: string) {
    const blob = await get<Blob>(photoKey(id))
    if (blob)
      await $fetch(`/api/gardens/${gardenId}/photos/${id}`, {
        method: 'PUT',
        body: blob,
        headers: { 'content-type': blob.type },
        timeout: 60000,
      })
    photosWaiting.value = photosWaiting.value.filter((p) => p !== id)
    await keep()
    await del(photoKey(id)).catch(() => undefined)
  }

  async function tell(entry: LogEntry) {
    waiting.value = joinEntries([entry], waiting.value)
    entries.value = joinEntries(entries.value, [entry])
    await keep()
    void join()
  }
  /** Writes an entry, with a photo when there is one. It lies in this device before anything else. */
  async function write(said: Said, photo: Blob | null = null): Promise<LogEntry> {
    const base = blankEntry({
      id: newId(),
      day: said.day,
      kind: said.kind,
      changed: new Date().toISOString(),
      device: deviceName(),
    })
    let entry: LogEntry = { ...base, ...said }
    if (photo) {
      const id = newId()
      await set(photoKey(id), photo)
      photosWaiting.value = [...photosWaiting.value, id]
      shown.value = new Map(shown.value).set(id, URL.createObjectURL(photo))
      entry = { ...entry, photoId: id }
    }
    await tell(entry)
    return entry
  }
  const change = (entry: LogEntry, said: Partial<LogEntry>) =>
    tell({ ...entry, ...said, changed: new Date().toISOString(), device: deviceName() })
  const remove = (entry: LogEntry) => change(entry, { gone: true })
  const photoOf = (id: string) => shown.value.get(id) ?? `/api/drawings/${id}`

  useEventListener('online', () => void join())
  useIntervalFn(() => {
    if (waiting.value.length > 0 || photosWaiting.value.length > 0) void join()
  }, 20000)
  return { entries, waiting, photosWaiting, reached, refused, joining, open, join, write, change, remove, photoOf }
}
