<script setup lang="ts" generic="T extends string">
/** The tabs over a page or a panel, each with a count when it has one. */
defineProps<{
  tabs: readonly { readonly id: T; readonly label: string; readonly count?: number | undefined }[]
  modelValue: T
}>()
const emit = defineEmits<{ 'update:modelValue': [id: T] }>()
</script>

<template>
  <div class="tabs" role="tablist">
    <button
      v-for="t in tabs"
      :key="t.id"
      role="tab"
      :aria-selected="modelValue === t.id"
      class="tab"
      :class="{ on: modelValue === t.id }"
      @click="emit('update:modelValue', t.id)"
    >
      {{ t.label }}
      <small v-if="t.count !== undefined">{{ t.count }}</small>
    </button>
  </div>
</template>

<style scoped>
.tabs {
  display: flex;
  border-bottom: 1px solid var(--line);
  flex: none;
}
.tab {
  padding: 9px 13px 7px;
  font-family: var(--font-serif);
  font-size: 14px;
  cursor: pointer;
  color: var(--soft);
  border-bottom: 2px solid transparent;
  white-space: nowrap;
}
.tab.on {
  color: var(--ink);
  border-bottom-color: var(--amber);
  font-weight: 600;
}
.tab small {
  margin-left: 0.2em;
  font-family: var(--font-sans);
  font-size: 11px;
  color: var(--soft);
}
</style>
