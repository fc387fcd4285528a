<script setup lang="ts">
import { METHODS, type Method, type SetOutRow } from '~~/core/setout'

const { length } = useManner()

/** Where every plant goes, measured as it is measured on the ground: a table to walk along, back to front, far to near. */
const { method, path, pointIds, points, chosenPoints, round, table } = useSetOut()
const bed = useBedStore()
const { save, problem } = useSavedFirst()
const NAMES: Readonly<Record<Method, string>> = {
  baseline: 'Along and out',
  tapes: 'Two tapes',
  grid: 'Grid of strings',
  radius: 'Middle and mark',
}
const ways = computed(() =>
  METHODS.filter((m) => m !== 'radius' || round.value).map((value) => ({ label: NAMES[value], value })),
)
const ends = [
  { label: 'in from the right end', value: 'right' },
  { label: 'in from the left end', value: 'left' },
]
const measure = (m: number | null) => (m === null ? '' : length(m))
const pointItems = computed(() => points.value.map((p) => ({ label: p.name, value: p.id })))
function setPoint(i: 0 | 1, id: string) {
  const [a, b] = [
    pointIds.value?.[0] ?? points.value[0]?.id ?? '',
    pointIds.value?.[1] ?? points.value[1]?.id ?? '',
  ]
  pointIds.value = i === 0 ? [id, b] : [a, id]
}
const isTapes = computed(() => method.value === 'tapes' || method.value === 'radius')
const laneRows = computed(() => {
  const lanes = new Map<number, SetOutRow[]>()
  for (const row of table.value?.rows ?? []) lanes.set(row.lane, [...(lanes.get(row.lane) ?? []), row])
  return [...lanes.values()]
})
const lane = (rows: readonly SetOutRow[]) => `From the back, lane ${rows[0]!.lane + 1}: ${rows.length} plants`
const inSquare = (row: SetOutRow) =>
  row.inSquare ? `${row.square} + ${measure(row.inSquare.x)} along, ${measure(row.inSquare.y)} out` : ''
const checkOf = (d: { name: string; lengthM: number }) => `Check ${d.name}: ${measure(d.lengthM)}. `
const rounding = computed(() => (table.value ? measure(table.value.stepM) : ''))
const moved = computed(() => (table.value ? measure(table.value.mostMovedM) : ''))
const ask = computed(() => `method=${method.value}&path=${path.value}`)
</script>

<template>
  <section v-if="table" class="worksheet" aria-labelledby="tables-title" data-testid="setout-tables">
    <header>
      <div>
        <h2 id="tables-title">Setting out</h2>
        <p class="hint">
          {{ table.rows.length }} places in the order of setting: back to front, from the far end to the path.
          Rounded to {{ rounding }}; the rounding moves no plant by more than {{ moved }} and brings none too near
          another.
          <FieldNote of="baseline" />
        </p>
      </div>
      <div class="acts">
        <USelect v-model="method" :items="ways" size="sm" aria-label="Way of measuring" class="w-40" />
        <USelect v-model="path" :items="ends" size="sm" aria-label="End one comes in at" class="w-44" />
        <UButton
          size="sm"
          icon="i-lucide-file-text"
          @click="save(`/api/gardens/${bed.garden!.id}/papers?sheets=setout&bed=${bed.id}&${ask}`)"
        >
          PDF
        </UButton>
      </div>
    </header>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div v-if="method === 'tapes'" class="acts">
      <template v-if="pointItems.length >= 2">
        <label class="field flex items-center gap-1.5 text-sm">
          <span>Tape A at</span>
          <USelect
            :model-value="pointIds?.[0] ?? points[0]!.id"
            :items="pointItems"
            size="sm"
            aria-label="Point of the first tape"
            @update:model-value="(id) => setPoint(0, String(id))"
          />
        </label>
        <label class="field flex items-center gap-1.5 text-sm">
          <span>Tape B at</span>
          <USelect
            :model-value="pointIds?.[1] ?? points[1]!.id"
            :items="pointItems"
            size="sm"
            aria-label="Point of the second tape"
            @update:model-value="(id) => setPoint(1, String(id))"
          />
        </label>
      </template>
      <p v-if="!chosenPoints" class="hint">
        The tapes are held at the ends of the bed’s own line: survey two points in Ground to hold them there.
      </p>
    </div>
    <p v-for="c in table.cautions" :key="c" class="caution">{{ c }}</p>
    <p v-for="r in table.repeats" :key="r" class="hint">{{ r }}</p>
    <div class="checks">
      <h3>First the edge</h3>
      <p class="hint">
        Lay a hose or a string through these, sand or spray it, look from every viewpoint, then set the pots.
        <span v-for="d in table.diagonals" :key="d.name">
          {{ checkOf(d) }}
        </span>
      </p>
      <ol class="columns-[5_140px] text-sm tabular-nums list-inside list-decimal mb-1.5">
        <li v-for="(e, i) in table.edge" :key="i">{{ measure(e.alongM) }} · {{ measure(e.outM) }}</li>
      </ol>
    </div>
    <table class="max-w-217" v-for="rows in laneRows" :key="rows[0]!.lane">
      <caption class="text-left font-serif font-semibold pt-3.5 pb-1 px-0">
        {{ lane(rows) }}
      </caption>
      <thead>
        <tr>
          <th scope="col" class="right">No.</th>
          <th scope="col">Letter</th>
          <th scope="col">Plant</th>
          <template v-if="isTapes">
            <th scope="col" class="right">From {{ table.from.name }}</th>
            <th scope="col" class="right">From {{ table.to.name }}</th>
            <th scope="col">Side</th>
          </template>
          <th v-else-if="method === 'grid'" scope="col">Square</th>
          <template v-else>
            <th scope="col" class="right">Along, running</th>
            <th scope="col" class="right">Out</th>
          </template>
          <th scope="col" class="right">From the last</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.plantRef">
          <td class="right">{{ row.no }}</td>
          <td>
            <span class="letters">{{ row.letters }}</span>
          </td>
          <td>{{ row.name }}</td>
          <template v-if="isTapes">
            <td class="right">{{ measure(row.tapeAM) }}</td>
            <td class="right">{{ measure(row.tapeBM) }}</td>
            <td>{{ row.side }}</td>
          </template>
          <td v-else-if="method === 'grid'">{{ inSquare(row) }}</td>
          <template v-else>
            <td class="right">{{ measure(row.alongM) }}</td>
            <td class="right">{{ measure(row.outM) }}</td>
          </template>
          <td class="right">{{ measure(row.fromLastM) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
