<script setup lang="ts">
import { circleAt, featureMarkPaints, notePaints, orderPaints, type Paint } from '~~/core/draw'
import { clamp, type Point, toMm } from '~~/core/geometry'
import { plantsByDrift } from '~~/core/layout'
import type { PlanHand } from '~/composables/planHand'
import type { HandAt } from '~/composables/useDrag'
import type { PictureAxis } from '~/composables/useAxis'
import { PlanPainter } from '~/painters/PlanPainter'

const { manner } = useManner()

const props = defineProps<{
  axis: PictureAxis
  height: number
  topPx: number
  /** What else lies over the plants, y up. */
  over?: readonly Paint[]
  /** Only looked at and chosen in: the hand moves nothing. */
  still?: boolean
}>()
const store = useBedStore()
const garden = useGardenScene()
const compose = useComposeStore()
const { planList, scene } = useScene()
const { frame, aspect, lined } = useAspect()
const { chosenIds, pin, unpin } = useChosen()
const palette = usePalette()
const water = useWater()
const haze = useHaze()
const others = useOthers()
const client = useClientThreads()
const holder = useTemplateRef<HTMLDivElement>('holder')
const perM = () => props.axis.pxPerM
const shapeHand = useShapeHand(aspect, perM)
const lasso = useLassoHand(aspect, perM)
const laneHand = useLaneHand(aspect, perM)
const featureHand = useFeatureHand(aspect, planList)
const painter = shallowRef<PlanPainter | null>(null)

onMounted(() => {
  painter.value = new PlanPainter(holder.value!)
})
onBeforeUnmount(() => painter.value?.destroy())

const isTurn = useTurn()
watchPostEffect(() => {
  if (!painter.value || !palette.value || props.axis.width < 50 || !isTurn()) return
  if (!planList.value || !aspect.value) return
  painter.value.show({
    list: planList.value,
    wall: lined.value ? (garden.bed.value?.wall ?? null) : null,
    fromX: aspect.value.firstX,
    toX: aspect.value.lastX,
    paved: store.bed?.form.kind === 'court',
    width: props.axis.width,
    height: props.height,
    pxPerM: props.axis.pxPerM,
    leftPx: props.axis.leftPx,
    topPx: props.topPx,
    palette: palette.value,
    lit: new Set(compose.lit),
    chosen: chosenIds.value,
    handles: [...shapeHand.handles.value, ...laneHand.handles.value],
    outlines: lasso.line.value.length > 1 ? [lasso.line.value] : shapeHand.outlines.value,
    following: orders.value,
    above: above.value,
    moving: store.dragging,
    manner: manner.value,
  })
})

useAhead(
  () => props.axis.pxPerM,
  (pictures) => pictures.plan,
  (lists) => painter.value?.ahead(lists),
)

/** The nearest place inside the bed, of a place on the picture. */
function inside(x: number, y: number) {
  const f = frame.value!
  const { a, v } = f.locate(aspect.value!.unturn({ x, y }))
  const along = f.closed ? a : clamp(a, f.runFrom, f.runTo)
  return f.at(along, clamp(v, 0.02, Math.max(0.02, f.depthAlong(along) - 0.02)))
}

const NOTE_INK = '#8a3b2c'
/** Marks of orders go with the plants. */
const orders = computed(() =>
  frame.value && aspect.value && palette.value && scene.value
    ? orderPaints(
        {
          orders: store.bed?.orders ?? [],
          plants: plantsByDrift(scene.value.placement),
          frame: frame.value,
          turn: aspect.value.turn,
        },
        palette.value.amber,
      )
    : [],
)
/** Pins of notes, and the outline of the thing that is chosen. */
const above = computed(() => {
  const list = planList.value
  const ink = palette.value
  if (!list || !ink) return []
  const chosen = list.features.filter((f) => f.feature.id === compose.featureId)
  return [
    ...(props.over ?? []),
    ...haze.paints.value,
    ...(compose.showsWater ? water.paints.value : []),
    ...notePaints(list.notes, NOTE_INK),
    ...others.paints(list),
    ...client.paints.value,
    ...chosen.flatMap((f) => featureMarkPaints(f, ink.amber)),
  ]
})

function pinNote(to: Point) {
  const { x, y } = inside(to.x, to.y)
  const note = { id: newId(), x: toMm(x), y: toMm(y), text: 'A note' }
  store.edit({ kind: 'setBed', change: { notes: [...(store.kept?.notes ?? []), note] } })
  compose.tool = 'none'
  compose.noteId = note.id
  compose.panel = 'things'
}

/** Whether the hand is about to move something at a place, and chooses nothing. */
const isHandy = (to: Point) =>
  compose.tool !== 'none' ||
  compose.drawing !== null ||
  shapeHand.holds(to) ||
  (compose.featureId !== null && featureHand.under(to)?.id === compose.featureId)

/** A press chooses what lies under it. */
function down(event: PointerEvent) {
  const to = painter.value?.toMetres(event.offsetX, event.offsetY)
  if (!to) return
  if (compose.tool === 'note') return pinNote(to)
  if (!isHandy(to)) chooseAt(to, event.shiftKey)
}
useHoldToChoose(holder, (event) => {
  const to = painter.value?.toMetres(event.offsetX, event.offsetY)
  const isFree = to && compose.tool === 'none' && compose.drawing === null
  const at = isFree && planList.value ? circleAt(planList.value, to.x, to.y)?.body.at : undefined
  return at && !at.standing ? at.driftId : null
})
function chooseAt(to: Point, isMore: boolean) {
  const at = planList.value ? circleAt(planList.value, to.x, to.y)?.body.at : undefined
  if (!at || at.standing) {
    const feature = featureHand.under(to)
    return feature ? compose.chooseFeature(feature.id) : compose.choose(null)
  }
  if (isMore) return compose.alsoChoose(at.driftId)
  // A plant of a repeated part follows the one that is planned.
  compose.choose(at.driftId, at.id.includes('@') ? null : at.id)
}

const hands: readonly PlanHand[] = [lasso, laneHand, shapeHand, featureHand, usePlantHand(planList, inside)]
let hand: PlanHand | null = null
const { ring, lead } = useHeldRing(perM)
const placeOf = ({ x, y }: HandAt) => painter.value!.toMetres(x, y)
useDrag(holder, {
  begin: (at) => {
    const isLooking = props.still || compose.tool === 'note'
    hand = isLooking ? null : (hands.find((h) => h.begin(placeOf(at))) ?? null)
    return hand !== null
  },
  move: (at) => hand?.move(placeOf(at)),
  lead: (_, at) => lead(hand?.grip?.() ?? null, at),
  end: (at) => hand?.end(placeOf(at)),
  cancel: () => {
    hand?.letGo()
    compose.draw(null)
  },
})

const STILL_KEYS = 'Plan of the bed. Comma and full stop choose a plant.'
const KEYS =
  'Plan of the bed. Comma and full stop choose a plant, arrow keys nudge it and pin it, Shift for larger steps, ' +
  'U lets it go, Delete takes that one plant out. L takes the lasso, N pins a note. All plants are in the list too.'
const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
/** Without a pointer a note is pinned where the chosen plant stands, or in the middle. */
function noteByKey() {
  const plant = plants.value.find((p) => p.id === compose.plantId)
  const f = frame.value!
  const middle = f.at((f.runFrom + f.runTo) / 2, f.depthAlong((f.runFrom + f.runTo) / 2) / 2)
  pinNote(aspect.value!.turn(plant ?? middle))
}
function featureKey(event: KeyboardEvent) {
  const step = STEPS[event.key]
  const features = store.kept?.features ?? []
  const isGone = event.key === 'Delete' || event.key === 'Backspace'
  if (!step && !isGone) return
  event.preventDefault()
  const by = event.shiftKey ? 0.25 : 0.05
  const moved = features.map((f) =>
    f.id === compose.featureId && step ? { ...f, x: toMm(f.x + step[0] * by), y: toMm(f.y + step[1] * by) } : f,
  )
  const left = features.filter((f) => f.id !== compose.featureId)
  store.edit({ kind: 'setBed', change: { features: isGone ? left : moved } })
  if (isGone) compose.chooseFeature(null)
}
/** All plants from left to right, and the keys that go from one to the next. */
const plants = computed(() => [...(scene.value?.placement.plants ?? [])].sort((a, b) => a.x - b.x || a.y - b.y))
const ALONG: Readonly<Record<string, number>> = { '.': 1, ',': -1 }
function chooseNext(by: number) {
  const many = plants.value.length
  const now = plants.value.findIndex((p) => p.id === compose.plantId)
  const next = plants.value[(Math.max(now, by > 0 ? -1 : 0) + by + many) % many]
  if (next) compose.choose(next.driftId, next.id)
}
function key(event: KeyboardEvent) {
  const along = ALONG[event.key]
  if (along) return chooseNext(along)
  if (props.still) return
  if (event.key === 'l') return compose.take('lasso')
  if (event.key === 'n') return noteByKey()
  if (compose.featureId) return featureKey(event)
  const chosen = plants.value.find((p) => p.id === compose.plantId)
  if (!chosen) return
  if (event.key === 'u') return unpin(chosen.driftId, chosen.index)
  if (event.key === 'Delete' || event.key === 'Backspace') {
    event.preventDefault()
    store.edit({ kind: 'removePlant', driftId: chosen.driftId, index: chosen.index })
    return compose.choose(chosen.driftId)
  }
  const step = STEPS[event.key]
  if (!step) return
  event.preventDefault()
  const by = event.shiftKey ? 0.25 : 0.05
  const now = aspect.value!.turn(chosen)
  const to = inside(now.x + step[0] * by, now.y + step[1] * by)
  pin(chosen.driftId, chosen.index, to.x, to.y)
}
</script>

<template>
  <div
    ref="holder"
    class="canvas [&.still]:cursor-default [&.tool]:cursor-crosshair focus-visible:-outline-offset-2"
    :class="{ tool: compose.tool !== 'none', still }"
    :style="{ height: `${height}px` }"
    tabindex="0"
    role="application"
    data-testid="plan"
    :aria-label="still ? STILL_KEYS : KEYS"
    @pointerdown="down"
    @keydown="key"
  >
    <span
      v-if="ring"
      class="absolute left-0 top-0 border-[1.5px] border-amber-deep rounded-full pointer-events-none [will-change:transform] z-1"
      :style="ring"
      data-testid="held"
    />
  </div>
</template>

<style scoped>
@layer components {
  .canvas {
    position: relative;
    width: 100%;
    overflow: hidden;
    touch-action: none;
    cursor: grab;
  }
}
</style>
