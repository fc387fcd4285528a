<script setup lang="ts">
/** Nearer, farther, and along the bed: all pictures together. */
const { zoom, share, nearer, farther, whole } = useAlong()
const isNear = computed(() => zoom.value > 1)
const words = computed(() => `${Math.round(zoom.value * 10) / 10} ×`)
const move = (event: Event) => {
  share.value = Number((event.target as HTMLInputElement).value) / 100
}
</script>

<template>
  <span class="zoom" role="group" aria-label="How near the bed is shown">
    <input
      v-if="isNear"
      type="range"
      min="0"
      max="100"
      :value="percent(share)"
      aria-label="Along the bed"
      class="along"
      @input="move"
    />
    <button v-if="isNear" class="fit" @click="whole">whole bed</button>
    <button aria-label="Farther" :disabled="!isNear" @click="farther"><UIcon name="i-lucide-minus" /></button>
    <output>{{ words }}</output>
    <button aria-label="Nearer" @click="nearer"><UIcon name="i-lucide-plus" /></button>
  </span>
</template>

<style scoped>
.zoom {
  margin-left: auto;
  margin-right: 12px;
  display: flex;
  align-items: center;
  gap: 4px;
  font-family: var(--font-sans);
  font-weight: 400;
  font-size: 12px;
  color: var(--soft);
  min-width: 0;
}
button {
  min-width: 24px;
  flex: none;
  height: 24px;
  white-space: nowrap;
  display: inline-grid;
  place-items: center;
  border-radius: 4px;
  cursor: pointer;
}
button:hover:not(:disabled) {
  background: var(--rail);
}
button:disabled {
  opacity: 0.35;
}
.fit {
  padding: 0 6px;
  text-decoration: underline;
  text-underline-offset: 2px;
}
.along {
  flex: 0 1 130px;
  min-width: 40px;
  width: 0;
  accent-color: var(--amber);
}
output {
  min-width: 30px;
  text-align: center;
}
</style>
