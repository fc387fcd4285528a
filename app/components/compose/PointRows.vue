<script setup lang="ts">
import { toMm, type Point } from '~~/core/geometry'

/** Points about a middle, to be typed: to the right and toward the front. A closed line goes on from its last point to its first. */
const props = defineProps<{ points: readonly Point[]; least: number; closed?: boolean }>()
const emit = defineEmits<{ change: [points: readonly Point[]] }>()
const { units } = useManner()
/** A new point after the last of an open line lies so far on, metres. */
const ON_M = 0.25

const move = (i: number, part: Partial<Point>) =>
  emit(
    'change',
    props.points.map((p, k) => (k === i ? { ...p, ...part } : p)),
  )
const remove = (i: number) =>
  emit(
    'change',
    props.points.filter((_, k) => k !== i),
  )
/** A new point half way to the next one. */
function add(i: number) {
  const p = props.points[i]!
  const isLast = i === props.points.length - 1 && !props.closed
  const next = isLast ? { x: p.x + 2 * ON_M, y: p.y } : props.points[(i + 1) % props.points.length]!
  const between = { x: toMm((p.x + next.x) / 2), y: toMm((p.y + next.y) / 2) }
  emit('change', [...props.points.slice(0, i + 1), between, ...props.points.slice(i + 1)])
}
</script>

<template>
  <details class="col-span-3">
    <summary class="text-xs text-soft cursor-pointer">{{ points.length }} points, from its middle</summary>
    <div v-for="(p, i) in points" :key="i" class="flex gap-1 items-center py-px px-0 text-xs">
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
        data-adds
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
