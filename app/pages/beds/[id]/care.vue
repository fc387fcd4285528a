<script setup lang="ts">
const TABS = [
  { id: 'work', label: 'Work of the week' },
  { id: 'water', label: 'Water' },
] as const
const tab = useTab(TABS)
</script>

<template>
  <div class="flex flex-col overflow-hidden print:overflow-visible">
    <PageTabs v-model="tab" :tabs="TABS" class="py-0 px-4 bg-card print:hidden" />
    <CareWeek v-if="tab === 'work'" class="flex-1 min-h-0" />
    <WaterBook v-else class="flex-1 min-h-0" />
  </div>
</template>
