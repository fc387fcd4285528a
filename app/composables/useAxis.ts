/** A picture's horizontal axis: its width, where the bed's left end lies, and its scale. */
export interface PictureAxis {
  readonly width: number
  readonly leftPx: number
  readonly pxPerM: number
  readonly fromX: number
}

/**
 * The axis all three pictures share where the bed runs from side to side. Round a bed, and seen from another side, the score has its own,
 * and elevation and plan stand side by side, each as large as it can be.
 */
export interface Axis extends PictureAxis {
  readonly score: {
    readonly leftPx: number
    readonly pxPerM: number
    readonly from: number
    readonly lengthPx: number
  }
}

/** The whole bed is in the picture, however long it is; finer than this nothing can be told apart. */
const LEAST_PX_PER_M = 1
const GUTTER_PX = 64
const RIGHT_PX = 18
const LEAST_TOP_M = 2.2
const STRIP_PX = 14
const PLAN_MARGIN_PX = 30
/** Share of the width the elevation takes when the plan stands beside it. */
const BESIDE = 0.58

/** How much sky a picture may have: above what is grown, a share of its own height. */
const MOST_SKY = 1.7

/** Where what is so long begins in a room: in its middle, or pushed along by a share of what does not fit. */
const startOf = (roomPx: number, longPx: number, share: number) =>
  longPx <= roomPx ? (roomPx - longPx) / 2 : -(longPx - roomPx) * share

/** One scale for elevation, score and plan: as large as the width and the height for both pictures allow. */
export function useAxis(size: { width: Ref<number>; restPx: Ref<number>; alone?: Ref<boolean> }) {
  /** One picture at a time: each has the whole room. */
  const isAlone = computed(() => size.alone?.value === true)
  const { scene, elevationList } = useScene()
  const { zoom, share } = useAlong()
  const { frame, aspect, lined } = useAspect()
  const store = useBedStore()
  /** What the elevation says of its own height; as it was while the hand moves something, which need not wait for it. */
  const raised = computed<{ fixturesM: number; baseM: number }>((before) => {
    if (before && store.dragging) return before
    const list = elevationList.value
    return {
      fixturesM: list?.fixtures.reduce((m, f) => Math.max(m, f.heightM), 0) ?? 0,
      baseM: Math.abs(list?.frontBaseM ?? 0) + (list?.raisedM ?? 0),
    }
  })
  // Of grown plants, so that the scale stays while the time bar moves.
  const tallest = computed(() =>
    Math.max(
      0,
      raised.value.fixturesM,
      ...(scene.value?.placement.plants ?? []).map((p) => Math.max(p.plant.foliageHeightM, p.plant.flowerHeightM)),
      ...(lined.value ? (scene.value?.bed.wall?.openings ?? []) : []).map((o) => o.headM),
    ),
  )
  const ys = computed(() => aspect.value?.outlines.flat().map((p) => p.y) ?? [0, 1])
  const depth = computed(() =>
    Math.max(
      0.5,
      lined.value ? (frame.value?.depths.greatest ?? 1) : Math.max(...ys.value) - Math.min(...ys.value),
    ),
  )
  const across = computed(() => (aspect.value ? aspect.value.lastX - aspect.value.firstX : 1))
  const heights = computed(() => {
    const potM = scene.value?.bed.form.kind === 'container' ? scene.value.bed.form.heightM : 0
    const top = Math.max(across.value < 4 ? 1.2 : LEAST_TOP_M, Math.min(tallest.value + potM || 3, 6)) + 0.35
    return top + raised.value.baseM
  })
  const axis = computed<Axis>((before) => {
    const all = Math.floor(size.width.value)
    const width = lined.value || isAlone.value ? all : Math.floor(all * BESIDE)
    const room = width - GUTTER_PX - RIGHT_PX
    const both = isAlone.value ? Math.max(heights.value, depth.value) : heights.value + depth.value
    const byHeight = lined.value
      ? (size.restPx.value - STRIP_PX - PLAN_MARGIN_PX) / both
      : (size.restPx.value - STRIP_PX) / heights.value
    const pxPerM =
      Math.max(LEAST_PX_PER_M, Math.min(room / across.value, byHeight)) * (lined.value ? zoom.value : 1)
    const leftPx = GUTTER_PX + startOf(room, across.value * pxPerM, share.value)
    const run = frame.value ? frame.value.runTo - frame.value.runFrom : 1
    const whole = all - GUTTER_PX - RIGHT_PX
    const score = lined.value
      ? { leftPx, pxPerM, from: frame.value!.runFrom, lengthPx: run * pxPerM }
      : {
          leftPx: GUTTER_PX + startOf(whole, whole * zoom.value, share.value),
          pxPerM: (whole / run) * zoom.value,
          from: frame.value?.runFrom ?? 0,
          lengthPx: whole * zoom.value,
        }
    return unlessSame(before, { width, pxPerM, leftPx, fromX: aspect.value?.firstX ?? 0, score })
  })
  const planAxis = computed<PictureAxis>((before) => {
    if (lined.value) return axis.value
    const width = Math.floor(size.width.value) - (isAlone.value ? 0 : axis.value.width)
    const pxPerM = Math.max(
      LEAST_PX_PER_M,
      Math.min((width - PLAN_MARGIN_PX) / across.value, (size.restPx.value - PLAN_MARGIN_PX) / depth.value),
    )
    return unlessSame(before, {
      width,
      pxPerM,
      leftPx: (width - across.value * pxPerM) / 2,
      fromX: axis.value.fromX,
    })
  })
  const planPx = computed(() =>
    lined.value ? Math.round(depth.value * axis.value.pxPerM + PLAN_MARGIN_PX) : size.restPx.value,
  )
  const naturalPx = computed(() => Math.max(80, Math.round(heights.value * axis.value.pxPerM + STRIP_PX)))
  const elevationPx = computed(() => {
    if (!lined.value) return size.restPx.value
    const room = size.restPx.value - (isAlone.value ? 0 : planPx.value)
    return Math.max(naturalPx.value, Math.min(room, naturalPx.value * MOST_SKY))
  })
  /** Height at which both pictures are as large as the width allows. */
  const neededPx = computed(() => {
    const widest = Math.max(LEAST_PX_PER_M, (Math.floor(size.width.value) - GUTTER_PX - RIGHT_PX) / across.value)
    return Math.round((heights.value + depth.value) * widest) + STRIP_PX + PLAN_MARGIN_PX
  })
  /** Pixels from the plan's top to its y = 0. */
  const planTopPx = computed(() => {
    if (lined.value) return 12
    return (planPx.value - depth.value * planAxis.value.pxPerM) / 2 - Math.min(...ys.value) * planAxis.value.pxPerM
  })
  return { axis, planAxis, planPx, elevationPx, planTopPx, neededPx }
}
