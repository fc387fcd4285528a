<script setup lang="ts">
const tab = ref<'letter' | 'colours' | 'schools'>('letter')
const TABS = [
  { id: 'letter', label: 'The letter' },
  { id: 'colours', label: 'Colours' },
  { id: 'schools', label: 'Schools' },
] as const
const headingOf = (id: string) => TABS.find((t) => t.id === id)?.label ?? ''
</script>

<template>
  <div class="flex min-h-0 max-[820px]:flex-col max-[820px]:overflow-y-auto">
    <div class="main flex-1 min-w-0 flex flex-col max-[820px]:flex-none">
      <PageTabs v-model="tab" :tabs="TABS" class="py-0 px-3.5 bg-card" />
      <h2 class="sr-only">{{ headingOf(tab) }}</h2>
      <div
        class="scroll flex-1 min-h-0 overflow-y-auto pt-6.5 pb-11.5 px-7 max-[820px]:overflow-visible max-[820px]:px-4"
      >
        <BriefLetter v-if="tab === 'letter'" />
        <BriefColourBook v-else-if="tab === 'colours'" />
        <BriefSchoolBook v-else />
      </div>
    </div>
    <BriefCheckMargin v-if="tab !== 'schools'" />
  </div>
</template>
