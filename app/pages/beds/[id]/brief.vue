<script setup lang="ts">
const tab = ref<'letter' | 'colours' | 'schools'>('letter')
const TABS = [{ id: 'letter', label: 'The letter' }, { id: 'colours', label: 'Colours' }, { id: 'schools', label: 'Schools' }] as const
</script>

<template>
  <div class="brief">
    <div class="main">
      <div class="tabs" role="tablist"><button v-for="t in TABS" :key="t.id" role="tab" :aria-selected="tab === t.id" class="tab" :class="{ on: tab === t.id }" @click="tab = t.id">{{ t.label }}</button></div>
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
.brief { display: flex; min-height: 0; }
.main { flex: 1; min-width: 0; display: flex; flex-direction: column; }
.tabs { display: flex; border-bottom: 1px solid var(--line); flex: none; padding: 0 12px; background: var(--card); }
.tab { padding: 9px 13px 7px; font-family: var(--font-serif); font-size: 14px; cursor: pointer; color: var(--soft); border-bottom: 2px solid transparent; }
.tab.on { color: var(--ink); border-bottom-color: var(--amber); font-weight: 600; }
.scroll { flex: 1; min-height: 0; overflow-y: auto; padding: 22px 24px 40px; }
</style>
