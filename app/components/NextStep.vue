<script setup lang="ts">
/** What an empty place says: what comes next, the way there, and how it will look once something stands in it. */
defineProps<{ to?: string; action?: string; icon?: string; sample?: readonly (readonly string[])[] }>()
const { say } = useManner()
const emit = defineEmits<{ act: [] }>()
</script>

<template>
  <section class="next-step" aria-label="What comes next">
    <div class="flex-[1_1_260px] flex flex-col items-start gap-3 text-base leading-normal">
      <p><slot /></p>
      <UButton v-if="action && to" size="sm" :to="to" :icon="icon ?? 'i-lucide-arrow-right'">{{ action }}</UButton>
      <UButton v-else-if="action" size="sm" :icon="icon ?? 'i-lucide-arrow-right'" @click="emit('act')">
        {{ action }}
      </UButton>
    </div>
    <figure class="flex-[1_1_300px] min-w-0" v-if="sample">
      <figcaption class="text-xs text-soft mb-1">It will look like this</figcaption>
      <table class="w-full text-sm text-soft">
        <tbody>
          <tr v-for="row in sample" :key="row.join()">
            <td
              class="py-1 pr-3 pl-0 border-b border-line align-top first:font-serif first:whitespace-nowrap"
              v-for="(cell, i) in row"
              :key="i"
            >
              {{ say(cell) }}
            </td>
          </tr>
        </tbody>
      </table>
    </figure>
  </section>
</template>

<style scoped>
@layer components {
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
}
</style>
