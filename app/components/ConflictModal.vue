<script setup lang="ts">
const store = useBedStore()
const open = computed(() => store.saveState === 'conflict')
const when = computed(() => (store.conflict ? new Date(store.conflict.savedAt).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', second: '2-digit' }) : ''))
const count = (drifts: readonly { count: number }[] | undefined) => (drifts ?? []).reduce((sum, d) => sum + d.count, 0)
</script>

<template>
  <UModal :open="open" :dismissible="false" :close="false" title="This bed was changed elsewhere" description="Another tab or person saved it after you opened it. Nothing is lost: choose which version goes on.">
    <template #body>
      <div class="versions">
        <section>
          <h3>Here</h3>
          <p>{{ store.kept?.drifts.length }} drifts, {{ count(store.kept?.drifts) }} plants, with your latest changes</p>
          <UButton color="primary" @click="store.settleConflict('mine')">Keep this one</UButton>
        </section>
        <section>
          <h3>Saved at {{ when }}</h3>
          <p>{{ store.conflict?.value.drifts.length }} drifts, {{ count(store.conflict?.value.drifts) }} plants</p>
          <UButton color="neutral" variant="outline" @click="store.settleConflict('theirs')">Take that one</UButton>
        </section>
      </div>
      <p class="hint">If you take the other, yours comes back with Undo.</p>
    </template>
  </UModal>
</template>

<style scoped>
.versions { display: grid; grid-template-columns: 1fr 1fr; gap: 20px; }
h3 { font-size: 16px; }
p { color: var(--soft); margin: 4px 0 10px; }
.hint { margin: 12px 0 0; font-size: 12.5px; }
</style>
