<script setup lang="ts">
/** A page of what our findings rest on, opened at the part that a finding names. */
const PAGES = import.meta.glob<string>('~~/docs/grounds/*.md', { query: '?raw', import: 'default' })
const route = useRoute()
const page = computed(() => String(route.params.page))
const html = ref('')
const isMissing = ref(false)

async function open() {
  const [, read] = Object.entries(PAGES).find(([path]) => path.endsWith(`/${page.value}.md`)) ?? []
  isMissing.value = !read
  html.value = read ? renderGrounds(await read()) : ''
  await nextTick()
  const part = document.getElementById(route.hash.slice(1))
  part?.scrollIntoView({ block: 'start' })
  part?.classList.add('named')
}
onMounted(open)
watch(() => route.fullPath, open)
useHead({ title: () => `Grounds: ${page.value}` })
</script>

<template>
  <main id="content" class="grounds mx-auto max-w-[76ch] px-5 py-8 text-ink leading-relaxed">
    <p v-if="isMissing" role="alert">
      There is no such page. Findings rest on practice, composing, calculations and keeping.
    </p>
    <!-- Our own pages, built with the program. -->
    <!-- eslint-disable-next-line vue/no-v-html -->
    <div v-html="html" />
  </main>
</template>

<style scoped>
@layer components {
  .grounds :deep(h1),
  .grounds :deep(h2),
  .grounds :deep(h3) {
    font-family: var(--font-serif);
    font-weight: 600;
    margin: 1.2em 0 0.4em;
  }
  .grounds :deep(h1) {
    font-size: var(--text-2xl);
  }
  .grounds :deep(h2) {
    font-size: var(--text-lg);
  }
  .grounds :deep(ul),
  .grounds :deep(ol) {
    padding-left: 1.2em;
    list-style: disc;
  }
  .grounds :deep(td),
  .grounds :deep(th) {
    vertical-align: top;
    text-align: left;
    padding: 0.4em 0.8em 0.4em 0;
    border-top: 1px solid var(--line);
  }
  .grounds :deep(.named) {
    background: var(--amber-wash);
  }
}
</style>
