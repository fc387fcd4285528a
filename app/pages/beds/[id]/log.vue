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
  <div class="flex flex-col overflow-hidden print:overflow-visible print:p-0">
    <div class="head flex items-center gap-1.5 py-0 px-4 bg-card border-b border-line print:hidden">
      <PageTabs v-model="tab" :tabs="tabs" />
      <h2 class="sr-only">{{ heading }}</h2>
      <span v-if="state" class="hint text-sm text-amber-deep" role="status">{{ state }}</span>
      <UButton
        size="xs"
        color="neutral"
        variant="ghost"
        icon="i-lucide-table"
        class="ml-auto"
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
    <p v-if="refused" class="py-1.5 px-5.5 text-sm text-brick-600" role="alert">{{ refused }}</p>
    <div
      v-if="book"
      class="sheet flex-1 min-h-0 overflow-y-auto pt-4 pb-11.5 px-5.5 print:overflow-visible print:p-0"
    >
      <LogDiary v-if="tab === 'diary'" />
      <LogBeside v-else-if="tab === 'beside'" />
      <LogLearned v-else-if="tab === 'learned'" />
      <LogNext v-else-if="tab === 'next'" />
      <LogLetter v-else />
    </div>
  </div>
</template>
