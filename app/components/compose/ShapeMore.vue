<script setup lang="ts">
import { type Bed, SPOTS_AT, THIN_TO, type Drift, type Shape, type SpotsAt, type ThinTo } from '~~/core/model'
import { bedFrame, FEATURES, kindOfNumber } from '~~/core/bed'
import { knotOf } from '~~/core/edit'
import { place } from '~~/core/layout'
import type { Plant } from '~~/core/plant'

const { length, units } = useManner()

/** Figures of the shapes that go by others or by a measure: hedge, scatter, named places, one place, beneath, climbing. */
const props = defineProps<{ drift: Drift; shape: Shape; plant: Plant }>()
const emit = defineEmits<{ set: [part: Partial<Shape>] }>()
const store = useBedStore()
const library = useLibraryStore()
const { scene, letters } = useScene()
const { change } = useChosen()

const THIN: Readonly<Record<ThinTo, string>> = {
  none: 'even all over',
  left: 'fewer to the left',
  right: 'fewer to the right',
  back: 'fewer to the back',
  front: 'fewer to the front',
}
const SPOTS: Readonly<Record<SpotsAt, string>> = {
  corners: 'at the corners',
  sides: 'in the middle of each side',
  centre: 'in the middle',
  diagonals: 'along the diagonals',
}
const thinItems = THIN_TO.map((value) => ({ value, label: THIN[value] }))
const spotItems = SPOTS_AT.map((value) => ({ value, label: SPOTS[value] }))

const nameOf = (id: string) => library.byId.get(id)?.commonName ?? id
const hosts = computed(() =>
  (store.bed?.drifts ?? [])
    .filter((d) => d.id !== props.drift.id && d.shape?.kind !== 'beneath')
    .map((d) => ({ value: d.id, label: `${nameOf(d.plantId)} × ${d.count}, at ${length(d.at)}` })),
)

/** Where one plant stands: along the front, and out from the back. */
const exact = computed(() => {
  const f = scene.value?.frame
  if (!f || props.shape.kind !== 'exact') return null
  const depth = f.depthAlong(f.alongAt(props.drift.at))
  return { outM: props.shape.out * depth, depth, along: f.frontLength }
})
function setOut(outM: number) {
  if (exact.value) emit('set', { out: Math.min(1, outM / Math.max(1e-6, exact.value.depth)) })
}

const WALL = 'wall'
/** What a climber can climb: what stands behind, things that stand, and taller woody plants. */
const supports = computed(() => {
  const things = (store.bed?.features ?? []).filter((f) => !FEATURES[f.kind].lies && f.heightM >= 0.5)
  const woody = (scene.value?.placement.plants ?? []).filter(
    (p) => p.driftId !== props.drift.id && p.plant.lifeCycle === 'woody' && p.plant.foliageHeightM >= 0.8,
  )
  return [
    { value: WALL, label: 'what stands behind the bed' },
    ...things.map((f) => ({ value: `f:${f.id}`, label: `${FEATURES[f.kind].name}, at ${length(f.x)}` })),
    ...woody
      .slice(0, 40)
      .map((p) => ({
        value: p.id,
        label: `${p.plant.commonName} ${letters.value.get(p.plant.id) ?? ''}, at ${length(p.along)}`,
      })),
  ]
})
const support = computed(() => {
  const about = props.shape.kind === 'climb' ? props.shape.about : null
  if (!about) return WALL
  return about.on === 'feature' ? `f:${about.featureId}` : `${about.driftId}:${about.index}`
})
function climb(value: string) {
  if (value === WALL) return emit('set', { about: null })
  if (value.startsWith('f:')) return emit('set', { about: { on: 'feature', featureId: value.slice(2) } })
  const p = scene.value?.placement.plants.find((q) => q.id === value)
  if (p) emit('set', { about: { on: 'plant', driftId: p.driftId, index: p.index } })
}

/** Two bands that go over and under one another, from this hedge. */
function knot() {
  const schools = scene.value?.input.schools
  const fitsOf = (bed: Bed) => place(bed, library.byId, bedFrame(bed), schools).shapes
  const made = store.bed && knotOf(store.bed, props.drift, newId(), fitsOf)
  if (made) store.edit(made)
}
const kind = computed(() => nameOf(kindOfNumber(props.drift, 0)))
const hasLine = computed(() => props.shape.kind === 'hedge' && props.shape.line.length > 2)
</script>

<template>
  <template v-if="shape.kind === 'hedge'">
    <LengthInput
      label="Apart"
      :model-value="shape.stepM"
      :units="units"
      :min="0.05"
      :max="20"
      @update:model-value="(stepM) => emit('set', { stepM })"
    />
    <LengthInput
      label="Clipped high"
      :model-value="shape.heightM"
      :units="units"
      :min="0.05"
      :max="20"
      @update:model-value="(heightM) => emit('set', { heightM })"
    />
    <LengthInput
      label="Wide"
      :model-value="shape.widthM"
      :units="units"
      :min="0.05"
      :max="20"
      @update:model-value="(widthM) => emit('set', { widthM })"
    />
    <USwitch
      v-if="hasLine"
      :model-value="shape.closed"
      size="sm"
      label="closed"
      @update:model-value="(closed) => emit('set', { closed })"
    />
    <UButton size="xs" color="neutral" variant="outline" :title="`A knot of two bands of ${kind}`" @click="knot">
      Make a knot
    </UButton>
  </template>
  <template v-else-if="shape.kind === 'scatter'">
    <LengthInput
      label="Over, long"
      :model-value="shape.lengthM"
      :units="units"
      :min="0.1"
      @update:model-value="(lengthM) => emit('set', { lengthM })"
    />
    <LengthInput
      label="Over, wide"
      :model-value="shape.widthM"
      :units="units"
      :min="0.1"
      :max="60"
      @update:model-value="(widthM) => emit('set', { widthM })"
    />
    <NumberInput
      label="Per m²"
      :model-value="shape.perM2"
      :min="0.05"
      :max="100"
      @update:model-value="(perM2) => emit('set', { perM2 })"
    />
    <USelect
      :model-value="shape.thinTo"
      :items="thinItems"
      size="xs"
      class="col-span-3"
      aria-label="Thinning"
      @update:model-value="(thinTo) => emit('set', { thinTo })"
    />
  </template>
  <template v-else-if="shape.kind === 'spots'">
    <USelect
      :model-value="shape.where"
      :items="spotItems"
      size="xs"
      class="col-span-2"
      aria-label="Where"
      @update:model-value="(where) => emit('set', { where })"
    />
    <LengthInput
      label="In from the edge"
      :model-value="shape.inM"
      :units="units"
      :max="20"
      @update:model-value="(inM) => emit('set', { inM })"
    />
  </template>
  <template v-else-if="shape.kind === 'exact' && exact">
    <LengthInput
      label="Along"
      :model-value="drift.at"
      :units="units"
      :max="exact.along"
      @update:model-value="(at) => change(drift.id, { at })"
    />
    <LengthInput
      label="Out from the back"
      :model-value="exact.outM"
      :units="units"
      :max="exact.depth"
      @update:model-value="setOut"
    />
  </template>
  <USelect
    v-else-if="shape.kind === 'beneath'"
    :model-value="shape.about ?? undefined"
    :items="hosts"
    size="xs"
    class="col-span-3"
    placeholder="beneath which drift?"
    aria-label="Beneath"
    @update:model-value="(about) => emit('set', { about })"
  />
  <USelect
    v-else-if="shape.kind === 'climb'"
    :model-value="support"
    :items="supports"
    size="xs"
    class="col-span-3"
    aria-label="Climbs on"
    @update:model-value="climb"
  />
</template>
