<script setup lang="ts">
import { MONTH_NAMES, monthName } from '~~/core/time'
import { SUN_KEY, sunColour } from '~/painters/sunColours'
import type { Shade } from '~/stores/ground'

const { figure } = useManner()

/** What light the plan shows, at which hour and month, and how many years the trees have grown. */
const ground = useGroundStore()
const { sun, day, progress, problem, worked, season, cancel } = useSunMap()
const SHADES: readonly { id: Shade; label: string }[] = [
  { id: 'none', label: 'No light' },
  { id: 'shadows', label: 'Shadows' },
  { id: 'month', label: 'Hours, month' },
  { id: 'season', label: 'Hours, season' },
]
const YEARS = [0, 5, 10]
const clock = computed(() => {
  const t = 12 * 60 + ground.minutes
  return `${Math.floor(t / 60)}:${String(Math.round(t % 60)).padStart(2, '0')}`
})
/** The date as a day of a plain year. */
const dayOfYear = computed({
  get: () => Math.round((Date.UTC(2026, ground.month - 1, ground.day) - Date.UTC(2026, 0, 0)) / 86_400_000),
  set: (n: number) => {
    const d = new Date(Date.UTC(2026, 0, n))
    ground.month = d.getUTCMonth() + 1
    ground.day = d.getUTCDate()
  },
})
const monthShort = (m: number) => MONTH_NAMES[m - 1]!.slice(0, 3)
const isWorking = computed(() => (ground.shade === 'month' || ground.shade === 'season') && worked.value < 1)
</script>

<template>
  <div class="bar">
    <div class="group" role="group" aria-label="Light on the plan">
      <UButton
        v-for="s in SHADES"
        :key="s.id"
        size="xs"
        :color="ground.shade === s.id ? 'primary' : 'neutral'"
        :variant="ground.shade === s.id ? 'solid' : 'outline'"
        :aria-pressed="ground.shade === s.id"
        @click="ground.shade = s.id"
      >
        {{ s.label }}
      </UButton>
    </div>
    <label v-if="ground.shade === 'shadows'" class="hour">
      <span>{{ clock }} sun time, {{ ground.day }} {{ monthName(ground.month) }}</span>
      <em>hour</em>
      <input
        v-model.number="ground.minutes"
        type="range"
        :min="Math.round(day.first)"
        :max="Math.round(day.last)"
        step="5"
        aria-label="Hour of the day"
        data-testid="hour"
      />
      <em>date</em>
      <input
        v-model.number="dayOfYear"
        type="range"
        min="1"
        max="365"
        step="1"
        aria-label="Day of the year"
        data-testid="date"
      />
    </label>
    <span v-if="ground.shade === 'shadows'" class="fig">
      sun {{ figure(sun.altitudeDeg, 0) }}° high in {{ figure(sun.azimuthDeg, 0) }}°, day
      {{ figure(day.hours, 1, 1) }} h
    </span>
    <div v-if="ground.shade === 'month' || ground.shade === 'season'" class="key">
      <span v-for="k in SUN_KEY" :key="k.from">
        <i :style="{ background: sunColour(nth(k.from)) }" />
        {{ k.label }}
      </span>
    </div>
    <span v-if="ground.shade === 'season'" class="fig">
      {{ monthShort(season[0]!) }} to {{ monthShort(season.at(-1)!) }}
    </span>
    <span v-if="ground.shade === 'month'" class="fig">{{ monthName(ground.month) }}</span>
    <span class="space" />
    <span v-if="progress < 1" class="work" role="status">
      <progress :value="progress" max="1" />
      {{ percent(progress) }} %
      <button class="link" @click="cancel">Stop</button>
    </span>
    <span v-else-if="problem" class="loud" role="alert">{{ problem }}</span>
    <span v-else-if="isWorking" class="fig">{{ percent(worked) }} % worked out again</span>
    <div class="group" role="group" aria-label="Years that trees have grown">
      <span class="fig">trees</span>
      <UButton
        v-for="y in YEARS"
        :key="y"
        size="xs"
        color="neutral"
        :variant="ground.year === y ? 'soft' : 'ghost'"
        :aria-pressed="ground.year === y"
        @click="ground.year = y"
      >
        {{ y === 0 ? 'today' : `in ${y} y` }}
      </UButton>
    </div>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  padding: 8px 14px;
  border-top: 1px solid var(--line);
  background: var(--rail);
  min-height: 48px;
  flex: none;
}
.group {
  display: flex;
  gap: 4px;
  align-items: center;
}
.hour em {
  font-style: normal;
  color: var(--soft);
  font-size: 11.5px;
}
.hour {
  display: flex;
  align-items: center;
  gap: 8px;
  font-size: 12.5px;
}
.hour input {
  width: 110px;
}
.fig {
  font-size: 12px;
  color: var(--soft);
  white-space: nowrap;
}
.key {
  display: flex;
  gap: 10px;
  font-size: 11.5px;
  color: var(--soft);
}
.key span {
  display: inline-flex;
  gap: 4px;
  align-items: center;
  white-space: nowrap;
}
.key i {
  width: 12px;
  height: 12px;
  border-radius: 3px;
  border: 1px solid var(--line);
}
.space {
  flex: 1;
}
.work {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  font-size: 12px;
}
.work progress {
  width: 80px;
  accent-color: var(--amber);
}
.loud {
  color: var(--amber-deep);
  font-size: 12px;
}
</style>
