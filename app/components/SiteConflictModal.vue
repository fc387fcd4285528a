<script setup lang="ts">
/** The site or the brief was saved elsewhere while it was worked on here. */
const site = useSiteStore()
const brief = useBriefStore()
const what = computed(() => (site.saveState === 'conflict' ? 'site' as const : brief.saveState === 'conflict' ? 'brief' as const : null))
const settle = (which: 'mine' | 'theirs') => (what.value === 'site' ? site : brief).settleConflict(which)
</script>

<template>
  <UModal :open="what !== null" :dismissible="false" :close="false" :title="`This ${what ?? 'site'} was changed elsewhere`" description="Another tab or person saved it after you opened it. Nothing is lost: choose which version goes on.">
    <template #body>
      <div class="row">
        <UButton @click="settle('mine')">Keep this one</UButton>
        <UButton color="neutral" variant="outline" @click="settle('theirs')">Take that one</UButton>
      </div>
      <p class="hint">If you take the other, yours comes back with Undo.</p>
    </template>
  </UModal>
</template>

<style scoped>
.row { display: flex; gap: 10px; flex-wrap: wrap; }
.hint { margin-top: 12px; font-size: 12.5px; color: var(--soft); }
</style>
