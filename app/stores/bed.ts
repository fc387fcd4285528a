import { defineStore } from 'pinia'
import type { Bed } from '~~/core/model'
import { applyEdit, describeEdit, mergeBeds, rebaseEdit, type Edit } from '~~/core/edit'
import type { StoredBed, StoredGarden } from '~~/shared/answers'
import { createKeeper } from './keeper'

/** The bed being worked on: its edits, undo and redo, and its saving. The one place that changes a bed. */
export const useBedStore = defineStore('bed', () => {
  const garden = shallowRef<StoredGarden | null>(null)
  const {
    value: bed,
    open: take,
    holds,
    hear,
    ...keeper
  } = createKeeper<Bed, StoredBed, Edit>({
    key: (id) => id,
    put: ({ id, revision, edits }) =>
      ask('saved', `/api/beds/${id}/edits`, { method: 'POST', body: { revision, edits } }),
    apply: (value, edit) => {
      const { bed: after, inverse } = applyEdit(value, edit)
      return { value: after, inverse }
    },
    describe: describeEdit,
    replace: (value) => ({ kind: 'replace', bed: value }),
    check: () => checkOf('bed'),
    rebase: rebaseEdit,
    merge: mergeBeds,
  })

  async function open(bedId: string) {
    if (holds(bedId)) return
    const stored = await ask('bed', `/api/beds/${encodeURIComponent(bedId)}`)
    garden.value = await ask('garden', `/api/gardens/${stored.gardenId}`)
    await take(stored)
  }

  const follow = () => hear(() => ask('bed', `/api/beds/${encodeURIComponent(keeper.id.value ?? '')}`))
  async function followGarden() {
    if (garden.value) garden.value = await ask('garden', `/api/gardens/${garden.value.id}`)
  }

  return { ...keeper, garden, bed, open, follow, followGarden }
})
