<script setup lang="ts" generic="T extends string">
/** One of few: the browser's own list, which loads at once and opens as each device is used to. */
defineProps<{ items: readonly { readonly label: string; readonly value: T }[] }>()
const model = defineModel<T>({ required: true })
</script>

<template>
  <select v-model="model" class="plain">
    <option class="bg-card text-ink" v-for="item in items" :key="item.value" :value="item.value">
      {{ item.label }}
    </option>
  </select>
</template>

<style scoped>
@layer components {
  .plain {
    min-height: 24px;
    padding: 1px 22px 1px 7px;
    border: 1px solid var(--line);
    border-radius: 5px;
    background:
      linear-gradient(45deg, transparent 50%, var(--soft) 50%) no-repeat right 12px center / 5px 5px,
      linear-gradient(-45deg, transparent 50%, var(--soft) 50%) no-repeat right 7px center / 5px 5px,
      var(--card);
    color: var(--ink);
    font-size: var(--text-sm);
    appearance: none;
    text-overflow: ellipsis;
  }
}
</style>
