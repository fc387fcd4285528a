import { clientPaints, type Paint } from '~~/core/draw'

/** What a client said of the bed that is open over a link, thread by thread with its number, and its places in the plan. */
export const useClientThreads = createSharedComposable(() => {
  const bed = useBedStore()
  const palette = usePalette()
  const { aspect } = useAspect()
  const shares = useShares(() => bed.garden?.id)
  watch(
    () => bed.id,
    () => shares.doing(),
    { immediate: true },
  )
  const threads = computed(() => {
    const own = shares.answer.value.notes.filter((n) => n.bedId === bed.id)
    return own
      .filter((n) => n.answers === null)
      .map((note, i) => ({ note, number: i + 1, answers: own.filter((n) => n.answers === note.id) }))
      .sort((a, b) => Number(a.note.settled) - Number(b.note.settled))
  })
  const paints = computed<readonly Paint[]>(() => {
    const from = aspect.value
    if (!from || !palette.value) return []
    const marks = threads.value.flatMap(({ note: { alongM, settled }, number }) =>
      alongM === null ? [] : [{ x: alongM, y: from.front.yAt(alongM), number, settled }],
    )
    return clientPaints(marks, palette.value.elsewhere, palette.value.card)
  })
  return { ...shares, threads, paints }
})
