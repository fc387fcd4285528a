<script setup lang="ts">
import type { Plant } from '~~/core/plant'

/** No plant answers: whether the name is unknown or the filters hide what bears it, and the next step. */
defineProps<{ text: string; named: readonly Plant[]; fits: boolean }>()
const emit = defineEmits<{ label: []; loosen: [] }>()
const NAMED = 3
</script>

<template>
  <div class="text-soft p-7.5 grid gap-3 content-start justify-items-start" role="status">
    <template v-if="text && named.length === 0">
      <p>No plant here goes by “{{ text }}”.</p>
      <UButton icon="i-lucide-tag" @click="emit('label')">Enter it from its label</UButton>
    </template>
    <template v-else-if="text">
      <p>
        {{ named.length }} {{ named.length === 1 ? 'plant goes' : 'plants go' }} by “{{ text }}”, such as
        {{
          named
            .slice(0, NAMED)
            .map((p) => p.commonName)
            .join(', ')
        }}, but your filters hide {{ named.length === 1 ? 'it' : 'them' }}.
      </p>
      <UButton @click="emit('loosen')">Show without filters</UButton>
    </template>
    <template v-else>
      <p>No plant answers all of this.{{ fits ? ' “suits this bed” hides what would suffer here.' : '' }}</p>
      <UButton color="neutral" variant="outline" @click="emit('loosen')">Take all filters off</UButton>
    </template>
  </div>
</template>
