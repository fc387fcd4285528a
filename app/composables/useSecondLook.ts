import { proxy } from 'comlink'
import type { Bed } from '~~/core/model'
import type { Mark, MarkId } from '~~/core/marks'
import type { PlaceAsk, Raise, Suggestion, Tried } from '~~/core/mend'
import type { Plant } from '~~/core/plant'
import type { Scene } from '~~/core/scene'
import type { LookJobs, MarkedState } from '~/workers/look.worker'

/** After the hand rests for so long, the bed is marked and mends are tried. */
const REST_MS = 250
/** While the hand is at work the worker is told so this often. */
const HOLD_EVERY_MS = 100
const PROBLEM = 'The second look could not be worked out; it is tried again after the next change.'

/** Marks and tried mends of the bed that is open, worked out in a worker of their own, never in the way of the hand. */
export const useSecondLook = createSharedComposable(() => {
  const library = useLibraryStore()
  const { settled, accepted } = useScene()
  const marks = shallowRef<readonly Mark[]>([])
  const total = ref(0)
  const tried = shallowRef<ReadonlyMap<string, Tried>>(new Map())
  const raised = shallowRef<ReadonlyMap<MarkId, readonly Raise[]>>(new Map())
  /** What could stand at a place that was asked for; null while it is worked out. */
  const suggested = shallowRef<readonly Suggestion[] | null>(null)
  const problem = ref('')
  let number = 0
  const worker = keptWorker<LookJobs, readonly Plant[]>(
    () => new Worker(new URL('../workers/look.worker.ts', import.meta.url), { type: 'module' }),
    { known: () => toRaw(library.plants), tell: (jobs, plants) => jobs.library(plants) },
  )
  const broke = (error: unknown) => {
    console.error(error)
    problem.value = PROBLEM
  }

  async function look() {
    const now = settled.value
    tried.value = new Map()
    raised.value = new Map()
    problem.value = ''
    const mine = ++number
    const hear = (state: MarkedState) => {
      if (mine !== number) return
      marks.value = state.marks
      total.value = state.total
    }
    if (!now || now.scene.placement.plants.length === 0) return hear({ marks: [], total: 0 })
    const hearTried = (one: Tried) => {
      if (mine === number) tried.value = new Map([...tried.value, [one.findingId, one]])
    }
    const scene = sentScene(now.scene)
    const ids = [...accepted.value.keys()]
    await worker.ask((jobs) => jobs.look(mine, scene, ids, proxy(hear), proxy(hearTried))).catch(broke)
  }
  watchDebounced(settled, look, { debounce: REST_MS, immediate: true })
  useEventListener(
    import.meta.client ? window : null,
    ['pointerdown', 'pointermove', 'keydown', 'wheel'],
    useThrottleFn((event: Event) => {
      const isHover = event instanceof PointerEvent && event.type === 'pointermove' && event.buttons === 0
      if (worker.isRunning && !isHover) void worker.ask((jobs) => jobs.hold()).catch(broke)
    }, HOLD_EVERY_MS),
    { capture: true, passive: true },
  )
  /** Ends what is under way for a bed that changes again. */
  watch(settled, () => {
    number++
  })

  /** Asks which edits would raise a mark most. */
  async function askRaises(mark: MarkId) {
    if (raised.value.has(mark)) return
    const mine = number
    const raises = await worker.ask((jobs) => jobs.raises(mine, mark)).catch(broke)
    if (raises && mine === number) raised.value = new Map([...raised.value, [mark, raises]])
  }

  /** The marks of another state of the bed that is open, in the same place; null, and told, when they cannot be worked out. */
  async function marksOfState(bed: Bed): Promise<MarkedState | null> {
    const now = settled.value?.scene
    if (!now) return null
    const scene = { ...sentScene(now), bed: plainValue(bed) }
    return (await worker.ask((jobs) => jobs.state(scene)).catch(broke)) ?? null
  }

  let askedFor = 0
  async function askSuggestions(scene: Scene, place: PlaceAsk) {
    suggested.value = null
    const mine = ++askedFor
    const sent = sentScene(scene)
    const found = await worker.ask((jobs) => jobs.suggest(sent, place)).catch(broke)
    if (mine === askedFor) suggested.value = found ?? []
  }
  return { marks, total, tried, raised, problem, askRaises, suggested, askSuggestions, marksOfState }
})
