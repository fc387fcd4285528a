/** Fetches a file made on the server, after what is on screen was saved, so that the file is never behind it. */
export function useSavedFirst() {
  const { save: saveAll, saveState } = useDesk()
  const problem = ref('')
  const busy = ref(false)

  async function save(address: string) {
    busy.value = true
    problem.value = ''
    await saveAll()
    busy.value = false
    if (saveState.value !== 'saved') {
      problem.value =
        'Not all is saved yet, so the file would be behind. Ask again as soon as the server has answered.'
      return
    }
    const link = document.createElement('a')
    link.href = address
    link.download = ''
    link.click()
  }
  return { save, problem, busy }
}
