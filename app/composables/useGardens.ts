import type { BedKind, Garden } from '~~/core/model'
import { newBed } from '~~/core/bed'
import type { GardenSummary, StoredGarden } from '~~/shared/answers'

const PAGE = 20
const MOST = 250

/** The list of gardens and what can be done to it; every removal can be taken back. */
export function useGardens() {
  const gardens = shallowRef<readonly GardenSummary[] | null>(null)
  const problem = ref('')
  const toast = useToast()

  /** What the list is narrowed to, and how many gardens answer. */
  const find = ref('')
  const total = ref(0)

  async function page(from: number, most: number) {
    const answer = await $fetch.raw<unknown>('/api/gardens', { query: { find: find.value, from, most } })
    total.value = Number(answer.headers.get('x-total-count'))
    return readAs('gardens', answer._data ?? [])
  }

  /** The list anew, as far as it was opened. */
  async function load() {
    const wanted = find.value
    try {
      const list = await page(0, Math.max(PAGE, Math.min(MOST, gardens.value?.length ?? 0)))
      if (wanted !== find.value) return
      gardens.value = list
      problem.value = ''
    } catch (error) {
      problem.value = messageOf(error)
    }
  }
  async function more() {
    try {
      gardens.value = [...gardens.value!, ...(await page(gardens.value!.length, PAGE))]
    } catch (error) {
      problem.value = messageOf(error)
    }
  }
  watchDebounced(find, load, { debounce: 200 })

  async function makeGarden(garden: Garden) {
    await request('/api/gardens', { method: 'POST', body: { garden } })
    await load()
  }

  async function changeGarden(stored: StoredGarden, garden: Garden) {
    await request(`/api/gardens/${stored.id}`, { method: 'PUT', body: { revision: stored.revision, garden } })
    await load()
  }

  const makeBed = (gardenId: string, bed: { name: string; lengthM: number; depthM: number; kind: BedKind }) =>
    ask('bed', `/api/gardens/${gardenId}/beds`, {
      method: 'POST',
      body: { bed: newBed(bed.name, bed.lengthM, bed.depthM, bed.kind) },
    })

  async function remove(kind: 'gardens' | 'beds', id: string, name: string) {
    try {
      await request(`/api/${kind}/${id}`, { method: 'DELETE' })
      await load()
      const bringBack = async () => {
        await request(`/api/${kind}/${id}/restore`, { method: 'POST', body: {} })
        await load()
      }
      toast.add({
        title: `“${name}” was removed`,
        duration: 15000,
        actions: [
          {
            label: 'Bring it back',
            color: 'neutral',
            variant: 'outline',
            onClick: () => {
              void bringBack()
            },
          },
        ],
      })
    } catch (error) {
      toast.add({ title: messageOf(error), color: 'error' })
    }
  }

  return { gardens, total, find, problem, load, more, makeGarden, changeGarden, makeBed, remove }
}
