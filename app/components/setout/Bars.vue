<script setup lang="ts">
import { addDays } from '~~/core/time'
import { dayOfColumn, workDays, workingDay, type PlannedTask } from '~~/core/works'

/** Tasks on their working days; one that is dragged, or moved with the arrow keys, asks to begin on another day. */
const props = defineProps<{ tasks: readonly PlannedTask[]; workingDays: readonly number[] }>()
const emit = defineEmits<{ move: [id: string, day: string] }>()
const { say, dayWords } = useManner()

const shown = computed(() => workDays(props.tasks))
/** Where many weeks are shown a day is narrower. */
const LONG_DAYS = 70
const dayPx = computed(() => (shown.value.columns > LONG_DAYS ? 9 : 18))
const place = (run: { readonly column: number; readonly days: number }) => ({
  left: `${run.column * dayPx.value}px`,
  width: `${run.days * dayPx.value - 2}px`,
})
const wide = computed(() => ({
  width: `${shown.value.columns * dayPx.value}px`,
  '--week': `${7 * dayPx.value}px`,
  '--work': `${5 * dayPx.value}px`,
}))
const heads = computed(() =>
  shown.value.weeks.map((w) => ({
    ...w,
    style: { left: `${w.column * dayPx.value}px` },
    words: dayWords(w.monday),
  })),
)
const lookOf = (t: PlannedTask) => {
  if (t.done) return 'bg-line'
  return t.critical ? 'bg-amber' : 'bg-sage'
}
const wordsOf = (t: PlannedTask) =>
  `${say(t.name)}: ${dayWords(t.start)}${t.end === t.start ? '' : ` to ${dayWords(t.end)}`}. Arrow keys move it by a day.`

const dragged = shallowRef<{ readonly id: string; readonly fromX: number; readonly columns: number } | null>(null)
function drag(event: PointerEvent) {
  const at = dragged.value
  if (at) dragged.value = { ...at, columns: Math.round((event.clientX - at.fromX) / dayPx.value) }
}
function take(event: PointerEvent, t: PlannedTask) {
  const bar = event.currentTarget as HTMLElement
  bar.setPointerCapture(event.pointerId)
  dragged.value = { id: t.id, fromX: event.clientX, columns: 0 }
}
function drop({ task, runs }: (typeof shown.value.rows)[number]) {
  const columns = dragged.value?.columns ?? 0
  dragged.value = null
  if (columns !== 0) moveTo(task, dayOfColumn(shown.value, runs[0]!.column + columns), columns < 0 ? -1 : 1)
}
const step = (task: PlannedTask, by: 1 | -1) => moveTo(task, addDays(task.start, by), by)
function moveTo(task: PlannedTask, day: string, way: 1 | -1) {
  const start = workingDay(day, way, props.workingDays)
  if (start !== task.start) emit('move', task.id, start)
}
const slid = (t: PlannedTask) =>
  dragged.value?.id === t.id ? { transform: `translateX(${dragged.value.columns * dayPx.value}px)` } : {}
</script>

<template>
  <div
    class="days-of-work relative my-3 overflow-auto rounded-md border border-line max-h-96"
    role="group"
    aria-label="Tasks on their days; the list below holds the same"
    tabindex="0"
  >
    <div class="w-max min-w-full">
      <div class="sticky top-0 z-20 flex bg-card border-b border-line text-xs text-soft">
        <span class="sticky left-0 z-10 w-40 shrink-0 bg-card sm:w-80 py-1 px-2">Amber: no slack</span>
        <span class="relative h-6" :style="wide">
          <span
            v-for="w in heads"
            :key="w.monday"
            class="absolute top-1 border-l border-accented pl-1 whitespace-nowrap"
            :style="w.style"
          >
            {{ w.words }}
          </span>
        </span>
      </div>
      <div v-for="row in shown.rows" :key="row.task.id" class="flex items-center border-b border-line/50 text-xs">
        <span
          class="sticky left-0 z-10 w-40 shrink-0 sm:w-80 sm:truncate bg-card py-1 px-2"
          :class="{ 'text-soft line-through': row.task.done }"
          :title="say(row.task.name)"
        >
          {{ say(row.task.name) }}
        </span>
        <span class="weeks relative h-7 shrink-0" :style="wide">
          <span
            v-if="row.slack"
            class="absolute top-3 h-0.5 bg-sage/60"
            :style="place(row.slack)"
            title="So far it can slip"
          />
          <button
            class="absolute inset-y-0 left-0 w-full touch-none cursor-grab focus-visible:outline-none group"
            type="button"
            :aria-label="wordsOf(row.task)"
            :style="slid(row.task)"
            @pointerdown="take($event, row.task)"
            @pointermove="drag"
            @pointerup="drop(row)"
            @pointercancel="dragged = null"
            @keydown.left.prevent="step(row.task, -1)"
            @keydown.right.prevent="step(row.task, 1)"
          >
            <span
              v-for="run in row.runs"
              :key="run.column"
              class="absolute inset-y-1.5 rounded-sm group-focus-visible:ring-2 ring-ink"
              :class="lookOf(row.task)"
              :style="place(run)"
            />
          </button>
        </span>
      </div>
    </div>
  </div>
</template>

<style scoped>
@layer components {
  /* Weekends are tinted, week by week. */
  .weeks {
    background: repeating-linear-gradient(
      to right,
      transparent 0 var(--work),
      var(--paper) var(--work) var(--week)
    );
  }
}
</style>
