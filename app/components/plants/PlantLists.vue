<script setup lang="ts">
import { decodeText, plainList, readCsvTable, type Table } from '~~/core/exchange'
import {
  describeRowError,
  fillShortList,
  guessShortColumns,
  isWholeList,
  SHORT_FIELDS,
  type ShortColumns,
  type ShortField,
} from '~~/core/plant'

/** Plant lists in and out. A list is read first and told what it would do; it is taken whole or not at all. */
const library = useLibraryStore()
const bedStore = useBedStore()
const { units } = useManner()
const { climate } = useScene()
const file = useTemplateRef<HTMLInputElement>('file')
const report = ref<{ ok: boolean; text: string; lines: readonly string[] } | null>(null)
const { sending, send, stop } = useSending()
const waiting = shallowRef<{ text: string; type: string } | null>(null)

const post = (dry: boolean) =>
  send(
    'imported',
    `/api/library/import${dry ? '?dry=1' : ''}`,
    waiting.value!.text,
    waiting.value!.type,
    'The plant list',
  )
function failed(error: unknown) {
  report.value = {
    ok: false,
    text: messageOf(error),
    lines: (dataOf<{ errors: string[] }>(error)?.errors ?? []).slice(1, 30),
  }
  waiting.value = null
}

async function read() {
  const chosen = file.value?.files?.[0]
  if (file.value) file.value.value = ''
  if (!chosen) return
  const isJson = chosen.name.toLowerCase().endsWith('.json')
  const bytes = new Uint8Array(await chosen.arrayBuffer())
  const text = plainList(bytes)
  const table = isJson ? null : readCsvTable(decodeText(bytes).text)
  short.value = null
  if (table?.ok && !isWholeList(table.value.headings)) {
    short.value = {
      name: chosen.name,
      table: table.value,
      columns: guessShortColumns(table.value.headings, kept()),
    }
    report.value = null
    return
  }
  waiting.value = { text, type: isJson ? 'application/json' : 'text/csv' }
  await look(chosen.name)
}
async function look(name: string) {
  try {
    const { taken, added, replaced } = await post(true)
    report.value = {
      ok: true,
      text:
        `${name} reads well: ${taken} ${taken === 1 ? 'plant' : 'plants'}, ${added.length} new, ` +
        `${replaced.length} in place of those there.`,
      lines: [...added.slice(0, 12), ...replaced.slice(0, 12).map((n) => `${n} (replaces)`)],
    }
  } catch (error) {
    failed(error)
  }
}
/** A list of few columns: which holds what is asked once and remembered; the rest is filled from the library. */
const KEPT = 'amber-plant-list-columns'
const kept = (): ShortColumns => {
  try {
    return JSON.parse(localStorage.getItem(KEPT) ?? '{}') as ShortColumns
  } catch {
    return {}
  }
}
const short = shallowRef<{ name: string; table: Table; columns: ShortColumns } | null>(null)
const FIELDS: Readonly<Record<ShortField, string>> = {
  botanicalName: 'Botanical name, or genus',
  species: 'Species, when apart',
  cultivar: 'Cultivar, when apart',
  commonName: 'Common name',
  kind: 'Kind of plant',
  height: 'Height',
  spread: 'Spread',
  light: 'Light',
  water: 'Water',
  zones: 'Hardiness zones',
  flowerColours: 'Flower colours',
  flowerMonths: 'Months of flower',
  size: 'Size sold',
  price: 'Price',
}
const NONE = '-'
const headings = computed(() => [
  { label: 'not in the list', value: NONE },
  ...(short.value?.table.headings ?? []).filter((h) => h !== '').map((h) => ({ label: h, value: h })),
])
function setColumn(field: ShortField, heading: string) {
  const columns = Object.entries({ ...short.value!.columns, [field]: heading }).filter(([, h]) => h !== NONE)
  short.value = { ...short.value!, columns: Object.fromEntries(columns) }
}
const filled = computed(() =>
  short.value
    ? fillShortList(short.value.table, short.value.columns, library.plants, {
        units: units.value,
        southern: climate.value.southern,
      })
    : null,
)
const usable = computed(() => (filled.value ? filled.value.known + filled.value.leaning.length : 0))
async function takeShort() {
  const { name, columns } = short.value!
  const { csv, leaning } = filled.value!
  localStorage.setItem(KEPT, JSON.stringify(columns))
  waiting.value = { text: csv, type: 'text/csv' }
  short.value = null
  await look(name)
  if (report.value?.ok)
    report.value = {
      ...report.value,
      lines: [
        ...report.value.lines,
        ...leaning.slice(0, 20).map((l) => `${l.name}: figures of ${l.on}, to be looked at`),
      ],
    }
}
async function take() {
  try {
    const { taken } = await post(false)
    report.value = { ok: true, text: `${taken} ${taken === 1 ? 'plant' : 'plants'} taken in.`, lines: [] }
    waiting.value = null
    await library.load(bedStore.garden?.id ?? null, true)
  } catch (error) {
    failed(error)
  }
}
const out = computed(() =>
  ['csv', 'json'].map((as) => ({
    label: `All plants as ${as.toUpperCase()}`,
    to: `/api/library/export?garden=${bedStore.garden?.id ?? ''}&as=${as}`,
    external: true,
    target: '_blank',
  })),
)

function leave() {
  report.value = null
  waiting.value = null
}
</script>

<template>
  <span class="inline-flex gap-1.5">
    <UButton color="neutral" variant="outline" size="sm" icon="i-lucide-upload" @click="file?.click()">
      Bring in
    </UButton>
    <UDropdownMenu :items="out">
      <UButton color="neutral" variant="outline" size="sm" icon="i-lucide-download">Take out</UButton>
    </UDropdownMenu>
    <input
      ref="file"
      type="file"
      accept=".csv,.json,text/csv,application/json"
      class="sr-only"
      aria-label="Plant list to import"
      @change="read"
    />
    <SendingFile :sending="sending" @stop="stop" />
    <UModal
      :open="short !== null"
      title="A plant list of few columns"
      description="Say which column holds what; it is remembered. Everything else comes from the library."
      @update:open="
        (o) => {
          if (!o) short = null
        }
      "
    >
      <template #body>
        <div class="grid grid-cols-[1fr_1fr] gap-y-2.5 gap-x-4.5 mb-3">
          <label class="grid gap-0.5 text-sm text-soft" v-for="f in SHORT_FIELDS" :key="f">
            {{ FIELDS[f] }}
            <USelect
              size="sm"
              :model-value="short?.columns[f] ?? NONE"
              :items="headings"
              :aria-label="`Column of ${FIELDS[f].toLowerCase()}`"
              @update:model-value="(h) => setColumn(f, String(h))"
            />
          </label>
        </div>
        <p v-if="filled">
          {{ filled.known }} plants are in the library, {{ filled.leaning.length }} lean on one of their species,
          genus or kind, {{ filled.errors.length }} cells cannot be read: their plants are left out.
        </p>
        <ul
          v-if="filled && filled.errors.length > 0"
          class="max-h-74 overflow-y-auto text-sm my-1.5 mx-0 list-disc pl-5 text-amber-deep"
        >
          <li v-for="e in filled.errors.slice(0, 12)" :key="e.row">{{ describeRowError(e) }}</li>
        </ul>
        <div class="acts flex gap-2.5 mt-3">
          <UButton :disabled="usable === 0" @click="takeShort">Go on with those that are known</UButton>
          <UButton color="neutral" variant="ghost" @click="short = null">Leave it</UButton>
        </div>
      </template>
    </UModal>
    <UModal
      :open="report !== null"
      title="Plant list"
      @update:open="
        (o) => {
          if (!o) {
            report = null
            waiting = null
          }
        }
      "
    >
      <template #body>
        <div class="[&.bad]:text-amber-deep" v-if="report" :class="{ bad: !report.ok }" role="alert">
          <p>
            <b>{{ report.text }}</b>
          </p>
          <ul class="max-h-74 overflow-y-auto text-sm my-1.5 mx-0 list-disc pl-5">
            <li v-for="l in report.lines" :key="l">{{ l }}</li>
          </ul>
        </div>
        <div class="acts flex gap-2.5 mt-3">
          <UButton v-if="waiting && report?.ok" @click="take">Take them in</UButton>
          <UButton color="neutral" variant="ghost" @click="leave">
            {{ waiting ? 'Leave it' : 'Close' }}
          </UButton>
        </div>
      </template>
    </UModal>
  </span>
</template>
