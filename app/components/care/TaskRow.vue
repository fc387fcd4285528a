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
    class="task"
    :class="{ over: isOver(task) }"
    :data-task="task.id"
    @mouseenter="light(true)"
    @mouseleave="light(false)"
    @focusin="light(true)"
    @focusout="light(false)"
  >
    <div class="words">
      <p class="title">
        <b>{{ task.title }}</b>
        <span class="where">{{ where }}</span>
        <span class="time">{{ hours }}</span>
      </p>
      <p class="why">{{ task.why }}</p>
      <p class="when">
        <span class="window" aria-hidden="true">
          <i class="week" :style="{ left: `${bar.week}%` }" />
          <i class="best" :style="{ left: `${bar.best}%` }" />
        </span>
        {{ dayWords(task.opens) }} to {{ dayWords(task.closes) }}, best {{ dayWords(task.best) }}
        <template v-if="task.tools.length > 0">· {{ task.tools.join(', ') }}</template>
      </p>
      <p v-for="c in task.cautions" :key="c" class="caution">{{ say(c) }}</p>
      <p v-if="back" class="caution">On {{ dayWords(dayOf(task)) }} {{ back }}: wait a few days.</p>
      <p v-if="state === 'moved'" class="when">moved to {{ dayWords(dayOf(task)) }}</p>
    </div>
    <div class="acts">
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
      <label v-if="!isOver(task)" class="move">
        move to
        <input
          type="date"
          :value="state === 'moved' ? dayOf(task) : ''"
          :min="now"
          :aria-label="`Move to: ${task.title}, ${task.bedName}`"
          @change="move"
        />
      </label>
      <template v-else>
        <span class="state">{{ state }} {{ dayWords(ticks[task.id]!.day) }}</span>
        <UButton size="xs" color="neutral" variant="ghost" @click="tick(task, null)">Open again</UButton>
      </template>
    </div>
  </li>
</template>

<style scoped>
.task {
  display: grid;
  grid-template-columns: 1fr 132px;
  gap: 12px;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
.task:hover,
.task:focus-within {
  background: color-mix(in srgb, var(--amber) 7%, transparent);
}
.over .words {
  opacity: 0.62;
}
.title {
  display: flex;
  gap: 8px;
  align-items: baseline;
}
.where {
  color: var(--soft);
  font-size: 12.5px;
}
.time {
  margin-left: auto;
  font-variant-numeric: tabular-nums;
  font-size: 12.5px;
}
.why {
  font-size: 13px;
  line-height: 1.4;
}
.when {
  font-size: 12px;
  color: var(--soft);
  line-height: 1.6;
}
.window {
  position: relative;
  display: inline-block;
  width: 84px;
  height: 6px;
  border-radius: 3px;
  background: color-mix(in srgb, var(--amber) 30%, var(--card));
  margin-right: 6px;
  vertical-align: middle;
}
.window i {
  position: absolute;
  top: -2px;
  width: 3px;
  height: 10px;
  margin-left: -1px;
  border-radius: 1px;
}
.best {
  background: var(--amber-deep);
}
.week {
  background: var(--ink);
}
.caution {
  color: var(--amber-deep);
  font-size: 12px;
  line-height: 1.4;
}
.acts {
  display: flex;
  flex-direction: column;
  gap: 3px;
  align-items: flex-start;
}
.move {
  font-size: 12px;
  color: var(--soft);
}
.move input {
  border: 1px solid var(--line);
  border-radius: 5px;
  background: var(--card);
  padding: 1px 3px;
  font-size: 12px;
  width: 122px;
}
.state {
  font-size: 12px;
  color: var(--soft);
}
@media print {
  .acts,
  .window {
    display: none;
  }
}
</style>
