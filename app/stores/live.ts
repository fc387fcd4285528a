import { defineStore } from 'pinia'
import type { Changed, Here, LiveEvent, SaidHere } from '~~/shared/live'
import { windowId } from '../utils/windowId'

const AGAIN_MS = 30_000
/** A stream that the server refused is asked for again after this, ms. */
const REFUSED_MS = 20_000

/** Who else is in the garden, and what they change while one looks. */
export const useLiveStore = defineStore('live', () => {
  const gardenId = ref<string | null>(null)
  const others = shallowRef<readonly Here[]>([])
  /** Told one after another; `null` after a stream that was lost: anything may have changed. */
  const listeners = new Set<(changed: Changed | null) => void>()
  let stream: EventSource | null = null
  let where: Omit<SaidHere, 'tab' | 'open'> = { bedId: null, view: '', driftId: null }
  let timer: ReturnType<typeof setInterval> | undefined
  let wasLost = false

  function enter(garden: string) {
    if (gardenId.value === garden && stream) return
    leave()
    gardenId.value = garden
    listen()
    timer = setInterval(() => tell(true), AGAIN_MS)
  }

  function listen() {
    if (!gardenId.value) return
    stream = new EventSource(`/api/gardens/${gardenId.value}/live?tab=${encodeURIComponent(windowId())}`)
    stream.onopen = () => {
      tell(true)
      if (wasLost) for (const listener of listeners) listener(null)
      wasLost = false
    }
    stream.onerror = () => {
      wasLost = true
      if (stream?.readyState === EventSource.CLOSED) setTimeout(listen, REFUSED_MS)
    }
    stream.onmessage = ({ data }) => take(readSoon('live', JSON.parse(String(data))))
  }

  function take(event: LiveEvent) {
    if (event.kind === 'here') others.value = event.people.filter((p) => p.tab !== windowId())
    else if (event.changed.tab !== windowId()) for (const listener of listeners) listener(event.changed)
  }

  /** Says where this window is. */
  function say(now: typeof where) {
    where = now
    tell(true)
  }

  function tell(open: boolean) {
    if (!gardenId.value) return
    const body = JSON.stringify({ ...where, tab: windowId(), open })
    // Kept alive: it is said on leaving too.
    void fetch(`/api/gardens/${gardenId.value}/here`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
      keepalive: true,
    }).catch(() => undefined)
  }

  function leave() {
    clearInterval(timer)
    if (stream) tell(false)
    stream?.close()
    stream = null
    gardenId.value = null
    others.value = []
    wasLost = false
  }

  /** Hears of changes until the returned function is called. */
  function hear(listener: (changed: Changed | null) => void): () => void {
    listeners.add(listener)
    return () => listeners.delete(listener)
  }

  return { gardenId, others, enter, say, leave, hear }
})
