import { defineStore } from 'pinia'
import type { Moment } from '~~/core/time'

/** What is looked at and chosen while composing; none of it is saved. */
export const useComposeStore = defineStore('compose', () => {
  const moment = ref<Moment>({ month: 6, year: 3 })
  const driftId = ref<string | null>(null)
  const plantId = ref<string | null>(null)
  /** Placed plants lit by a finding under the pointer or focus. */
  const lit = shallowRef<readonly string[]>([])
  const panel = ref<'look' | 'shortlist' | 'list'>('look')
  /** A viewpoint of the site to look from; null for the bed's own. */
  const viewpointId = ref<string | null>(null)
  /** How far the viewer has walked round from the viewpoint, degrees. */
  const walkDeg = ref(0)

  /** Which half of the year a month lies in: gardens of the other hemisphere are opened in their own. */
  const isSouthern = ref(false)
  const HALF_YEAR = 6
  function enter(southern: boolean) {
    if (southern === isSouthern.value) return
    isSouthern.value = southern
    moment.value = { ...moment.value, month: ((moment.value.month + HALF_YEAR - 1) % 12) + 1 }
  }

  /** The drift whose shape is being drawn by hand in the plan. */
  const drawing = ref<string | null>(null)
  function draw(drift: string | null) {
    drawing.value = drift
  }

  function choose(drift: string | null, plant: string | null = null) {
    if (drift !== driftId.value) drawing.value = null
    driftId.value = drift
    plantId.value = plant
  }
  function lookFrom(id: string | null) {
    viewpointId.value = id
    walkDeg.value = 0
  }

  return { moment, driftId, plantId, drawing, lit, panel, viewpointId, walkDeg, enter, choose, draw, lookFrom }
})
