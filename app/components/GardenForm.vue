<script setup lang="ts">
import { gardenSchema, type Garden } from '~~/core/model'
import { mannerOf, REGIONS, sayDay, sayNumber, type Region } from '~~/core/measure'
import { dayIn } from '~~/core/time'

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
const flat = reactive({
  name: props.garden.name,
  units: props.garden.units,
  town: props.garden.place.town,
  latitude: String(props.garden.place.latitude),
  longitude: String(props.garden.place.longitude),
  zone: props.garden.place.hardinessZone,
  heat: props.garden.place.heatZone ? String(props.garden.place.heatZone) : '',
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
      ...(flat.heat.trim() === '' ? {} : { heatZone: number(flat.heat) }),
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
  <form class="grid grid-cols-[1fr_1fr] gap-y-3.5 gap-x-4.5 items-end" @submit.prevent="save">
    <UFormField label="Name of the garden" class="col-span-full">
      <UInput v-model="flat.name" class="w-full" autofocus />
    </UFormField>
    <UFormField label="Town"><UInput v-model="flat.town" class="w-full" /></UFormField>
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
    <UFormField label="Heat zone, 1 to 12">
      <template #hint><FieldNote of="heatZone" /></template>
      <UInput v-model="flat.heat" inputmode="numeric" placeholder="not known" class="w-full" />
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
