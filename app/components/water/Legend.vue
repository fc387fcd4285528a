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
  <ul v-if="there.length > 0" class="flex gap-4 p-0 text-xs" aria-label="Lines by want">
    <li v-for="t in there" :key="t.want">
      <i class="inline-block w-5.5 h-1 align-middle mr-1" :style="{ background: t.ink }" />
      {{ t.want }}
    </li>
    <li class="hint text-soft">dots: emitters</li>
  </ul>
</template>
