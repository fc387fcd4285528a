<script setup lang="ts">
/** What is said where something cannot be shown: what it is, that nothing is lost, what to do. */
const { details = '' } = defineProps<{ title: string; details?: string }>()
const { copy, copied } = useClipboard({ legacy: true })
</script>

<template>
  <div class="trouble" role="alert">
    <h1>{{ title }}</h1>
    <p><slot /></p>
    <div class="ways"><slot name="ways" /></div>
    <details v-if="details">
      <summary>What exactly went wrong</summary>
      <pre tabindex="0">{{ details }}</pre>
      <UButton size="xs" color="neutral" variant="outline" icon="i-lucide-copy" @click="copy(details)">
        {{ copied ? 'Copied' : 'Copy it' }}
      </UButton>
    </details>
  </div>
</template>

<style scoped>
.trouble {
  margin: 12vh auto;
  width: min(520px, 90%);
}
h1 {
  font-size: 24px;
  margin-bottom: 8px;
}
p {
  color: var(--soft);
  margin-bottom: 18px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
details {
  margin-top: 22px;
  font-size: 13px;
}
summary {
  min-height: 24px;
  color: var(--soft);
  cursor: pointer;
}
pre {
  margin: 6px 0 8px;
  padding: 8px 10px;
  max-height: 30vh;
  overflow: auto;
  font-size: 12px;
  white-space: pre-wrap;
  background: var(--paper);
  border: 1px solid var(--line);
}
</style>
