<script setup lang="ts" generic="T extends string | number">
/** A few choices in a row of which one holds. */
defineProps<{ items: readonly { readonly id: T; readonly label: string }[]; modelValue: T; label: string }>()
const emit = defineEmits<{ 'update:modelValue': [id: T] }>()
</script>

<template>
  <div class="choices" role="radiogroup" :aria-label="label">
    <button
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

<style scoped>
.choices {
  display: flex;
  gap: 2px;
}
button {
  padding: 2px 8px;
  font-size: 12.5px;
  color: var(--soft);
  border-bottom: 2px solid transparent;
  cursor: pointer;
}
.on {
  color: var(--ink);
  border-bottom-color: var(--amber);
}
</style>
