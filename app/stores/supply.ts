import { defineStore } from 'pinia'
import type { Supply, SupplyLine } from '~~/core/model'
import { rebaseChange } from '~~/core/merge'
import { EMPTY_SUPPLY, withLine } from '~~/core/count'
import type { StoredSupply } from '~~/shared/answers'
import { createKeeper } from './keeper'

/** A change of a supply: some of its parts, set anew. */
export interface SupplyEdit {
  readonly change: Partial<Supply>
  readonly name: string
}

/** What is decided about getting what the garden's plan asks for: lines, orders, trays, materials, works. */
export const useSupplyStore = defineStore('supply', () => {
  const {
    value,
    open: take,
    holds,
    hear,
    ...keeper
  } = createKeeper<Supply, StoredSupply, SupplyEdit>({
    key: (id) => `supply:${id}`,
    put: ({ id, revision, value: supply, edits }) =>
      ask('saved', `/api/gardens/${id}/supply`, {
        method: 'PUT',
        body: { revision, supply, saves: edits.map((e) => e.id) },
      }),
    apply: (supply, { change, name }) => ({
      value: { ...supply, ...change },
      inverse: { name, change: Object.fromEntries(Object.keys(change).map((k) => [k, supply[k as keyof Supply]])) },
    }),
    describe: (edit) => edit.name,
    replace: (supply) => ({ change: supply, name: 'take the other version' }),
    check: () => checkOf('supply'),
    rebase: rebaseChange,
  })
  const supply = computed(() => value.value ?? EMPTY_SUPPLY)
  /** Letters that stand on papers, by plant id. */
  const issued = shallowRef<ReadonlyMap<string, string>>(new Map())

  async function open(gardenId: string) {
    if (holds(gardenId)) return
    await take(await fetchIt(gardenId))
  }
  async function fetchIt(gardenId: string) {
    const answer = await ask('supply', `/api/gardens/${gardenId}/supply`)
    issued.value = new Map(Object.entries(answer.issued))
    return answer
  }
  const follow = () => hear(() => fetchIt(keeper.id.value ?? ''))
  const set = (change: Partial<Supply>, name: string) => keeper.edit({ change, name })
  const setLine = (plantId: string, change: Partial<Omit<SupplyLine, 'plantId'>>, name: string) =>
    set({ lines: withLine(supply.value, plantId, change).lines }, name)
  return { ...keeper, supply, issued, open, follow, set, setLine }
})
