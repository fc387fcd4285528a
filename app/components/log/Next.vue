<script setup lang="ts">
import { WISH_WORDS, type NextItem } from '~~/core/log'
import { capital } from '~~/core/measure'

const { dayWords } = useManner()

/** What is to change next season, with its windows; what went by is asked for again. Trials are asked about at the season's end. */
const { next, trials, change, bedName, plantName, now } = useLog()
const bed = useBedStore()
const done = (item: NextItem) => change(item.entry, { done: now })
const missedWords = (n: number) =>
  n === 1 ? 'too late once, asked for again' : `too late ${n} times, asked for again`
const stateOf = (i: NextItem) =>
  i.opens <= now ? `now, until ${dayWords(i.closes)}` : `from ${dayWords(i.opens)} to ${dayWords(i.closes)}`
</script>

<template>
  <div class="ledger max-w-257">
    <h2>Next season</h2>
    <p class="soft">
      What was wished for while it could be seen. It stands in Care when its time comes, and in Compose as long as
      it is open.
    </p>
    <NextStep v-if="next.length === 0" :sample="SAMPLES.wishes">
      Nothing is wished for. Say “next season” when you write in the diary.
    </NextStep>
    <ul data-testid="next-season">
      <li
        class="flex items-center gap-3.5 py-2.5 px-0 text-sm border-b border-line"
        v-for="i in next"
        :key="i.entry.id"
      >
        <b class="w-16 text-amber-deep">{{ capital(WISH_WORDS[i.wish]) }}</b>
        <div class="flex-1">
          <p>
            {{ i.plant?.commonName ?? bedName(i.entry.bedId) }}
            <span class="soft">{{ bedName(i.entry.bedId) }}</span>
          </p>
          <p v-if="i.entry.note" class="soft">{{ i.entry.note }}</p>
          <p>
            {{ stateOf(i) }}, {{ i.why }}
            <em class="ml-1.5 text-brick-600 not-italic dark:text-brick-300" v-if="i.missed > 0">
              {{ missedWords(i.missed) }}
            </em>
          </p>
        </div>
        <UButton size="xs" color="neutral" variant="outline" :to="`/beds/${i.entry.bedId || bed.id}/compose`">
          In Compose
        </UButton>
        <UButton size="xs" color="neutral" variant="outline" @click="done(i)">Done</UButton>
      </li>
    </ul>
    <template v-if="trials.length > 0">
      <h3>Trials: how did they do?</h3>
      <ul data-testid="trials">
        <li
          class="flex items-center gap-3.5 py-2.5 px-0 text-sm border-b border-line"
          v-for="t in trials"
          :key="t.id"
        >
          <b class="w-16 text-amber-deep">Trial</b>
          <div class="flex-1">
            <p>
              {{ plantName(t.plantId) || bedName(t.bedId) }}
              <span class="soft">since {{ dayWords(t.day) }}</span>
            </p>
            <p class="soft">{{ t.note }}</p>
          </div>
          <UButton size="xs" color="neutral" variant="outline" @click="change(t, { done: now, wish: 'more' })">
            Well: more of it
          </UButton>
          <UButton size="xs" color="neutral" variant="outline" @click="change(t, { done: now })">It stays</UButton>
          <UButton size="xs" color="neutral" variant="outline" @click="change(t, { trial: false, wish: 'never' })">
            Never again
          </UButton>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.empty {
  padding: 16px 0;
}
</style>
