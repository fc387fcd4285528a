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
  <div class="brief">
    <div class="main">
      <PageTabs v-model="tab" :tabs="TABS" class="over" />
      <h2 class="sr-only">{{ headingOf(tab) }}</h2>
      <div class="scroll">
        <BriefLetter v-if="tab === 'letter'" />
        <BriefColourBook v-else-if="tab === 'colours'" />
        <BriefSchoolBook v-else />
      </div>
    </div>
    <BriefCheckMargin v-if="tab !== 'schools'" />
  </div>
</template>

<style scoped>
.brief {
  display: flex;
  min-height: 0;
}
.main {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
}
.over {
  padding: 0 12px;
  background: var(--card);
}
.scroll {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 22px 24px 40px;
}
@media (max-width: 820px) {
  .brief {
    flex-direction: column;
    overflow-y: auto;
  }
  .main {
    flex: none;
  }
  .scroll {
    overflow: visible;
    padding-inline: 14px;
  }
}
</style>
