<script setup lang="ts">
/** A page about the whole store: the way back to the gardens, its title, and what it holds. */
defineProps<{ title: string }>()
</script>

<template>
  <main id="content" class="page" tabindex="-1">
    <header class="top">
      <NuxtLink to="/" aria-label="All gardens"><ProgramMark :size="40" /></NuxtLink>
      <h1>{{ title }}</h1>
    </header>
    <slot />
  </main>
</template>

<style scoped>
.page {
  max-width: 900px;
  margin: 0 auto;
  padding: 26px 24px 60px;
}
.top {
  display: flex;
  align-items: center;
  gap: 14px;
  margin-bottom: 20px;
}
h1 {
  font-size: 28px;
  font-weight: 600;
}
</style>
