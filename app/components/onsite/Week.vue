<script setup lang="ts">
import type { CareTask } from '~~/core/care'
import { addDays, mondayOf } from '~~/core/time'
import type { useWeekBook } from '~/composables/useWeekBook'

const { dayWords } = useManner()

/** The week's work in the garden, large enough for a glove: done or not this year; the places can be looked at on the plan. */
const props = defineProps<{ tasks: readonly CareTask[]; bedId: string; book: ReturnType<typeof useWeekBook> }>()
const emit = defineEmits<{ show: [places: readonly string[], bedId: string] }>()
const now = today()
const monday = ref(mondayOf(now))
const all = ref(false)
const sunday = computed(() => addDays(monday.value, 6))
const stateOf = (t: CareTask) => props.book.ticks.value[t.id]?.what ?? null
const shown = computed(() =>
  props.tasks
    .filter((t) => t.opens <= sunday.value && t.closes >= monday.value && (all.value || t.bedId === props.bedId))
    .sort((a, b) => Number(stateOf(a) !== null) - Number(stateOf(b) !== null) || (a.closes < b.closes ? -1 : 1)),
)
const set = (t: CareTask, what: 'done' | 'skipped') =>
  void props.book.tick(t, stateOf(t) === what ? null : { what, day: now })
const left = computed(() => shown.value.filter((t) => stateOf(t) === null).length)
</script>

<template>
  <div class="week">
    <div class="bar">
      <button class="small" aria-label="Week before" @click="monday = addDays(monday, -7)">‹</button>
      <p>
        {{ dayWords(monday) }} to {{ dayWords(sunday) }}
        <small>{{ left }} to do</small>
      </p>
      <button class="small" aria-label="Week after" @click="monday = addDays(monday, 7)">›</button>
      <button class="small" :aria-pressed="all" @click="all = !all">All beds</button>
    </div>
    <ul data-testid="onsite-week">
      <li v-for="t in shown" :key="t.id" :class="{ over: stateOf(t) !== null }" :data-task="t.id">
        <button class="what" @click="emit('show', t.places, t.bedId)">
          <b>{{ t.title }}</b>
          <span>{{ t.count > 1 ? `${t.count} · ` : '' }}{{ t.minutes }} min · until {{ dayWords(t.closes) }}</span>
          <span>{{ t.why }}</span>
          <em v-for="c in t.cautions" :key="c">{{ c }}</em>
        </button>
        <button class="tick" :aria-pressed="stateOf(t) === 'done'" @click="set(t, 'done')">Done</button>
        <button class="tick thin" :aria-pressed="stateOf(t) === 'skipped'" @click="set(t, 'skipped')">
          Not this year
        </button>
      </li>
      <li v-if="shown.length === 0" class="none">Nothing to do here this week.</li>
    </ul>
  </div>
</template>

<style scoped>
.week {
  display: flex;
  flex-direction: column;
  flex: 1;
  min-height: 0;
}
.bar {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 8px 12px;
}
.bar p {
  flex: 1;
  text-align: center;
  font-weight: 600;
}
.bar small {
  display: block;
  font-weight: 400;
}
.small {
  min-width: 48px;
  height: 46px;
  padding: 0 10px;
  border: 2px solid #14110d;
  border-radius: 8px;
  cursor: pointer;
}
.small[aria-pressed='true'] {
  background: #14110d;
  color: #fffdf8;
}
ul {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
}
li {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 8px 12px;
  border-top: 1px solid #cbbc9f;
}
.what {
  flex: 1;
  text-align: left;
  cursor: pointer;
}
.what span,
.what em {
  display: block;
  font-size: 15px;
}
.what em {
  color: #8a2f14;
  font-style: normal;
}
.tick {
  min-width: 86px;
  min-height: 56px;
  border: 2px solid #14110d;
  border-radius: 8px;
  cursor: pointer;
}
.tick.thin {
  border-width: 1px;
  font-size: 15px;
}
.tick[aria-pressed='true'] {
  background: #9db57c;
}
.over .what {
  opacity: 0.55;
}
.none {
  justify-content: center;
  padding: 30px;
}
</style>
