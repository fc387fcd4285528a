import type { Bed } from '~~/core/bed'
import type { Mark, MarkId } from '~~/core/marks'
import type { PlaceAsk, Raise, Suggestion, Tried } from '~~/core/mend'
import type { Scene } from '~~/core/scene'
import type { LookAnswer, LookRequest } from '~/workers/lookJobs'

/** After the hand rests for so long, the bed is marked and mends are tried. */
const REST_MS = 250
/** While the hand is at work the worker is told so this often. */
const HOLD_EVERY_MS = 100

/** The marks of a state of a bed, and their whole. */
export interface MarkedState {
  readonly marks: readonly Mark[]
  readonly total: number
}

/** What is asked of the worker beside the bed's own look: other states of the bed, and what could stand at a place. */
function besideTheLook(ask: (request: LookRequest) => void, sceneNow: () => Scene | null) {
  const states = new Map<number, (answer: MarkedState) => void>()
  let nextState = 1
  /** The marks of another state of the bed that is open, in the same place. */
  function marksOfState(bed: Bed): Promise<MarkedState | null> {
    const now = sceneNow()
    if (!now) return Promise.resolve(null)
    const number = nextState++
    return new Promise((done) => {
      states.set(number, done)
      ask({ job: 'state', number, scene: { ...sentScene(now), bed: plainValue(bed) } })
    })
  }

  /** What could stand at a place of a scene; null while it is worked out. */
  const suggested = shallowRef<readonly Suggestion[] | null>(null)
  let askedFor = 0
  function askSuggestions(scene: Scene, place: PlaceAsk) {
    suggested.value = null
    ask({ job: 'suggest', number: ++askedFor, scene: sentScene(scene), ask: place })
  }

  /** Whether an answer was one of these. */
  function hear(answer: LookAnswer): boolean {
    if (answer.kind === 'state') {
      states.get(answer.number)?.(answer)
      states.delete(answer.number)
      return true
    }
    if (answer.kind !== 'suggestions') return false
    if (answer.number === askedFor) suggested.value = answer.suggestions
    return true
  }
  return { marksOfState, suggested, askSuggestions, hear }
}

/** Marks and tried mends of the bed that is open, worked out in a worker of their own, never in the way of the hand. */
export const useSecondLook = createSharedComposable(() => {
  const library = useLibraryStore()
  const { settled, accepted } = useScene()
  const marks = shallowRef<readonly Mark[]>([])
  const total = ref(0)
  const tried = shallowRef<ReadonlyMap<string, Tried>>(new Map())
  const raised = shallowRef<ReadonlyMap<MarkId, readonly Raise[]>>(new Map())
  const problem = ref('')
  let worker: Worker | null = null
  let number = 0
  let librarySent: unknown = null

  const send = (request: LookRequest) => worker!.postMessage(request)

  const beside = besideTheLook(
    (request) => {
      makeReady()
      send(request)
    },
    () => settled.value?.scene ?? null,
  )

  function begin(): Worker {
    const made = new Worker(new URL('../workers/look.worker.ts', import.meta.url), { type: 'module' })
    made.onmessage = ({ data }: MessageEvent<LookAnswer>) => hear(data)
    made.onerror = () => {
      problem.value = 'The second look could not be worked out; it is tried again after the next change.'
    }
    return made
  }

  function hear(answer: LookAnswer) {
    if (beside.hear(answer)) return
    if (answer.number !== number) return
    switch (answer.kind) {
      case 'marks':
        marks.value = answer.marks
        total.value = answer.total
        return
      case 'tried':
        tried.value = new Map([...tried.value, [answer.tried.findingId, answer.tried]])
        return
      case 'raises':
        raised.value = new Map([...raised.value, [answer.mark, answer.raises]])
        return
      case 'error':
        problem.value = answer.message
    }
  }

  function makeReady() {
    worker ??= begin()
    if (librarySent === library.plants) return
    librarySent = library.plants
    send({ job: 'library', plants: toRaw(library.plants) })
  }

  function look() {
    const now = settled.value
    tried.value = new Map()
    raised.value = new Map()
    problem.value = ''
    number++
    if (!now || now.scene.placement.plants.length === 0) {
      marks.value = []
      total.value = 0
      return
    }
    makeReady()
    send({ job: 'look', number, scene: sentScene(now.scene), accepted: [...accepted.value.keys()] })
  }
  watchDebounced(settled, look, { debounce: REST_MS, immediate: true })
  useEventListener(
    import.meta.client ? window : null,
    ['pointerdown', 'pointermove', 'keydown', 'wheel'],
    useThrottleFn((event: Event) => {
      const isHover = event instanceof PointerEvent && event.type === 'pointermove' && event.buttons === 0
      if (worker && !isHover) send({ job: 'hold' })
    }, HOLD_EVERY_MS),
    { capture: true, passive: true },
  )
  /** Ends what is under way for a bed that changes again. */
  watch(settled, () => {
    number++
  })

  /** Asks which edits would raise a mark most. */
  function askRaises(mark: MarkId) {
    if (worker && !raised.value.has(mark)) send({ job: 'raises', number, mark })
  }

  const { suggested, askSuggestions, marksOfState } = beside
  return { marks, total, tried, raised, problem, askRaises, suggested, askSuggestions, marksOfState }
})
