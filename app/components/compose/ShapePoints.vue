<script setup lang="ts">
import type { Shape } from '~~/core/bed'
import type { Point } from '~~/core/geometry'

/** The points of a drawn shape, to be typed: from its middle, to the right and toward the front. */
const props = defineProps<{ shape: Shape }>()
const emit = defineEmits<{ set: [part: Partial<Shape>] }>()
const store = useBedStore()
const units = computed(() => store.garden?.value.units ?? 'metric')
const points = computed<readonly Point[]>(() => {
  const { shape } = props
  if (shape.kind === 'outline') return shape.points
  return shape.kind === 'ribbon' || shape.kind === 'hedge' ? shape.line : []
})
const least = computed(() => (props.shape.kind === 'outline' ? 3 : 2))
const save = (list: readonly Point[]) =>
  emit('set', (props.shape.kind === 'outline' ? { points: list } : { line: list }) as Partial<Shape>)
const move = (i: number, part: Partial<Point>) =>
  save(points.value.map((p, k) => (k === i ? { ...p, ...part } : p)))
const remove = (i: number) => save(points.value.filter((_, k) => k !== i))
const mm = (n: number) => Math.round(n * 1000) / 1000
/** A new point half way to the next one; after the last of an open line, as far on. */
function add(i: number) {
  const p = points.value[i]!
  const isLast = i === points.value.length - 1
  const next =
    isLast && props.shape.kind !== 'outline'
      ? { x: p.x + 0.5, y: p.y }
      : points.value[(i + 1) % points.value.length]!
  const between = { x: mm((p.x + next.x) / 2), y: mm((p.y + next.y) / 2) }
  save([...points.value.slice(0, i + 1), between, ...points.value.slice(i + 1)])
}
</script>

<template>
  <details v-if="points.length > 0" class="points">
    <summary>{{ points.length }} points, from its middle</summary>
    <div v-for="(p, i) in points" :key="i" class="point">
      <span>{{ nth(i) }}</span>
      <GroundSignedLength
        :label="`Point ${nth(i)} right`"
        :model-value="p.x"
        :units="units"
        @update:model-value="(x) => move(i, { x })"
      />
      <GroundSignedLength
        :label="`Point ${nth(i)} toward the front`"
        :model-value="p.y"
        :units="units"
        @update:model-value="(y) => move(i, { y })"
      />
      <UButton
        size="xs"
        color="neutral"
        variant="ghost"
        icon="i-lucide-plus"
        :aria-label="`A point after ${nth(i)}`"
        @click="add(i)"
      />
      <UButton
        size="xs"
        color="neutral"
        variant="ghost"
        icon="i-lucide-x"
        :disabled="points.length <= least"
        :aria-label="`Without point ${nth(i)}`"
        @click="remove(i)"
      />
    </div>
  </details>
</template>

<style scoped>
.points {
  grid-column: span 3;
}
.point {
  display: flex;
  gap: 4px;
  align-items: center;
  padding: 1px 0;
  font-size: 12px;
}
summary {
  font-size: 12px;
  color: var(--soft);
  cursor: pointer;
}
</style>
