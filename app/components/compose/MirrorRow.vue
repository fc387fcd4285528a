<script setup lang="ts">
/** What is chosen, mirrored about a line: copied once, or copied and held as a mirror. */
const { about, places, place, mirrorCopy } = useMany()
</script>

<template>
  <div class="mirror">
    <USelect v-model="about" :items="places" size="xs" class="about" aria-label="Mirror about" />
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

<style scoped>
.mirror {
  display: flex;
  gap: 5px;
}
.about {
  flex: 1;
  min-width: 92px;
}
</style>
