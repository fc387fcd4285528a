import type { LogEntry } from '~~/core/model'
import { UNIT_SPACE } from '~~/core/measure'
import { plantedYear } from '~~/core/count'
import { besideFact, learnedFigures, lossesOf, nextSeason, seasonLetter, standing } from '~~/core/log'
import { yearOfDay, type Day } from '~~/core/time'
import { simulatedWeather } from '~~/core/weather'
import type { Said } from './useLogBook'

/** The log of the open garden and what follows from it: losses, figures learned, plan beside fact, next season's list, the letter. */
export const useLog = createSharedComposable(() => {
  const bed = useBedStore()
  const library = useLibraryStore()
  const supply = useSupplyStore()
  const { scenes } = useGardenScenes()
  const { climate, settled } = useScene()
  const water = useTimerRecord()
  const now = today()
  let scope = effectScope(true)
  onScopeDispose(() => scope.stop())
  const book = shallowRef<ReturnType<typeof useLogBook> | null>(null)
  let openOf = ''
  async function open() {
    const id = bed.garden?.id
    if (!id || id === openOf) return book.value?.join()
    openOf = id
    scope.stop()
    scope = effectScope(true)
    book.value = scope.run(() => useLogBook(id)) ?? null
    await book.value?.open()
  }

  const all = computed(() => book.value?.entries.value ?? [])
  const entries = computed(() => standing(all.value))
  const planted = computed(() => plantedYear(supply.supply, now))
  const { length, units } = useManner()
  const weatherOn = (day: Day) => {
    const { lowC, highC, rainMm } = simulatedWeather(bed.garden!.value.place, bed.garden!.id)(day)
    return { lowC, highC, rainMm }
  }
  const write = (said: Said, photo: Blob | null = null) =>
    book.value!.write({ weather: weatherOn(said.day), ...said }, photo)
  const change = (entry: LogEntry, said: Partial<LogEntry>) => book.value!.change(entry, said)
  const remove = (entry: LogEntry) => book.value!.remove(entry)

  const bedName = (id: string) => scenes.value.get(id)?.bed.name ?? ''
  const plantName = (id: string) => library.byId.get(id)?.commonName ?? id
  const learned = computed(() =>
    learnedFigures({
      entries: entries.value,
      library: library.byId,
      climate: climate.value,
      planted: planted.value,
      length,
    }),
  )
  const taken = computed(() => entries.value.filter((e) => e.kind === 'learned'))
  const losses = computed(() => [...scenes.value].flatMap(([id, scene]) => lossesOf(id, scene, entries.value)))
  /** Of the open bed, without the scenes of the others. */
  const lossesHere = computed(() =>
    bed.id && settled.value ? lossesOf(bed.id, settled.value.scene, entries.value) : [],
  )
  const next = computed(() => nextSeason(entries.value, library.byId, climate.value, now))
  const trials = computed(() => entries.value.filter((e) => e.trial && e.done === ''))
  const years = computed(() => {
    const all = new Set([yearOfDay(now), planted.value, ...entries.value.map((e) => yearOfDay(e.day))])
    return [...all].sort((a, b) => b - a)
  })
  const factsOf = (year: number) => {
    const scene = bed.id ? scenes.value.get(bed.id) : undefined
    return scene ? besideFact(bed.id!, scene, entries.value, year, planted.value) : []
  }
  /** What the timer gave in a stretch of days, litres, and how many runs it left out. */
  const timerOf = (from: Day, to: Day) => {
    const { record } = water
    const runs = record(from, to < now ? to : now)
    return {
      litres: runs.reduce((n, r) => n + r.litres, 0),
      leftOut: runs.filter((r) => r.minutes === 0).length,
      runs: runs.length,
    }
  }
  const letterOf = (year: number) => {
    const { litres, leftOut } = timerOf(`${year}-01-01`, `${year}-12-31`)
    const letter = seasonLetter({
      year,
      entries: entries.value,
      library: library.byId,
      bedName,
      tasksDone: Object.values(supply.supply.care.ticks).filter(
        (t) => t.what === 'done' && yearOfDay(t.day) === year,
      ).length,
    })
    const said = `The timer gave ${Math.round(litres)}${UNIT_SPACE}L and left out ${leftOut} runs.`
    return litres + leftOut > 0 ? { ...letter, done: [...letter.done, said] } : letter
  }

  return {
    ...{ open, book, all, entries, planted, units, length, write, change, remove, bedName, plantName, now },
    ...{ learned, taken, losses, lossesHere, next, trials, years, factsOf, letterOf, timerOf },
  }
})
