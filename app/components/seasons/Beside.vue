<script setup lang="ts">
import type { Bed } from '~~/core/model'
import { monthName } from '~~/core/time'
import type { HistoryEntry } from '~~/shared/answers'
import type { BedSeasons } from '~/workers/season.worker'

const { length: plain, figure } = useManner()

/** Another plan beside this one: an earlier state of the bed or another bed of the garden, month by month and year by year. */
const { cloth, years } = useSeasons()
const { settled } = useScene()
const bed = useBedStore()
const library = useLibraryStore()
const compose = useComposeStore()
const garden = useGardenScene()
const NONE = 'none'
const chosen = ref(NONE)
const earlier = shallowRef<readonly HistoryEntry[]>([])
const other = shallowRef<BedSeasons | null>(null)
const problem = ref('')
onMounted(async () => {
  earlier.value = await ask('history', `/api/beds/${bed.id}/history`)
})
const items = computed(() => [
  { label: 'nothing', value: NONE },
  ...garden.stored.value.filter((b) => b.id !== bed.id).map((b) => ({ label: b.value.name, value: `bed:${b.id}` })),
  ...earlier.value.map((e) => ({ label: `before: ${e.name}`, value: `then:${e.revision - 1}` })),
])
async function bedOf(id: string): Promise<Bed> {
  if (id.startsWith('bed:')) return garden.stored.value.find((b) => b.id === id.slice(4))!.value
  return ask('revision', `/api/beds/${bed.id}/history/${id.slice(5)}`)
}
async function set(id: string) {
  problem.value = ''
  other.value = null
  chosen.value = id
  if (id === NONE || !settled.value) return
  try {
    const scene = { ...sentScene(settled.value.scene), bed: plainValue(await bedOf(id)) }
    const found = await askSeasons(library.plants, scene, compose.moment.year)
    if (chosen.value === id) other.value = found
  } catch (error) {
    problem.value = messageOf(error)
  }
}
const percent = (share: number) => `${Math.round(share * 100)} %`
const months = computed(() =>
  (cloth.value?.months ?? []).map((m, i) => {
    const there = other.value?.cloth.months[i]
    return {
      name: monthName(m.month).slice(0, 3),
      here: percent(m.bloom),
      there: there ? percent(there.bloom) : '',
      leaf: percent(m.leaf),
      leafThere: there ? percent(there.leaf) : '',
      more: there ? m.bloom > there.bloom + 0.02 : false,
      less: there ? m.bloom < there.bloom - 0.02 : false,
    }
  }),
)
const SHOWN_YEARS = [0, 1, 2, 3, 5, 10]
const table = computed(() =>
  SHOWN_YEARS.flatMap((y) => {
    const [a, b] = [years.value[y], other.value?.years[y]]
    const length = (m: number | null) => (m === null ? '—' : plain(Math.abs(m)))
    if (!a || !b) return []
    return [
      {
        year: y,
        cells: [
          [percent(a.cover), percent(b.cover)],
          [figure(a.crowding, 2, 2), figure(b.crowding, 2, 2)],
          [length(a.highestM), length(b.highestM)],
          [`${figure(a.hours, 0)} h`, `${figure(b.hours, 0)} h`],
        ],
      },
    ]
  }),
)
</script>

<template>
  <section class="ledger" aria-labelledby="beside-title" data-testid="seasons-beside">
    <header>
      <h3 id="beside-title">Beside another plan</h3>
      <USelect
        :model-value="chosen"
        :items="items"
        size="xs"
        class="w-69"
        aria-label="Plan to compare with"
        @update:model-value="(id) => set(String(id))"
      />
    </header>
    <p v-if="problem" role="alert" class="soft">{{ problem }}</p>
    <div v-if="other" class="scroll">
      <table class="mb-2.5 text-xs">
        <thead>
          <tr>
            <th scope="col">This | that</th>
            <th v-for="m in months" :key="m.name" scope="col">{{ m.name }}</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">in flower</th>
            <td
              class="whitespace-nowrap [&.more]:text-good [&.less]:text-brick-600 dark:[&.less]:text-brick-300"
              v-for="m in months"
              :key="m.name"
              :class="{ more: m.more, less: m.less }"
            >
              {{ m.here }}
              <span class="block text-soft">{{ m.there }}</span>
            </td>
          </tr>
          <tr>
            <th scope="row">leaf of interest</th>
            <td class="whitespace-nowrap" v-for="m in months" :key="m.name">
              {{ m.leaf }}
              <span class="block text-soft">{{ m.leafThere }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <table class="mb-2.5 text-xs">
        <thead>
          <tr>
            <th scope="col">Year</th>
            <th scope="col">Ground covered</th>
            <th scope="col">Canopy over ground</th>
            <th scope="col">Highest</th>
            <th scope="col">Hours</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in table" :key="r.year">
            <th scope="row">{{ r.year }}</th>
            <td class="whitespace-nowrap" v-for="(c, i) in r.cells" :key="i">
              {{ c[0] }}
              <span class="block text-soft">{{ c[1] }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
@layer components {
  th {
    white-space: nowrap;
  }
}
</style>
