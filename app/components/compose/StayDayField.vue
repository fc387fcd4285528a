<script setup lang="ts">
import type { StayDay } from '~~/core/model'
import { monthName, PLACE_MONTHS } from '~~/core/time'

/** One end of a stay: a day of the year, or so many days from a frost. */
const props = defineProps<{ modelValue: StayDay; label: string }>()
const emit = defineEmits<{ 'update:modelValue': [end: StayDay] }>()
const WAYS = [
  { label: 'a day', value: 'on' },
  { label: 'last frost', value: 'last' },
  { label: 'first frost', value: 'first' },
]
const way = computed(() => ('on' in props.modelValue ? 'on' : props.modelValue.frost))
const FIRST_DAY = '05-20'
function setWay(next: string) {
  emit('update:modelValue', next === 'on' ? { on: FIRST_DAY } : { frost: next as 'last' | 'first', days: 0 })
}
const month = computed(() => ('on' in props.modelValue ? Number(props.modelValue.on.slice(0, 2)) : 1))
const day = computed(() => ('on' in props.modelValue ? Number(props.modelValue.on.slice(3)) : 1))
const MONTHS = PLACE_MONTHS.map((m) => ({ label: monthName(m), value: m }))
const LONGEST = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]
const two = (n: number) => String(n).padStart(2, '0')
const setOn = (m: number, d: number) =>
  emit('update:modelValue', { on: `${two(m)}-${two(Math.min(d, LONGEST[m - 1]!))}` })
const days = computed(() => ('on' in props.modelValue ? 0 : props.modelValue.days))
const setDays = (n: number) => emit('update:modelValue', { frost: way.value as 'last' | 'first', days: n })
</script>

<template>
  <p class="flex flex-wrap items-center gap-1.5 text-xs">
    <span class="text-soft">{{ label }}</span>
    <USelect
      size="xs"
      :model-value="way"
      :items="WAYS"
      :aria-label="`${label}: counted from`"
      @update:model-value="setWay"
    />
    <template v-if="way === 'on'">
      <NumberInput
        hide-label
        :label="`${label}: day of the month`"
        class="w-15"
        :model-value="day"
        :min="1"
        :max="31"
        whole
        @update:model-value="(d) => setOn(month, d)"
      />
      <USelect
        size="xs"
        :model-value="month"
        :items="MONTHS"
        :aria-label="`${label}: month`"
        @update:model-value="(m) => setOn(Number(m), day)"
      />
    </template>
    <template v-else>
      <NumberInput
        hide-label
        :label="`${label}: days after`"
        class="w-15"
        :model-value="days"
        :min="-180"
        :max="180"
        whole
        @update:model-value="setDays"
      />
      <span class="text-soft">days after</span>
    </template>
  </p>
</template>
