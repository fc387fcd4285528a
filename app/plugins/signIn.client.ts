/** Whoever is not signed in is led to the door, and back to where they were. */
export default defineNuxtPlugin(() => {
  const plain = globalThis.$fetch
  globalThis.$fetch = plain.create({
    onResponseError({ response }) {
      const { pathname, search } = window.location
      if (response.status !== 401 || pathname === '/sign-in' || pathname.startsWith('/shared/')) return
      void navigateTo({ path: '/sign-in', query: { to: `${pathname}${search}` } })
    },
  }) as typeof plain
})
