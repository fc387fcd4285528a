<script setup lang="ts">
import type { DriftOrder } from '~~/core/model'
import type { Axis } from '~/composables/useAxis'
import type { ScoreBlock } from '~/composables/useScoreBlocks'

/** Thin marks of the orders that are kept: lines between their blocks, and the line that mirrored ones lie about. */
const props = defineProps<{ blocks: readonly ScoreBlock[]; axis: Axis; laneHeight: number }>()
const store = useBedStore()
const { scene } = useScene()
const lanePx = computed(() => props.laneHeight + 3)

const middleOf = (driftId: string) => {
  const own = props.blocks.filter((b) => b.face.drift.id === driftId)
  if (own.length === 0) return null
  const x = (Math.min(...own.map((b) => b.left)) + Math.max(...own.map((b) => b.left + b.width))) / 2
  return { x, y: own[0]!.face.lane * lanePx.value + props.laneHeight - 3 }
}
const xOf = (atM: number) => {
  const now = scene.value
  if (!now) return 0
  const { score } = props.axis
  return score.leftPx + (now.frame.alongAt(atM) - score.from) * score.pxPerM
}
const hasLine = (order: DriftOrder) => order.kind === 'mirror' || order.kind === 'aligned'
const marks = computed(() =>
  (store.bed?.orders ?? []).map((order) => {
    const at = order.driftIds.map(middleOf).filter((p) => p !== null)
    return {
      id: order.id,
      kind: order.kind,
      path: at.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join(''),
      line: hasLine(order) ? xOf(order.atM) : null,
      dots: at,
    }
  }),
)
const height = computed(() => (store.bed?.laneShares.length ?? 1) * lanePx.value)
</script>

<template>
  <svg v-if="marks.length > 0" class="marks" :height="height" aria-hidden="true">
    <g v-for="mark in marks" :key="mark.id" :class="mark.kind">
      <path :d="mark.path" />
      <line v-if="mark.line !== null" :x1="mark.line" :x2="mark.line" y1="0" :y2="height" />
      <circle v-for="(dot, i) in mark.dots" :key="i" :cx="dot.x" :cy="dot.y" r="2.5" />
    </g>
  </svg>
</template>

<style scoped>
.marks {
  position: absolute;
  left: 0;
  top: 0;
  width: 100%;
  pointer-events: none;
  z-index: 2;
}
path {
  fill: none;
  stroke: var(--amber-deep);
  stroke-width: 1.2;
}
line {
  stroke: var(--amber-deep);
  stroke-width: 1;
  stroke-dasharray: 1 4;
}
circle {
  fill: var(--amber-deep);
}
.apart path,
.together path {
  stroke-dasharray: 4 3;
}
</style>
