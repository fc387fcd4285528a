<script setup lang="ts">
const { say } = useManner()

/** Who else is in this garden and where, and in a line what they have just changed. */
defineProps<{ told: string }>()
const { shown } = useOthers()
const MOST = 4
const first = computed(() => shown.value.slice(0, MOST))
const more = computed(() => shown.value.slice(MOST))
const moreWords = computed(() => more.value.map((p) => `${p.name} ${p.where}`).join('\n'))
</script>

<template>
  <div class="flex items-center relative flex-none">
    <span v-if="told" class="told" role="status" data-testid="told">{{ say(told) }}</span>
    <ul
      v-if="first.length > 0"
      class="list flex flex-none"
      aria-label="Also in this garden"
      data-testid="people-here"
    >
      <li v-for="p in first" :key="p.here.tab" class="one" :title="`${p.name} is ${p.where}`">
        <span aria-hidden="true">{{ p.letters }}</span>
        <span class="sr-only">{{ p.name }} is {{ p.where }}</span>
      </li>
      <li v-if="more.length > 0" class="one" :title="moreWords">
        <span aria-hidden="true">+{{ more.length }}</span>
        <span class="sr-only">{{ moreWords }}</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
@layer components {
  .told {
    position: absolute;
    top: calc(100% + 12px);
    right: 0;
    z-index: 20;
    padding: 5px 10px;
    border: 1px solid var(--elsewhere);
    border-radius: 6px;
    background: var(--card);
    color: var(--elsewhere);
    font-size: var(--text-sm);
    white-space: nowrap;
  }
  .one {
    width: 26px;
    height: 26px;
    margin-left: -5px;
    border-radius: 50%;
    border: 2px solid var(--card);
    background: var(--elsewhere);
    color: var(--card);
    font-size: var(--text-xs);
    font-weight: 600;
    display: grid;
    place-items: center;
  }
}
</style>
