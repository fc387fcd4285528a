<script setup lang="ts">
/** Holds a part that is fetched when first asked for. What could not be fetched is asked for again at the next step of the hand. */
const emit = defineEmits<{ missed: [] }>()
const tries = ref(0)
const hasMissed = ref(false)
onErrorCaptured((_, __, info) => {
  if (!isFetching(info)) return
  hasMissed.value = true
  emit('missed')
  return false
})
// An earlier try may have left it without its style.
void fetchMissedStyles()
async function again() {
  if (!hasMissed.value) return
  hasMissed.value = false
  await fetchMissedStyles()
  tries.value++
}
useEventListener(['pointerup', 'keyup'], again)
</script>

<template>
  <slot :key="tries" />
</template>
