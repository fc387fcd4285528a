<script setup lang="ts">
import { sunClass, words } from '~~/core/plant'
import { sunColour } from '~/painters/sunColours'

const { length, figure } = useManner()

/** A bed's light along its length, in three rows from back to front: each cell the growing season's mean of its place. */
const props = withDefaults(defineProps<{ rows?: number; cells?: number }>(), { rows: 3, cells: 48 })
const { frame } = useAspect()
const { light, progress, problem, cancel } = useBedLight()
const grid = computed(() => {
  const f = frame.value
  const l = light.value
  if (!f || !l) return []
  return Array.from({ length: props.rows }, (_, r) =>
    Array.from({ length: props.cells }, (_, c) => {
      const a = f.runFrom + ((c + 0.5) / props.cells) * (f.runTo - f.runFrom)
      const p = f.at(a, ((r + 0.5) / props.rows) * f.depthAlong(a))
      const place = l.at(p.x, p.y)
      return { h: place.mean, at: a, dark: place.darkest, bright: place.brightest }
    }),
  )
})
const ROWS = ['back', 'middle', 'front']
function sayCell(cell: (typeof grid.value)[number][number], row: number): string {
  const { at, h, dark, bright } = cell
  const range = `${figure(dark, 1, 1)} to ${figure(bright, 1, 1)} h in its months`
  return `${length(at, 1)} along, ${ROWS[row] ?? ''}: ${figure(h, 1, 1)} h, ${words(sunClass(h))} (${range})`
}
</script>

<template>
  <div class="light">
    <div
      v-if="grid.length > 0"
      class="grid grid-cols-[repeat(48,1fr)] rounded-sm overflow-hidden border border-line"
      role="img"
      :aria-label="`Computed light: ${figure(light!.meanH, 1, 1)} hours a day on the mean`"
    >
      <template v-for="(row, r) in grid" :key="r">
        <i
          class="h-2.5"
          v-for="(cell, c) in row"
          :key="c"
          :style="{ background: sunColour(cell.h) }"
          :title="sayCell(cell, r)"
        />
      </template>
    </div>
    <p v-if="progress < 1" class="hint text-xs text-soft leading-snug mt-1" role="status">
      Working out the light, {{ percent(progress) }} %
      <button class="link" @click="cancel">Stop</button>
    </p>
    <p v-else-if="problem" class="loud text-amber-deep text-xs" role="alert">{{ problem }}</p>
    <p v-else-if="light" class="hint text-xs text-soft leading-snug mt-1">
      Computed: {{ figure(light.meanH, 1, 1) }} h a day on the mean of the growing season,
      {{ words(sunClass(light.meanH)) }}. Back above, front below.
    </p>
    <p v-else class="hint text-xs text-soft leading-snug mt-1">
      Put the bed on the site and its light is computed, place by place.
    </p>
  </div>
</template>
