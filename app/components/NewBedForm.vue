<script setup lang="ts">
import { BED_KINDS, type BedKind, NAME_LIMIT } from '~~/core/model'
import { formatLength, parseLength, type Units } from '~~/core/measure'
import { KIND_NAMES } from '~/utils/kindNames'

const props = defineProps<{ units: Units; problem?: string }>()
const emit = defineEmits<{
  make: [bed: { name: string; lengthM: number; depthM: number; kind: BedKind }]
  cancel: []
}>()
const kind = ref<BedKind>('foundation')
const kinds = BED_KINDS.map((value) => ({ label: KIND_NAMES[value], value }))
const round = computed(() => ['island', 'ring', 'court'].includes(kind.value))
const name = ref('')
const length = ref(props.units === 'metric' ? '8 m' : "26'")
const depth = ref(props.units === 'metric' ? '2,4' : "8'")
const said = (m: number) => formatLength(m, props.units, 1)
const examples = computed(() => (props.units === 'metric' ? '4.42 m, 2,6, 80 cm' : '14\' 6", 12.5 ft, 30 in'))
const hint = computed(
  () =>
    `As you say it: ${examples.value}. Two layers of shrubs want ${said(1.8)} to ${said(2.4)}, three want ` +
    `${said(3)} and more; small plants make do with less.`,
)
const errors = ref<readonly string[]>([])

function make() {
  const l = parseLength(length.value, props.units, { minM: 0.5, maxM: 200, name: 'length' })
  const d = parseLength(depth.value, props.units, { minM: 0.3, maxM: 30, name: 'depth' })
  const clean = name.value.trim()
  errors.value = [
    ...(clean === '' ? ['The bed needs a name, for example “Reading-room front”.'] : []),
    ...(clean.length > NAME_LIMIT ? [`The name has ${clean.length} characters; ${NAME_LIMIT} is the most.`] : []),
    ...(l.ok ? [] : [l.error]),
    ...(d.ok ? [] : [d.error]),
  ]
  if (errors.value.length === 0 && l.ok && d.ok)
    emit('make', { name: clean, lengthM: l.value, depthM: d.value, kind: kind.value })
}
const lengthLabel = computed(() => {
  if (kind.value === 'container') return 'Pot, across'
  return round.value ? 'Across' : 'Length along the wall'
})
</script>

<template>
  <form class="grid grid-cols-[1fr_1fr] gap-y-3.5 gap-x-4.5" @submit.prevent="make">
    <UFormField label="Name of the bed" class="col-span-full">
      <UInput v-model="name" class="w-full" autofocus />
    </UFormField>
    <UFormField label="Kind of bed" class="col-span-full">
      <USelect v-model="kind" :items="kinds" class="w-full" />
    </UFormField>
    <UFormField :label="lengthLabel">
      <UInput v-model="length" class="w-full" />
    </UFormField>
    <UFormField v-if="kind !== 'container'" :label="round ? 'Front to back' : 'Depth out from it'">
      <template #hint><FieldNote of="depth" /></template>
      <UInput v-model="depth" class="w-full" />
    </UFormField>
    <p class="hint col-span-full text-soft text-sm">
      {{ hint }}
    </p>
    <ul
      v-if="errors.length > 0 || problem"
      class="col-span-full text-brick-600 text-sm dark:text-brick-300"
      role="alert"
    >
      <li v-for="e in errors" :key="e">{{ e }}</li>
      <li v-if="problem">{{ problem }}</li>
    </ul>
    <div class="acts col-span-full flex gap-2.5">
      <UButton type="submit">Make the bed</UButton>
      <UButton color="neutral" variant="ghost" @click="emit('cancel')">Cancel</UButton>
    </div>
  </form>
</template>
