import type { Point } from '~~/core/geometry'
import { dragHandle, drawnShape, shapeHandles, type ShapeHandle } from '~~/core/layout'
import type { Aspect } from '~~/core/see'
import { POINT_GRIP } from './planHand'

const REACH_PX = 9
const STEP_PX = 4
const RIBBON_M = 0.6

/** Taking hold of the chosen drift's shape in the plan, and drawing one by hand. Places of the picture are as the bed is turned. */
export function useShapeHand(aspect: Readonly<Ref<Aspect | null>>, pxPerM: () => number) {
  const store = useBedStore()
  const compose = useComposeStore()
  const { scene } = useScene()
  const { drift } = useChosen()
  const held = ref<string | null>(null)
  const line = shallowRef<readonly Point[]>([])

  const placed = computed(() => scene.value?.placement.shapes.find((s) => s.driftId === drift.value?.id) ?? null)
  /** A ring goes round where its plant stands. */
  const ringAt = computed(() => (drift.value?.shape?.kind === 'ring' ? (placed.value?.middle ?? null) : null))
  const turned = (p: Point) => aspect.value!.turn(p)

  const handles = computed<readonly ShapeHandle[]>(() => {
    if (!drift.value?.shape || !scene.value || !aspect.value || compose.drawing) return []
    return shapeHandles(drift.value, scene.value.frame, ringAt.value).map((h) => ({ id: h.id, ...pick(turned(h)) }))
  })
  const outlines = computed<readonly (readonly Point[])[]>(() => {
    if (!aspect.value) return []
    if (line.value.length > 1) return [line.value]
    const outline = placed.value?.outline
    return outline && drift.value?.shape ? [outline.map(turned)] : []
  })

  /** Takes hold of the handle under a place, or begins to draw; false when there is nothing of the kind. */
  function begin(at: Point): boolean {
    if (compose.drawing && compose.drawing === drift.value?.id) {
      line.value = [at]
      return true
    }
    held.value = handleAt(at)?.id ?? null
    return held.value !== null
  }
  const handleAt = (at: Point) =>
    handles.value.find((h) => Math.hypot(h.x - at.x, h.y - at.y) * pxPerM() < REACH_PX) ?? null
  /** Whether there is something to take hold of at a place. */
  const holds = (at: Point) => handleAt(at) !== null

  const changeTo = (at: Point) => {
    const kept = store.kept?.drifts.find((d) => d.id === drift.value?.id)
    if (!kept || !scene.value || !held.value) return null
    return dragHandle(kept, held.value, aspect.value!.unturn(at), scene.value.frame, ringAt.value)
  }
  function move(at: Point) {
    if (line.value.length > 0) {
      const last = line.value[line.value.length - 1]!
      if (Math.hypot(at.x - last.x, at.y - last.y) * pxPerM() >= STEP_PX) line.value = [...line.value, at]
      return
    }
    const change = changeTo(at)
    if (change && drift.value) store.preview({ kind: 'changeDrift', driftId: drift.value.id, change })
  }
  function end(at: Point) {
    const drawn = line.value
    const change = drawn.length > 0 ? drawnChange(drawn) : changeTo(at)
    letGo()
    if (change && drift.value) store.edit({ kind: 'changeDrift', driftId: drift.value.id, change })
  }
  function drawnChange(drawn: readonly Point[]) {
    compose.draw(null)
    const own = drift.value?.shape
    const isDrawn = own?.kind === 'outline' || own?.kind === 'ribbon' || own?.kind === 'hedge'
    if (!drift.value || !scene.value || !isDrawn) return null
    const plan = drawn.map((p) => aspect.value!.unturn(p))
    const widthM = own.kind === 'outline' ? RIBBON_M : own.widthM
    return drawnShape(drift.value, plan, own.kind, widthM, scene.value.frame)
  }
  function letGo() {
    held.value = null
    line.value = []
    store.preview(null)
  }
  const grip = () => (line.value.length > 0 ? null : POINT_GRIP)
  return { handles, outlines, holds, begin, move, end, letGo, grip }
}

const pick = ({ x, y }: Point) => ({ x, y })
