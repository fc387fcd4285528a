import type { WaterPlan } from '~~/core/model'
import { layGarden } from '~~/core/garden'
import {
  byHand,
  dripNeed,
  dripPaints,
  programmeOf,
  tapDistances,
  waterFaults,
  waterGarden,
  zoneYear,
} from '~~/core/water'
import { addDays, type PlaceMonth } from '~~/core/time'

/** The record is shown for so many days back. */
const RECORD_DAYS = 28

/** How the garden is watered: what is laid, its zones and their year, what is wrong, what the timer did. */
export const useWater = createSharedComposable(() => {
  const bed = useBedStore()
  const site = useSiteStore()
  const supply = useSupplyStore()
  const garden = useGardenScene()
  const { scenes } = useGardenScenes()
  const { aspect } = useAspect()
  const now = today()
  const plan = computed(() => supply.supply.water)
  const place = computed(() => bed.garden!.value.place)
  const { units } = useManner()
  const fromTap = computed(() =>
    tapDistances(
      layGarden(
        site.resolved,
        garden.stored.value.map((b) => ({ id: b.id, bed: b.id === bed.id ? (bed.kept ?? b.value) : b.value })),
      ),
    ),
  )
  const laid = computed(() =>
    waterGarden({ scenes: scenes.value, place: place.value, plan: plan.value, fromTap: fromTap.value }),
  )
  const need = computed(() => dripNeed(laid.value))
  const faults = computed(() => waterFaults(laid.value, plan.value.emitterLH, units.value))
  /** Year from planting that run times are shown for: 0 the first. */
  const year = ref(0)
  const month = ref<PlaceMonth>(7)
  const zones = computed(() =>
    laid.value.zones.map((zone) => ({ zone, runs: zoneYear(zone, year.value, plan.value.emitterLH) })),
  )
  const hand = computed(() => byHand(laid.value, month.value, year.value))
  const here = computed(() => laid.value.beds.find((b) => b.id === bed.id) ?? null)
  const paints = computed(() => (here.value && aspect.value ? dripPaints(here.value, aspect.value.turn) : []))

  const set = (change: Partial<WaterPlan>, name: string) =>
    supply.set({ water: { ...plan.value, ...change } }, name)
  const running = computed(() => plan.value.programmes.at(-1) ?? null)
  const handOver = (startsAt: string, skipMm: number) => {
    const programme = programmeOf(laid.value.zones, year.value, plan.value.emitterLH, {
      since: now,
      startsAt,
      skipMm,
    })
    set(
      { programmes: [...plan.value.programmes.filter((p) => p.since < now), programme] },
      'programme of the timer',
    )
  }
  const stop = () =>
    set(
      {
        programmes: [
          ...plan.value.programmes.filter((p) => p.since < now),
          { since: now, startsAt: '05:30', skipMm: 5, zones: [] },
        ],
      },
      'timer stopped',
    )
  const timer = useTimerRecord()
  const record = computed(() => timer.record(addDays(now, -RECORD_DAYS), now).reverse())
  return {
    ...{ plan, place, units, fromTap, laid, need, faults, year, month, zones, hand, here, paints },
    ...{ set, running, handOver, stop, record, now },
  }
})
