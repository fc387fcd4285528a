<script setup lang="ts">
import { formatBoth, formatLength, parseLength, type Units } from '~~/core/measure'

/** A measure typed as people say it; what cannot be read stays in the box with the reason beneath. */
const props = withDefaults(
  defineProps<{
    modelValue: number
    label: string
    units: Units
    min?: number
    max?: number
    hideLabel?: boolean
  }>(),
  { min: 0, max: 200 },
)
const emit = defineEmits<{ 'update:modelValue': [metres: number] }>()
const { region } = useManner()
const said = (m: number) => formatLength(m, props.units, 2, region.value)
const text = ref(said(props.modelValue))
const error = ref('')
const id = useId()
const { typing, onInput, leave } = useTyped(commit)

watch(
  () => [props.modelValue, props.units] as const,
  () => {
    if (typing.value && props.modelValue === given) return
    text.value = said(props.modelValue)
    error.value = ''
  },
)
/** What was last given away: the box is not written anew while the hand still types it. */
let given = Number.NaN

function commit(quiet: boolean) {
  if (text.value === said(props.modelValue)) {
    error.value = ''
    return
  }
  const read = parseLength(text.value, props.units, {
    minM: props.min,
    maxM: props.max,
    name: props.label.toLowerCase(),
  })
  if (read.ok || !quiet) error.value = read.ok ? '' : read.error
  if (!read.ok) return
  if (!quiet) text.value = said(read.value)
  if (Math.abs(read.value - props.modelValue) <= 1e-9) return
  given = read.value
  emit('update:modelValue', read.value)
}
</script>

<template>
  <div>
    <label :for="id" class="block text-xs text-soft mb-1" :class="{ 'sr-only': hideLabel }">{{ label }}</label>
    <UInput
      :id="id"
      v-model="text"
      size="sm"
      class="w-full"
      :color="error ? 'error' : 'neutral'"
      :highlight="!!error"
      :title="formatBoth(modelValue, units, region)"
      :aria-invalid="!!error"
      :aria-describedby="error ? `${id}-error` : undefined"
      @input="onInput"
      @blur="leave"
      @keydown.enter="leave"
    />
    <p
      v-if="error"
      :id="`${id}-error`"
      class="text-brick-600 text-xs mt-1 leading-snug dark:text-brick-300"
      role="alert"
    >
      {{ error }}
    </p>
  </div>
</template>
