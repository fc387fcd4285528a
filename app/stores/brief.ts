import { defineStore } from 'pinia'
import type { Brief } from '~~/core/model'
import { rebaseChange } from '~~/core/merge'
import { EMPTY_BRIEF } from '~~/core/brief'
import type { StoredBrief } from '~~/shared/answers'
import { createKeeper } from './keeper'

/** A change of a brief: some of its parts, set anew. */
export interface BriefEdit {
  readonly change: Partial<Brief>
  readonly name: string
}

/** The brief of the garden being worked on: what it is for, its colours, its changed schools. */
export const useBriefStore = defineStore('brief', () => {
  const {
    value,
    open: take,
    holds,
    hear,
    ...keeper
  } = createKeeper<Brief, StoredBrief, BriefEdit>({
    key: (id) => `brief:${id}`,
    put: ({ id, revision, value: brief, edits }) =>
      ask('saved', `/api/gardens/${id}/brief`, {
        method: 'PUT',
        body: { revision, brief, saves: edits.map((e) => e.id) },
      }),
    apply: (brief, { change, name }) => ({
      value: { ...brief, ...change },
      inverse: { name, change: Object.fromEntries(Object.keys(change).map((k) => [k, brief[k as keyof Brief]])) },
    }),
    describe: (edit) => edit.name,
    replace: (brief) => ({ change: brief, name: 'take the other version' }),
    check: () => checkOf('brief'),
    rebase: rebaseChange,
  })
  const brief = computed(() => value.value ?? EMPTY_BRIEF)

  async function open(gardenId: string) {
    if (holds(gardenId)) return
    await take(await ask('brief', `/api/gardens/${gardenId}/brief`))
  }
  const set = (change: Partial<Brief>, name = 'change the brief') => keeper.edit({ change, name })
  const follow = () => hear(() => ask('brief', `/api/gardens/${keeper.id.value}/brief`))
  return { ...keeper, brief, open, follow, set }
})
