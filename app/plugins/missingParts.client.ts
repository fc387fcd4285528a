/** Longer than this nobody waits to hear whether the server is there, ms. */
const PATIENCE_MS = 4000
/** Which build runs there; null where the server is not to be reached. Asked past every cache. */
const buildThere = (): Promise<string | null> =>
  fetch(`/_nuxt/builds/latest.json?${Date.now()}`, { signal: AbortSignal.timeout(PATIENCE_MS) })
    .then((answer) => answer.json())
    .then(
      ({ id }) => (typeof id === 'string' ? id : null),
      () => null,
    )

/**
 * Views and sheets are fetched when they are first asked for. One that cannot be fetched takes nothing of what is there away: it is said
 * that the server is not to be reached, that it is there again, or, where a newer version runs there, that one is fetched with the page.
 */
export default defineNuxtPlugin((nuxt) => {
  const router = useRouter()
  const toast = useToast()
  const { buildId } = useRuntimeConfig().app
  let hasMissed = false
  keepMissedStyles()
  let path: string | null = null
  router.beforeEach(async (to) => {
    path = to.fullPath
    // What was fetched half may lack its style: a whole page brings all.
    if (!hasMissed || !(await buildThere())) return true
    reloadNuxtApp({ path, force: true })
    return false
  })
  router.afterEach(() => {
    path = null
  })
  // Given up: nobody is led there later, when something else is missing.
  router.onError(() => {
    path = null
  })
  nuxt.hook('app:chunkError', async () => {
    hasMissed = true
    const wanted = path
    const there = await buildThere()
    if (there && wanted) return reloadNuxtApp({ path: wanted })
    const lack = there === buildId ? HICCUP : NEWER
    toast.add({ id: 'missing-part', color: 'warning', ...(there ? lack : AWAY) })
  })
})

const AWAY = {
  title: 'This cannot be fetched: the server is not to be reached',
  description: 'What you did is kept here. Go on with what is open, and try again in a moment.',
}
const HICCUP = { title: 'This could not be fetched just now', description: 'The server is there: try again.' }
const NEWER = {
  title: 'A newer version of the program is there',
  description: 'Load the page again to go on with it: what you did is kept.',
}
