<script setup lang="ts">
/** Where a view cannot be shown it says so in its place, and leaves the others to be gone to. */
const trouble = shallowRef<unknown>(null)
const route = useRoute()
watch(
  () => route.path,
  () => {
    trouble.value = null
  },
)
onErrorCaptured((error, _, info) => {
  // While the server makes the page it answers with its own.
  if (import.meta.server || !isMaking(info)) return
  console.error(error)
  trouble.value = error
  return false
})
const details = computed(() => (trouble.value instanceof Error ? trouble.value.stack : String(trouble.value)))
</script>

<template>
  <Trouble v-if="trouble" title="This view cannot be shown" :details="details">
    What you did is saved, or waits in this browser until it is: nothing is lost. Try again, or go on in another
    view. If it comes back, send on what is written below.
    <template #ways>
      <UButton icon="i-lucide-rotate-ccw" @click="trouble = null">Try again</UButton>
      <UButton to="/" color="neutral" variant="outline" icon="i-lucide-arrow-left">All gardens</UButton>
    </template>
  </Trouble>
  <slot v-else />
</template>
