<script setup lang="ts">
import { parseLength, type Units } from '~~/core/measure'

const { length } = useManner()

/** A length that may lie on either side: a minus before it is read as the other way. */
const props = defineProps<{ modelValue: number; label: string; units: Units }>()
const emit = defineEmits<{ 'update:modelValue': [metres: number] }>()
const show = (m: number) => (m < 0 ? `-${length(-m)}` : length(m))
const text = ref(show(props.modelValue))
const error = ref('')
watch(
  () => [props.modelValue, props.units] as const,
  () => {
    if (typing.value && props.modelValue === given) return
    text.value = show(props.modelValue)
    error.value = ''
  },
)
const { typing, onInput, leave } = useTyped(commit)
/** What was last given away: the box is not written anew while the hand still types it. */
let given = Number.NaN

function commit(quiet: boolean) {
  if (text.value === show(props.modelValue)) {
    error.value = ''
    return
  }
  const clean = text.value.trim()
  const minus = /^[-−]/.test(clean)
  const read = parseLength(clean.replace(/^[-−+]\s*/, ''), props.units, { maxM: 1000, name: 'measure' })
  if (read.ok || !quiet) error.value = read.ok ? '' : read.error
  if (!read.ok) return
  given = minus ? -read.value : read.value
  emit('update:modelValue', given)
}
</script>

<template>
  <span class="w-22 inline-block">
    <UInput
      v-model="text"
      size="xs"
      class="w-full"
      :aria-label="label"
      :color="error ? 'error' : 'neutral'"
      :highlight="!!error"
      :title="error || undefined"
      :aria-invalid="!!error"
      @input="onInput"
      @blur="leave"
      @keydown.enter="leave"
    />
    <small v-if="error" class="block text-brick-600 leading-tight" role="alert">{{ error }}</small>
  </span>
</template>
