<script setup lang="ts">
/** Both are fetched when they are first asked for. */
const { keys, box } = useHelpers()
useFocusKept()
useEscape()
useEventListener('keydown', (event: KeyboardEvent) => {
  const command = event.ctrlKey || event.metaKey
  if (event.key.toLowerCase() === 'k' && command) {
    event.preventDefault()
    box.value = true
  } else if (event.key === '?' && !command && !isTyping(event)) {
    event.preventDefault()
    keys.value = true
  }
})
</script>

<template>
  <UApp>
    <a class="skip" href="#content">Skip to the page</a>
    <NuxtPage />
    <ClientOnly>
      <LazyCommandBox v-if="box" />
      <LazyKeySheet v-if="keys" />
    </ClientOnly>
  </UApp>
</template>
