import type { Drift, Stay } from '../../model'
import { hasTimes, turnsOf } from '../../bed'
import type { Plant } from '../../plant'
import { capital, driftsSeen, nameOf, type DriftSeen, type Scene } from '../../scene'
import { monthSpan, PLACE_MONTHS, stayMonths, stayPoint, type PlaceMonth } from '../../time'
import type { Finding } from '../finding'
import { ofBed } from '../ofBed'
import type { WholeRule } from '../rule'

/** Days within which a stay may begin before the last frost: a late one can be covered for. */
const GRACE_MONTHS = 0.25

/** Places that change hands: what stands out in frost, what would stand on what, and months in which a place is empty for no reason. */
export const stays: WholeRule = {
  id: 'stays',
  findings: (scene) =>
    driftsSeen(scene)
      .filter((d) => hasTimes(d.drift))
      .flatMap((d) => [...inFrost(scene, d), ...together(scene, d), ...empty(scene, d)]),
}

interface Part {
  readonly plant: Plant
  readonly stay: Stay | null
  readonly year: number | null
}

/** Everything that takes the places of a drift, its own kind first. */
const partsOf = ({ library }: Scene, { drift, plant }: DriftSeen): Part[] => [
  { plant, stay: drift.stay ?? null, year: null },
  ...turnsOf(drift).flatMap((t) => {
    const kind = library.get(t.plantId)
    return kind ? [{ plant: kind, stay: t, year: t.year }] : []
  }),
]

const monthsOf = (scene: Scene, { stay }: Part): ReadonlySet<PlaceMonth> =>
  stay ? stayMonths(stay, scene.climate) : new Set(PLACE_MONTHS)

const isTender = ({ lifeCycle, tender }: Plant) =>
  lifeCycle === 'tender' || (lifeCycle === 'annual' && tender !== null)

function inFrost(scene: Scene, seen: DriftSeen): Finding[] {
  const { climate, site } = scene
  const season = stayPoint({ frost: 'last', days: 0 }, climate)
  const length = climate.firstFrost - climate.lastFrost
  return partsOf(scene, seen)
    .filter(({ plant, stay }) => stay && isTender(plant) && site.zone < plant.zones.coldest)
    .flatMap(({ plant, stay }) => {
      const from = after(stayPoint(stay!.from, climate), season)
      const to = after(stayPoint(stay!.to, climate), season)
      const isEarly = from > length && 12 - from > GRACE_MONTHS
      const isLate = to > length + GRACE_MONTHS || to < from
      if (!isEarly && !isLate) return []
      return [
        ofBed(scene, {
          id: `stays:frost:${seen.drift.id}:${plant.id}`,
          rule: 'stays',
          title: `${capital(nameOf(plant))} stands out in frost`,
          reason:
            `It is tender here (zone ${site.zone}; hardy to zone ${plant.zones.coldest}) and is planned ` +
            `${isEarly ? 'before the last frost' : 'beyond the first frost'}: set it out when nights hold, and lift or clear it in time.`,
          weight: 46,
          plants: seen.placed,
          figures: [{ name: 'hardy to zone', value: plant.zones.coldest, unit: '' }],
          source: 'Stays of the plan against the frost dates of the garden.',
          grounds: ['keeping#a-planting-has-a-calendar-of-its-own'],
        }),
      ]
    })
}

/** Months from one point of the year on to another, 0 up to 12. */
const after = (point: number, from: number) => (((point - from) % 12) + 12) % 12

function together(scene: Scene, seen: DriftSeen): Finding[] {
  const parts = partsOf(scene, seen).filter((p) => p.stay)
  return parts.flatMap((a, i) =>
    parts.slice(i + 1).flatMap((b) => {
      if (a.year !== null && b.year !== null && a.year !== b.year) return []
      const other = monthsOf(scene, b)
      const both = [...monthsOf(scene, a)].filter((m) => other.has(m))
      if (both.length === 0) return []
      return [
        ofBed(scene, {
          id: `stays:both:${seen.drift.id}:${a.plant.id}:${b.plant.id}`,
          rule: 'stays',
          title: `${capital(nameOf(a.plant))} and ${nameOf(b.plant)} want one place`,
          reason: `Both are planned for ${monthSpan(both)}: only the later in the list is shown. Let one end before the other begins.`,
          weight: 40,
          plants: seen.placed,
          figures: [{ name: 'months together', value: both.length, unit: '' }],
          source: 'Stays of one place that overlap.',
          grounds: ['keeping#a-planting-has-a-calendar-of-its-own'],
        }),
      ]
    }),
  )
}

/** Emptiness in the growing season is a fault only where a place is meant to change hands. */
function empty(scene: Scene, seen: DriftSeen): Finding[] {
  if (turnsOf(seen.drift).length === 0 && !seen.drift.stay) return []
  if (isReserved(seen.drift)) return []
  const taken = new Set(partsOf(scene, seen).flatMap((p) => [...monthsOf(scene, p)]))
  const { lastFrost, firstFrost, southern } = scene.climate
  const growing = PLACE_MONTHS.filter((m) => {
    const library = southern ? ((m + 5) % 12) + 1 : m
    return library + 0.5 > lastFrost && library + 0.5 < firstFrost
  })
  const bare = growing.filter((m) => !taken.has(m))
  if (bare.length === 0) return []
  return [
    ofBed(scene, {
      id: `stays:empty:${seen.drift.id}`,
      rule: 'stays',
      title: `The place of ${nameOf(seen.plant)} is empty ${monthSpan(bare)}`,
      reason:
        'Nothing stands there while everything else grows: let what goes before stay longer, or set something between.',
      weight: 34,
      plants: seen.placed,
      figures: [{ name: 'empty months', value: bare.length, unit: '' }],
      source: 'Months between the frosts in which no stay holds.',
      grounds: ['keeping#a-planting-has-a-calendar-of-its-own'],
    }),
  ]
}

/** Bulbs die down into what grows over them. */
const isReserved = (drift: Drift) => drift.shape?.kind === 'beneath'
