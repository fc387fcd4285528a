<script setup lang="ts">
import type { Units } from '~~/core/measure'
import type { ThingField } from '~/utils/thingFields'

/** One figure of a thing, asked as it is best typed. */
const props = defineProps<{ field: ThingField; units: Units }>()
const emit = defineEmits<{ change: [value: unknown] }>()
const length = computed(() => Number(props.field.value))
const spoken = computed(() => props.field.name ?? props.field.label)
const choices = computed(() => [...(props.field.choices ?? [])])
const putHundredths = (hundredths: number) => emit('change', hundredths / 100)
const putColour = (event: Event) => emit('change', (event.target as HTMLInputElement).value)
</script>

<template>
  <LengthInput
    v-if="field.as === 'length'"
    :label="field.label"
    :model-value="length"
    :units="units"
    :min="field.min"
    :max="field.max"
    @update:model-value="(m) => emit('change', m)"
  />
  <template v-else-if="field.as === 'signed'">
    <span class="block text-xs text-soft mb-1">{{ field.label }}</span>
    <GroundSignedLength
      :label="field.label"
      :model-value="length"
      :units="units"
      @update:model-value="(m) => emit('change', m)"
    />
  </template>
  <NumberInput
    v-else-if="field.as === 'percent'"
    :label="field.label"
    :model-value="percent(length)"
    :min="0"
    :max="100"
    @update:model-value="putHundredths"
  />
  <USwitch
    v-else-if="field.as === 'switch'"
    :model-value="field.value === true"
    size="sm"
    :label="field.label"
    @update:model-value="(on) => emit('change', on)"
  />
  <template v-else>
    <span class="block text-xs text-soft mb-1">{{ field.label }}</span>
    <input
      v-if="field.as === 'colour'"
      type="color"
      class="w-full h-8.5 border border-line rounded-sm bg-transparent cursor-pointer"
      :value="field.value"
      :aria-label="spoken"
      @change="putColour"
    />
    <USelect
      v-else
      :model-value="String(field.value)"
      :items="choices"
      size="sm"
      class="w-full"
      :aria-label="spoken"
      @update:model-value="(v) => emit('change', v)"
    />
  </template>
</template>
