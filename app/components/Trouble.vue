<script setup lang="ts">
/** What is said where something cannot be shown: what it is, that nothing is lost, what to do. */
const { details = '' } = defineProps<{ title: string; details?: string }>()
const { copy, copied } = useClipboard({ legacy: true })
</script>

<template>
  <div class="my-[12vh] mx-auto w-[min(520px,90%)]" role="alert">
    <h1 class="text-2xl mb-2.5">{{ title }}</h1>
    <p class="text-soft mb-5"><slot /></p>
    <div class="flex flex-wrap gap-2.5"><slot name="ways" /></div>
    <details class="mt-6.5 text-sm" v-if="details">
      <summary class="min-h-7 text-soft cursor-pointer">What exactly went wrong</summary>
      <pre
        class="mt-1.5 mb-2.5 mx-0 py-2.5 px-3 max-h-[30vh] overflow-auto text-xs whitespace-pre-wrap bg-paper border border-line"
        tabindex="0"
        >{{ details }}</pre>
      <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-copy" @click="copy(details)">
        {{ copied ? 'Copied' : 'Copy it' }}
      </UButton>
    </details>
  </div>
</template>
