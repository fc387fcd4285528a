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
  <div class="time">
    <div
      ref="bar"
      class="months"
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
        class="month"
        :class="{ now: compose.moment.month === nth(i) }"
        :title="name"
      >
        <div class="stack">
          <span
            v-for="(c, k) in months[i] ?? []"
            :key="k"
            class="colour"
            :class="{ flower: c.flower }"
            :style="{ background: c.colour, flexGrow: growOf(c.share) }"
          />
        </div>
        <span class="letter" aria-hidden="true">
          <span class="long">{{ name.slice(0, 3) }}</span>
          <span class="short">{{ name.charAt(0) }}</span>
        </span>
      </div>
    </div>
    <div
      class="years"
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
      <span class="caption">years in the ground</span>
      <div class="line">
        <span
          v-for="year in YEARS"
          :key="year"
          class="year"
          :class="{ now: compose.moment.year === year }"
          :data-year="year"
          @click="setYear(year)"
        >
          <i />
          {{ year === 0 ? 'planting' : year }}
        </span>
      </div>
    </div>
  </div>
</template>

<style scoped>
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
.months {
  flex: 1;
  display: grid;
  grid-template-columns: repeat(12, 1fr);
  gap: 5px;
  touch-action: none;
  cursor: pointer;
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
.now.month {
  border-color: var(--amber);
  background: var(--card);
}
.stack {
  flex: 1;
  width: 100%;
  max-width: 34px;
  display: flex;
  flex-direction: column-reverse;
  gap: 1px;
  min-height: 0;
  border-radius: 3px;
  overflow: hidden;
}
.colour {
  display: block;
  min-height: 2px;
}
.letter {
  font-size: 11px;
  color: var(--soft);
  line-height: 16px;
}
.now .letter {
  color: var(--amber-deep);
  font-weight: 700;
}
.years {
  width: 270px;
  flex: none;
}
.caption {
  display: block;
  text-align: center;
  font-size: 11px;
  color: var(--soft);
}
.line {
  display: flex;
  justify-content: space-between;
  position: relative;
  margin-top: 8px;
}
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
.year {
  position: relative;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 3px;
  min-width: 30px;
  font-size: 11.5px;
  cursor: pointer;
  color: var(--soft);
}
.year i {
  width: 10px;
  height: 10px;
  border-radius: 50%;
  background: var(--soil);
  margin: 5px 0;
}
.now.year {
  color: var(--amber-deep);
  font-weight: 700;
}
.now.year i {
  width: 18px;
  height: 18px;
  background: var(--amber);
  margin: 1px 0;
}
/* Month names that would run into one another are one letter, and on a phone the years lie below the months. */
.short {
  display: none;
}
@media (max-width: 1000px) {
  .long {
    display: none;
  }
  .short {
    display: inline;
  }
}
@media (max-width: 700px) {
  .time.time {
    flex-direction: column;
    height: 132px;
    gap: 2px;
    padding: 6px 10px;
  }
  .years.years {
    width: 100%;
    height: 54px;
  }
  .caption {
    display: none;
  }
}
@media (max-width: 1150px) {
  .time {
    gap: 16px;
    padding-left: 20px;
  }
  .years {
    width: 215px;
  }
  .months {
    gap: 2px;
  }
  .month {
    padding-inline: 1px;
  }
}
</style>
