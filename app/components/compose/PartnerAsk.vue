<script setup lang="ts">
/** How many kinds together, and whether leaf in winter or flower comes first. */
defineProps<{ title: string }>()
const size = defineModel<2 | 3 | 5>('size', { required: true })
const bias = defineModel<number>('bias', { required: true })
const SIZES = { 2: 'pairs', 3: 'trios', 5: 'fives' } as const
</script>

<template>
  <div class="top flex gap-2.5 items-center justify-between flex-wrap">
    <b>{{ title }}</b>
    <div role="group" aria-label="How many together">
      <UButton
        v-for="n in [2, 3, 5] as const"
        :key="n"
        size="xs"
        color="neutral"
        :variant="size === n ? 'soft' : 'ghost'"
        :aria-pressed="size === n"
        @click="size = n"
      >
        {{ SIZES[n] }}
      </UButton>
    </div>
  </div>
  <label class="flex gap-1.5 items-center text-xs text-soft">
    <span>evergreen first</span>
    <input
      class="flex-1 min-w-17"
      v-model.number="bias"
      type="range"
      min="0"
      max="1"
      step="0.1"
      aria-label="From evergreen only to flower first"
    />
    <span>flower first</span>
  </label>
</template>
