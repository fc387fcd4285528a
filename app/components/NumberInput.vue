<script setup lang="ts">
/** A bare number with limits; what is out of them stays in the box with the reason beneath. */
const props = defineProps<{
  modelValue: number
  label: string
  min: number
  max: number
  whole?: boolean
  hideLabel?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: number] }>()
const text = ref(String(props.modelValue))
const error = ref('')
const id = useId()
const { typing, onInput, leave } = useTyped(commit)

watch(
  () => props.modelValue,
  (value) => {
    if (typing.value && value === given) return
    text.value = String(value)
    error.value = ''
  },
)
/** What was last given away: the box is not written anew while the hand still types it. */
let given = Number.NaN

function commit(quiet: boolean) {
  const value = Number(text.value.trim().replace(',', '.'))
  const fits =
    text.value.trim() !== '' &&
    Number.isFinite(value) &&
    value >= props.min &&
    value <= props.max &&
    (!props.whole || Number.isInteger(value))
  if (quiet && !fits) return
  error.value = fits ? '' : `Type a ${props.whole ? 'whole ' : ''}number from ${props.min} to ${props.max}.`
  if (!fits || value === props.modelValue) return
  given = value
  emit('update:modelValue', value)
}
</script>

<template>
  <div>
    <label :for="id" class="block text-xs text-soft mb-1" :class="{ 'sr-only': hideLabel }">{{ label }}</label>
    <UInput
      :id="id"
      v-model="text"
      inputmode="decimal"
      size="sm"
      class="w-full"
      :color="error ? 'error' : 'neutral'"
      :highlight="!!error"
      :aria-invalid="!!error"
      @input="onInput"
      @blur="leave"
      @keydown.enter="leave"
    />
    <p v-if="error" class="text-brick-600 text-xs mt-1 dark:text-brick-300" role="alert">{{ error }}</p>
  </div>
</template>
