<script setup lang="ts">
import { PATTERNS, SHAPE_KINDS, type Drift, type Pattern, type Shape, type ShapeKind } from '~~/core/model'
import { firstShape, ringTargets } from '~~/core/layout'
import type { Plant } from '~~/core/plant'

const { length, units } = useManner()

/** How a drift is laid out: a block of its lane, or a shape of its own with its figures. */
const props = defineProps<{ drift: Drift; plant: Plant }>()
const compose = useComposeStore()
const { scene, letters } = useScene()
const { change } = useChosen()

const BLOCKS: Readonly<Record<Pattern, string>> = {
  mass: 'mass',
  staggered: 'two rows',
  row: 'one row',
  dotted: 'repeated singles',
}
const SHAPES: Readonly<Record<ShapeKind, string>> = {
  lens: 'lens, across lanes',
  outline: 'outline, drawn',
  ribbon: 'ribbon along a line',
  edge: 'row along an edge',
  ring: 'ring or skirt',
  grid: 'grid',
  hedge: 'hedge, clipped',
  scatter: 'scattered among others',
  spots: 'at corners, sides, middle',
  exact: 'at a measured place',
  beneath: 'beneath another drift',
  climb: 'climbing on something',
}
const items = [
  PATTERNS.map((p) => ({ value: p as string, label: BLOCKS[p] })),
  SHAPE_KINDS.map((k) => ({ value: k as string, label: SHAPES[k] })),
]
const chosen = computed(() => props.drift.shape?.kind ?? props.drift.pattern)
const shape = computed(() => props.drift.shape ?? null)
const placed = computed(() => scene.value?.placement.shapes.find((s) => s.driftId === props.drift.id) ?? null)
const spacingM = computed(() => props.plant.spreadM * (scene.value?.school.spacing ?? 1))

const isPattern = (value: string): value is Pattern => (PATTERNS as readonly string[]).includes(value)
const isShape = (value: string): value is ShapeKind => (SHAPE_KINDS as readonly string[]).includes(value)

function choose(value: string) {
  const { drift } = props
  if (isPattern(value)) return change(drift.id, { pattern: value, shape: null })
  if (!isShape(value) || !scene.value) return
  const first = firstShape(scene.value, drift, props.plant, value)
  change(drift.id, value === 'exact' ? { shape: first, count: 1 } : { shape: first })
}

const set = (part: Partial<Shape>) => {
  if (shape.value) change(props.drift.id, { shape: { ...shape.value, ...part } as Shape })
}

const targets = computed(() =>
  scene.value && shape.value?.kind === 'ring'
    ? ringTargets(scene.value.placement, props.drift, spacingM.value)
    : [],
)
const OWN_PLACE = 'place'
const targetItems = computed(() => [
  { value: OWN_PLACE, label: 'its own place' },
  ...targets.value.map((p) => ({
    value: p.id,
    label: `${p.plant.commonName} ${letters.value.get(p.plant.id) ?? ''}, at ${length(p.along)}`,
  })),
])
const about = computed(() => {
  const ring = shape.value?.kind === 'ring' ? shape.value.about : null
  return ring ? `${ring.driftId}:${ring.index}` : OWN_PLACE
})
function goRound(id: string) {
  const target = targets.value.find((p) => p.id === id)
  set({ about: target ? { driftId: target.driftId, index: target.index } : null })
}

const edges = [
  { value: 'front', label: 'front edge' },
  { value: 'back', label: 'back edge' },
]
const drawn = computed(() => {
  const now = shape.value
  return now?.kind === 'outline' || now?.kind === 'ribbon' || now?.kind === 'hedge' ? now : null
})
const isDrawing = computed(() => compose.drawing === props.drift.id)
const drawWords = computed(() => (isDrawing.value ? 'Draw it in the plan …' : 'Draw it by hand'))
const fits = computed(() => placed.value?.fits ?? 0)
const apartM = computed(() => (shape.value?.kind === 'hedge' ? shape.value.stepM : spacingM.value))
const fitWords = computed(() => `${fits.value} fit at ${length(apartM.value)}`)
const canFill = computed(
  () => shape.value?.kind !== 'grid' && fits.value > 0 && fits.value !== props.drift.count && fits.value <= 500,
)
function toggleDrawing() {
  compose.draw(isDrawing.value ? null : props.drift.id)
}
</script>

<template>
  <div class="mt-2 grid gap-1.5" data-testid="shape-fields">
    <USelect
      :model-value="chosen"
      :items="items"
      size="xs"
      class="pick"
      aria-label="Pattern"
      @update:model-value="choose"
    />
    <LengthInput
      v-if="chosen === 'dotted'"
      label="One every"
      :model-value="drift.everyM"
      :units="units"
      :min="0.05"
      :max="50"
      @update:model-value="(v) => change(drift.id, { everyM: v })"
    />
    <div v-if="shape" class="figures grid grid-cols-[repeat(3,1fr)] gap-1.5 items-end">
      <template v-if="shape.kind === 'lens'">
        <LengthInput
          label="Length"
          :model-value="shape.lengthM"
          :units="units"
          :min="0.1"
          @update:model-value="(lengthM) => set({ lengthM })"
        />
        <LengthInput
          label="Width"
          :model-value="shape.widthM"
          :units="units"
          :min="0.05"
          :max="60"
          @update:model-value="(widthM) => set({ widthM })"
        />
        <NumberInput
          label="Slant, °"
          :model-value="shape.slantDeg"
          :min="-180"
          :max="180"
          @update:model-value="(slantDeg) => set({ slantDeg })"
        />
      </template>
      <LengthInput
        v-else-if="shape.kind === 'ribbon'"
        label="Width"
        :model-value="shape.widthM"
        :units="units"
        :min="0.05"
        :max="60"
        @update:model-value="(widthM) => set({ widthM })"
      />
      <template v-else-if="shape.kind === 'edge'">
        <USelect
          :model-value="shape.edge"
          :items="edges"
          size="xs"
          aria-label="Edge"
          @update:model-value="(edge) => set({ edge: edge as 'front' | 'back' })"
        />
        <LengthInput
          label="From it"
          :model-value="shape.distanceM"
          :units="units"
          :max="60"
          @update:model-value="(distanceM) => set({ distanceM })"
        />
        <USwitch
          :model-value="shape.corners === 'marked'"
          size="sm"
          label="mark corners"
          @update:model-value="(marked) => set({ corners: marked ? 'marked' : 'turned' })"
        />
      </template>
      <template v-else-if="shape.kind === 'ring'">
        <USelect
          :model-value="about"
          :items="targetItems"
          size="xs"
          class="col-span-3"
          aria-label="Goes round"
          @update:model-value="goRound"
        />
        <LengthInput
          label="Radius (0: as near as may be)"
          class="col-span-3"
          :model-value="shape.radiusM"
          :units="units"
          :max="60"
          @update:model-value="(radiusM) => set({ radiusM })"
        />
      </template>
      <template v-else-if="shape.kind === 'grid'">
        <NumberInput
          label="Columns"
          :model-value="shape.columns"
          :min="1"
          :max="100"
          whole
          @update:model-value="(columns) => set({ columns })"
        />
        <LengthInput
          label="Step"
          :model-value="shape.stepM"
          :units="units"
          :min="0.02"
          :max="20"
          @update:model-value="(stepM) => set({ stepM })"
        />
        <NumberInput
          label="Turn, °"
          :model-value="shape.turnDeg"
          :min="-180"
          :max="180"
          @update:model-value="(turnDeg) => set({ turnDeg })"
        />
      </template>
      <ComposeShapeMore v-else :drift="drift" :shape="shape" :plant="plant" @set="set" />
      <ComposeShapePoints v-if="drawn" :shape="drawn" @set="set" />
      <UButton
        v-if="drawn"
        size="xs"
        color="neutral"
        :variant="isDrawing ? 'soft' : 'outline'"
        icon="i-lucide-pencil"
        :aria-pressed="isDrawing"
        @click="toggleDrawing"
      >
        {{ drawWords }}
      </UButton>
    </div>
    <p v-if="shape" class="fits text-xs text-soft">
      {{ fitWords }}.
      <button v-if="canFill" class="link" @click="change(drift.id, { count: fits })">Set all that fit</button>
    </p>
  </div>
</template>

<style scoped>
.figures :deep(button) {
  white-space: nowrap;
}
</style>
