<script setup lang="ts">
import Gantt from 'frappe-gantt'
import '~~/node_modules/frappe-gantt/dist/frappe-gantt.css'
import type { PlannedTask } from '~~/core/works'

const { say } = useManner()

/** Tasks as bars over days; a bar that is dragged asks to begin on another day. */
const props = defineProps<{ tasks: readonly PlannedTask[] }>()
const emit = defineEmits<{ move: [id: string, day: string] }>()
const box = ref<HTMLElement>()

const key = (id: string) => id.replace(/[^A-Za-z0-9_-]/g, '_')
const isoDay = (date: Date) => {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`
}
const classOf = (t: PlannedTask) => {
  if (t.done) return 'bar-done'
  return t.critical ? 'bar-critical' : 'bar-free'
}
const bars = computed(() =>
  props.tasks.map((t) => ({
    id: key(t.id),
    name: say(t.name),
    start: t.start,
    end: t.end,
    progress: t.done ? 100 : 0,
    dependencies: t.after.map(key),
    custom_class: classOf(t),
  })),
)
const first = computed(() => props.tasks.reduce((day, t) => (t.start < day ? t.start : day), '9999'))
const span = computed(() => {
  const last = props.tasks.reduce((day, t) => (t.end > day ? t.end : day), '0000')
  return (Date.parse(last) - Date.parse(first.value)) / 86_400_000
})
const LONG_DAYS = 70

function draw() {
  if (!box.value) return
  box.value.replaceChildren()
  if (bars.value.length === 0) return
  new Gantt(box.value, [...bars.value], {
    view_mode: span.value > LONG_DAYS ? 'Week' : 'Day',
    bar_height: 18,
    padding: 8,
    container_height: 360,
    readonly_progress: true,
    today_button: false,
    infinite_padding: false,
    popup: false,
    scroll_to: first.value,
    on_date_change: (task: { id?: string | undefined }, start: Date) => {
      const moved = props.tasks.find((t) => key(t.id) === task.id)
      if (moved && isoDay(start) !== moved.start) emit('move', moved.id, isoDay(start))
      else nextTick(draw)
    },
  })
  // It scrolls: the keyboard must come to it.
  const scroller = box.value.querySelector('.gantt-container')
  scroller?.setAttribute('tabindex', '0')
  scroller?.setAttribute('role', 'group')
  scroller?.setAttribute('aria-label', 'Bars of the tasks, to be scrolled')
}
onMounted(draw)
watch(bars, draw)
</script>

<template>
  <div ref="box" class="bars" role="group" aria-label="Tasks as bars over days; the list below holds the same" />
</template>

<style>
.bars {
  --g-bar-color: #d9cfb8;
  --g-bar-border: #8a7355;
  --g-arrow-color: #8a7355;
  --g-header-background: var(--card);
  --g-row-color: var(--card);
  --g-border-color: var(--line);
  --g-tick-color: var(--line);
  --g-tick-color-thick: var(--line);
  --g-text-dark: var(--ink);
  --g-text-light: #fff;
  --g-text-muted: var(--soft);
  --g-weekend-highlight-color: var(--paper);
  --g-expected-progress: var(--sage);
  border: 1px solid var(--line);
  border-radius: 6px;
  margin: 8px 0 14px;
  overflow: hidden;
}
.bars .bar-critical .bar {
  fill: #d68a1c;
}
.bars .bar-free .bar {
  fill: #b7c09a;
}
.bars .bar-done .bar {
  fill: #d8d2c4;
}
.bars .bar-label,
.bars .bar-label.big {
  fill: var(--ink);
  font-family: var(--font-sans);
  font-size: var(--text-xs);
}
</style>
