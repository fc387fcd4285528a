<script setup lang="ts">
import { WATER_CLASSES } from '~~/core/plant'
import { WATER_INKS } from '~~/core/water'

/** Which ink stands for which want. */
const { here } = useWater()
const there = computed(() => {
  const drip = here.value?.drip
  const wants = new Set([...(drip?.rows ?? []), ...(drip?.spots ?? [])].map((r) => r.want))
  return WATER_CLASSES.filter((w) => wants.has(w)).map((want) => ({ want, ink: WATER_INKS[want] }))
})
</script>

<template>
  <ul v-if="there.length > 0" class="legend" aria-label="Lines by want">
    <li v-for="t in there" :key="t.want">
      <i :style="{ background: t.ink }" />
      {{ t.want }}
    </li>
    <li class="hint">dots: emitters</li>
  </ul>
</template>

<style scoped>
.legend {
  display: flex;
  gap: 14px;
  padding: 0;
  font-size: 12px;
}
.legend i {
  display: inline-block;
  width: 20px;
  height: 3px;
  vertical-align: middle;
  margin-right: 4px;
}
.hint {
  color: var(--soft);
}
</style>
