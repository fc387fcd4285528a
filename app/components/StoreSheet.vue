<script setup lang="ts">
/** A page about the whole store: the way back to the gardens, its title, and what it holds. */
defineProps<{ title: string }>()
</script>

<template>
  <main id="content" class="max-w-257 my-0 mx-auto pt-7.5 pb-17 px-7" tabindex="-1">
    <header class="top flex items-center gap-4 mb-5.5">
      <NuxtLink to="/" aria-label="All gardens"><ProgramMark :size="40" /></NuxtLink>
      <h1 class="text-2xl font-semibold">{{ title }}</h1>
    </header>
    <slot />
  </main>
</template>
