import type { Changed, Here, LiveEvent } from '../../shared/live'
import type { Bus } from '../db/Db'

/** Windows that are told of one garden; the oldest go first. */
const MOST_WINDOWS = 200
/** A window that says nothing for so long is gone, ms. Windows say where they are every half minute. */
export const GONE_AFTER_MS = 75_000

/** In place of a garden’s id: every garden. */
const EVERY = '*'

type Message =
  | { readonly kind: 'changed'; readonly gardenId: string; readonly changed: Changed }
  | { readonly kind: 'here'; readonly gardenId: string; readonly here: Here }
  | { readonly kind: 'left'; readonly gardenId: string; readonly tab: string }
  /** Asks other servers who is in a garden. */
  | { readonly kind: 'who'; readonly gardenId: string }

interface Seen {
  readonly here: Here
  readonly at: number
  /** Whether the window talks to this server. */
  readonly ours: boolean
}
type Listener = (event: LiveEvent) => void

/** Who is in which garden, and what was changed there: told to every window that listens, here and through the bus on other servers. */
export class LiveHub {
  /** By garden, and each with the window that listens, where it said. */
  readonly #listeners = new Map<string, Map<Listener, string>>()
  readonly #seen = new Map<string, Map<string, Seen>>()
  readonly #now: () => number
  readonly #bus: Bus | undefined

  constructor(bus?: Bus, now: () => number = Date.now) {
    this.#bus = bus
    this.#now = now
    bus?.hear((text) => this.#take(JSON.parse(text) as Message, false))
  }

  /**
   * Listens to a garden until the returned function is called. A window that named itself by `tab` has left with its last stream: one that
   * was killed says nothing.
   */
  listen(gardenId: string, listener: Listener, tab = ''): () => void {
    const listeners = this.#listeners.get(gardenId) ?? new Map<Listener, string>()
    this.#listeners.set(gardenId, listeners.set(listener, tab))
    this.#bus?.send(JSON.stringify({ kind: 'who', gardenId } satisfies Message))
    listener({ kind: 'here', people: this.here(gardenId) })
    return () => {
      listeners.delete(listener)
      if (listeners.size === 0) this.#listeners.delete(gardenId)
      if (tab !== '' && ![...listeners.values()].includes(tab)) this.left(gardenId, tab)
    }
  }

  /** How many windows listen to this server. */
  get size(): number {
    return [...this.#listeners.values()].reduce((sum, set) => sum + set.size, 0)
  }

  /** Who is in a garden now, in the order in which they came. */
  here(gardenId: string): Here[] {
    const since = this.#now() - GONE_AFTER_MS
    return [...(this.#seen.get(gardenId)?.values() ?? [])].filter((s) => s.at >= since).map((s) => s.here)
  }

  say = (gardenId: string, here: Here) => this.#send({ kind: 'here', gardenId, here })
  left = (gardenId: string, tab: string) => this.#send({ kind: 'left', gardenId, tab })
  tell = (gardenId: string, changed: Changed) => this.#send({ kind: 'changed', gardenId, changed })
  /** Tells every window of every garden. */
  tellAll = (changed: Changed) => this.#send({ kind: 'changed', gardenId: EVERY, changed })

  #send(message: Message) {
    this.#take(message, true)
    this.#bus?.send(JSON.stringify(message))
  }

  #take(message: Message, ours: boolean) {
    const { gardenId } = message
    if (message.kind === 'changed') return this.#push(gardenId, message)
    if (message.kind === 'who') return this.#answer(gardenId)
    if (message.kind === 'here') this.#note(gardenId, { here: message.here, at: this.#now(), ours })
    else this.#forget(gardenId, message.tab)
    this.#push(gardenId, { kind: 'here', people: this.here(gardenId) })
  }

  #note(gardenId: string, seen: Seen) {
    const since = this.#now() - GONE_AFTER_MS
    const known = [...(this.#seen.get(gardenId) ?? [])].filter(([, s]) => s.at >= since)
    this.#seen.set(gardenId, new Map(known.slice(1 - MOST_WINDOWS)).set(seen.here.tab, seen))
  }

  #forget(gardenId: string, tab: string) {
    const windows = this.#seen.get(gardenId)
    windows?.delete(tab)
    if (windows?.size === 0) this.#seen.delete(gardenId)
  }

  #answer(gardenId: string) {
    for (const { here, ours } of this.#seen.get(gardenId)?.values() ?? [])
      if (ours) this.#bus?.send(JSON.stringify({ kind: 'here', gardenId, here } satisfies Message))
  }

  #push(gardenId: string, event: LiveEvent) {
    const told = gardenId === EVERY ? [...this.#listeners.values()] : [this.#listeners.get(gardenId)]
    for (const listener of told.flatMap((of) => [...(of?.keys() ?? [])])) listener(event)
  }
}
