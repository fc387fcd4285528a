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
  <div class="flex flex-col overflow-hidden print:overflow-visible print:p-0">
    <div class="top flex items-center bg-card border-b border-line print:hidden">
      <PageTabs v-model="tab" :tabs="TABS" class="px-4 flex-1! border-b-0!" />
      <UButton
        :to="`/onsite/${bed.garden?.id}?bed=${bed.id}`"
        size="sm"
        icon="i-lucide-tablet-smartphone"
        class="mr-5.5"
        title="For a tablet or a phone, with or without a network"
      >
        On site
      </UButton>
    </div>
    <div class="sheet flex-1 min-h-0 overflow-y-auto pt-4 pb-11.5 px-5.5 print:overflow-visible print:p-0">
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
