<script setup lang="ts">
import { CENTREPIECES, type BedForm } from '~~/core/model'
import { toMm } from '~~/core/geometry'
import { checkForm, isRound, oval } from '~~/core/bed'
import type { Units } from '~~/core/measure'

const { say } = useManner()

/** The figures that only this kind of bed has. What cannot be is refused with its reason and the bed stays as it was. */
const props = defineProps<{ form: BedForm; units: Units }>()
const emit = defineEmits<{ change: [form: BedForm] }>()
const problem = ref('')
function put(change: object) {
  const form = { ...props.form, ...change } as BedForm
  const checked = checkForm(form)
  problem.value = checked.ok ? '' : checked.error
  if (checked.ok) emit('change', form)
}
const edge = computed(() => ('edge' in props.form ? props.form.edge : null))
const across = computed(() => {
  const xs = edge.value?.stations.map((p) => p.x) ?? [0]
  const ys = edge.value?.stations.map((p) => p.y) ?? [0]
  return { l: Math.max(...xs) - Math.min(...xs), w: Math.max(...ys) - Math.min(...ys) }
})
/** A new length or width stretches the edge about its middle. */
function stretch(l: number, w: number) {
  if (!edge.value) return
  put({
    edge: {
      ...edge.value,
      stations: edge.value.stations.map((p) => ({
        x: toMm((p.x / across.value.l) * l),
        y: toMm((p.y / across.value.w) * w),
      })),
    },
  })
}
const moveStation = (i: number, x: number, y: number) =>
  put({
    edge: {
      ...edge.value!,
      stations: edge.value!.stations.map((p, k) => (k === i ? { x: toMm(x), y: toMm(y) } : p)),
    },
  })
</script>

<template>
  <div class="grid gap-2.5">
    <p v-if="problem" class="problem text-amber-deep text-sm leading-snug" role="alert">{{ say(problem) }}</p>
    <div v-if="form.kind === 'terrace'" class="grid grid-cols-[repeat(3,1fr)] gap-y-2.5 gap-x-3 items-end">
      <LengthInput
        label="Raised by"
        :model-value="form.baseM"
        :units="units"
        :max="10"
        @update:model-value="(baseM) => put({ baseM })"
      />
      <div>
        <span class="block text-xs text-soft mb-1">Falls to the right by</span>
        <GroundSignedLength
          label="Falls to the right by"
          :model-value="form.fallM"
          :units="units"
          @update:model-value="(fallM) => put({ fallM })"
        />
      </div>
      <p class="hint col-span-full text-xs text-soft leading-snug">
        What holds it up is a retaining wall: a licensed professional and the local code.
      </p>
    </div>
    <div
      v-else-if="form.kind === 'island' || form.kind === 'ring'"
      class="grid grid-cols-[repeat(3,1fr)] gap-y-2.5 gap-x-3 items-end"
    >
      <LengthInput
        label="Across"
        :model-value="across.l"
        :units="units"
        :min="0.5"
        @update:model-value="(l) => stretch(l, across.w)"
      />
      <LengthInput
        label="Front to back"
        :model-value="across.w"
        :units="units"
        :min="0.5"
        @update:model-value="(w) => stretch(across.l, w)"
      />
      <LengthInput
        :label="form.kind === 'ring' ? 'Planting inside, radius' : 'Kept clear, radius'"
        :model-value="form.rimM"
        :units="units"
        :max="50"
        @update:model-value="(rimM) => put({ rimM })"
      />
      <template v-if="form.kind === 'ring'">
        <LengthInput
          label="Its height"
          :model-value="form.insideHeightM"
          :units="units"
          :min="0.1"
          :max="30"
          @update:model-value="(insideHeightM) => put({ insideHeightM })"
        />
      </template>
      <template v-else>
        <div>
          <span class="block text-xs text-soft mb-1">In the middle</span>
          <USelect
            :model-value="form.centre"
            :items="CENTREPIECES.map((value) => ({ label: value, value }))"
            size="sm"
            class="w-full"
            aria-label="In the middle"
            @update:model-value="(centre) => put({ centre })"
          />
        </div>
        <LengthInput
          v-if="form.centre !== 'none'"
          label="Its height"
          :model-value="form.centreHeightM"
          :units="units"
          :min="0.1"
          :max="30"
          @update:model-value="(centreHeightM) => put({ centreHeightM })"
        />
        <LengthInput
          v-if="form.centre !== 'none'"
          label="Stays in view above"
          :model-value="form.showFromM"
          :units="units"
          :max="30"
          @update:model-value="(showFromM) => put({ showFromM })"
        />
      </template>
      <div class="row col-span-full flex gap-3.5 items-center">
        <USwitch
          :model-value="form.edge.smooth"
          size="sm"
          label="smooth edge"
          @update:model-value="(smooth) => put({ edge: { ...edge!, smooth } })"
        />
        <UButton size="xs" color="neutral" variant="ghost" @click="put({ edge: oval(across.l, across.w) })">
          Make it an oval again
        </UButton>
      </div>
      <details class="col-span-full">
        <summary class="text-sm text-soft cursor-pointer">
          {{ form.edge.stations.length }} stations of the edge, from the middle
        </summary>
        <div
          v-for="(p, i) in form.edge.stations"
          :key="i"
          class="flex gap-1.5 items-center text-xs text-soft py-px px-0"
        >
          <span class="first:w-5">{{ nth(i) }}</span>
          <GroundSignedLength
            class="first:w-5"
            :label="`Edge station ${nth(i)} right`"
            :model-value="p.x"
            :units="units"
            @update:model-value="(x) => moveStation(i, x, p.y)"
          />
          <span class="first:w-5">right,</span>
          <GroundSignedLength
            class="first:w-5"
            :label="`Edge station ${nth(i)} toward the viewer`"
            :model-value="p.y"
            :units="units"
            @update:model-value="(y) => moveStation(i, p.x, y)"
          />
          <span class="first:w-5">toward the viewer</span>
        </div>
      </details>
    </div>
    <GroundCourtFigures v-else-if="form.kind === 'court'" :form="form" :units="units" @change="put" />
    <div v-else-if="form.kind === 'container'" class="grid grid-cols-[repeat(3,1fr)] gap-y-2.5 gap-x-3 items-end">
      <LengthInput
        label="Pot, across"
        :model-value="form.diameterM"
        :units="units"
        :min="0.15"
        :max="5"
        @update:model-value="(diameterM) => put({ diameterM })"
      />
      <LengthInput
        label="Pot, high"
        :model-value="form.heightM"
        :units="units"
        :min="0.1"
        :max="3"
        @update:model-value="(heightM) => put({ heightM })"
      />
      <NumberInput
        label="Pots alike"
        :model-value="form.pots"
        :min="1"
        :max="12"
        whole
        @update:model-value="(pots) => put({ pots })"
      />
      <LengthInput
        label="Between them"
        :model-value="form.apartM"
        :units="units"
        :max="50"
        @update:model-value="(apartM) => put({ apartM })"
      />
      <UCheckbox
        :model-value="form.rimShows ?? false"
        label="Its rim is to show"
        @update:model-value="(shows) => put({ rimShows: shows === true })"
      />
    </div>
    <p v-if="isRound(form) && form.kind !== 'container'" class="hint text-xs text-soft leading-snug">
      The score goes round the bed from its left, past the viewer first.
    </p>
  </div>
</template>
