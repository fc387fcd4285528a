<script setup lang="ts">
import { keptBack, type CareTask } from '~~/core/care'
import { daysBetween } from '~~/core/time'

const { say, dayWords, figure } = useManner()

/** One task: what, where, when, why, how long; done, skipped or moved. Pointing at it lights its places. */
const props = defineProps<{ task: CareTask }>()
const { now, monday, weather, ticks, isOver, dayOf, tick } = useCare()
const compose = useComposeStore()
const state = computed(() => ticks.value[props.task.id]?.what ?? null)
const hours = computed(() => {
  const { minutes } = props.task
  return minutes < 60 ? `${minutes} min` : `${figure(minutes / 60, 1, 1)} h`
})
const where = computed(() =>
  props.task.count > 1 ? `${props.task.bedName}, ${props.task.count}` : props.task.bedName,
)
const back = computed(() => keptBack(props.task.kind, weather.value(dayOf(props.task))))
/** Where this week lies in the window, hundredths. */
const bar = computed(() => {
  const { opens, closes, best } = props.task
  const whole = Math.max(1, daysBetween(opens, closes))
  const at = (day: string) => Math.min(100, Math.max(0, (100 * daysBetween(opens, day)) / whole))
  return { best: at(best), week: at(monday.value) }
})
const light = (on: boolean) => {
  compose.lit = on ? [...props.task.places] : []
}
const move = (event: Event) => {
  const { value } = event.target as HTMLInputElement
  if (value) tick(props.task, 'moved', value)
}
</script>

<template>
  <li
    class="grid grid-cols-[1fr_132px] gap-3.5 py-2.5 px-0 border-t border-line hover:bg-amber/7 focus-within:bg-amber/7"
    :class="{ over: isOver(task) }"
    :data-task="task.id"
    @mouseenter="light(true)"
    @mouseleave="light(false)"
    @focusin="light(true)"
    @focusout="light(false)"
  >
    <div class="[.over_&]:opacity-62">
      <p class="flex gap-2.5 items-baseline">
        <b>{{ task.title }}</b>
        <span class="text-soft text-sm">{{ where }}</span>
        <span class="ml-auto tabular-nums text-sm">{{ hours }}</span>
      </p>
      <p class="text-sm leading-snug">{{ task.why }}</p>
      <p class="text-xs text-soft leading-relaxed">
        <span
          class="relative inline-block w-24 h-1.5 rounded-xs bg-amber/30 mr-1.5 align-middle print:hidden"
          aria-hidden="true"
        >
          <i class="bg-ink absolute -top-0.5 w-1 h-3 -ml-px rounded-xs" :style="{ left: `${bar.week}%` }" />
          <i class="bg-amber-deep absolute -top-0.5 w-1 h-3 -ml-px rounded-xs" :style="{ left: `${bar.best}%` }" />
        </span>
        {{ dayWords(task.opens) }} to {{ dayWords(task.closes) }}, best {{ dayWords(task.best) }}
        <template v-if="task.tools.length > 0">· {{ task.tools.join(', ') }}</template>
      </p>
      <p v-for="c in task.cautions" :key="c" class="caution text-amber-deep text-xs leading-snug">{{ say(c) }}</p>
      <p v-if="back" class="caution text-amber-deep text-xs leading-snug">
        On {{ dayWords(dayOf(task)) }} {{ back }}: wait a few days.
      </p>
      <p v-if="state === 'moved'" class="text-xs text-soft leading-relaxed">moved to {{ dayWords(dayOf(task)) }}</p>
    </div>
    <div class="acts flex flex-col gap-1 items-start print:hidden">
      <UButton
        v-if="!isOver(task)"
        size="xs"
        icon="i-lucide-check"
        :aria-label="`Done: ${task.title}, ${task.bedName}`"
        @click="tick(task, 'done')"
      >
        Done
      </UButton>
      <UButton
        v-if="!isOver(task)"
        size="xs"
        color="neutral"
        variant="ghost"
        :aria-label="`Not this year: ${task.title}, ${task.bedName}`"
        @click="tick(task, 'skipped')"
      >
        Not this year
      </UButton>
      <label v-if="!isOver(task)" class="text-xs text-soft">
        move to
        <input
          class="border border-line rounded-sm bg-card py-px px-1 text-xs w-35"
          type="date"
          :value="state === 'moved' ? dayOf(task) : ''"
          :min="now"
          :aria-label="`Move to: ${task.title}, ${task.bedName}`"
          @change="move"
        />
      </label>
      <template v-else>
        <span class="state text-xs text-soft">{{ state }} {{ dayWords(ticks[task.id]!.day) }}</span>
        <UButton size="xs" color="neutral" variant="ghost" @click="tick(task, null)">Open again</UButton>
      </template>
    </div>
  </li>
</template>
