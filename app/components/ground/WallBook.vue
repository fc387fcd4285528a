<script setup lang="ts">
import type { Wall } from '~~/core/bed'
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
  <div class="stack">
    <p v-if="problem" class="problem" role="alert">{{ say(problem) }}</p>
    <div class="three">
      <LengthInput
        label="Height"
        :model-value="wall.heightM"
        :units="units"
        :min="0.3"
        :max="40"
        @update:model-value="(heightM) => setWall({ heightM })"
      />
      <div>
        <label class="label" for="material">Material</label>
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
        <label class="label" for="wall-colour">Colour</label>
        <input id="wall-colour" type="color" class="colour" :value="wall.colour" @change="setColour" />
      </div>
    </div>
    <table v-if="openings.length > 0" class="openings">
      <thead>
        <tr>
          <th>Window</th>
          <th>from left</th>
          <th>width</th>
          <th>sill</th>
          <th>head</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="(o, i) in openings" :key="o.id">
          <td>{{ o.sillM < 0.3 ? 'door' : nth(i) }}</td>
          <td v-for="l in LENGTHS" :key="l.key">
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
          <td>
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

<style scoped src="~/assets/css/parts/fields.css"></style>
<style scoped src="~/assets/css/parts/BedBook.css"></style>
