<script setup lang="ts">
import type { Edge } from '~~/core/model'
import type { Units } from '~~/core/measure'

const { length } = useManner()

/** An edge by its figures: one line a station, so far along, so far out. */
const props = defineProps<{ edge: Edge; units: Units; name: string }>()
const emit = defineEmits<{
  kind: [kind: Edge['kind']]
  move: [index: number, to: { x: number; y: number }]
  add: []
  remove: [index: number]
}>()
const kinds = [
  { label: 'straight', value: 'straight' },
  { label: 'stepped', value: 'stepped' },
  { label: 'curved', value: 'curved' },
]
const END_WORDS = { left: 'left end', between: 'then', right: 'right end' }
const isBetween = (i: number) => i > 0 && i < props.edge.stations.length - 1
function endName(i: number): string {
  if (isBetween(i)) return END_WORDS.between
  return i === 0 ? END_WORDS.left : END_WORDS.right
}
</script>

<template>
  <div class="edge">
    <div class="head flex items-center gap-3 mb-1">
      <h4 class="text-sm font-semibold">
        {{ name }} edge
        <FieldNote of="station" />
      </h4>
      <USelect
        :model-value="edge.kind"
        :items="kinds"
        size="xs"
        class="w-30"
        :aria-label="`${name} edge runs`"
        @update:model-value="(k) => emit('kind', k as Edge['kind'])"
      />
    </div>
    <ol>
      <li
        class="grid grid-cols-[58px_92px_40px_92px_26px_28px] gap-1.5 items-center text-sm text-soft py-0.5 px-0"
        v-for="(p, i) in edge.stations"
        :key="i"
      >
        <span>{{ endName(i) }}</span>
        <LengthInput
          v-if="isBetween(i)"
          hide-label
          :label="`${name} station ${nth(i)} along`"
          :model-value="p.x"
          :units="units"
          :max="200"
          @update:model-value="(x) => emit('move', i, { x, y: p.y })"
        />
        <span v-else class="text-ink pl-2.5">{{ length(p.x) }}</span>
        <span>along,</span>
        <LengthInput
          hide-label
          :label="`${name} station ${nth(i)} out`"
          :model-value="p.y"
          :units="units"
          :max="100"
          @update:model-value="(y) => emit('move', i, { x: p.x, y })"
        />
        <span>out</span>
        <UButton
          v-if="isBetween(i)"
          size="xs"
          color="neutral"
          variant="ghost"
          icon="i-lucide-x"
          :aria-label="`Remove station ${nth(i)} of the ${name} edge`"
          @click="emit('remove', i)"
        />
      </li>
    </ol>
    <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-plus" data-adds @click="emit('add')">
      Station
    </UButton>
  </div>
</template>
