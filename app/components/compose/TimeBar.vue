<script setup lang="ts">
import { MONTH_NAMES, monthName, type PlaceMonth } from '~~/core/time'

const compose = useComposeStore()
const { months } = useScene()
const YEARS = [0, 1, 2, 3, 5, 10] as const
const bar = useTemplateRef<HTMLDivElement>('bar')
const setMonth = (month: PlaceMonth) => {
  compose.moment = { ...compose.moment, month }
}
const setYear = (year: number) => {
  compose.moment = { ...compose.moment, year }
}

const LAST_MONTH = 12
/** The leading colours of a month fill its stack, as they are to one another, however many kinds there are. */
const LEAST_SHARE = 0.06
const growOf = (share: number) => Math.round(100 * Math.max(LEAST_SHARE, share))
function pickAt(clientX: number) {
  const box = bar.value!.getBoundingClientRect()
  const month = 1 + Math.floor(((clientX - box.left) / box.width) * LAST_MONTH)
  setMonth(Math.min(LAST_MONTH, Math.max(1, month)))
}
const pick = (at: { clientX: number }) => pickAt(at.clientX)
useDrag(bar, { move: pick, end: pick })
function monthKey(event: KeyboardEvent) {
  if (event.key === 'Home' || event.key === 'End') {
    event.preventDefault()
    return setMonth(event.key === 'Home' ? 1 : LAST_MONTH)
  }
  const step = stepOfKey(event)
  if (step === 0) return
  event.preventDefault()
  setMonth(((compose.moment.month - 1 + step + LAST_MONTH) % LAST_MONTH) + 1)
}
function yearKey(event: KeyboardEvent) {
  if (event.key === 'Home' || event.key === 'End') {
    event.preventDefault()
    return setYear(event.key === 'Home' ? YEARS[0] : YEARS[YEARS.length - 1]!)
  }
  const step = stepOfKey(event)
  if (step === 0) return
  event.preventDefault()
  const at = YEARS.findIndex((y) => y === compose.moment.year)
  setYear(YEARS[Math.min(YEARS.length - 1, Math.max(0, at + step))]!)
}
</script>

<template>
  <div class="time max-[1150px]:gap-4.5 max-[1150px]:pl-5.5">
    <div
      ref="bar"
      class="flex-1 grid grid-cols-[repeat(12,1fr)] gap-1.5 touch-none cursor-pointer max-[1150px]:gap-0.5"
      role="slider"
      tabindex="0"
      aria-label="Month"
      aria-valuemin="1"
      aria-valuemax="12"
      :aria-valuenow="compose.moment.month"
      :aria-valuetext="monthName(compose.moment.month)"
      data-testid="months"
      @pointerdown="pick"
      @keydown="monthKey"
    >
      <div
        v-for="(name, i) in MONTH_NAMES"
        :key="name"
        class="month max-[1150px]:px-px [&.now]:border-amber [&.now]:bg-card"
        :class="{ now: compose.moment.month === nth(i) }"
        :title="name"
      >
        <div class="flex-1 w-full max-w-9.5 flex flex-col-reverse gap-px min-h-0 rounded-xs overflow-hidden">
          <span
            v-for="(c, k) in months[i] ?? []"
            :key="k"
            class="block min-h-0.5"
            :class="{ flower: c.flower }"
            :style="{ background: c.colour, flexGrow: growOf(c.share) }"
          />
        </div>
        <span
          class="text-xs text-soft leading-[16px] [.now_&]:text-amber-deep [.now_&]:font-bold"
          aria-hidden="true"
        >
          <span class="max-[1000px]:hidden">{{ name.slice(0, 3) }}</span>
          <span class="hidden max-[1000px]:inline">{{ name.charAt(0) }}</span>
        </span>
      </div>
    </div>
    <div
      class="w-77 flex-none max-[1150px]:w-61 max-[700px]:w-full max-[700px]:h-15.5"
      role="slider"
      tabindex="0"
      aria-label="Years in the ground"
      aria-valuemin="0"
      aria-valuemax="10"
      :aria-valuenow="compose.moment.year"
      :aria-valuetext="compose.moment.year === 0 ? 'planting year' : `year ${compose.moment.year}`"
      data-testid="years"
      @keydown="yearKey"
    >
      <span class="block text-center text-xs text-soft max-[700px]:hidden">years in the ground</span>
      <div class="line flex justify-between relative mt-2.5">
        <span
          v-for="year in YEARS"
          :key="year"
          class="year [&.now]:text-amber-deep [&.now]:font-bold"
          :class="{ now: compose.moment.year === year }"
          :data-year="year"
          @click="setYear(year)"
        >
          <i
            class="rounded-full bg-soil my-1.5 mx-0 [.now_&]:bg-amber [.now_&]:my-px [.now_&]:mx-0 size-3 [.now_&]:size-5"
          />
          {{ year === 0 ? 'planting' : year }}
        </span>
      </div>
    </div>
  </div>
</template>

<style scoped>
.line::before {
  content: '';
  position: absolute;
  left: 18px;
  right: 14px;
  top: 9px;
  height: 2px;
  background: var(--soil);
  opacity: 0.6;
}
/* Month names that would run into one another are one letter, and on a phone the years lie below the months. */
@media (max-width: 700px) {
  .time.time {
    flex-direction: column;
    height: 132px;
    gap: 2px;
    padding: 6px 10px;
  }
}
@layer components {
  .time {
    isolation: isolate;
    display: flex;
    height: 84px;
    border-top: 1px solid var(--line);
    background: var(--rail);
    padding: 7px 16px 6px 64px;
    gap: 34px;
    flex: none;
  }
  .month {
    display: flex;
    flex-direction: column;
    align-items: center;
    border-radius: 6px;
    padding: 4px 6px 1px;
    border: 2px solid transparent;
    min-width: 0;
  }
  .year {
    position: relative;
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 3px;
    min-width: 30px;
    font-size: var(--text-xs);
    cursor: pointer;
    color: var(--soft);
  }
}
</style>
