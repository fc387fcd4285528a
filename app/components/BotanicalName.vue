<script setup lang="ts">
const props = defineProps<{ name: string }>()
/** Italic but for cultivars in quotes, the hybrid sign and rank words, which stand upright. */
const parts = computed(() =>
  props.name
    .split(/('.*'|×|\b(?:var|subsp)\.)/)
    .filter(Boolean)
    .map((text) => ({ text, upright: /^('|×|var|subsp)/.test(text) })),
)
</script>

<template>
  <span class="botanical">
    <template v-for="(part, i) in parts" :key="i">
      <span v-if="part.upright" class="cultivar">{{ part.text }}</span>
      <template v-else>{{ part.text }}</template>
    </template>
  </span>
</template>
