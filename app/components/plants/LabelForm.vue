<script setup lang="ts">
import { laneNames } from '~~/core/bed'
import { freeSpot, isLaneOf } from '~~/core/layout'
import {
  knownNames,
  LABEL_FIELDS,
  plantFromCells,
  plantOfLabel,
  rangeWords,
  readLabel,
  sizesSaid,
  type LabelField,
  type Plant,
} from '~~/core/plant'
import { monthSpan, placeMonths } from '~~/core/time'
import { FIELD_TITLES } from '~/utils/fieldTitles'

/** A plant of one's own from the text of its label, or field by field; what is left empty is borrowed from its nearest relative. */
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ kept: [plantId: string] }>()
const { length, units } = useManner()
const library = useLibraryStore()
const store = useBedStore()
const compose = useComposeStore()
const { climate, scene } = useScene()
const { take } = useShortlist()

const SAMPLE =
  "Nepeta racemosa 'Snowflake', white catmint. 12-18 in tall x 18 in wide, full sun, USDA 4-8, white, May to Sept, " +
  'deer resistant, 1 gal 14.99'
const label = ref('')
const form = reactive<Record<LabelField, string>>(
  Object.fromEntries(LABEL_FIELDS.map((f) => [f, ''])) as Record<LabelField, string>,
)
/** Fields that somebody wrote by hand: the label does not write over them. */
const byHand = reactive(new Set<LabelField>())
const southern = computed(() => climate.value.southern)
const known = computed(() => knownNames(library.plants.flatMap((p) => [p.botanicalName, ...p.synonyms])))
const readings = computed(() => readLabel(label.value, { southern: southern.value, known: known.value }))
watch(readings, (read) => {
  for (const field of LABEL_FIELDS) if (!byHand.has(field)) form[field] = read[field]?.text ?? ''
})
function type(field: LabelField, text: string) {
  byHand.add(field)
  form[field] = text
}
const made = computed(() => plantOfLabel(form, library.plants, { units: units.value, southern: southern.value }))
const plant = computed<Plant | null>(() => (made.value.cells ? plantFromCells(made.value.cells) : null))
/** Faults are told once there is something to find fault with. */
const isBegun = computed(() => LABEL_FIELDS.some((f) => form[f] !== ''))
const doubtOf = (field: LabelField) => (byHand.has(field) ? '' : (readings.value[field]?.doubt ?? ''))

/** The label cut at what was read in it. */
const pieces = computed(() => {
  const marks = LABEL_FIELDS.flatMap((field) =>
    readings.value[field] ? [{ field, ...readings.value[field] }] : [],
  )
    .sort((a, b) => a.start - b.start)
    .filter((m, i, all) => i === 0 || m.start >= all[i - 1]!.end)
  const cuts: { words: string; field: LabelField | null }[] = []
  let at = 0
  for (const m of marks) {
    cuts.push({ words: label.value.slice(at, m.start), field: null })
    cuts.push({ words: label.value.slice(m.start, m.end), field: m.field })
    at = m.end
  }
  return [...cuts, { words: label.value.slice(at), field: null }].filter((c) => c.words !== '')
})

const summary = computed(() => {
  const p = plant.value
  if (!p) return ''
  const flowers = monthSpan(placeMonths(p.flowerMonths, climate.value))
  const sizes = sizesSaid(p, length)
  return [
    `${sizes.height} high, ${sizes.spread} across`,
    rangeWords(p.sun.brightest, p.sun.darkest),
    `${rangeWords(p.water.driest, p.water.wettest)} water`,
    `zones ${p.zones.coldest} to ${p.zones.warmest}`,
    ...(flowers ? [`flowers ${flowers}`] : []),
  ].join('; ')
})
const RELATION = {
  name: 'It is in the library; what you leave empty stays as it is there.',
  species: 'of its species',
  genus: 'of its genus',
  kind: 'of its kind and size',
} as const
const relation = computed(() => {
  const { relative } = made.value
  if (!relative) return ''
  if (relative.by === 'name') return RELATION.name
  return `What is left empty is taken from ${relative.plant.commonName} (${relative.plant.botanicalName}), ${RELATION[relative.by]}.`
})

const photo = ref('')
function showPhoto(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (photo.value) URL.revokeObjectURL(photo.value)
  photo.value = file ? URL.createObjectURL(file) : ''
}
onBeforeUnmount(() => photo.value && URL.revokeObjectURL(photo.value))

const lanes = computed(() => laneNames(store.bed?.laneShares.length ?? 1, store.bed?.form.kind))
const isBest = (lane: number) =>
  !!plant.value && isLaneOf(plant.value, lane, lanes.value.length, store.bed?.form.kind)
const problem = ref('')
const saving = ref(false)
async function keep(lane: number | null) {
  const { cells } = made.value
  if (!cells || saving.value) return
  saving.value = true
  problem.value = ''
  try {
    await request('/api/library/import', { method: 'POST', body: [cells] })
    await library.load(store.garden?.id ?? null, true)
    const kept = library.byId.get(plantFromCells(cells).id)
    if (!kept) throw new Error('The plant was kept, but the library does not show it yet: load the page again.')
    take([kept])
    open.value = false
    if (lane === null || !store.bed || !scene.value) return emit('kept', kept.id)
    const drift = newDrift(kept, lane, freeSpot(scene.value, lane).s, store.bed)
    store.edit({ kind: 'addDrift', drift })
    compose.choose(drift.id)
    await navigateTo(`/beds/${store.id}/compose`)
  } catch (error) {
    problem.value = messageOf(error)
  } finally {
    saving.value = false
  }
}
</script>

<template>
  <UModal
    v-model:open="open"
    title="A plant from its label"
    description="Paste what the label or the nursery’s page says, or fill in the form."
    :ui="{ content: 'max-w-5xl' }"
  >
    <template #body>
      <div class="grid grid-cols-[1fr_1.35fr] gap-6 max-[800px]:grid-cols-1" data-testid="label-form">
        <div>
          <img
            v-if="photo"
            :src="photo"
            alt="The label, to read from"
            class="w-full max-h-60 object-contain mb-2"
          />
          <UTextarea
            v-model="label"
            :rows="6"
            autofocus
            class="w-full"
            aria-label="Text of the label"
            :placeholder="SAMPLE"
          />
          <label class="inline-flex items-center gap-1.5 mt-1.5 text-sm text-soft cursor-pointer">
            <UIcon name="i-lucide-camera" />
            <span class="underline">Show a photo of the label here while you type</span>
            <input type="file" accept="image/*" capture="environment" class="sr-only" @change="showPhoto" />
          </label>
          <p v-if="label" class="read mt-2.5 text-sm leading-relaxed whitespace-pre-wrap" data-testid="label-read">
            <template v-for="(piece, i) in pieces" :key="i">
              <mark
                v-if="piece.field"
                class="text-ink rounded-sm px-0.5"
                :class="doubtOf(piece.field) ? 'bg-amber-wash outline outline-1 outline-amber' : 'bg-amber/25'"
                :title="FIELD_TITLES[piece.field]"
              >
                {{ piece.words }}
              </mark>
              <span v-else class="text-soft">{{ piece.words }}</span>
            </template>
          </p>
          <div v-if="plant" class="mt-3 border-t border-line pt-3">
            <PlantPortrait :plant="plant" :month="compose.moment.month" :width="330" :height="150" />
            <p class="font-serif text-lg leading-tight">{{ plant.commonName }}</p>
            <p class="text-sm"><BotanicalName :name="plant.botanicalName" /></p>
            <p class="text-sm leading-snug mt-1" data-testid="label-summary">{{ summary }}.</p>
          </div>
          <p v-if="relation && isBegun" class="text-sm text-soft leading-snug mt-1.5">{{ relation }}</p>
        </div>
        <form
          class="grid grid-cols-2 gap-x-4 gap-y-2 content-start max-[500px]:grid-cols-1"
          @submit.prevent="keep(null)"
        >
          <PlantsLabelFields
            :fields="LABEL_FIELDS"
            :form="form"
            :faults="isBegun ? made.faults : {}"
            :readings="readings"
            :by-hand="byHand"
            @type="type"
          />
          <p v-if="problem" class="col-span-full text-sm text-amber-deep" role="alert">{{ problem }}</p>
        </form>
      </div>
    </template>
    <template #footer>
      <div class="flex flex-wrap gap-2 items-center w-full">
        <template v-if="store.bed">
          <span class="text-sm text-soft">Keep it and set it into</span>
          <UButton
            v-for="(name, lane) in lanes"
            :key="name"
            size="sm"
            :color="isBest(lane) ? 'primary' : 'neutral'"
            :variant="isBest(lane) ? 'solid' : 'outline'"
            :disabled="!plant || saving"
            :aria-label="`Keep and set into ${name}`"
            @click="keep(lane)"
          >
            {{ name }}
          </UButton>
        </template>
        <span class="flex-1" />
        <UButton size="sm" color="neutral" variant="outline" :disabled="!plant || saving" @click="keep(null)">
          Keep it on the shortlist
        </UButton>
      </div>
    </template>
  </UModal>
</template>
