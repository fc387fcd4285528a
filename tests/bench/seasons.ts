import { careYear } from '../../core/care'
import { caredBed, makeScene } from '../../core/scene'
import { tapestry, tenYears } from '../../core/season'
import { climate, library } from '../support/library'
import { bed1500 } from './bed1500'
import { median, type Report } from './report'

const DRIFTS = 300

/** The year and the ten years of a bed of 300 drifts, and a year's care of 5,000 plants. */
export function benchSeasons(report: Report) {
  const whole = bed1500()
  const halves = whole.drifts.flatMap((d) => {
    const half = Math.max(1, Math.floor(d.count / 2))
    return [
      { ...d, count: half },
      { ...d, id: `${d.id}-b`, count: half, at: d.at + 0.2 },
    ]
  })
  const few = { ...whole, drifts: halves.slice(0, DRIFTS), pins: [], orders: [] }
  const sceneOf = (bed: typeof whole) => makeScene({ bed, library, climate, hardinessZone: '6b' })
  console.log(`(${few.drifts.length} drifts, ${sceneOf(few).placement.plants.length} plants)`)
  const wovenMs = median(3, () => {
    const scene = sceneOf(few)
    tapestry(scene, 3)
    tenYears(scene)
  })
  report('tapestry-ten-years-300', wovenMs, 'ms', 1000)
  const beds = Array.from({ length: 4 }, (_, i) => caredBed(`b${i}`, sceneOf(whole)))
  const count = beds.reduce((n, b) => n + b.plants.reduce((m, p) => m + p.count, 0), 0)
  console.log(`(${count} plants to care for)`)
  report(
    'care-year-5000-plants',
    median(5, () => {
      careYear({ beds, climate, zone: 6, year: 2027, age: 3 })
    }),
    'ms',
    1000,
  )
}
