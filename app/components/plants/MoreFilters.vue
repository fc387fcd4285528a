<script setup lang="ts">
import { coloursIn } from '~~/core/colour'
import { parseLength } from '~~/core/measure'
import {
  EATERS,
  HABITS,
  SOILS,
  SUN_CLASSES,
  WATER_CLASSES,
  words,
  type Eater,
  type PlantFilter,
} from '~~/core/plant'

/** Everything else that plants can be asked for; each choice says how many would remain. */
const filter = defineModel<PlantFilter>({ required: true })
const props = defineProps<{ remain: (change: PlantFilter) => number }>()
const { units } = useManner()

const lengths = reactive({ minHeightM: '', maxHeightM: '', minSpreadM: '', maxSpreadM: '' })
type LengthKey = keyof typeof lengths
const LENGTHS: readonly (readonly [LengthKey, string])[] = [
  ['minHeightM', 'Height from'],
  ['maxHeightM', 'to'],
  ['minSpreadM', 'Width from'],
  ['maxSpreadM', 'to'],
]
const colours = reactive({ flowerColours: '', leafColours: '' })
type ColourKey = keyof typeof colours
const faults = reactive<{ [K in LengthKey | ColourKey]?: string | undefined }>({})

function put(change: PlantFilter) {
  const next = Object.entries({ ...filter.value, ...change })
  const isAsked = (v: unknown) => v !== undefined && v !== false && !(Array.isArray(v) && v.length === 0)
  filter.value = Object.fromEntries(next.filter(([, v]) => isAsked(v)))
}
function putLength(key: LengthKey, text: string) {
  lengths[key] = text
  const read = text.trim() === '' ? null : parseLength(text, units.value)
  faults[key] = read && !read.ok ? read.error : undefined
  if (!read || read.ok) put({ [key]: read?.value })
}
function putColours(key: ColourKey, text: string) {
  colours[key] = text
  const hexes = coloursIn(text).map((c) => c.hex)
  faults[key] =
    text.trim() !== '' && hexes.length === 0 ? 'Write a colour, such as lavender blue or wine.' : undefined
  put({ [key]: hexes })
}
const ANY = 'any'
const CHOICES = [
  ['light', 'Light', SUN_CLASSES],
  ['water', 'Water', WATER_CLASSES],
  ['soil', 'Soil', SOILS],
  ['habit', 'Habit', HABITS],
] as const
const itemsOf = (key: 'light' | 'water' | 'soil' | 'habit', values: readonly string[]) => [
  { label: ANY, value: ANY },
  ...values.map((value) => ({ label: `${words(value)} (${props.remain({ [key]: value })})`, value })),
]
const NUMBERS = [
  ['grownInYears', 'Full size within, years', 1],
  ['mostPrice', 'Price at most', 0],
] as const
const SWITCHES = [
  ['drought', 'stands drought'],
  ['leftByDeer', 'left alone by deer'],
  ['leftByRabbits', 'left alone by rabbits'],
] as const
const EATER_WORDS: Readonly<Record<Eater, string>> = {
  people: 'children',
  cats: 'cats',
  dogs: 'dogs',
  livestock: 'horses and stock',
}
const isSafe = (eater: Eater) => filter.value.safeFor?.includes(eater) ?? false
const toggleSafe = (eater: Eater) => put({ safeFor: EATERS.filter((e) => (e === eater ? !isSafe(e) : isSafe(e))) })
const number = (text: string) => (Number(text) > 0 ? Number(text) : undefined)
function clear() {
  Object.assign(lengths, { minHeightM: '', maxHeightM: '', minSpreadM: '', maxSpreadM: '' })
  Object.assign(colours, { flowerColours: '', leafColours: '' })
  for (const key of [...Object.keys(lengths), ...Object.keys(colours)] as (LengthKey | ColourKey)[])
    faults[key] = undefined
  filter.value = {}
}
const count = computed(() => Object.keys(filter.value).length)
defineExpose({ clear })
</script>

<template>
  <UPopover :content="{ align: 'start' }" :ui="{ content: 'w-140 max-w-[95vw] p-4' }">
    <UButton color="neutral" :variant="count > 0 ? 'soft' : 'outline'" icon="i-lucide-sliders-horizontal">
      More filters{{ count > 0 ? ` · ${count}` : '' }}
    </UButton>
    <template #content>
      <div class="grid grid-cols-4 gap-x-3 gap-y-2.5 text-sm max-[560px]:grid-cols-2" data-testid="more-filters">
        <UFormField
          v-for="key in ['flowerColours', 'leafColours'] as const"
          :key="key"
          class="col-span-2"
          :label="key === 'flowerColours' ? 'Flower colour' : 'Leaf colour'"
          :error="faults[key] ?? false"
        >
          <span class="flex gap-1 items-center">
            <UInput
              size="sm"
              class="flex-1"
              :model-value="colours[key]"
              :placeholder="key === 'flowerColours' ? 'cream, lavender blue' : 'lime, wine, silver'"
              @update:model-value="(v) => putColours(key, String(v))"
            />
            <i
              v-for="c in coloursIn(colours[key])"
              :key="c.start"
              class="size-5 rounded-full border border-line flex-none"
              :style="{ background: c.hex }"
            />
          </span>
        </UFormField>
        <UFormField v-for="[key, label] in LENGTHS" :key="key" :label="label" :error="faults[key] ?? false">
          <UInput
            size="sm"
            class="w-full"
            :model-value="lengths[key]"
            :placeholder="units === 'metric' ? '60 cm' : '2 ft'"
            :aria-label="`${key.includes('Height') ? 'Height' : 'Width'} ${key.startsWith('min') ? 'at least' : 'at most'}`"
            @update:model-value="(v) => putLength(key, String(v))"
          />
        </UFormField>
        <UFormField v-for="[key, label, values] in CHOICES" :key="key" :label="label">
          <USelect
            size="sm"
            class="w-full"
            :items="itemsOf(key, values)"
            :model-value="String(filter[key] ?? ANY)"
            :aria-label="label"
            @update:model-value="(v) => put({ [key]: v === ANY ? undefined : v })"
          />
        </UFormField>
        <UFormField v-for="[key, label, least] in NUMBERS" :key="key" :label="label" class="col-span-2">
          <UInput
            size="sm"
            type="number"
            :min="least"
            class="w-full"
            :model-value="String(filter[key] ?? '')"
            @update:model-value="(v) => put({ [key]: number(String(v)) })"
          />
        </UFormField>
        <div class="col-span-full flex flex-wrap gap-x-4 gap-y-2">
          <USwitch
            v-for="[key, label] in SWITCHES"
            :key="key"
            :model-value="filter[key] ?? false"
            :label="`${label} (${remain({ [key]: true })})`"
            @update:model-value="(on) => put({ [key]: on })"
          />
        </div>
        <fieldset class="col-span-full flex flex-wrap gap-x-4 gap-y-2">
          <legend class="text-soft mb-1">Not poisonous to</legend>
          <UCheckbox
            v-for="eater in EATERS"
            :key="eater"
            :model-value="isSafe(eater)"
            :label="EATER_WORDS[eater]"
            @update:model-value="toggleSafe(eater)"
          />
        </fieldset>
        <div class="col-span-full">
          <UButton size="xs" color="neutral" variant="ghost" :disabled="count === 0" @click="clear">
            Ask for none of it
          </UButton>
        </div>
      </div>
    </template>
  </UPopover>
</template>
