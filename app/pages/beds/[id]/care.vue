<script setup lang="ts">
const TABS = [
  { id: 'work', label: 'Work of the week' },
  { id: 'water', label: 'Water' },
] as const
const tab = useTab(TABS)
</script>

<template>
  <div class="page">
    <PageTabs v-model="tab" :tabs="TABS" class="tabs" />
    <CareWeek v-if="tab === 'work'" class="body" />
    <WaterBook v-else class="body" />
  </div>
</template>

<style scoped>
.page {
  display: flex;
  flex-direction: column;
  overflow: hidden;
}
.tabs {
  padding: 0 14px;
  background: var(--card);
}
.body {
  flex: 1;
  min-height: 0;
}
@media print {
  .page {
    overflow: visible;
  }
  .tabs {
    display: none;
  }
}
</style>
