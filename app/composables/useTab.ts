/** The tab that a page shows, kept in its address: going back and reloading come to the same one. */
export function useTab<T extends string>(tabs: readonly { readonly id: T }[]) {
  const route = useRoute()
  const router = useRouter()
  return computed<T>({
    get: () => tabs.find((t) => t.id === route.query.tab)?.id ?? tabs[0]!.id,
    set: (id) => void router.replace({ query: { tab: id } }),
  })
}
