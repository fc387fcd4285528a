<script setup lang="ts">
import type { Wall } from '~~/core/model'
import type { Units } from '~~/core/measure'

const { say } = useManner()

/** The bed's own wall: its height, what it is of, and its windows and doors. */
const props = defineProps<{ wall: Wall; units: Units }>()
const { problem, setWall, setOpening, addOpening } = useGround()
const materials = (['brick', 'stone', 'render', 'boards'] as const).map((value) => ({ label: value, value }))
const openings = computed(() => [...props.wall.openings].sort((a, b) => a.x - b.x))
const LENGTHS = [
  { key: 'x', label: 'from left', min: 0, max: 200 },
  { key: 'widthM', label: 'width', min: 0.1, max: 20 },
  { key: 'sillM', label: 'sill', min: 0, max: 20 },
  { key: 'headM', label: 'head', min: 0.1, max: 30 },
] as const
const setColour = (event: Event) => setWall({ colour: (event.target as HTMLInputElement).value })
</script>

<template>
  <div class="grid gap-2.5">
    <p
      v-if="problem"
      class="problem sticky top-1 z-3 mt-2.5 py-2.5 px-3.5 rounded-sm bg-amber-wash text-amber-deep border border-amber text-sm"
      role="alert"
    >
      {{ say(problem) }}
    </p>
    <div class="grid grid-cols-[1fr_1fr_1fr] gap-3 items-end">
      <LengthInput
        label="Height"
        :model-value="wall.heightM"
        :units="units"
        :min="0.3"
        :max="40"
        @update:model-value="(heightM) => setWall({ heightM })"
      />
      <div>
        <label class="block text-xs text-soft mb-1" for="material">Material</label>
        <USelect
          id="material"
          :model-value="wall.material"
          :items="materials"
          size="sm"
          class="w-full"
          @update:model-value="(m) => setWall({ material: m as 'brick' })"
        />
      </div>
      <div>
        <label class="block text-xs text-soft mb-1" for="wall-colour">Colour</label>
        <input
          id="wall-colour"
          type="color"
          class="w-full h-8.5 border border-line rounded-sm bg-transparent cursor-pointer"
          :value="wall.colour"
          @change="setColour"
        />
      </div>
    </div>
    <table v-if="openings.length > 0" class="w-full text-xs">
      <thead>
        <tr>
          <th class="text-left font-medium text-soft py-0.5 pr-1.5 pl-0 align-top">Window</th>
          <th class="text-left font-medium text-soft py-0.5 pr-1.5 pl-0 align-top">from left</th>
          <th class="text-left font-medium text-soft py-0.5 pr-1.5 pl-0 align-top">width</th>
          <th class="text-left font-medium text-soft py-0.5 pr-1.5 pl-0 align-top">sill</th>
          <th class="text-left font-medium text-soft py-0.5 pr-1.5 pl-0 align-top">head</th>
          <th class="text-left font-medium text-soft py-0.5 pr-1.5 pl-0 align-top" />
        </tr>
      </thead>
      <tbody>
        <tr v-for="(o, i) in openings" :key="o.id">
          <td class="py-0.5 pr-1.5 pl-0 align-top first:pt-2">{{ o.sillM < 0.3 ? 'door' : nth(i) }}</td>
          <td class="py-0.5 pr-1.5 pl-0 align-top first:pt-2" v-for="l in LENGTHS" :key="l.key">
            <LengthInput
              hide-label
              :label="`Window ${nth(i)} ${l.label}`"
              :model-value="o[l.key]"
              :units="units"
              :min="l.min"
              :max="l.max"
              @update:model-value="(m) => setOpening(o.id, { [l.key]: m })"
            />
          </td>
          <td class="py-0.5 pr-1.5 pl-0 align-top first:pt-2">
            <UButton
              size="xs"
              color="neutral"
              variant="ghost"
              icon="i-lucide-x"
              :aria-label="`Remove window ${nth(i)}`"
              @click="setOpening(o.id, null)"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-plus" data-adds @click="addOpening">
      Window or door
    </UButton>
  </div>
</template>
