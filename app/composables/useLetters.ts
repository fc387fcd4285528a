import { keysOfKinds, kindsOf } from '~~/core/count'

const isSame = (a: ReadonlyMap<string, string>, b: ReadonlyMap<string, string>) =>
  a.size === b.size && [...a].every(([key, value]) => b.get(key) === value)

/** One letter a kind over the whole garden; the same object while the kinds of all beds stay. */
export const useLetters = createSharedComposable(() => {
  const bed = useBedStore()
  const library = useLibraryStore()
  const supply = useSupplyStore()
  const { stored } = useGardenScene()
  const kinds = computed(() =>
    kindsOf(stored.value.map((b) => (b.id === bed.id ? (bed.bed ?? b.value) : b.value))).join(' '),
  )
  const letters = computed<ReadonlyMap<string, string>>((last) => {
    const keys = keysOfKinds(kinds.value.split(' '), library.byId, supply.issued)
    return last && isSame(last, keys) ? last : keys
  })
  return { letters }
})
