import type { LogEntry } from '~~/core/model'
import { blankEntry, fullEntry, joinEntries } from '~~/core/log'

/** What is said of a new entry; the rest is empty. */
export type Said = Partial<LogEntry> & Pick<LogEntry, 'day' | 'kind'>

const NO_ROOM =
  'There is no room in this device for the photo: the entry was written without it. Make room and add the photo again.'
/** Lately written ones are kept beside those that wait, so that the device shows them without a network. */
const KEPT = 400

/**
 * The log of a garden: written into this device first, told to the server when there is one, and joined with what others wrote. Photos
 * wait in the device too, and go before the entries that show them; one that is refused is told and keeps nothing else back.
 */
export function useLogBook(gardenId: string) {
  const entries = shallowRef<readonly LogEntry[]>([])
  const waiting = shallowRef<readonly LogEntry[]>([])
  const photos = useWaitingPhotos(gardenId)
  const reached = ref(true)
  const refused = ref('')
  const joining = ref(false)
  const key = `log:${gardenId}`

  async function open() {
    const kept = await readKept('keptLog', key)
    waiting.value = joinEntries(waiting.value, kept?.waiting ?? [])
    entries.value = joinEntries(entries.value, kept?.entries ?? [], waiting.value)
    await photos.open()
    await join()
  }
  const keep = () => writeKept(key, { waiting: [...waiting.value], entries: entries.value.slice(0, KEPT) })

  async function join() {
    if (joining.value) return
    joining.value = true
    try {
      refused.value = await photos.send()
      const sent = waiting.value
      if (sent.length > 0) {
        await request(`/api/gardens/${gardenId}/log`, { method: 'POST', body: { entries: sent }, timeout: 15000 })
        waiting.value = waiting.value.filter((e) => !sent.includes(e))
      }
      const stored = await ask('log', `/api/gardens/${gardenId}/log`, { timeout: 15000 })
      entries.value = joinEntries(stored.map(fullEntry), waiting.value)
      reached.value = true
    } catch (error) {
      // Without a network everything waits in this device; a refusal is said and waits too.
      reached.value = false
      if (statusOf(error) >= 400 && statusOf(error) < 500) refused.value = messageOf(error)
    }
    joining.value = false
    await keep()
  }

  async function tell(entry: LogEntry) {
    waiting.value = joinEntries([entry], waiting.value)
    entries.value = joinEntries(entries.value, [entry])
    await keep()
    void join()
  }
  /** Writes an entry, with a photo when there is one. It lies in this device before anything else. */
  async function write(said: Said, photo: Blob | null = null): Promise<LogEntry> {
    const changed = new Date().toISOString()
    const photoId = photo ? await photos.keep(photo) : ''
    const base = blankEntry({ id: newId(), day: said.day, kind: said.kind, changed, device: deviceName() })
    const entry: LogEntry = { ...base, ...said, photoId: photoId ?? '' }
    await tell(entry)
    if (photoId === null) refused.value = NO_ROOM
    return entry
  }
  const change = (entry: LogEntry, said: Partial<LogEntry>) =>
    tell({ ...entry, ...said, changed: new Date().toISOString(), device: deviceName() })
  const remove = (entry: LogEntry) => change(entry, { gone: true })

  useEventListener('online', () => void join())
  useHeard('log', join)
  useIntervalFn(() => {
    if (waiting.value.length > 0 || photos.waiting.value.length > 0) void join()
  }, 20000)
  return {
    ...{ entries, waiting, reached, refused, joining, open, join, write, change, remove },
    ...{ photosWaiting: photos.waiting, photoOf: photos.addressOf },
  }
}
