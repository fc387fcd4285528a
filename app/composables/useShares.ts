import type { SharesAnswer } from '~~/shared/answers'

/** The links by which a garden is shown, and what was said over them. */
export function useShares(gardenId: () => string | undefined) {
  const answer = shallowRef<SharesAnswer>({ shares: [], notes: [] })
  const problem = ref('')
  const base = () => `/api/gardens/${gardenId()}/shares`

  /** Does something and looks again; whether it was done. */
  async function doing(work?: () => Promise<unknown>): Promise<boolean> {
    if (!gardenId()) return false
    problem.value = ''
    try {
      await work?.()
      answer.value = await ask('shares', base())
      return true
    } catch (error) {
      problem.value = messageOf(error)
      return false
    }
  }
  const reply = (answers: string, said: string) =>
    doing(() => request(`${base()}/answer`, { method: 'POST', body: { answers, said } }))
  const settle = (id: string, settled: boolean) =>
    doing(() => request(`${base()}/settle`, { method: 'PUT', body: { id, settled } }))
  const revoke = (id: string) => doing(() => request(`${base()}/${id}`, { method: 'DELETE' }))
  return { answer, problem, base, doing, reply, settle, revoke }
}
