<script setup lang="ts">
/** A bed, the site, the brief or the count was saved elsewhere while it was worked on here: the user chooses, and nothing is lost. */
const stores = { bed: useBedStore(), site: useSiteStore(), brief: useBriefStore(), count: useSupplyStore() }
const what = computed(
  () => (['bed', 'site', 'brief', 'count'] as const).find((k) => stores[k].saveState === 'conflict') ?? null,
)
const stored = computed(() => (what.value ? stores[what.value].conflict : null))
const when = computed(() =>
  stored.value
    ? new Date(stored.value.savedAt).toLocaleTimeString([], {
        hour: '2-digit',
        minute: '2-digit',
        second: '2-digit',
      })
    : '',
)
const holds = (drifts: readonly { count: number }[] | undefined) =>
  drifts ? `${drifts.length} drifts, ${drifts.reduce((sum, d) => sum + d.count, 0)} plants` : 'As it was saved'
const here = computed(() =>
  what.value === 'bed' ? `${holds(stores.bed.kept?.drifts)}, with your latest changes` : 'With your latest changes',
)
const there = computed(() => holds(what.value === 'bed' ? stores.bed.conflict?.value.drifts : undefined))
const settle = (which: 'mine' | 'theirs') => {
  if (what.value) stores[what.value].settleConflict(which)
}
</script>

<template>
  <UModal
    :open="what !== null"
    :dismissible="false"
    :close="false"
    :title="`This ${what ?? 'bed'} was changed elsewhere`"
    description="Another tab or person saved it after you opened it. Nothing is lost: choose which version goes on."
  >
    <template #body>
      <div class="versions">
        <section>
          <h3>Here</h3>
          <p>{{ here }}</p>
          <UButton color="primary" @click="settle('mine')">Keep this one</UButton>
        </section>
        <section>
          <h3>Saved at {{ when }}</h3>
          <p>{{ there }}</p>
          <UButton color="neutral" variant="outline" @click="settle('theirs')">Take that one</UButton>
        </section>
      </div>
      <p class="hint">If you take the other, yours comes back with Undo.</p>
    </template>
  </UModal>
</template>

<style scoped>
.versions {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px;
}
h3 {
  font-size: 16px;
}
p {
  color: var(--soft);
  margin: 4px 0 10px;
}
.hint {
  margin: 12px 0 0;
  font-size: 12.5px;
}
</style>
