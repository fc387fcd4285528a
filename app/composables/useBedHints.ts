/** Reading that a bed's page begins with, besides the bed itself. */
const readingsOf = (gardenId: string) => [
  `/api/gardens/${gardenId}`,
  `/api/library?garden=${gardenId}`,
  ...['site', 'brief', 'supply', 'beds'].map((part) => `/api/gardens/${gardenId}/${part}`),
]

/**
 * Tells the browser with the page itself what the view of a bed will load and read, so that it comes while the program still starts.
 * Who may not see the bed is told nothing. The garden of the bed, empty where the page did not come from the server.
 */
export function useBedHints(bedId: string, view: string) {
  const garden = useState(`garden-of-${bedId}`, () => '')
  if (!import.meta.server) return garden
  const nuxt = useNuxtApp()
  const read = useRequestFetch() as (url: string) => Promise<{ gardenId: string }>
  onServerPrefetch(async () => {
    const bed = `/api/beds/${encodeURIComponent(bedId)}`
    const { gardenId = '' } = await read(bed).catch(() => ({ gardenId: '' }))
    if (gardenId === '') return
    garden.value = gardenId
    nuxt.ssrContext?.modules?.add(`pages/beds/[id]/${view}.vue`)
    const link = [bed, ...readingsOf(gardenId)].map((href) => ({
      ...{ rel: 'preload', as: 'fetch' as const, crossorigin: 'anonymous' as const, href },
      // The program first: without it the data is of no use yet.
      tagPriority: 'low' as const,
    }))
    await nuxt.runWithContext(() => useHead({ link }))
  })
  return garden
}
