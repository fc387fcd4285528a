<script setup lang="ts">
import type { NuxtError } from '#app'

/** Stands in place of a page that is not there, or cannot be shown at all. */
const props = defineProps<{ error: NuxtError }>()
const isMissing = computed(() => props.error.statusCode === 404)
const title = computed(() => (isMissing.value ? 'There is no such page' : 'This page cannot be shown'))
const details = computed(() => (isMissing.value ? '' : (props.error.stack ?? props.error.message)))
useHead({ title: () => `${title.value} · Amber Terrace` })
const home = () => clearError({ redirect: '/' })
const again = () => reloadNuxtApp()
</script>

<template>
  <UApp :toaster="null">
    <main id="content" class="page my-[12vh] mx-auto w-[min(520px,90%)]">
      <ProgramMark :size="44" />
      <Trouble :title="title" :details="details">
        <template v-if="isMissing">
          The address may be mistyped, or what it showed was removed. The list of gardens has all there is, and what
          was thrown away is kept for 30 days.
        </template>
        <template v-else>
          What you did is saved, or waits in this browser until it is: nothing is lost. Try again; if it comes back,
          send on what is written below.
        </template>
        <template #ways>
          <UButton icon="i-lucide-arrow-left" @click="home">All gardens</UButton>
          <UButton v-if="!isMissing" color="neutral" variant="outline" icon="i-lucide-rotate-ccw" @click="again">
            Try again
          </UButton>
        </template>
      </Trouble>
    </main>
  </UApp>
</template>

<style scoped>
.page :deep(.trouble) {
  margin: 24px 0 0;
  width: auto;
}
</style>
