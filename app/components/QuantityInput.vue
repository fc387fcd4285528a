<script setup lang="ts">
import { keptFigure, typedFigure, typedUnit, type QuantityUnit } from '~~/core/measure'

/** A figure that is kept in a metric unit and typed in that of the garden; the label names the unit. */
const props = defineProps<{
  modelValue: number
  label: string
  unit: QuantityUnit
  min: number
  max: number
  hideLabel?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: number] }>()
const { units } = useManner()
const typed = (n: number) => typedFigure(n, props.unit, units.value)
const take = (n: number) => emit('update:modelValue', keptFigure(n, props.unit, units.value, props.modelValue))
const name = computed(() => `${props.label}, ${typedUnit(props.unit, units.value)}`)
</script>

<template>
  <NumberInput
    :label="name"
    :hide-label="hideLabel"
    :model-value="typed(modelValue)"
    :min="typed(min)"
    :max="typed(max)"
    @update:model-value="take"
  />
</template>
