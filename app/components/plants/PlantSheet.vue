<script setup lang="ts">
import {
  borrowedWords,
  cautionWords,
  coloursOfForm,
  FORM_COLUMNS,
  formOfPlant,
  growsWords,
  LABEL_FIELDS,
  misfits,
  plantCells,
  plantOfLabel,
  rangeWords,
  RETENTION_WORDS,
  sizesSaid,
  sourceWords,
  sownWords,
  standsWords,
  winterWords,
  words,
  type LabelField,
  type Plant,
} from '~~/core/plant'
import { monthSpan, placeMonths } from '~~/core/time'

const { length } = useManner()

/** One plant: its figures, whether it suits the bed, what goes with it, and this garden's own figures for it. */
const props = defineProps<{ plant: Plant }>()
const emit = defineEmits<{ close: [] }>()
onKeyStroke('Escape', () => {
  if (!document.querySelector('[role="dialog"]')) emit('close')
})
const library = useLibraryStore()
const compose = useComposeStore()
const bedStore = useBedStore()
const { scene, climate } = useScene()
const wrong = computed(() => (scene.value ? misfits(props.plant, scene.value.site) : []))
const own = computed(() => library.own.has(props.plant.id))
const changed = computed(() => library.changed.has(props.plant.id))
const editing = ref(false)
const problem = ref('')
const said = ref('')
async function removeOwn() {
  try {
    await request(`/api/library/plants/${props.plant.id}`, { method: 'DELETE' })
    emit('close')
    await library.load(bedStore.garden?.id ?? null, true)
  } catch (error) {
    said.value = messageOf(error)
  }
}
/** A kind stays what it is called and of what sort it is. */
const FIXED: ReadonlySet<LabelField> = new Set(['botanicalName', 'commonName', 'kind', 'leaf', 'leftBy'])
const FIELDS = LABEL_FIELDS.filter((f) => !FIXED.has(f))
const { units } = useManner()
const before = computed(() => formOfPlant(props.plant, units.value, climate.value))
const draft = reactive<Partial<Record<LabelField, string>>>({})
watch(
  () => [before.value, editing.value],
  () => {
    problem.value = ''
    Object.assign(draft, before.value)
  },
  { immediate: true },
)
const colours = computed(() => {
  const { flowerColours, leafColour } = coloursOfForm(props.plant)
  return {
    flowerColours: { text: before.value.flowerColours ?? '', hexes: flowerColours },
    leafColour: { text: before.value.leafColour ?? '', hexes: leafColour },
  }
})
/** What was typed anew, read; what stands as it was is left to the plant. */
const typed = computed(() => {
  const anew = FIELDS.filter((f) => draft[f]?.trim() && draft[f] !== before.value[f]).map((f) => [f, draft[f]])
  const form = { botanicalName: props.plant.botanicalName, ...Object.fromEntries(anew) }
  return plantOfLabel(form, [props.plant], { units: units.value, southern: climate.value.southern })
})

async function save(reset = false) {
  const was = plantCells(props.plant)
  const { cells, faults } = typed.value
  if (!reset && !cells) {
    problem.value = Object.values(faults)[0] ?? ''
    return
  }
  const kept = FORM_COLUMNS.filter((c) => changed.value || cells?.[c] !== was[c])
  try {
    await request(`/api/gardens/${bedStore.garden!.id}/plants/${props.plant.id}`, {
      method: 'PUT',
      body: { cells: reset ? {} : Object.fromEntries(kept.map((c) => [c, cells![c] ?? ''])) },
    })
    await library.load(bedStore.garden!.id, true)
    editing.value = false
    problem.value = ''
  } catch (error) {
    problem.value = messageOf(error)
  }
}
const sizes = computed(() => sizesSaid(props.plant, length))
const caution = computed(() => cautionWords(props.plant))
const facts = computed(() => {
  const { plant: p } = props
  const all: [string, string][] = [
    ['Grows', growsWords(p)],
    ['Stands', standsWords(p)],
    ['Sown', sownWords(p)],
    ['Winter', winterWords(p)],
    ['Also', [...p.synonyms, ...p.soldAs].join(', ')],
    ['Family', p.family],
    ['Source', sourceWords(p)],
    ['Borrowed', borrowedWords(p)],
  ]
  return all.filter(([, text]) => text !== '')
})
const flowers = computed(() => monthSpan(placeMonths(props.plant.flowerMonths, climate.value)))
const flowerWords = computed(() => {
  const { flowerForm, fragrance } = props.plant
  if (!flowers.value) return 'none to speak of'
  return `${flowerForm}, ${flowers.value}${fragrance === 'none' ? '' : `, ${fragrance} scent`}`
})
const grownIn = computed(() => (props.plant.yearsTo90 === 1 ? 'a year' : `${props.plant.yearsTo90} years`))
</script>

<template>
  <aside
    class="sheet relative w-89 flex-none border-l border-line bg-card overflow-y-auto pt-3.5 pb-7 px-4 text-sm"
    :aria-label="`About ${plant.commonName}`"
    data-testid="plant-sheet"
  >
    <button class="absolute right-3 top-3 cursor-pointer text-soft" aria-label="Close" @click="emit('close')">
      <UIcon name="i-lucide-x" />
    </button>
    <PlantPortrait :plant="plant" :month="compose.moment.month" :width="250" :height="150" />
    <h2 class="text-xl font-semibold leading-tight">{{ plant.commonName }}</h2>
    <p><BotanicalName :name="plant.botanicalName" /></p>
    <p v-if="own || changed" class="inline-block bg-amber/25 text-amber-deep rounded-sm py-0 px-2 mt-1">
      {{ own ? 'your own plant' : '' }}{{ own && changed ? ', ' : ''
      }}{{ changed ? 'figures changed for this garden' : '' }}
      <UButton v-if="own" size="xs" color="neutral" variant="ghost" icon="i-lucide-trash-2" @click="removeOwn">
        Remove it
      </UButton>
    </p>
    <p v-if="said" class="problem text-amber-deep col-span-full flex gap-1.5" role="alert">{{ said }}</p>
    <dl class="grid grid-cols-[54px_1fr] gap-y-1 gap-x-2.5 my-2.5 mx-0 leading-snug">
      <dt class="text-soft">Size</dt>
      <dd>{{ sizes.height }} high, {{ sizes.spread }} across, in about {{ grownIn }}</dd>
      <dt class="text-soft">Leaf</dt>
      <dd>
        {{ words(plant.leafSize) }}, {{ words(plant.leafOutline) }}, {{ words(plant.leafSurface) }};
        {{ RETENTION_WORDS[plant.retention] }}
      </dd>
      <dt class="text-soft">Flower</dt>
      <dd>
        {{ flowerWords }}
      </dd>
      <dt class="text-soft">Wants</dt>
      <dd>
        {{ rangeWords(plant.sun.brightest, plant.sun.darkest) }},
        {{ rangeWords(plant.water.driest, plant.water.wettest) }}, {{ plant.soils.join(', ') }}, pH
        {{ plant.ph.low }} to {{ plant.ph.high }}, zones {{ plant.zones.coldest }} to {{ plant.zones.warmest }}
      </dd>
      <dt class="text-soft">Travels</dt>
      <dd>
        {{ plant.travels }}{{ plant.runMPerYear ? `, ${length(plant.runMPerYear)} a year` : '' }}; deer
        {{ plant.deer }}, rabbits {{ plant.rabbits }}
      </dd>
      <template v-if="caution">
        <dt class="text-soft">Caution</dt>
        <dd class="text-amber-deep">{{ caution }}</dd>
      </template>
      <dt class="text-soft">Here</dt>
      <dd class="[&.warn]:text-amber-deep" :class="{ warn: wrong.length > 0 }">
        {{ wrong.length === 0 ? 'suits this bed' : wrong.map((w) => w.text).join('; ') }}
      </dd>
    </dl>
    <details>
      <summary class="text-soft cursor-pointer">Growing it</summary>
      <dl class="grid grid-cols-[54px_1fr] gap-y-1 gap-x-2.5 my-2.5 mx-0 leading-snug">
        <template v-for="[label, text] in facts" :key="label">
          <dt class="text-soft">{{ label }}</dt>
          <dd>{{ text }}</dd>
        </template>
      </dl>
    </details>
    <slot />
    <PlantsPlantPicture :plant="plant" />
    <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-pencil" @click="editing = !editing">
      Figures for this garden
    </UButton>
    <form v-if="editing" class="grid grid-cols-[1fr_1fr] gap-y-1.5 gap-x-2.5 mt-2.5" @submit.prevent="save()">
      <PlantsLabelFields
        :fields="FIELDS"
        :form="draft"
        :faults="typed.faults"
        :colours="colours"
        @type="
          (field, text) => {
            draft[field] = text
          }
        "
      />
      <p v-if="problem" class="problem text-amber-deep col-span-full flex gap-1.5" role="alert">{{ problem }}</p>
      <div class="acts col-span-full flex gap-1.5">
        <UButton type="submit" size="xs">Keep for this garden</UButton>
        <UButton v-if="changed" size="xs" color="neutral" variant="ghost" @click="save(true)">
          As in the library
        </UButton>
      </div>
      <p class="hint col-span-full flex gap-1.5 text-soft text-xs">
        The nursery’s label and the local extension office know the place better than typical figures.
      </p>
    </form>
    <PlantsPairPanel :seed="plant" class="pt-3 pb-0 px-0 mt-3 border-t border-line" />
  </aside>
</template>

<style scoped>
h2::first-letter {
  text-transform: uppercase;
}
</style>
