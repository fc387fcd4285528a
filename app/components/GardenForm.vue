<script setup lang="ts">
import { gardenSchema, type Garden } from '~~/core/model'
import { mannerOf, REGIONS, sayDay, sayNumber, type Region } from '~~/core/measure'
import { MOST_HOT_DAYS } from '~~/core/plant'
import { dayIn } from '~~/core/time'
import type { PlacesAnswer } from '~~/shared/answers'

const props = defineProps<{ garden: Garden; action: string; problem?: string }>()
const emit = defineEmits<{ save: [garden: Garden]; cancel: [] }>()
/** Frosts are days of any year; the box that picks them shows this one. */
const year = new Date().getFullYear()
const AS_UNITS = 'units'
const countries = new Intl.DisplayNames(['en'], { type: 'region' })
const regions = [
  { label: 'as the measure', value: AS_UNITS },
  ...REGIONS.map((r) => ({ label: countries.of(r) ?? r, value: r })).sort((a, b) => a.label.localeCompare(b.label)),
]
const NOT_TOLD = 'not told'
/** Summers by their hot days, as people know them, for heat zones 1 to 12. */
const summers = computed(() => {
  const limit = flat.units === 'metric' ? '30 °C' : '86 °F'
  const days = (zone: number) => {
    const [from, to] = [(MOST_HOT_DAYS[zone - 2] ?? -1) + 1, MOST_HOT_DAYS[zone - 1]]
    if (zone === 1) return `no day above ${limit}`
    return to === undefined ? `over ${from - 1} days above ${limit}` : `${from} to ${to} days above ${limit}`
  }
  return [
    { label: 'not told', value: NOT_TOLD },
    ...Array.from({ length: MOST_HOT_DAYS.length + 1 }, (_, i) => ({ label: days(i + 1), value: String(i + 1) })),
  ]
})
const flat = reactive({
  name: props.garden.name,
  units: props.garden.units,
  town: props.garden.place.town,
  latitude: String(props.garden.place.latitude),
  longitude: String(props.garden.place.longitude),
  zone: props.garden.place.hardinessZone,
  heat: String(props.garden.place.heatZone ?? NOT_TOLD),
  region: props.garden.region ?? AS_UNITS,
  lastFrost: dayIn(year, props.garden.place.lastFrost),
  firstFrost: dayIn(year, props.garden.place.firstFrost),
})
const sample = computed(() => {
  const { region } = mannerOf({
    units: flat.units,
    ...(flat.region === AS_UNITS ? {} : { region: flat.region as Region }),
  })
  return `${sayDay(dayIn(year, '05-08'), region)} · ${sayNumber(1250.5, region)}`
})
/** Towns that begin with what is typed: one that is taken brings latitude, longitude and, where none was chosen, the country. */
const places = shallowRef<PlacesAnswer>([])
const townFault = ref('')
const PAUSE_MS = 250
const look = useDebounceFn(async () => {
  try {
    places.value = await ask('places', '/api/places', { query: { q: flat.town } })
    townFault.value = ''
  } catch (error) {
    places.value = []
    townFault.value = `Towns cannot be looked up (${messageOf(error)}): type latitude and longitude below.`
  }
}, PAUSE_MS)
function typeTown(town: string) {
  flat.town = town
  void look()
}
type Place = PlacesAnswer[number]
const placeWords = (p: Place) =>
  [p.town, p.district, countries.of(p.country) ?? p.country].filter(Boolean).join(', ')
function takePlace(p: Place) {
  flat.town = [p.town, p.district].filter(Boolean).join(', ')
  flat.latitude = String(p.latitude)
  flat.longitude = String(p.longitude)
  const region = REGIONS.find((r) => r === p.country)
  if (region && flat.region === AS_UNITS) flat.region = region
  places.value = []
}
const errors = ref<readonly string[]>([])
const number = (text: string) => (text.trim() === '' ? Number.NaN : Number(text.replace(',', '.')))

function save() {
  const read = gardenSchema.safeParse({
    name: flat.name,
    units: flat.units,
    place: {
      town: flat.town,
      latitude: number(flat.latitude),
      longitude: number(flat.longitude),
      hardinessZone: flat.zone.trim(),
      ...(flat.heat === NOT_TOLD ? {} : { heatZone: Number(flat.heat) }),
      lastFrost: flat.lastFrost.slice(5),
      firstFrost: flat.firstFrost.slice(5),
    },
    ...(flat.region === AS_UNITS ? {} : { region: flat.region }),
  })
  errors.value = read.success
    ? []
    : read.error.issues.map((i) =>
        i.code === 'invalid_type' ? `${String(i.path[i.path.length - 1])}: a number is expected.` : i.message,
      )
  if (read.success) emit('save', read.data)
}
</script>

<template>
  <form class="grid grid-cols-2 gap-y-3.5 gap-x-4.5 items-end" @submit.prevent="save">
    <UFormField label="Name of the garden" class="col-span-full">
      <UInput v-model="flat.name" class="w-full" autofocus />
    </UFormField>
    <UFormField label="Town" class="relative" :help="townFault">
      <UInput
        :model-value="flat.town"
        class="w-full"
        autocomplete="off"
        @update:model-value="(v) => typeTown(String(v))"
      />
      <ul
        v-if="places.length > 0"
        class="absolute z-10 left-0 right-0 top-full mt-1 rounded-md border border-line bg-card shadow-lg text-sm"
        aria-label="Towns of this name"
      >
        <li v-for="p in places" :key="`${p.latitude} ${p.longitude}`">
          <button
            type="button"
            class="w-full text-left px-2.5 py-1.5 cursor-pointer hover:bg-amber/12"
            @click="takePlace(p)"
          >
            {{ placeWords(p) }}
          </button>
        </li>
        <li class="px-2.5 py-1 text-xs text-soft border-t border-line">Towns from GeoNames, CC BY 4.0</li>
      </ul>
    </UFormField>
    <UFormField label="Measured in">
      <USelect
        v-model="flat.units"
        :items="[
          { label: 'metres', value: 'metric' },
          { label: 'feet and inches', value: 'imperial' },
        ]"
        class="w-full"
      />
    </UFormField>
    <UFormField label="Days, figures and money as in" :hint="sample" class="col-span-full">
      <USelect v-model="flat.region" :items="regions" class="w-full" />
    </UFormField>
    <UFormField label="Latitude, degrees north">
      <template #hint><FieldNote of="latitude" /></template>
      <UInput v-model="flat.latitude" inputmode="decimal" class="w-full" />
    </UFormField>
    <UFormField label="Longitude, degrees east">
      <UInput v-model="flat.longitude" inputmode="decimal" class="w-full" />
    </UFormField>
    <UFormField label="Hardiness zone">
      <template #hint><FieldNote of="hardinessZone" /></template>
      <UInput v-model="flat.zone" placeholder="6b" class="w-full" />
    </UFormField>
    <UFormField label="Summers, in a usual year">
      <template #hint><FieldNote of="heatZone" /></template>
      <USelect v-model="flat.heat" :items="summers" aria-label="Summers" class="w-full" />
    </UFormField>
    <UFormField label="Last frost, in a usual year">
      <template #hint><FieldNote of="lastFrost" /></template>
      <UInput v-model="flat.lastFrost" type="date" required class="w-full" />
    </UFormField>
    <UFormField label="First frost, in a usual year">
      <UInput v-model="flat.firstFrost" type="date" required class="w-full" />
    </UFormField>
    <ul
      v-if="errors.length > 0 || problem"
      class="col-span-full text-brick-600 text-sm dark:text-brick-300"
      role="alert"
    >
      <li v-for="e in errors" :key="e">{{ e }}</li>
      <li v-if="problem">{{ problem }}</li>
    </ul>
    <div class="acts col-span-full flex gap-2.5">
      <UButton type="submit">{{ action }}</UButton>
      <UButton color="neutral" variant="ghost" @click="emit('cancel')">Cancel</UButton>
    </div>
  </form>
</template>
