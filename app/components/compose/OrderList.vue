<script setup lang="ts">
import type { DriftOrder } from '~~/core/model'
import { letOrderGo } from '~~/core/edit'

const { length } = useManner()

/** Orders among drifts that are kept while they are edited. */
const store = useBedStore()
const compose = useComposeStore()
const library = useLibraryStore()
const orders = computed(() => store.bed?.orders ?? [])
const WORDS: Readonly<Record<DriftOrder['kind'], string>> = {
  mirror: 'mirrored',
  steps: 'at equal steps',
  aligned: 'in line',
  together: 'kept together',
  apart: 'kept apart',
}
const nameOf = (driftId: string) => {
  const drift = store.bed?.drifts.find((d) => d.id === driftId)
  return drift ? (library.byId.get(drift.plantId)?.commonName ?? drift.plantId) : ''
}
const namesOf = (order: DriftOrder) => [...new Set(order.driftIds.map(nameOf))].join(', ')
const detail = (order: DriftOrder) => {
  if (order.kind === 'mirror' || order.kind === 'aligned') return `about ${length(order.atM)}`
  return order.stepM > 0 ? `${length(order.stepM)} apart` : ''
}
const letGo = (id: string) => store.bed && store.edit(letOrderGo(store.bed, id))
</script>

<template>
  <section aria-label="Orders that are kept">
    <h3>Kept orders</h3>
    <p v-if="orders.length === 0" class="hint">
      Choose several drifts (Shift and press, or the lasso), then hold them mirrored, at equal steps, together or
      apart.
    </p>
    <ul>
      <li v-for="order in orders" :key="order.id">
        <div class="line">
          <button class="name" @click="compose.chooseMany(order.driftIds)">
            <b>{{ WORDS[order.kind] }}</b>
            {{ detail(order) }}: {{ namesOf(order) }}
          </button>
          <UButton
            size="xs"
            color="neutral"
            variant="ghost"
            icon="i-lucide-unlink"
            :aria-label="`Let go: ${WORDS[order.kind]}, ${namesOf(order)}`"
            @click="letGo(order.id)"
          />
        </div>
      </li>
    </ul>
  </section>
</template>
