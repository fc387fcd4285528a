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
  <div
    class="flex flex-wrap items-center gap-y-1.5 gap-x-4 py-2.5 px-4 border-t border-line bg-rail min-h-13.5 flex-none"
  >
    <div class="flex gap-1 items-center" role="group" aria-label="Light on the plan">
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
    <label v-if="ground.shade === 'shadows'" class="flex items-center gap-2.5 text-sm">
      <span>{{ clock }} sun time, {{ ground.day }} {{ monthName(ground.month) }}</span>
      <em class="not-italic text-soft text-xs">hour</em>
      <input
        class="w-31"
        v-model.number="ground.minutes"
        type="range"
        :min="Math.round(day.first)"
        :max="Math.round(day.last)"
        step="5"
        aria-label="Hour of the day"
        data-testid="hour"
      />
      <em class="not-italic text-soft text-xs">date</em>
      <input
        class="w-31"
        v-model.number="dayOfYear"
        type="range"
        min="1"
        max="365"
        step="1"
        aria-label="Day of the year"
        data-testid="date"
      />
    </label>
    <span v-if="ground.shade === 'shadows'" class="text-xs text-soft whitespace-nowrap">
      sun {{ figure(sun.altitudeDeg, 0) }}° high in {{ figure(sun.azimuthDeg, 0) }}°, day
      {{ figure(day.hours, 1, 1) }} h
    </span>
    <div v-if="ground.shade === 'month' || ground.shade === 'season'" class="flex gap-3 text-xs text-soft">
      <span class="inline-flex gap-1 items-center whitespace-nowrap" v-for="k in SUN_KEY" :key="k.from">
        <i class="rounded-xs border border-line size-3.5" :style="{ background: sunColour(nth(k.from)) }" />
        {{ k.label }}
      </span>
    </div>
    <span v-if="ground.shade === 'season'" class="text-xs text-soft whitespace-nowrap">
      {{ monthShort(season[0]!) }} to {{ monthShort(season.at(-1)!) }}
    </span>
    <span v-if="ground.shade === 'month'" class="text-xs text-soft whitespace-nowrap">
      {{ monthName(ground.month) }}
    </span>
    <span class="flex-1" />
    <span v-if="progress < 1" class="inline-flex gap-1.5 items-center text-xs" role="status">
      <progress class="w-23 accent-amber" :value="progress" max="1" />
      {{ percent(progress) }} %
      <button class="link" @click="cancel">Stop</button>
    </span>
    <span v-else-if="problem" class="loud text-amber-deep text-xs" role="alert">{{ problem }}</span>
    <span v-else-if="isWorking" class="text-xs text-soft whitespace-nowrap">
      {{ percent(worked) }} % worked out again
    </span>
    <div class="flex gap-1 items-center" role="group" aria-label="Years that trees have grown">
      <span class="text-xs text-soft whitespace-nowrap">trees</span>
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
