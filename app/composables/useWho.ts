import type { WhoAnswer } from '~~/shared/answers'

/** Who is signed in, asked once a page load. */
export function useWho() {
  const who = useState<WhoAnswer | null>('who', () => null)
  onMounted(async () => {
    who.value ??= await ask('who', '/api/who').catch(() => null)
  })
  const isOwner = computed(() => who.value?.local === true || who.value?.account?.owner === true)
  const isAway = computed(() => who.value?.local === false)
  async function signOut() {
    await request('/api/sign-out', { method: 'POST', body: {} })
    who.value = null
    await navigateTo('/sign-in')
  }
  return { who, isOwner, isAway, signOut }
}
