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
  <div class="flex flex-col overflow-hidden print:overflow-visible print:p-0">
    <PageTabs v-model="tab" :tabs="TABS" class="py-0 px-4 bg-card print:hidden" />
    <div class="sheet flex-1 min-h-0 overflow-y-auto pt-4 pb-11.5 px-5.5 print:overflow-visible print:p-0">
      <CountSchedule v-if="tab === 'schedule'" />
      <CountOrders v-else-if="tab === 'orders'" />
      <CountRaise v-else-if="tab === 'raise'" />
      <CountMaterials v-else-if="tab === 'materials'" />
      <CountMoney v-else />
    </div>
  </div>
</template>
