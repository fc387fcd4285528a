<script setup lang="ts" generic="T extends string">
/** One of few: the browser's own list, which loads at once and opens as each device is used to. */
defineProps<{ items: readonly { readonly label: string; readonly value: T }[] }>()
const PATH = "<path d='M1 1l4 4 4-4' fill='none' stroke='%23786c5c' stroke-width='1.6'/>"
const CHEVRON = `url("data:image/svg+xml,<svg xmlns='http://www.w3.org/2000/svg' width='10' height='6'>${PATH}</svg>")`
const model = defineModel<T>({ required: true })
</script>

<template>
  <select v-model="model" class="plain" :style="{ '--chevron': CHEVRON }">
    <option v-for="item in items" :key="item.value" :value="item.value">{{ item.label }}</option>
  </select>
</template>

<style scoped>
.plain {
  min-height: 24px;
  padding: 1px 22px 1px 7px;
  border: 1px solid var(--line);
  border-radius: 5px;
  background: var(--card) var(--chevron) no-repeat right 7px center;
  color: var(--ink);
  font-size: 12.5px;
  appearance: none;
  text-overflow: ellipsis;
}
.plain option {
  background: var(--card);
  color: var(--ink);
}
</style>
