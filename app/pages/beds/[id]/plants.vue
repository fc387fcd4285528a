<script setup lang="ts">
import { laneNames } from '~~/core/bed'
import { fullHeightM, KINDS, misfits, MONTH_NAMES, searchPlants, words, type Kind, type Plant } from '~~/core/plant'

const store = useBedStore()
const compose = useComposeStore()
const library = useLibraryStore()
const { scene } = useScene()
const text = ref('')
const kind = ref<'all' | Kind>('all')
const lane = ref('any')
const month = ref('any')
const fits = ref(true)
const evergreen = ref(false)
const safe = ref(false)

const kinds = [{ label: 'all kinds', value: 'all' }, ...KINDS.map((k) => ({ label: `${k}s`, value: k }))]
const lanes = computed(() => [{ label: 'any lane', value: 'any' }, ...laneNames(store.bed?.laneShares.length ?? 3).map((label, i) => ({ label: `for ${label.toLowerCase()}`, value: String(i) }))])
const months = [{ label: 'any month', value: 'any' }, ...MONTH_NAMES.map((label, i) => ({ label: `flowers in ${label}`, value: String(i + 1) }))]
const count = computed(() => store.bed?.laneShares.length ?? 3)
const found = computed(() => searchPlants(library.plants, {
  text: text.value,
  ...(kind.value === 'all' ? {} : { kind: kind.value }),
  ...(fits.value && scene.value ? { site: scene.value.site } : {}),
  ...(month.value === 'any' ? {} : { flowerMonth: Number(month.value) }),
  evergreen: evergreen.value, withoutHazards: safe.value,
}).filter((p) => lane.value === 'any' || laneFor(p, count.value) === Number(lane.value)))
const shortlisted = computed(() => new Set(store.bed?.shortlist ?? []))
const most = ref(36)
watch([text, kind, lane, month, fits, evergreen, safe], () => { most.value = 36 })

function toggle(plant: Plant) {
  const list = store.bed?.shortlist ?? []
  store.edit({ kind: 'setShortlist', plantIds: list.includes(plant.id) ? list.filter((id) => id !== plant.id) : [...list, plant.id] })
}
const problems = (plant: Plant) => (scene.value ? misfits(plant, scene.value.site).map((m) => m.text).join('; ') : '')

const file = useTemplateRef<HTMLInputElement>('file')
const report = ref<{ ok: boolean; text: string; errors: readonly string[] } | null>(null)
async function importCsv() {
  const chosen = file.value?.files?.[0]
  if (!chosen) return
  try {
    const { taken } = await $fetch<{ taken: number }>('/api/library/import', { method: 'POST', body: await chosen.text(), headers: { 'content-type': 'text/csv' } })
    report.value = { ok: true, text: `${taken} plants taken in.`, errors: [] }
    await library.load(true)
  } catch (error) {
    report.value = { ok: false, text: messageOf(error), errors: dataOf<{ errors: string[] }>(error)?.errors ?? [] }
  } finally {
    if (file.value) file.value.value = ''
  }
}
</script>

<template>
  <div class="page">
    <div class="filters">
      <UInput v-model="text" icon="i-lucide-search" placeholder="Name, botanical or common" class="search" aria-label="Search plants" />
      <USelect v-model="kind" :items="kinds" aria-label="Kind" class="pick" />
      <USelect v-model="lane" :items="lanes" aria-label="Lane" class="pick" />
      <USelect v-model="month" :items="months" aria-label="Flower month" class="pick wide" />
      <USwitch v-model="fits" label="suits this bed" />
      <USwitch v-model="evergreen" label="evergreen" />
      <USwitch v-model="safe" label="no poison or thorns" />
      <span class="space" />
      <span class="count" role="status"><b>{{ found.length }}</b> of {{ library.plants.length }}</span>
      <UButton color="neutral" variant="outline" size="sm" icon="i-lucide-upload" @click="file?.click()">Import CSV</UButton>
      <input ref="file" type="file" accept=".csv,text/csv" class="sr-only" aria-label="Plant list to import" @change="importCsv">
    </div>
    <div v-if="report" class="report" :class="{ bad: !report.ok }" role="alert">
      <b>{{ report.text }}</b>
      <ul v-if="report.errors.length > 1"><li v-for="e in report.errors.slice(1, 12)" :key="e">{{ e }}</li></ul>
      <button class="link" @click="report = null">Close</button>
    </div>
    <div class="scroll">
      <p v-if="found.length === 0" class="empty">No plant answers all of this. Loosen a filter: {{ fits ? '“suits this bed” hides what would suffer here' : 'the search looks at the beginning of each word of a name' }}.</p>
      <ul class="cards" data-testid="plant-cards">
        <li v-for="plant in found.slice(0, most)" :key="plant.id" class="card" :class="{ on: shortlisted.has(plant.id) }">
          <PlantPortrait :plant="plant" :month="compose.moment.month" :width="92" :height="104" class="portrait" />
          <div class="words">
            <h3>{{ plant.commonName }}</h3>
            <p><BotanicalName :name="plant.botanicalName" /></p>
            <p class="fig">{{ fullHeightM(plant) }} × {{ plant.spreadM }} m · zones {{ plant.zones.coldest }}–{{ plant.zones.warmest }}</p>
            <p>{{ words(plant.sun.brightest) }}<template v-if="plant.sun.brightest !== plant.sun.darkest"> to {{ words(plant.sun.darkest) }}</template>, {{ plant.water.driest }}<template v-if="plant.water.driest !== plant.water.wettest"> to {{ plant.water.wettest }}</template></p>
            <p v-if="problems(plant)" class="warn">{{ problems(plant) }}</p>
            <p v-else-if="plant.hazards.length > 0" class="warn">{{ plant.hazards.map((h) => ({ poison: 'poisonous parts', sap: 'irritant sap', thorns: 'thorns' })[h]).join(', ') }}</p>
          </div>
          <UButton size="xs" :color="shortlisted.has(plant.id) ? 'secondary' : 'neutral'" :variant="shortlisted.has(plant.id) ? 'soft' : 'outline'" :icon="shortlisted.has(plant.id) ? 'i-lucide-check' : 'i-lucide-plus'" class="mark" :aria-pressed="shortlisted.has(plant.id)" :aria-label="`${shortlisted.has(plant.id) ? 'Take off' : 'Put on'} the shortlist: ${plant.commonName}`" @click="toggle(plant)">{{ shortlisted.has(plant.id) ? 'Shortlisted' : 'Shortlist' }}</UButton>
        </li>
      </ul>
      <UButton v-if="found.length > most" color="neutral" variant="outline" class="more" @click="most += 60">Show {{ Math.min(60, found.length - most) }} more</UButton>
    </div>
  </div>
</template>

<style scoped>
.page { display: flex; flex-direction: column; min-height: 0; }
.filters { display: flex; flex-wrap: wrap; align-items: center; gap: 10px 14px; padding: 10px 16px; border-bottom: 1px solid var(--line); background: var(--card); }
.search { width: 220px; }
.pick { width: 132px; }
.wide { width: 180px; }
.space { flex: 1; }
.count { color: var(--soft); }
.report { padding: 10px 16px; background: color-mix(in srgb, var(--sage) 18%, var(--card)); border-bottom: 1px solid var(--line); font-size: 13px; }
.report.bad { background: var(--amber-wash); color: var(--amber-deep); }
.report ul { margin: 4px 0 4px 16px; list-style: disc; }
.link { text-decoration: underline; cursor: pointer; }
.scroll { overflow-y: auto; flex: 1; min-height: 0; padding: 14px 16px 30px; }
.cards { display: grid; grid-template-columns: repeat(auto-fill, minmax(350px, 1fr)); gap: 10px; }
.card { position: relative; display: flex; gap: 12px; background: var(--card); border: 1px solid var(--line); border-radius: 8px; padding: 8px 12px 10px 8px; min-height: 126px; }
.card.on { border-color: var(--amber); }
.portrait { align-self: flex-end; flex: none; background: linear-gradient(transparent calc(100% - 4px), var(--soil) 0); }
.words { font-size: 12.5px; color: var(--soft); line-height: 1.4; padding-bottom: 22px; min-width: 0; }
h3 { font-size: 15.5px; font-weight: 600; color: var(--ink); line-height: 1.2; }
.fig { color: var(--ink); }
.warn { color: var(--amber-deep); }
.mark { position: absolute; right: 8px; bottom: 8px; }
.on .mark { color: var(--amber-deep); background: color-mix(in srgb, var(--amber) 22%, var(--card)); }
h3::first-letter { text-transform: uppercase; }
.empty { color: var(--soft); padding: 20px 4px; }
.more { margin: 14px auto; display: block; }
</style>
