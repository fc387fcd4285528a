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

watch(
  () => props.modelValue,
  (value) => {
    text.value = String(value)
    error.value = ''
  },
)

function commit() {
  const value = Number(text.value.trim().replace(',', '.'))
  const fits =
    text.value.trim() !== '' &&
    Number.isFinite(value) &&
    value >= props.min &&
    value <= props.max &&
    (!props.whole || Number.isInteger(value))
  error.value = fits ? '' : `Type a ${props.whole ? 'whole ' : ''}number from ${props.min} to ${props.max}.`
  if (fits && value !== props.modelValue) emit('update:modelValue', value)
}
</script>

<template>
  <div>
    <label :for="id" class="label" :class="{ 'sr-only': hideLabel }">{{ label }}</label>
    <UInput
      :id="id"
      v-model="text"
      inputmode="decimal"
      size="sm"
      class="w-full"
      :color="error ? 'error' : 'neutral'"
      :highlight="!!error"
      :aria-invalid="!!error"
      @blur="commit"
      @keydown.enter="commit"
    />
    <p v-if="error" class="error" role="alert">{{ error }}</p>
  </div>
</template>

<style scoped>
.label {
  display: block;
  font-size: 12px;
  color: var(--soft);
  margin-bottom: 3px;
}
.error {
  color: var(--color-brick-600);
  font-size: 12px;
  margin-top: 3px;
}
.dark .error {
  color: var(--color-brick-300);
}
</style>
