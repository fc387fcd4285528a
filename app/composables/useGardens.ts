import { newBed, type BedKind } from '~~/core/bed'
import type { Garden } from '~~/shared/gardenSchema'
import type { GardenSummary, StoredBed, StoredGarden } from '~~/shared/wire'

/** The list of gardens and what can be done to it; every removal can be taken back. */
export function useGardens() {
  const gardens = shallowRef<readonly GardenSummary[] | null>(null)
  const problem = ref('')
  const toast = useToast()

  async function load() {
    try {
      gardens.value = await $fetch<GardenSummary[]>('/api/gardens')
      problem.value = ''
    } catch (error) {
      problem.value = messageOf(error)
    }
  }

  async function makeGarden(garden: Garden) {
    await $fetch<StoredGarden>('/api/gardens', { method: 'POST', body: { garden } })
    await load()
  }

  async function changeGarden(stored: StoredGarden, garden: Garden) {
    await $fetch(`/api/gardens/${stored.id}`, { method: 'PUT', body: { revision: stored.revision, garden } })
    await load()
  }

  const makeBed = (gardenId: string, bed: { name: string; lengthM: number; depthM: number; kind: BedKind }) =>
    $fetch<StoredBed>(`/api/gardens/${gardenId}/beds`, {
      method: 'POST',
      body: { bed: newBed(bed.name, bed.lengthM, bed.depthM, bed.kind) },
    })

  async function remove(kind: 'gardens' | 'beds', id: string, name: string) {
    try {
      await $fetch(`/api/${kind}/${id}`, { method: 'DELETE' })
      await load()
      const bringBack = async () => {
        await $fetch(`/api/${kind}/${id}/restore`, { method: 'POST', body: {} })
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

  /** Takes a garden archive in as a new garden, or says why not; nothing is half taken. */
  async function bringIn(file: File) {
    try {
      await $fetch('/api/gardens/archive', {
        method: 'POST',
        body: file,
        headers: { 'content-type': 'application/zip' },
      })
      await load()
      toast.add({ title: `“${file.name}” was brought in as a new garden` })
    } catch (error) {
      toast.add({ title: messageOf(error), color: 'error', duration: 12000 })
    }
  }

  return { gardens, problem, bringIn, load, makeGarden, changeGarden, makeBed, remove }
}
