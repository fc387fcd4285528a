import { defineStore } from 'pinia'
import type { Plant } from '~~/core/plant'
import type { LibraryAnswer } from '~~/shared/wire'

/** All plants that can be used: the library's and the user's own. */
export const useLibraryStore = defineStore('library', () => {
  const plants = shallowRef<readonly Plant[]>([])
  const byId = computed<ReadonlyMap<string, Plant>>(() => new Map(plants.value.map((p) => [p.id, p])))

  async function load(again = false) {
    if (plants.value.length > 0 && !again) return
    plants.value = (await $fetch<LibraryAnswer>('/api/library')).plants
  }

  return { plants, byId, load }
})
