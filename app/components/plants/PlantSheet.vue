<script setup lang="ts">
import {
  cautionWords,
  fullHeightM,
  growsWords,
  misfits,
  plantCells,
  rangeWords,
  RETENTION_WORDS,
  sourceWords,
  sownWords,
  standsWords,
  winterWords,
  words,
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
    await $fetch(`/api/library/plants/${props.plant.id}`, { method: 'DELETE' })
    emit('close')
    await library.load(bedStore.garden?.id ?? null, true)
  } catch (error) {
    said.value = messageOf(error)
  }
}
const FIELDS = [
  { column: 'foliage_height_m', label: 'Leaf height, m' },
  { column: 'flower_height_m', label: 'Flower height, m' },
  { column: 'spread_m', label: 'Spread, m' },
  { column: 'years_to_90', label: 'Years to grown' },
  { column: 'flower_months', label: 'Flowers (6-8)' },
  { column: 'flower_colour', label: 'Flower colour' },
  { column: 'summer_colour', label: 'Leaf in summer' },
  { column: 'sun', label: 'Light' },
  { column: 'water', label: 'Water' },
  { column: 'zones', label: 'Zones' },
  { column: 'sizes', label: 'Sizes and prices' },
] as const
const draft = reactive<Record<string, string>>({})
watch(
  () => [props.plant.id, editing.value],
  () => {
    problem.value = ''
    const cells = plantCells(props.plant)
    for (const f of FIELDS) draft[f.column] = cells[f.column] ?? ''
  },
  { immediate: true },
)

async function save(reset = false) {
  const before = plantCells(props.plant)
  const cells = reset
    ? {}
    : Object.fromEntries(
        FIELDS.filter((f) => changed.value || draft[f.column] !== before[f.column]).map((f) => [
          f.column,
          draft[f.column]!,
        ]),
      )
  try {
    await $fetch(`/api/gardens/${bedStore.garden!.id}/plants/${props.plant.id}`, { method: 'PUT', body: { cells } })
    await library.load(bedStore.garden!.id, true)
    editing.value = false
    problem.value = ''
  } catch (error) {
    problem.value = messageOf(error)
  }
}
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
  <aside class="sheet" :aria-label="`About ${plant.commonName}`" data-testid="plant-sheet">
    <button class="close" aria-label="Close" @click="emit('close')"><UIcon name="i-lucide-x" /></button>
    <PlantPortrait :plant="plant" :month="compose.moment.month" :width="250" :height="150" />
    <h2>{{ plant.commonName }}</h2>
    <p><BotanicalName :name="plant.botanicalName" /></p>
    <p v-if="own || changed" class="badge">
      {{ own ? 'your own plant' : '' }}{{ own && changed ? ', ' : ''
      }}{{ changed ? 'figures changed for this garden' : '' }}
      <UButton v-if="own" size="xs" color="neutral" variant="ghost" icon="i-lucide-trash-2" @click="removeOwn">
        Remove it
      </UButton>
    </p>
    <p v-if="said" class="problem" role="alert">{{ said }}</p>
    <dl>
      <dt>Size</dt>
      <dd>
        {{ length(fullHeightM(plant)) }} high, {{ length(plant.spreadM) }} across, in about
        {{ grownIn }}
      </dd>
      <dt>Leaf</dt>
      <dd>
        {{ words(plant.leafSize) }}, {{ words(plant.leafOutline) }}, {{ words(plant.leafSurface) }};
        {{ RETENTION_WORDS[plant.retention] }}
      </dd>
      <dt>Flower</dt>
      <dd>
        {{ flowerWords }}
      </dd>
      <dt>Wants</dt>
      <dd>
        {{ rangeWords(plant.sun.brightest, plant.sun.darkest) }},
        {{ rangeWords(plant.water.driest, plant.water.wettest) }}, {{ plant.soils.join(', ') }}, pH
        {{ plant.ph.low }} to {{ plant.ph.high }}, zones {{ plant.zones.coldest }} to {{ plant.zones.warmest }}
      </dd>
      <dt>Travels</dt>
      <dd>
        {{ plant.travels }}{{ plant.runMPerYear ? `, ${length(plant.runMPerYear)} a year` : '' }}; deer
        {{ plant.deer }}, rabbits {{ plant.rabbits }}
      </dd>
      <template v-if="caution">
        <dt>Caution</dt>
        <dd class="warn">{{ caution }}</dd>
      </template>
      <dt>Here</dt>
      <dd :class="{ warn: wrong.length > 0 }">
        {{ wrong.length === 0 ? 'suits this bed' : wrong.map((w) => w.text).join('; ') }}
      </dd>
    </dl>
    <details class="more">
      <summary>Growing it</summary>
      <dl>
        <template v-for="[label, text] in facts" :key="label">
          <dt>{{ label }}</dt>
          <dd>{{ text }}</dd>
        </template>
      </dl>
    </details>
    <PlantsPlantPicture :plant="plant" />
    <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-pencil" @click="editing = !editing">
      Figures for this garden
    </UButton>
    <form v-if="editing" class="edit" @submit.prevent="save()">
      <label v-for="f in FIELDS" :key="f.column">
        <span>{{ f.label }}</span>
        <input v-model="draft[f.column]" :aria-label="f.label" />
      </label>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <div class="acts">
        <UButton type="submit" size="xs">Keep for this garden</UButton>
        <UButton v-if="changed" size="xs" color="neutral" variant="ghost" @click="save(true)">
          As in the library
        </UButton>
      </div>
      <p class="hint">
        The nursery’s label and the local extension office know the place better than typical figures.
      </p>
    </form>
    <PlantsPairPanel :seed="plant" class="partners" />
  </aside>
</template>

<style scoped>
.sheet {
  position: relative;
  width: 312px;
  flex: none;
  border-left: 1px solid var(--line);
  background: var(--card);
  overflow-y: auto;
  padding: 12px 14px 24px;
  font-size: 12.5px;
}
.close {
  position: absolute;
  right: 10px;
  top: 10px;
  cursor: pointer;
  color: var(--soft);
}
h2 {
  font-size: 18px;
  font-weight: 600;
  line-height: 1.2;
}
h2::first-letter {
  text-transform: uppercase;
}
.badge {
  display: inline-block;
  background: color-mix(in srgb, var(--amber) 25%, var(--card));
  color: var(--amber-deep);
  border-radius: 5px;
  padding: 0 7px;
  margin-top: 3px;
}
dl {
  display: grid;
  grid-template-columns: 54px 1fr;
  gap: 3px 8px;
  margin: 8px 0;
  line-height: 1.4;
}
dt {
  color: var(--soft);
}
.more summary {
  color: var(--soft);
  cursor: pointer;
}
.warn,
.problem {
  color: var(--amber-deep);
}
.edit {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 8px;
  margin-top: 8px;
}
.edit span {
  display: block;
  color: var(--soft);
  font-size: 11.5px;
}
.edit input {
  width: 100%;
  border: 1px solid var(--line);
  border-radius: 5px;
  padding: 3px 6px;
  background: var(--paper);
}
.acts,
.problem,
.hint {
  grid-column: 1 / -1;
  display: flex;
  gap: 6px;
}
.hint {
  color: var(--soft);
  font-size: 11.5px;
}
.partners {
  padding: 10px 0 0;
  margin-top: 10px;
  border-top: 1px solid var(--line);
}
</style>
