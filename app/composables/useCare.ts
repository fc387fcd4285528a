import { plantedYear } from '~~/core/count'
import { careYear, monthHours, weatherWords, type CareTask } from '~~/core/care'
import { caredBed } from '~~/core/scene'
import { zoneNumber } from '~~/core/plant'
import { addDays, mondayOf, yearOfDay, type Day } from '~~/core/time'
import { simulatedWeather, type DayWeather } from '~~/core/weather'

const FORECAST = 14

/** The year's care of the garden: its tasks with what was done of them, a week at a time, and what the weather asks. */
export const useCare = createSharedComposable(() => {
  const bed = useBedStore()
  const supply = useSupplyStore()
  const { scenes } = useGardenScenes()
  const { climate, zone } = useScene()
  const now = today()
  const monday = ref<Day>(mondayOf(now))
  const year = computed(() => yearOfDay(monday.value))
  const planted = computed(() => plantedYear(supply.supply, now))
  const age = computed(() => year.value - planted.value)

  const beds = computed(() => [...scenes.value].map(([id, scene]) => caredBed(id, scene)))
  const of = (calendar: number) =>
    careYear({
      beds: beds.value,
      climate: climate.value,
      zone: zoneNumber(zone.value) ?? 6,
      year: calendar,
      age: calendar - planted.value,
    })
  /** The year before too: what is stored over winter and covered begins in it. */
  const all = computed(() => [...of(year.value - 1), ...of(year.value)])
  const ticks = computed(() => supply.supply.care.ticks)
  const isOver = (t: CareTask) => ticks.value[t.id]?.what === 'done' || ticks.value[t.id]?.what === 'skipped'
  /** The day on which a task stands: its best one, or the one it was moved to. */
  const dayOf = (t: CareTask) => (ticks.value[t.id]?.what === 'moved' ? ticks.value[t.id]!.day : t.best)
  const sunday = computed(() => addDays(monday.value, 6))

  const week = computed(() => {
    const open = all.value.filter((t) => t.opens <= sunday.value && t.closes >= monday.value)
    const stands = (t: CareTask) => dayOf(t) >= monday.value && dayOf(t) <= sunday.value
    const isMoved = (t: CareTask) => ticks.value[t.id]?.what === 'moved'
    return {
      best: all.value.filter((t) => stands(t) && (isMoved(t) || open.includes(t))),
      closing: open.filter((t) => !stands(t) && !isMoved(t) && t.closes <= sunday.value),
      open: open.filter((t) => !stands(t) && !isMoved(t) && t.closes > sunday.value),
    }
  })
  const late = computed(() =>
    all.value.filter(
      (t) =>
        !isOver(t) &&
        t.closes < monday.value &&
        t.closes >= addDays(monday.value, -28) &&
        ticks.value[t.id] === undefined,
    ),
  )
  /** All that is best done in the month of the week shown, by day. */
  const monthTasks = computed(() => {
    const month = addDays(monday.value, 3).slice(0, 7)
    return all.value
      .filter((t) => dayOf(t).startsWith(month) && !isOver(t))
      .sort((a, b) => (dayOf(a) < dayOf(b) ? -1 : 1))
  })
  const months = computed(() => monthHours(of(year.value), year.value))

  const weather = computed(() => simulatedWeather(bed.garden!.value.place, bed.garden!.id))
  const words = computed(() => wordsOf(all.value, now, weather.value, isOver))

  const tick = (t: CareTask, what: 'done' | 'skipped' | 'moved' | null, day: Day = now) => {
    const rest = Object.fromEntries(Object.entries(ticks.value).filter(([id]) => id !== t.id))
    const next = what ? { ...rest, [t.id]: { what, day } } : rest
    supply.set(
      { care: { ...supply.supply.care, ticks: next } },
      what ? `${t.title}: ${what}` : `${t.title}: open again`,
    )
  }
  const setPlanted = (y: number) => supply.set({ care: { ...supply.supply.care, planted: y } }, 'year of planting')
  const step = (weeks: number) => {
    monday.value = addDays(monday.value, 7 * weeks)
  }
  const goTo = (day: Day) => {
    monday.value = mondayOf(day)
  }
  return {
    now,
    monday,
    sunday,
    year,
    age,
    planted,
    week,
    late,
    months,
    monthTasks,
    weather,
    words,
    ticks,
    isOver,
    dayOf,
    tick,
    setPlanted,
    step,
    goTo,
  }
})

/** What the weather of the coming days asks of what is tender and of what is staked. */
function wordsOf(
  all: readonly CareTask[],
  now: Day,
  weather: (day: Day) => DayWeather,
  isOver: (t: CareTask) => boolean,
) {
  const tender = all.filter(
    (t) => t.rule === 'set-out' && t.opens <= now && !isOver(t) && addDays(t.opens, 200) > now,
  )
  const names = [...new Set(tender.map((t) => t.plant!.commonName))].slice(0, 4)
  const staked = all.filter((t) => t.kind === 'stake' && t.closes < now).reduce((n, t) => n + t.count, 0)
  return weatherWords(weather, now, FORECAST, { names, count: tender.reduce((n, t) => n + t.count, 0) }, staked)
}
