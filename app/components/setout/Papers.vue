<script setup lang="ts">
import { PAPER_SIZES, PLAN_SCALES, SHEET_KINDS, type SheetKind } from '~~/core/papers'

/** Sheets for nursery, crew and client: chosen, and made as one PDF that prints true at 100 %. */
const bed = useBedStore()
const { beds } = useCount()
const { save, problem, busy } = useSavedFirst()
const NAMES: Readonly<Record<SheetKind, string>> = {
  cover: 'Cover and letter',
  plan: 'Planting plans',
  elevation: 'Elevations in four months',
  schedule: 'Plant schedule with portraits',
  setout: 'Setting-out tables',
  water: 'Water plans and run times',
  works: 'Order of works',
  care: 'Care through the year',
  cautions: 'Cautions',
}
const chosen = ref<readonly SheetKind[]>(['plan', 'schedule'])
const paper = ref('A3')
const scale = ref('0')
const bedId = ref('all')
const author = ref('')
const revision = ref('A')
const isPlain = ref(false)
const paperItems = PAPER_SIZES.map((p) => ({ label: p.name, value: p.name }))
const scaleItems = [
  { label: 'scale that fits', value: '0' },
  ...PLAN_SCALES.map((s) => ({ label: s.name, value: String(s.ratio) })),
]
const bedItems = computed(() => [
  { label: 'All beds', value: 'all' },
  ...beds.value.map((b) => ({ label: b.bed.name, value: b.id })),
])
const toggle = (kind: SheetKind, on: boolean) => {
  chosen.value = SHEET_KINDS.filter((k) => (k === kind ? on : chosen.value.includes(k)))
}
function make(sheets: readonly SheetKind[]) {
  const query = new URLSearchParams({
    sheets: sheets.join(','),
    paper: paper.value,
    author: author.value,
    revision: revision.value,
  })
  if (scale.value !== '0') query.set('scale', scale.value)
  if (bedId.value !== 'all') query.set('bed', bedId.value)
  if (isPlain.value) query.set('plain', '1')
  void save(`/api/gardens/${bed.garden!.id}/papers?${query}`)
}
const { units } = useManner()
const checkBar = computed(() => (units.value === 'metric' ? '100 mm' : '4 inches'))
const drawing = (as: string) => save(`/api/beds/${bed.id}/sheet?view=plan&as=${as}&month=6&year=3`)
</script>

<template>
  <section class="worksheet" aria-labelledby="papers-title">
    <header>
      <div>
        <h2 id="papers-title">Papers</h2>
        <p class="hint">
          Print at 100 %: each drawing carries a bar of {{ checkBar }} to check. Larger beds go over several sheets
          with match lines.
        </p>
      </div>
    </header>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div class="grid grid-cols-[1fr_1fr_1fr] gap-8.5">
      <fieldset>
        <legend class="font-serif font-semibold my-1.5 mx-0">Sheets</legend>
        <UCheckbox
          class="my-1.5 mx-0"
          v-for="k in SHEET_KINDS"
          :key="k"
          :model-value="chosen.includes(k)"
          :label="NAMES[k]"
          @update:model-value="(on) => toggle(k, on === true)"
        />
      </fieldset>
      <div class="grid gap-2.5 content-start">
        <label>
          <span class="block text-xs text-soft">Paper</span>
          <USelect v-model="paper" :items="paperItems" size="sm" aria-label="Paper" />
        </label>
        <label>
          <span class="block text-xs text-soft">Plans at</span>
          <USelect v-model="scale" :items="scaleItems" size="sm" aria-label="Scale of the plans" />
        </label>
        <label>
          <span class="block text-xs text-soft">Beds</span>
          <USelect v-model="bedId" :items="bedItems" size="sm" aria-label="Beds on the papers" />
        </label>
        <label>
          <span class="block text-xs text-soft">Drawn by</span>
          <UInput v-model="author" size="sm" aria-label="Drawn by" />
        </label>
        <label>
          <span class="block text-xs text-soft">Revision</span>
          <UInput v-model="revision" size="sm" aria-label="Revision" />
        </label>
        <UCheckbox v-model="isPlain" label="black and white" />
      </div>
      <div class="flex flex-col gap-2.5 items-start">
        <UButton icon="i-lucide-file-text" :loading="busy" :disabled="chosen.length === 0" @click="make(chosen)">
          Make the PDF
        </UButton>
        <UButton color="neutral" variant="outline" icon="i-lucide-book-open" @click="make(SHEET_KINDS)">
          Whole dossier
        </UButton>
        <h3>For other programs</h3>
        <div class="acts">
          <UButton size="sm" color="neutral" variant="outline" @click="drawing('dxf')">DXF</UButton>
          <UButton size="sm" color="neutral" variant="outline" @click="drawing('svg')">SVG</UButton>
        </div>
        <p class="hint">The plan of this bed in true metres; the site is written from Ground.</p>
      </div>
    </div>
  </section>
</template>
