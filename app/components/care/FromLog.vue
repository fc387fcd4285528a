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
    <h3 class="mt-4 text-lg">
      From the log
      <small class="font-sans text-sm font-normal text-soft">{{ due.length }}</small>
    </h3>
    <ul>
      <li
        class="flex items-center gap-3 py-1.5 px-0 text-sm border-b border-line"
        v-for="i in due"
        :key="i.entry.id"
      >
        <div class="flex-1">
          <b class="mr-1.5">
            {{ capital(WISH_WORDS[i.wish]) }}: {{ plantName(i.entry.plantId) || bedName(i.entry.bedId) }}
          </b>
          <span class="soft text-xs text-soft">
            {{ bedName(i.entry.bedId) }} · {{ i.why }}, until {{ dayWords(i.closes) }}
            <template v-if="i.missed > 0">· was too late before</template>
          </span>
          <p v-if="i.entry.note" class="soft text-xs text-soft">{{ i.entry.note }}</p>
        </div>
        <UButton size="xs" color="neutral" variant="outline" @click="change(i.entry, { done: now })">Done</UButton>
      </li>
    </ul>
  </section>
</template>
