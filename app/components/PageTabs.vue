<script setup lang="ts" generic="T extends string">
/** The tabs over a page or a panel, each with a count when it has one. Arrows, Home and End go from one to the next. */
const props = defineProps<{
  tabs: readonly { readonly id: T; readonly label: string; readonly count?: number | undefined }[]
  modelValue: T
  /** Id of what the tabs show. */
  panel?: string
  label?: string
  /** Beside pictures, where there is little room. */
  narrow?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [id: T] }>()
const row = useTemplateRef<HTMLDivElement>('row')

const buttons = () => [...(row.value?.querySelectorAll<HTMLElement>('[role="tab"]') ?? [])]
/** From where the keys are, not from what is shown: that may follow later. */
async function step(event: KeyboardEvent) {
  const to = stepOfTabs(event.key, buttons().indexOf(event.target as HTMLElement), props.tabs.length)
  if (to === null) return
  event.preventDefault()
  emit('update:modelValue', props.tabs[to]!.id)
  await nextTick()
  buttons()[to]?.focus()
}
/** More letters than these do not fit beside the pictures at their usual size. */
const MOST_LETTERS = 35
const isTight = computed(
  () =>
    props.narrow &&
    props.tabs.reduce((n, t) => n + t.label.length + String(t.count ?? '').length, 0) > MOST_LETTERS,
)
const stopOf = (id: T) => (id === props.modelValue ? 0 : -1)
</script>

<template>
  <div
    ref="row"
    class="tabs flex border-b border-line flex-none [&.narrow]:pl-2"
    :class="{ narrow, tight: isTight }"
    role="tablist"
    :aria-label="label ?? 'Parts of this page'"
    @keydown="step"
  >
    <button
      v-for="t in tabs"
      :key="t.id"
      role="tab"
      :aria-selected="modelValue === t.id"
      :aria-controls="panel"
      :tabindex="stopOf(t.id)"
      class="tab [&.on]:text-ink [&.on]:border-b-amber [&.on]:font-semibold"
      :class="{ on: modelValue === t.id }"
      @click="emit('update:modelValue', t.id)"
    >
      {{ t.label }}
      <small class="ml-[0.2em] font-sans text-xs text-soft" v-if="t.count !== undefined">{{ t.count }}</small>
    </button>
  </div>
</template>

<style scoped>
/* More tabs than there is room for are drawn along with the finger. */
@media (max-width: 900px) {
  .tabs {
    overflow-x: auto;
    min-width: 0;
    scrollbar-width: none;
  }
}
@layer components {
  .tab {
    padding: 9px 13px 7px;
    font-family: var(--font-serif);
    font-size: var(--text-base);
    cursor: pointer;
    color: var(--soft);
    border-bottom: 2px solid transparent;
    white-space: nowrap;
  }
  .narrow .tab {
    padding-inline: 5px;
    font-size: var(--text-sm);
  }
  .tabs.narrow.tight .tab {
    padding-inline: 3.5px;
    font-size: var(--text-xs);
  }
}
</style>
