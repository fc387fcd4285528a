<script setup lang="ts">
import letters from '@fontsource-variable/inter/files/inter-latin-wght-normal.woff2?url'
import headings from '@fontsource-variable/fraunces/files/fraunces-latin-wght-normal.woff2?url'

// Known before the style sheet that asks for them: no page is laid out twice.
useHead({
  link: [letters, headings].map((href) => ({
    ...{
      rel: 'preload' as const,
      as: 'font' as const,
      type: 'font/woff2' as const,
      crossorigin: 'anonymous' as const,
    },
    href,
  })),
})
/** Both are fetched when they are first asked for. */
const { keys, box } = useHelpers()
/** What shows messages is made for the first one: most pages never show any, and it would be made while the page starts. */
const { toasts } = useToast()
const hasSaid = ref(false)
watch(
  () => toasts.value.length > 0,
  (has) => {
    if (has) hasSaid.value = true
  },
)
const fault = computed(() => keptFault.value || answerFault.value)
function closeFault() {
  keptFault.value = ''
  answerFault.value = ''
}
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
  <UApp :toaster="null">
    <a class="skip" href="#content">Skip to the page</a>
    <ViewGuard>
      <NuxtPage />
    </ViewGuard>
    <ClientOnly>
      <p
        v-if="fault"
        class="fixed inset-x-4 bottom-4 z-50 rounded-md border border-amber bg-amber-wash p-3 text-sm shadow-lg"
        role="alert"
      >
        {{ fault }}
        <button class="underline" type="button" @click="closeFault">Close</button>
      </p>
      <LatePart v-if="box" @missed="box = false"><LazyCommandBox /></LatePart>
      <LatePart v-if="keys" @missed="keys = false"><LazyKeySheet /></LatePart>
      <MessageArea v-if="hasSaid" />
    </ClientOnly>
  </UApp>
</template>
