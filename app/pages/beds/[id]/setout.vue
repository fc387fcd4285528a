<script setup lang="ts">
const TABS = [
  { id: 'tables', label: 'Tables' },
  { id: 'dry', label: 'Dry run' },
  { id: 'turn', label: 'Turning' },
  { id: 'works', label: 'Order of works' },
  { id: 'papers', label: 'Papers' },
] as const
const bed = useBedStore()
const isBare = computed(() => bed.bed?.drifts.length === 0)
const tab = useTab(TABS)
</script>

<template>
  <div class="setout">
    <div class="top">
      <PageTabs v-model="tab" :tabs="TABS" class="tabs" />
      <UButton
        :to="`/onsite/${bed.garden?.id}?bed=${bed.id}`"
        size="sm"
        icon="i-lucide-tablet-smartphone"
        class="onsite"
        title="For a tablet or a phone, with or without a network"
      >
        On site
      </UButton>
    </div>
    <div class="sheet">
      <NextStep
        v-if="isBare"
        :to="`/beds/${bed.id}/compose`"
        action="Compose"
        icon="i-lucide-layers"
        :sample="SAMPLES.setout"
      >
        Nothing stands in this bed yet. What you compose comes here as figures for tape and line, pots in the order
        they are set, and papers for those who plant.
      </NextStep>
      <SetoutTables v-if="tab === 'tables'" />
      <SetoutDryRun v-else-if="tab === 'dry'" />
      <SetoutTurning v-else-if="tab === 'turn'" />
      <SetoutWorks v-else-if="tab === 'works'" />
      <SetoutPapers v-else />
    </div>
  </div>
</template>

<style scoped>
.setout {
  display: flex;
  flex-direction: column;
  overflow: hidden;
}
.top {
  display: flex;
  align-items: center;
  background: var(--card);
  border-bottom: 1px solid var(--line);
}
.tabs {
  padding: 0 14px;
  flex: 1;
  border-bottom: 0;
}
.onsite {
  margin-right: 20px;
}
.sheet {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 14px 20px 40px;
}
@media print {
  .setout,
  .sheet {
    overflow: visible;
    padding: 0;
  }
  .top {
    display: none;
  }
}
</style>
