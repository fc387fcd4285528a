<script setup lang="ts">
import { COURT_SEGMENTS, type CourtForm, type CourtPlan, type Variant } from '~~/core/model'
import { courtRing, kindsOf, variantOf } from '~~/core/bed'
import { colourRound } from '~~/core/match'
import type { Units } from '~~/core/measure'

/** A court: its plan, how many segments, how they repeat the one that is planned, and what is varied in them. */
const props = defineProps<{ form: CourtForm; units: Units }>()
const emit = defineEmits<{ change: [change: Partial<CourtForm>] }>()
const store = useBedStore()
const library = useLibraryStore()

const plans: { label: string; value: CourtPlan }[] = [
  { label: 'square or oblong', value: 'square' },
  { label: 'round', value: 'round' },
  { label: 'oval', value: 'oval' },
]
const segments = COURT_SEGMENTS.map((value) => ({ label: `${value} segments`, value }))
const repeats = [
  { label: 'mirrored across the paths', value: 'mirrored' as const },
  { label: 'turned about the middle', value: 'turned' as const },
]

const many = computed(() => props.form.segments ?? 4)
/** Segments by their place in the turn; the planned one is the first. */
const parts = computed(() =>
  Array.from({ length: many.value - 1 }, (_, i) => ({ label: segmentName(i + 1), value: i + 1 })),
)
const segmentName = (part: number) => `${nth(part)} segment`
const nameOf = (id: string) => library.byId.get(id)?.commonName ?? id
const kinds = computed(() =>
  [...new Set((store.bed?.drifts ?? []).flatMap(kindsOf))].map((value) => ({ label: nameOf(value), value })),
)
const allKinds = computed(() => library.plants.map((p) => ({ label: p.commonName, value: p.id })))
const variants = computed(() => props.form.variants ?? [])

const part = ref(1)
const from = ref('')
const into = ref('')
const canVary = computed(() => from.value !== '' && into.value !== '' && from.value !== into.value)
function vary() {
  if (!canVary.value) return
  const own = { part: part.value, plantId: from.value, withId: into.value }
  const others = variants.value.filter((v) => v.part !== own.part || v.plantId !== own.plantId)
  emit('change', { variants: [...others, own] })
}
const ringM = ref(props.form.widthM / 4)
const ringWideM = ref(0.6)
const ringSays = ref('')
/** A path that rings the court is a ribbon of gravel in the planned segment; drifts lie within it and without. */
function layRing() {
  const ring = courtRing(props.form, newId(), ringM.value, ringWideM.value)
  ringSays.value = ring
    ? 'Laid: it runs through every segment, and is moved or taken out under Things in Compose.'
    : 'No such ring runs through the segment: it wants a radius between the open middle and the edge.'
  if (ring) store.edit({ kind: 'setBed', change: { features: [...(store.bed?.features ?? []), ring] } })
}
const { scene } = useScene()
const roundFrom = computed(() => library.byId.get(from.value) ?? null)
/** A kind's colour runs on from segment to segment; what was varied of it before goes. */
function runRound() {
  const plant = roundFrom.value
  if (!plant || !scene.value) return
  const others = variants.value.filter((v) => v.plantId !== plant.id)
  const round = colourRound(plant, many.value, scene.value).map((v) => ({ ...v, plantId: plant.id }))
  emit('change', { variants: [...others, ...round] })
}
const letGo = (v: Variant) => emit('change', { variants: variants.value.filter((other) => other !== v) })
const wordsOf = (v: Variant) =>
  `${segmentName(v.part)}: ${nameOf(variantOf(props.form, v.part, v.plantId))} for ${nameOf(v.plantId)}`
</script>

<template>
  <div class="grid grid-cols-[repeat(3,1fr)] gap-y-2.5 gap-x-3 items-end">
    <LengthInput
      label="Court, wide"
      :model-value="form.widthM"
      :units="units"
      :min="2"
      :max="60"
      @update:model-value="(widthM) => emit('change', { widthM })"
    />
    <LengthInput
      label="Court, deep"
      :model-value="form.depthM"
      :units="units"
      :min="2"
      :max="60"
      @update:model-value="(depthM) => emit('change', { depthM })"
    />
    <LengthInput
      label="Paths, wide"
      :model-value="form.pathM"
      :units="units"
      :min="0.3"
      :max="6"
      @update:model-value="(pathM) => emit('change', { pathM })"
    />
    <div>
      <span class="block text-xs text-soft mb-1">Plan</span>
      <USelect
        :model-value="form.plan ?? 'square'"
        :items="plans"
        size="sm"
        class="w-full"
        aria-label="Plan of the court"
        @update:model-value="(plan) => emit('change', { plan })"
      />
    </div>
    <div>
      <span class="block text-xs text-soft mb-1">Divided into</span>
      <USelect
        :model-value="many"
        :items="segments"
        size="sm"
        class="w-full"
        aria-label="Divided into"
        @update:model-value="(n) => emit('change', { segments: n })"
      />
    </div>
    <LengthInput
      label="Open middle, radius"
      :model-value="form.centreM ?? 0"
      :units="units"
      :max="25"
      @update:model-value="(centreM) => emit('change', { centreM })"
    />
    <div class="row col-span-full flex gap-3.5 items-center">
      <span class="block text-xs text-soft mb-1">The other segments are</span>
      <USelect
        :model-value="form.repeat"
        :items="repeats"
        size="sm"
        aria-label="The other segments are"
        @update:model-value="(repeat) => emit('change', { repeat })"
      />
    </div>
    <p class="hint col-span-full text-xs text-soft leading-snug">
      One segment is planned, at the far left as seen; the others follow it, clockwise. The edge lane is for a
      clipped edging.
    </p>
    <div class="col-span-full grid grid-cols-[repeat(3,1fr)] gap-y-2.5 gap-x-3 items-end">
      <LengthInput v-model="ringM" label="Ring path at radius" :units="units" :min="0.3" :max="30" />
      <LengthInput v-model="ringWideM" label="Ring path, wide" :units="units" :min="0.2" :max="3" />
      <UButton size="sm" color="neutral" variant="outline" @click="layRing">Lay gravel</UButton>
      <p class="hint text-xs text-soft leading-snug col-span-3" aria-live="polite">{{ ringSays }}</p>
    </div>
    <details class="col-span-full" :open="variants.length > 0">
      <summary class="text-sm text-soft cursor-pointer">
        Varied from segment to segment ({{ variants.length }})
      </summary>
      <ul>
        <li class="text-sm py-0.5 px-0" v-for="v in variants" :key="`${v.part}/${v.plantId}`">
          {{ wordsOf(v) }}
          <button class="link" :aria-label="`Let go: ${wordsOf(v)}`" @click="letGo(v)">as planned</button>
        </li>
      </ul>
      <div class="grid grid-cols-[1fr_1.4fr_1.6fr_auto] gap-1.5 mt-1.5">
        <USelect v-model="part" :items="parts" size="sm" aria-label="Segment" />
        <USelect v-model="from" :items="kinds" size="sm" placeholder="instead of" aria-label="Instead of" />
        <USelectMenu
          v-model="into"
          :items="allKinds"
          value-key="value"
          size="sm"
          placeholder="has"
          aria-label="Has"
          virtualize
        />
        <UButton size="sm" color="neutral" variant="outline" :disabled="!canVary" @click="vary">Vary</UButton>
      </div>
      <button class="link" :disabled="!roundFrom" @click="runRound">
        Run its colour round: each segment a like plant, a step further round the colour circle
      </button>
    </details>
  </div>
</template>
