<script setup lang="ts">
import { monthName } from '~~/core/time'
import { BUTS, isSo, likeThis, rankPlants, type But } from '~~/core/match'
import { fullHeightM, misfits, words, type Plant } from '~~/core/plant'

const store = useBedStore()
const compose = useComposeStore()
const library = useLibraryStore()
const brief = useBriefStore()
const { scene, climate } = useScene()
const sort = ref<'fit' | 'height' | 'name'>('fit')
const view = ref<'line' | 'table' | 'compare'>('line')
const chosenId = ref<string | null>(null)
/** A plant that was found elsewhere is opened here. */
const asked = useRoute()
watch(
  () => asked.query.plant,
  (id) => {
    if (typeof id === 'string') chosenId.value = id
  },
  { immediate: true },
)
const labelling = ref(false)
const compared = ref<readonly string[]>([])
const MOST_COMPARED = 6

const filters = usePlantFilters()
const { text, kind, lane, month, fits, evergreen, safe, scent, more, remain, kinds, lanes, months, fitsLabel } =
  filters
/** A plant that others are to be like, but for one thing. */
const like = shallowRef<{ plant: Plant; but: But } | null>(null)
const ranked = computed(() => {
  const found = filters.found.value
  return like.value ? likeThis(found, like.value.plant, like.value.but) : sorted(found)
})
const BUT_WORDS: Readonly<Record<But, string>> = {
  lower: 'lower',
  narrower: 'narrower',
  white: 'white',
  evergreen: 'evergreen',
  hardier: 'hardier',
  safer: 'harmless',
  cheaper: 'cheaper',
}
function loosen() {
  filters.loosen()
  like.value = null
}

const holdsHere = (r: { beds: readonly string[] }) => r.beds.length === 0 || r.beds.includes(store.id ?? '')
/** A search keeps its own order. */
function sorted(plants: Plant[]): Plant[] {
  if (sort.value === 'name') return [...plants].sort((a, b) => a.botanicalName.localeCompare(b.botanicalName))
  if (sort.value === 'height') return [...plants].sort((a, b) => fullHeightM(b) - fullHeightM(a))
  if (text.value.trim()) return plants
  const { requirements, theme, months: wanted } = brief.brief
  return rankPlants(plants, {
    climate: climate.value,
    site: scene.value?.site ?? null,
    depthM: scene.value?.frame.depths.greatest ?? 3,
    requirements: requirements.filter(holdsHere),
    theme,
    months: wanted,
  })
}
const { shown: found, hand } = useStillUnderHand(() => ranked.value)
const listed = computed(() => new Set(store.bed?.shortlist ?? []))
const chosen = computed(() => (chosenId.value ? (library.byId.get(chosenId.value) ?? null) : null))
const comparedPlants = computed(() => compared.value.flatMap((id) => library.byId.get(id) ?? []))
const marks = computed(
  () =>
    new Map<string, string>([
      ...[...library.own].map((id) => [id, 'own'] as const),
      ...[...library.changed].map((id) => [id, 'changed'] as const),
    ]),
)
const problems = computed(
  () =>
    new Map(
      found.value.slice(0, 400).flatMap((p) => {
        const m = marks.value.get(p.id)
        const wrong = !fits.value && scene.value ? misfits(p, scene.value.site)[0] : undefined
        const say = m ?? (wrong ? `not its ${words(wrong.want)}` : undefined)
        return say ? [[p.id, say] as const] : []
      }),
    ),
)

function toggle(plant: Plant) {
  const list = store.bed?.shortlist ?? []
  store.edit({
    kind: 'setShortlist',
    plantIds: list.includes(plant.id) ? list.filter((id) => id !== plant.id) : [...list, plant.id],
  })
}
function compare(plant: Plant) {
  compared.value = compared.value.includes(plant.id)
    ? compared.value.filter((id) => id !== plant.id)
    : [...compared.value, plant.id].slice(-MOST_COMPARED)
}
useEventListener('keydown', (event: KeyboardEvent) => {
  const target = event.target as HTMLElement | null
  if (
    event.key === 't' &&
    !target?.closest('input, textarea, [contenteditable]') &&
    !event.ctrlKey &&
    !event.metaKey
  )
    view.value = view.value === 'table' ? 'line' : 'table'
})
const VIEWS = [
  { id: 'line', label: 'Line-up' },
  { id: 'table', label: 'Table' },
  { id: 'compare', label: 'Together' },
] as const
</script>

<template>
  <div class="flex flex-col min-h-0">
    <div class="flex flex-wrap items-center gap-y-2.5 gap-x-3.5 py-2.5 px-4.5 border-b border-line bg-card">
      <UInput
        v-model="text"
        icon="i-lucide-search"
        placeholder="Name of a plant"
        class="w-56"
        aria-label="Search plants"
      />
      <USelect v-model="kind" :items="kinds" aria-label="Kind" class="w-37" />
      <USelect v-model="lane" :items="lanes" aria-label="Lane" class="w-37" />
      <USelect v-model="month" :items="months" aria-label="Flower month" class="w-49" />
      <USwitch v-model="fits" :label="fitsLabel" />
      <USwitch v-model="evergreen" :label="`evergreen${evergreen ? '' : ` (${remain({ evergreen: true })})`}`" />
      <USwitch v-model="scent" :label="`scented${scent ? '' : ` (${remain({ fragrant: true })})`}`" />
      <USwitch
        v-model="safe"
        :label="`harmless${safe ? '' : ` (${remain({ withoutHazards: true })})`}`"
        title="No poison, sap or thorns"
      />
      <PlantsMoreFilters v-model="more" :remain="remain" />
      <UButton
        v-if="like"
        size="sm"
        trailing-icon="i-lucide-x"
        :aria-label="`No longer like ${like.plant.commonName}`"
        @click="like = null"
      >
        like {{ like.plant.commonName }}, but {{ BUT_WORDS[like.but] }}
      </UButton>
      <span class="flex-1" />
      <span class="text-soft" role="status">
        <b>{{ found.length }}</b>
        of {{ library.plants.length }}
      </span>
    </div>
    <div class="flex gap-4 items-center py-1.5 px-4.5 border-b border-line text-sm flex-none max-[700px]:flex-wrap">
      <div class="flex gap-1 max-[700px]:flex-wrap" role="group" aria-label="View">
        <UButton
          v-for="v in VIEWS"
          :key="v.id"
          size="xs"
          :color="view === v.id ? 'primary' : 'neutral'"
          :variant="view === v.id ? 'solid' : 'outline'"
          :aria-pressed="view === v.id"
          @click="view = v.id"
        >
          {{ v.label }}
          <template v-if="v.id === 'compare' && compared.length > 0">&nbsp;· {{ compared.length }}</template>
        </UButton>
      </div>
      <USelect
        v-model="sort"
        :items="[
          { label: 'best fit first', value: 'fit' },
          { label: 'tallest first', value: 'height' },
          { label: 'by name', value: 'name' },
        ]"
        size="xs"
        aria-label="Order"
        class="w-38"
      />
      <label class="flex gap-2.5 items-center">
        <span class="w-31">as in {{ monthName(compose.moment.month) }}</span>
        <input
          type="range"
          min="1"
          max="12"
          step="1"
          :value="compose.moment.month"
          aria-label="Month of the line-up"
          @input="compose.moment = { ...compose.moment, month: Number(($event.target as HTMLInputElement).value) }"
        />
      </label>
      <span class="hint text-soft text-xs ml-auto">T: table</span>
      <UButton size="sm" icon="i-lucide-tag" @click="labelling = true">Plant from its label</UButton>
      <LazyPlantsLabelForm
        v-if="labelling"
        v-model:open="labelling"
        @kept="
          (id) => {
            chosenId = id
          }
        "
      />
      <PlantsPlantLists />
    </div>
    <div class="flex-1 min-h-0 flex">
      <PlantsNothingFound
        v-if="found.length === 0 && view !== 'compare'"
        :text="text.trim()"
        :named="filters.named.value"
        :fits="fits"
        @label="labelling = true"
        @loosen="loosen"
      />
      <ClientOnly v-else>
        <PlantsLineUp
          v-if="view === 'line'"
          class="flex-1 min-w-0"
          v-on="hand"
          :plants="found"
          :month="compose.moment.month"
          :chosen-id="chosenId"
          :listed="listed"
          :compared="compared"
          :marks="problems"
          @choose="
            (p) => {
              chosenId = p.id
            }
          "
          @list="toggle"
          @compare="compare"
        />
        <PlantsPlantTable
          v-else-if="view === 'table'"
          class="flex-1 min-w-0"
          v-on="hand"
          :plants="found"
          :chosen-id="chosenId"
          :listed="listed"
          :marks="problems"
          @choose="
            (p) => {
              chosenId = p.id
            }
          "
          @list="toggle"
        />
        <PlantsCompareView
          v-else
          class="flex-1 min-w-0"
          :plants="comparedPlants"
          :month="compose.moment.month"
          @drop="compare"
          @put="
            (all) => {
              compared = all.map((p) => p.id)
            }
          "
        />
      </ClientOnly>
      <PlantsPlantSheet v-if="chosen && view !== 'compare'" :plant="chosen" @close="chosenId = null">
        <div
          class="flex flex-wrap gap-1 items-center my-2"
          role="group"
          :aria-label="`Like ${chosen.commonName}, but`"
        >
          <span class="text-soft mr-1">Like this, but</span>
          <UButton
            v-for="but in BUTS.filter((b) => !isSo(chosen!, b))"
            :key="but"
            size="xs"
            color="neutral"
            variant="outline"
            @click="like = { plant: chosen, but }"
          >
            {{ BUT_WORDS[but] }}
          </UButton>
        </div>
      </PlantsPlantSheet>
    </div>
  </div>
</template>
