/** A phone begins with so many paces of a bed, metres. */
const PACES_M = 6
/** A bed so long that its pictures would leave more than this part of the height empty begins nearer. */
const MOST_EMPTY = 0.6
/** Beside the bed, in the pictures, pixels. */
const BESIDE_PX = 82

/** How near a bed is looked at first: so that its plants can be told apart. The whole of it is one touch away. */
export function useFirstNearness(of: {
  readonly isPhone: Ref<boolean>
  readonly isUpright: Ref<boolean>
  readonly axis: Ref<Axis>
  /** Height there is for both pictures, and how much of it they need where the whole bed is shown, pixels. */
  readonly restPx: Ref<number>
  readonly neededPx: Ref<number>
}) {
  const store = useBedStore()
  const { zoom, nearAs } = useAlong()
  const { lined } = useAspect()
  const first = computed(() => {
    const { width, pxPerM } = of.axis.value
    if (of.isPhone.value) return (width - BESIDE_PX) / (pxPerM / zoom.value) / PACES_M
    const times = of.restPx.value / of.neededPx.value
    return lined.value && !of.isUpright.value && times > 1 / (1 - MOST_EMPTY) ? times : 1
  })
  const isShown = computed(() => of.axis.value.width > BESIDE_PX && store.bed !== null)
  watch(
    [() => store.id, isShown, of.isPhone],
    () => {
      if (isShown.value && zoom.value === 1 && first.value > 1) nearAs(first.value)
    },
    { flush: 'post', immediate: true },
  )
}
