import type { WorksPlan } from '~~/core/model'
import { planWorks, tasksOf } from '~~/core/works'
import { simulatedWeather } from '~~/core/weather'

/** The order of works of the garden: its tasks on days, around seasons and the made-up forecast. */
export function useWorks() {
  const bed = useBedStore()
  const site = useSiteStore()
  const supply = useSupplyStore()
  const { beds, whole, materials, frosts } = useCount()
  const now = today()
  const place = computed(() => bed.garden?.value.place ?? { latitude: 45, lastFrost: '05-01', firstFrost: '10-15' })
  const plan = computed(() => supply.supply.works)
  const weather = computed(() => simulatedWeather(place.value, bed.garden?.id ?? ''))
  const soil = computed(() => bed.kept?.ground.soil ?? 'loam')
  const tasks = computed(() =>
    tasksOf({
      beds: beds.value,
      lines: whole.value.lines,
      materials: materials.value,
      frosts: frosts.value,
      services: site.resolved.things.filter((t) => t.kind === 'service').map((t) => t.name),
      minutes: plan.value.minutes,
    }),
  )
  const planned = computed(() =>
    planWorks({ tasks: tasks.value, plan: plan.value, today: now, weather: weather.value, soil: soil.value }),
  )
  const set = (change: Partial<WorksPlan>, name: string) =>
    supply.set({ works: { ...plan.value, ...change } }, name)
  return { today: now, plan, planned, weather, soil, set }
}
