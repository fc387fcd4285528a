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
    class="status"
    :class="{ loud: !calm }"
    role="status"
    data-testid="save-state"
    :data-state="saveState"
    :title="problem || undefined"
  >
    <UIcon :name="calm ? 'i-lucide-check' : 'i-lucide-cloud-off'" class="icon" />
    <span class="text" :class="{ quiet: calm }">{{ text }}</span>
    <span v-if="saveState === 'refused'" class="why" role="alert" data-testid="save-problem">
      {{ problem }} What you did is kept in this browser.
    </span>
    <button v-if="saveState === 'offline' || saveState === 'refused'" class="again" @click="save()">Try now</button>
  </span>
</template>

<style scoped>
.status {
  display: inline-flex;
  align-items: center;
  gap: 5px;
  color: var(--soft);
  font-size: 12.5px;
  white-space: nowrap;
}
.loud {
  color: var(--amber-deep);
  font-weight: 600;
}
.icon {
  width: 14px;
  height: 14px;
}
.why {
  font-weight: 400;
  white-space: normal;
  max-width: 420px;
  line-height: 1.25;
  max-height: 40px;
  overflow-y: auto;
}
.again {
  text-decoration: underline;
  cursor: pointer;
  margin-left: 4px;
}
/* On a phone a tick is enough while all is well. */
@media (max-width: 700px) {
  .quiet {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
  .why {
    display: none;
  }
}
</style>
