<script setup lang="ts">
const { timeOf } = useManner()
const { saveState, savedAt, problem, save } = useDesk()
/** The first time of day that a page writes takes the browser a while: it comes after the pictures. */
const AFTER_MS = 1500
const isAtRest = ref(false)
useTimeoutFn(() => requestIdleCallback(() => (isAtRest.value = true), { timeout: 500 }), AFTER_MS)
const text = computed(() => {
  switch (saveState.value) {
    case 'saved':
      return savedAt.value && isAtRest.value ? `Saved ${timeOf(savedAt.value)}` : 'Saved'
    case 'waiting':
    case 'saving':
      return 'Saving…'
    case 'offline':
      return 'Not saved yet: trying again'
    case 'conflict':
      return 'Changed elsewhere'
    case 'refused':
      return 'Not saved'
  }
  return ''
})
const calm = computed(
  () => saveState.value === 'saved' || saveState.value === 'waiting' || saveState.value === 'saving',
)
</script>

<template>
  <span
    class="inline-flex items-center gap-1.5 text-soft text-sm whitespace-nowrap [&.loud]:text-amber-deep [&.loud]:font-semibold"
    :class="{ loud: !calm }"
    role="status"
    data-testid="save-state"
    :data-state="saveState"
    :title="problem || undefined"
  >
    <UIcon :name="calm ? 'i-lucide-check' : 'i-lucide-cloud-off'" class="size-4" />
    <span class="text" :class="{ quiet: calm }">{{ text }}</span>
    <span
      v-if="saveState === 'refused'"
      class="font-normal whitespace-normal max-w-120 leading-tight max-h-11.5 overflow-y-auto max-[700px]:hidden"
      role="alert"
      data-testid="save-problem"
    >
      {{ problem }} What you did is kept in this browser.
    </span>
    <button
      v-if="saveState === 'offline' || saveState === 'refused'"
      class="underline cursor-pointer ml-1"
      @click="save()"
    >
      Try now
    </button>
  </span>
</template>

<style scoped>
/* On a phone a tick is enough while all is well. */
@media (max-width: 700px) {
  .quiet {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
}
</style>
