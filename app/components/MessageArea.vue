<script setup lang="ts">
/**
 * Where messages appear. The package puts guards round them that are hidden from readers and yet stops of Tab: they need to be none, since
 * it leads into the messages by itself.
 */
const region = shallowRef<HTMLElement | null>(null)
function tidy() {
  for (const guard of region.value?.querySelectorAll<HTMLElement>(':scope > [aria-hidden][tabindex="0"]') ?? [])
    guard.tabIndex = -1
}
onMounted(async () => {
  // It is put at the end of the page once all else stands.
  await nextTick()
  region.value = document.querySelector<HTMLElement>('[role="region"]:has(> [data-slot="viewport"])')
  region.value?.setAttribute('aria-label', 'Messages (F8)')
  tidy()
})
useMutationObserver(region, tidy, { childList: true })
</script>

<template>
  <UToaster />
</template>
