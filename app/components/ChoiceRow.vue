<script setup lang="ts" generic="T extends string | number">
/** A few choices in a row of which one holds. */
defineProps<{ items: readonly { readonly id: T; readonly label: string }[]; modelValue: T; label: string }>()
const emit = defineEmits<{ 'update:modelValue': [id: T] }>()
</script>

<template>
  <div class="flex gap-0.5" role="radiogroup" :aria-label="label">
    <button
      class="py-0.5 px-2.5 text-sm text-soft border-b-2 border-transparent cursor-pointer [&.on]:text-ink [&.on]:border-b-amber"
      v-for="i in items"
      :key="i.id"
      role="radio"
      :aria-checked="modelValue === i.id"
      :class="{ on: modelValue === i.id }"
      @click="emit('update:modelValue', i.id)"
    >
      {{ i.label }}
    </button>
  </div>
</template>
