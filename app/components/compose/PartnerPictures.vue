<script setup lang="ts">
import type { Plant } from '~~/core/plant'

/** Some plants side by side at one scale, in the month that is looked at. */
const props = defineProps<{ plants: readonly Plant[] }>()
const compose = useComposeStore()
const BOX_PX = 68
const TALLEST_PX = 62
const MOST_PX_PER_M = 46
const scale = computed(() =>
  Math.min(
    MOST_PX_PER_M,
    TALLEST_PX / Math.max(...props.plants.map((p) => Math.max(p.foliageHeightM, p.flowerHeightM))),
  ),
)
const boxWidth = (plant: Plant) => Math.max(34, plant.spreadM * scale.value + 8)
</script>

<template>
  <div class="line">
    <PlantPortrait
      v-for="p in plants"
      :key="p.id"
      :plant="p"
      :month="compose.moment.month"
      :width="boxWidth(p)"
      :height="BOX_PX"
      :px-per-m="scale"
    />
  </div>
</template>

<style scoped>
@layer components {
  .line {
    display: flex;
    align-items: flex-end;
    gap: 0;
    background: linear-gradient(transparent calc(100% - 3px), var(--soil) 0);
    overflow: hidden;
  }
}
</style>
