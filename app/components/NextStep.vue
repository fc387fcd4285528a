<script setup lang="ts">
/** What an empty place says: what comes next, the way there, and how it will look once something stands in it. */
defineProps<{ to?: string; action?: string; icon?: string; sample?: readonly (readonly string[])[] }>()
const { say } = useManner()
const emit = defineEmits<{ act: [] }>()
</script>

<template>
  <section class="next-step" aria-label="What comes next">
    <div class="say">
      <p><slot /></p>
      <UButton v-if="action && to" size="sm" :to="to" :icon="icon ?? 'i-lucide-arrow-right'">{{ action }}</UButton>
      <UButton v-else-if="action" size="sm" :icon="icon ?? 'i-lucide-arrow-right'" @click="emit('act')">
        {{ action }}
      </UButton>
    </div>
    <figure v-if="sample">
      <figcaption>It will look like this</figcaption>
      <table>
        <tbody>
          <tr v-for="row in sample" :key="row.join()">
            <td v-for="(cell, i) in row" :key="i">{{ say(cell) }}</td>
          </tr>
        </tbody>
      </table>
    </figure>
  </section>
</template>

<style scoped>
.next-step {
  display: flex;
  flex-wrap: wrap;
  gap: 16px 28px;
  max-width: 860px;
  margin: 10px 0 18px;
  padding: 16px 18px;
  border: 1px dashed var(--line);
  border-radius: 8px;
  background: color-mix(in srgb, var(--card) 70%, transparent);
}
.say {
  flex: 1 1 260px;
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 10px;
  font-size: 14px;
  line-height: 1.5;
}
figure {
  flex: 1 1 300px;
  min-width: 0;
}
figcaption {
  font-size: 12px;
  color: var(--soft);
  margin-bottom: 4px;
}
table {
  width: 100%;
  font-size: 12.5px;
  color: var(--soft);
}
td {
  padding: 3px 10px 3px 0;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
}
td:first-child {
  font-family: var(--font-serif);
  white-space: nowrap;
}
</style>
