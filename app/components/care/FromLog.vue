<script setup lang="ts">
import { WISH_WORDS } from '~~/core/log'
import { capital } from '~~/core/measure'

const { dayWords } = useManner()

/** What was wished for in the log and has its time this week: moved, split, thinned, ordered; what went by is asked for again. */
const { monday, sunday, now } = useCare()
const { open, next, change, bedName, plantName } = useLog()
onMounted(open)
const due = computed(() => next.value.filter((i) => i.opens <= sunday.value && i.closes >= monday.value))
</script>

<template>
  <section v-if="due.length > 0" aria-label="From the log" data-testid="care-from-log">
    <h3>
      From the log
      <small>{{ due.length }}</small>
    </h3>
    <ul>
      <li v-for="i in due" :key="i.entry.id">
        <div>
          <b>{{ capital(WISH_WORDS[i.wish]) }}: {{ plantName(i.entry.plantId) || bedName(i.entry.bedId) }}</b>
          <span class="soft">
            {{ bedName(i.entry.bedId) }} · {{ i.why }}, until {{ dayWords(i.closes) }}
            <template v-if="i.missed > 0">· was too late before</template>
          </span>
          <p v-if="i.entry.note" class="soft">{{ i.entry.note }}</p>
        </div>
        <UButton size="xs" color="neutral" variant="outline" @click="change(i.entry, { done: now })">Done</UButton>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h3 {
  margin-top: 14px;
  font-size: 15px;
}
h3 small {
  font-family: var(--font-sans);
  font-size: 13px;
  font-weight: 400;
  color: var(--soft);
}
li {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 6px 0;
  font-size: 13px;
  border-bottom: 1px solid var(--line);
}
li > div {
  flex: 1;
}
li b {
  margin-right: 6px;
}
.soft {
  font-size: 12px;
  color: var(--soft);
}
</style>
