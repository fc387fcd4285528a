<script setup lang="ts">
import type { Building } from '~~/core/model'
import type { Units } from '~~/core/measure'

const { say } = useManner()

/** The windows and doors of a building, each in one of its sides. */
const props = defineProps<{ building: Building; units: Units }>()
const { set } = useSite()
const problem = ref('')
const sides = computed(() => props.building.outline.map((_, i) => ({ label: `side ${nth(i)}`, value: i })))
const LENGTHS = [
  { key: 'alongM', label: 'along', min: 0, max: 300 },
  { key: 'widthM', label: 'width', min: 0.1, max: 40 },
  { key: 'sillM', label: 'sill', min: 0, max: 30 },
  { key: 'headM', label: 'head', min: 0, max: 40 },
] as const
const WINDOW = { side: 0, alongM: 1, widthM: 1.2, sillM: 0.9, headM: 2.1 }
const DOOR = { ...WINDOW, widthM: 1, sillM: 0 }

function setOpening(id: string, change: object | null) {
  const openings = props.building.openings.flatMap((o) => {
    if (o.id !== id) return [o]
    return change === null ? [] : [{ ...o, ...change }]
  })
  const wrong = openings.some((o) => o.headM <= o.sillM)
  problem.value = wrong ? 'A window’s head must be above its sill.' : ''
  if (!wrong) set({ ...props.building, openings })
}
const add = (opening: typeof WINDOW) =>
  set({ ...props.building, openings: [...props.building.openings, { id: newId(), ...opening }] })
</script>

<template>
  <p v-if="problem" class="problem text-amber-deep text-sm" role="alert">{{ say(problem) }}</p>
  <div
    v-for="o in building.openings"
    :key="o.id"
    class="grid grid-cols-[74px_1fr_1fr_1fr_1fr_26px] gap-1 items-end"
  >
    <USelect
      :model-value="o.side"
      :items="sides"
      size="xs"
      class="side"
      aria-label="In side"
      @update:model-value="(side) => setOpening(o.id, { side: Number(side) })"
    />
    <LengthInput
      v-for="l in LENGTHS"
      :key="l.key"
      :label="l.label"
      :model-value="o[l.key]"
      :units="units"
      :min="l.min"
      :max="l.max"
      @update:model-value="(m) => setOpening(o.id, { [l.key]: m })"
    />
    <UButton
      size="xs"
      color="neutral"
      variant="ghost"
      icon="i-lucide-x"
      aria-label="Take out this opening"
      @click="setOpening(o.id, null)"
    />
  </div>
  <div>
    <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-plus" data-adds @click="add(WINDOW)">
      Window
    </UButton>
    <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-plus" data-adds @click="add(DOOR)">
      Door
    </UButton>
  </div>
</template>
