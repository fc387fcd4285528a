<script setup lang="ts">
/** The site was saved elsewhere while it was worked on here. */
const site = useSiteStore()
const open = computed(() => site.saveState === 'conflict')
</script>

<template>
  <UModal :open="open" :dismissible="false" :close="false" title="This site was changed elsewhere" description="Another tab or person saved it after you opened it. Nothing is lost: choose which version goes on.">
    <template #body>
      <div class="row">
        <UButton @click="site.settleConflict('mine')">Keep this one, with {{ site.kept?.things.length }} things</UButton>
        <UButton color="neutral" variant="outline" @click="site.settleConflict('theirs')">Take that one, with {{ site.conflict?.value.things.length }}</UButton>
      </div>
      <p class="hint">If you take the other, yours comes back with Undo.</p>
    </template>
  </UModal>
</template>

<style scoped>
.row { display: flex; gap: 10px; flex-wrap: wrap; }
.hint { margin-top: 12px; font-size: 12.5px; color: var(--soft); }
</style>
