<script setup lang="ts">
const TABS = [
  { id: 'schedule', label: 'Schedule' },
  { id: 'orders', label: 'Orders' },
  { id: 'raise', label: 'Sow and raise' },
  { id: 'materials', label: 'Materials' },
  { id: 'money', label: 'Money' },
] as const
const tab = useTab(TABS)
</script>

<template>
  <div class="count">
    <PageTabs v-model="tab" :tabs="TABS" class="tabs" />
    <div class="sheet">
      <CountSchedule v-if="tab === 'schedule'" />
      <CountOrders v-else-if="tab === 'orders'" />
      <CountRaise v-else-if="tab === 'raise'" />
      <CountMaterials v-else-if="tab === 'materials'" />
      <CountMoney v-else />
    </div>
  </div>
</template>

<style scoped>
.count {
  display: flex;
  flex-direction: column;
  overflow: hidden;
}
.tabs {
  padding: 0 14px;
  background: var(--card);
}
.sheet {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 14px 20px 40px;
}
@media print {
  .count,
  .sheet {
    overflow: visible;
    padding: 0;
  }
  .tabs {
    display: none;
  }
}
</style>
