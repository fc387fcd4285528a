<script setup lang="ts">
import type { Edge } from '~~/core/bed'
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
    <div class="head">
      <h4>
        {{ name }} edge
        <FieldNote of="station" />
      </h4>
      <USelect
        :model-value="edge.kind"
        :items="kinds"
        size="xs"
        class="kind"
        :aria-label="`${name} edge runs`"
        @update:model-value="(k) => emit('kind', k as Edge['kind'])"
      />
    </div>
    <ol>
      <li v-for="(p, i) in edge.stations" :key="i">
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
        <span v-else class="still">{{ length(p.x) }}</span>
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

<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 10px;
  margin-bottom: 4px;
}
h4 {
  font-size: 13px;
  font-weight: 600;
}
.kind {
  width: 104px;
}
li {
  display: grid;
  grid-template-columns: 58px 92px 40px 92px 26px 28px;
  gap: 5px;
  align-items: center;
  font-size: 12.5px;
  color: var(--soft);
  padding: 2px 0;
}
.still {
  color: var(--ink);
  padding-left: 9px;
}
</style>
