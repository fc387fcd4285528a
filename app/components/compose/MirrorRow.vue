<script setup lang="ts">
/** What is chosen, mirrored about a line: copied once, or copied and held as a mirror. */
const { about, places, place, mirrorCopy } = useMany()
</script>

<template>
  <div class="flex gap-1.5">
    <USelect v-model="about" :items="places" size="xs" class="flex-1 min-w-26" aria-label="Mirror about" />
    <UButton
      size="xs"
      color="neutral"
      variant="outline"
      icon="i-lucide-flip-horizontal-2"
      :disabled="!place"
      @click="mirrorCopy(false)"
    >
      Copy
    </UButton>
    <UButton
      size="xs"
      color="neutral"
      variant="outline"
      title="Copies it mirrored, and keeps both alike"
      :disabled="!place"
      @click="mirrorCopy(true)"
    >
      Mirror
    </UButton>
  </div>
</template>
