import {
  liesFar,
  moveToOrigin,
  placedLines,
  simplified,
  type FoundDrawing,
  type FoundLine,
  type FoundSvg,
  type Placing,
} from '~~/core/exchange'
import type { Point } from '~~/core/geometry'

const AS_IT_LIES: Placing = { dx: 0, dy: 0, turnDeg: 0, scale: 1 }
const MOST_CORNERS = 400
const ENDINGS: Readonly<Record<string, 'dxf' | 'svg' | 'geojson'>> = {
  dxf: 'dxf',
  svg: 'svg',
  geojson: 'geojson',
  json: 'geojson',
}

/** A drawing being brought in: read in a worker, laid on the plan, sorted by layer and kind, before anything is taken. */
export const useDrawingImport = createSharedComposable(() => {
  const bedStore = useBedStore()
  const ground = useGroundStore()
  const { site } = useSite()
  const found = shallowRef<FoundDrawing | FoundSvg | null>(null)
  const problem = ref('')
  const isReading = ref(false)
  const unitM = ref<number | null>(null)
  const ratio = ref<number | null>(null)
  const placing = ref<Placing>(AS_IT_LIES)
  const chosen = ref<Readonly<Record<string, string>>>({})
  let bytes: Uint8Array | null = null
  let as: 'dxf' | 'svg' | 'geojson' = 'dxf'
  let stop = new AbortController()

  const lines = computed(() => found.value?.lines ?? [])
  const groups = computed(() => drawingGroups(lines.value))
  const placed = computed(() => placedLines(lines.value, placing.value))
  const becomes = computed(() => {
    const bedsThere = site.value.beds.length > 0
    return new Map(groups.value.map((g) => [g.key, chosen.value[g.key] ?? firstChoice(g, bedsThere)]))
  })
  const kinds = computed(() => lines.value.map((l) => becomes.value.get(groupKey(l)) ?? 'none'))
  const simpler = computed(() => simplerOf(lines.value.filter((_, i) => kinds.value[i] !== 'none')))
  /** How far a drawing in a national grid is moved to the sheet; null while it lies within reach. */
  const fromGrid = computed(() => (liesFar(lines.value) ? moveToOrigin(lines.value) : null))

  watch([placed, kinds], ([all, list]) => {
    ground.ghost = all.filter((_, i) => list[i] !== 'none')
  })

  async function read() {
    if (!bytes) return
    stop.abort()
    stop = new AbortController()
    isReading.value = true
    const { latitude, longitude } = bedStore.garden!.value.place
    const lie = { latitude, longitude, northDeg: site.value.northDeg }
    const answer = await readDrawing({ bytes, as, unitM: unitM.value, ratio: ratio.value, lie }, stop.signal)
    isReading.value = false
    problem.value = answer.ok ? '' : answer.error
    found.value = answer.ok ? answer.value : null
    placing.value = AS_IT_LIES
    chosen.value = {}
    if (fromGrid.value) placing.value = { ...AS_IT_LIES, dx: fromGrid.value.x, dy: fromGrid.value.y }
  }

  /** Reads a file; false when it is no drawing. */
  async function open(file: File): Promise<boolean> {
    const kind = ENDINGS[file.name.toLowerCase().split('.').pop() ?? '']
    if (!kind) return false
    as = kind
    bytes = new Uint8Array(await file.arrayBuffer())
    unitM.value = null
    ratio.value = null
    await read()
    return true
  }
  const setUnit = (metres: number) => {
    unitM.value = metres
    return read()
  }
  const setRatio = (to: number) => {
    ratio.value = to
    return read()
  }
  const choose = (key: string, value: string) => {
    chosen.value = { ...chosen.value, [key]: value }
  }
  const place = (change: Partial<Placing>) => {
    placing.value = { ...placing.value, ...change }
  }
  /** Moves the drawing by the hand on the plan. */
  const moveBy = ({ x, y }: Point) => place({ dx: placing.value.dx + x, dy: placing.value.dy + y })
  function leave() {
    stop.abort()
    found.value = null
    bytes = null
    ground.ghost = []
  }
  onScopeDispose(leave)
  const page = computed(() => (found.value && 'page' in found.value ? found.value.page : null))
  return {
    found,
    problem,
    isReading,
    placing,
    lines,
    groups,
    becomes,
    kinds,
    placed,
    simpler,
    fromGrid,
    page,
    ratio,
    unitM,
    open,
    setUnit,
    setRatio,
    choose,
    place,
    moveBy,
    leave,
  }
})

/** How many outlines have too many corners, and how far they will lie from what they were, metres. */
function simplerOf(lines: readonly FoundLine[]) {
  const long = lines.filter((l) => l.points.length > MOST_CORNERS)
  return { count: long.length, offM: Math.max(0, ...long.map((l) => simplified(l.points, MOST_CORNERS).offM)) }
}
