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
  <div class="flex flex-col flex-1 min-h-0">
    <div class="flex items-center gap-3 py-2.5 px-3.5">
      <button class="small" aria-label="Week before" @click="monday = addDays(monday, -7)">‹</button>
      <p class="flex-1 text-center font-semibold">
        {{ dayWords(monday) }} to {{ dayWords(sunday) }}
        <small class="block font-normal">{{ left }} to do</small>
      </p>
      <button class="small" aria-label="Week after" @click="monday = addDays(monday, 7)">›</button>
      <button
        class="small aria-pressed:bg-[#14110d] aria-pressed:text-[#fffdf8]"
        :aria-pressed="all"
        @click="all = !all"
      >
        All beds
      </button>
    </div>
    <ul class="flex-1 min-h-0 overflow-y-auto" data-testid="onsite-week">
      <li
        class="flex gap-2.5 items-center py-2.5 px-3.5 border-t border-[#cbbc9f]"
        v-for="t in shown"
        :key="t.id"
        :class="{ over: stateOf(t) !== null }"
        :data-task="t.id"
      >
        <button
          class="flex-1 text-left cursor-pointer [.over_&]:opacity-55"
          @click="emit('show', t.places, t.bedId)"
        >
          <b>{{ t.title }}</b>
          <span class="block text-lg">
            {{ t.count > 1 ? `${t.count} · ` : '' }}{{ t.minutes }} min · until {{ dayWords(t.closes) }}
          </span>
          <span class="block text-lg">{{ t.why }}</span>
          <em class="block text-lg text-[#8a2f14] not-italic" v-for="c in t.cautions" :key="c">{{ c }}</em>
        </button>
        <button
          class="min-w-25 min-h-16 border-2 border-[#14110d] rounded-md cursor-pointer aria-pressed:bg-[#9db57c]"
          :aria-pressed="stateOf(t) === 'done'"
          @click="set(t, 'done')"
        >
          Done
        </button>
        <button
          class="min-w-25 min-h-16 border-2 border-[#14110d] rounded-md cursor-pointer border text-lg aria-pressed:bg-[#9db57c]"
          :aria-pressed="stateOf(t) === 'skipped'"
          @click="set(t, 'skipped')"
        >
          Not this year
        </button>
      </li>
      <li
        v-if="shown.length === 0"
        class="flex gap-2.5 items-center border-t border-[#cbbc9f] justify-center p-8.5"
      >
        Nothing to do here this week.
      </li>
    </ul>
  </div>
</template>

<style scoped>
@layer components {
  .small {
    min-width: 48px;
    height: 46px;
    padding: 0 10px;
    border: 2px solid #14110d;
    border-radius: 8px;
    cursor: pointer;
  }
}
</style>
