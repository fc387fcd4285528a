<script setup lang="ts">
import { coloursIn } from '~~/core/colour'
import { KINDS, RETENTION_WORDS, RETENTIONS, type LabelField, type LabelForm, type LabelRead } from '~~/core/plant'
import { FIELD_TITLES } from '~/utils/fieldTitles'

/** The fields of a plant as people write them: each with what it was read from, what is in doubt, and what cannot be read. */
const props = defineProps<{
  fields: readonly LabelField[]
  form: LabelForm
  faults: Readonly<Partial<Record<LabelField, string>>>
  readings?: LabelRead
  byHand?: ReadonlySet<LabelField>
  /** The colours behind words that nobody has changed. */
  colours?: Readonly<Partial<Record<LabelField, { readonly text: string; readonly hexes: readonly string[] }>>>
}>()
const emit = defineEmits<{ type: [field: LabelField, text: string] }>()
const { units } = useManner()
const isRead = (field: LabelField) => !props.byHand?.has(field) && props.readings?.[field] !== undefined
const doubtOf = (field: LabelField) => (isRead(field) ? props.readings![field]!.doubt : '')
const EXAMPLES = computed<Readonly<Partial<Record<LabelField, string>>>>(() => ({
  botanicalName: "Salvia nemorosa 'Caradonna'",
  height: units.value === 'metric' ? '40 to 60 cm' : '18 to 24 in',
  spread: units.value === 'metric' ? '45 cm' : '18 in',
  light: 'full sun to part shade',
  water: 'average, dry',
  zones: '5 to 9, or hardy to -15 °C',
  flowerColours: 'lavender blue, cream',
  flowerMonths: 'June to September',
  leafColour: 'grey green',
  sizes: units.value === 'metric' ? '2 L 12.50' : '1 gal 14.99',
}))
/** Nothing chosen: taken from the relative. */
const BORROWED = 'as its relative'
const choices = computed(() => ({
  kind: KINDS.map((value) => ({ label: value, value })),
  leaf: RETENTIONS.map((value) => ({ label: RETENTION_WORDS[value], value })),
  scent: ['none', 'slight', 'strong'].map((value) => ({ label: value, value })),
  leftBy: ['deer', 'rabbits', 'deer, rabbits'].map((value) => ({ label: value, value })),
}))
type Choice = 'kind' | 'leaf' | 'scent' | 'leftBy'
const choicesOf = (field: LabelField) =>
  field in choices.value ? [{ label: BORROWED, value: BORROWED }, ...choices.value[field as Choice]] : null
function swatches(field: LabelField): readonly string[] | null {
  if (field !== 'flowerColours' && field !== 'leafColour') return null
  const text = props.form[field] ?? ''
  const kept = props.colours?.[field]
  return kept?.text === text ? kept.hexes : coloursIn(text).map((c) => c.hex)
}
const addColour = (field: LabelField, hex: string) =>
  emit('type', field, [props.form[field], hex].filter(Boolean).join(', '))
</script>

<template>
  <UFormField
    v-for="field in fields"
    :key="field"
    :label="FIELD_TITLES[field]"
    :error="faults[field] ?? false"
    :help="doubtOf(field) ? `Please check: ${doubtOf(field)}.` : ''"
    :ui="{ help: 'text-amber-deep text-xs mt-0.5', error: 'text-xs mt-0.5', label: 'text-xs' }"
  >
    <template v-if="isRead(field)" #hint><span class="text-xs text-amber-deep">from the label</span></template>
    <USelect
      v-if="choicesOf(field)"
      size="sm"
      class="w-full"
      :items="choicesOf(field)!"
      :model-value="form[field] || BORROWED"
      :aria-label="FIELD_TITLES[field]"
      @update:model-value="(v) => emit('type', field, v === BORROWED ? '' : String(v))"
    />
    <div v-else class="flex gap-1 items-center">
      <UInput
        size="sm"
        class="flex-1"
        :model-value="form[field]"
        :placeholder="EXAMPLES[field]"
        :aria-label="FIELD_TITLES[field]"
        @update:model-value="(v) => emit('type', field, String(v))"
      />
      <template v-if="swatches(field)">
        <i
          v-for="hex in swatches(field)"
          :key="hex"
          class="size-5 rounded-full border border-line flex-none"
          :style="{ background: hex }"
        />
        <label class="relative flex-none inline-flex text-soft hover:text-ink" title="Pick a colour">
          <UIcon name="i-lucide-palette" class="size-5" />
          <input
            type="color"
            class="absolute inset-0 opacity-0 cursor-pointer"
            :aria-label="field === 'leafColour' ? 'Pick a colour of the leaf' : 'Pick a colour of the flowers'"
            @change="addColour(field, ($event.target as HTMLInputElement).value)"
          />
        </label>
      </template>
    </div>
  </UFormField>
</template>
