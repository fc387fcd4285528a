<script setup lang="ts">
const TABS = [
  { id: 'diary', label: 'Diary' },
  { id: 'beside', label: 'Plan beside fact' },
  { id: 'learned', label: 'What it taught' },
  { id: 'next', label: 'Next season' },
  { id: 'letter', label: 'Season’s letter' },
] as const
const tab = useTab(TABS)
const { open, book, next, learned } = useLog()
const tabs = computed(() =>
  TABS.map((t) => ({
    ...t,
    count: { next: next.value.length, learned: learned.value.length }[t.id as 'next'] || undefined,
  })),
)
const bed = useBedStore()
watch(() => bed.garden?.id, open, { immediate: true })
const state = computed(() => {
  const waiting = (book.value?.waiting.value.length ?? 0) + (book.value?.photosWaiting.value.length ?? 0)
  if (waiting > 0) return `${waiting} wait in this browser`
  return ''
})
const refused = computed(() => book.value?.refused.value ?? '')
const heading = computed(() => tabs.value.find((t) => t.id === tab.value)?.label ?? '')
</script>

<template>
  <div class="log">
    <div class="head">
      <PageTabs v-model="tab" :tabs="tabs" />
      <h2 class="sr-only">{{ heading }}</h2>
      <span v-if="state" class="hint" role="status">{{ state }}</span>
      <UButton
        size="xs"
        color="neutral"
        variant="ghost"
        icon="i-lucide-table"
        class="csv"
        :to="`/api/gardens/${bed.garden?.id}/log.csv`"
        external
      >
        CSV
      </UButton>
      <UButton
        size="xs"
        color="neutral"
        variant="ghost"
        icon="i-lucide-tablet"
        :to="`/onsite/${bed.garden?.id}?bed=${bed.id}&do=log`"
      >
        On the tablet
      </UButton>
    </div>
    <p v-if="refused" class="refused" role="alert">{{ refused }}</p>
    <div v-if="book" class="sheet">
      <LogDiary v-if="tab === 'diary'" />
      <LogBeside v-else-if="tab === 'beside'" />
      <LogLearned v-else-if="tab === 'learned'" />
      <LogNext v-else-if="tab === 'next'" />
      <LogLetter v-else />
    </div>
  </div>
</template>

<style scoped>
.log {
  display: flex;
  flex-direction: column;
  overflow: hidden;
}
.head {
  display: flex;
  align-items: center;
  gap: 6px;
  padding: 0 14px;
  background: var(--card);
  border-bottom: 1px solid var(--line);
}
.csv {
  margin-left: auto;
}
.hint {
  font-size: 12.5px;
  color: var(--amber-deep);
}
.refused {
  padding: 6px 20px;
  font-size: 13px;
  color: var(--color-brick-600);
}
.sheet {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 14px 20px 40px;
}
@media print {
  .log,
  .sheet {
    overflow: visible;
    padding: 0;
  }
  .head {
    display: none;
  }
}
</style>
