import { defineStore } from 'pinia'
import type { Plant } from '~~/core/plant'

/** All plants that can be used in a garden: the library's and the user's own, with the garden's changes. */
export const useLibraryStore = defineStore('library', () => {
  const plants = shallowRef<readonly Plant[]>([])
  const own = shallowRef<ReadonlySet<string>>(new Set())
  const changed = shallowRef<ReadonlySet<string>>(new Set())
  /** The garden's photos of plants: plant id → drawing id. */
  const pictures = shallowRef<Readonly<Record<string, string>>>({})
  const gardenId = ref<string | null>(null)
  const byId = computed<ReadonlyMap<string, Plant>>(() => new Map(plants.value.map((p) => [p.id, p])))

  async function load(garden: string | null = null, again = false) {
    if (plants.value.length > 0 && !again && garden === gardenId.value) return
    const answer = await ask('library', '/api/library', { query: garden ? { garden } : {} })
    plants.value = answer.plants
    own.value = new Set(answer.own)
    changed.value = new Set(answer.changed)
    pictures.value = answer.pictures
    gardenId.value = garden
  }

  /** Adds plants that came along with what is shown: a shown garden has no library of its own. */
  function take(some: readonly Plant[]) {
    gardenId.value = 'shown'
    plants.value = [...new Map([...plants.value, ...some].map((p) => [p.id, p])).values()]
  }

  return { take, plants, own, changed, pictures, byId, gardenId, load }
})
