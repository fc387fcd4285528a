/** A step that fails where nobody foresaw it says so: what was done before stays as it is. */
export default defineNuxtPlugin((nuxt) => {
  const toast = useToast()
  nuxt.hook('vue:error', (error, _, info) => {
    // What was given up is no failure; a part that could not be fetched is told of elsewhere.
    if (nameOf(error) === 'AbortError' || isFetching(info)) return
    toast.add({ id: 'failed-step', color: 'error', title: 'That did not work', description: saidOf(error) })
  })
})

const nameOf = (error: unknown) => (error instanceof Error ? error.name : '')
/** An answer of the server has its own words. */
const saidOf = (error: unknown) =>
  nameOf(error) === 'FetchError'
    ? messageOf(error)
    : 'What you did before is kept. Try again; if it comes back, load the page again and go on from there.'
