import { defineStore } from 'pinia'
import type { Moment } from '~~/core/time'

/** `lasso` chooses all drifts it goes round, `note` pins one, `lanes` moves the lines between lanes. */
export type PlanTool = 'none' | 'lasso' | 'note' | 'lanes'

/** What is looked at and chosen while composing; none of it is saved. */
export const useComposeStore = defineStore('compose', () => {
  const moment = ref<Moment>({ month: 6, year: 3 })
  const driftId = ref<string | null>(null)
  const plantId = ref<string | null>(null)
  /** Placed plants lit by a finding under the pointer or focus. */
  const lit = shallowRef<readonly string[]>([])
  const panel = ref<'look' | 'shortlist' | 'list' | 'things'>('look')
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

  /** All drifts that are chosen, when there are several; the last of them is the one whose card shows. */
  const many = shallowRef<readonly string[]>([])
  /** A thing or a note of the bed that is chosen. */
  const featureId = ref<string | null>(null)
  const noteId = ref<string | null>(null)
  /** What the hand does in the plan, when it does not move plants. */
  const tool = ref<PlanTool>('none')
  /** Whether the drip as it is laid shows in the plan. */
  const showsWater = ref(false)

  function choose(drift: string | null, plant: string | null = null) {
    if (drift !== driftId.value) drawing.value = null
    driftId.value = drift
    plantId.value = plant
    many.value = []
    featureId.value = null
  }
  const allChosen = (): readonly string[] =>
    many.value.length > 0 ? many.value : [driftId.value].filter((id) => id !== null)
  /** Adds a drift to those that are chosen, or lets it go of them. */
  function alsoChoose(drift: string, all = allChosen()) {
    chooseMany(all.includes(drift) ? all.filter((id) => id !== drift) : [...all, drift])
  }
  function chooseMany(drifts: readonly string[]) {
    choose(drifts[drifts.length - 1] ?? null)
    many.value = drifts.length > 1 ? drifts : []
  }
  function chooseFeature(id: string | null) {
    choose(null)
    featureId.value = id
    if (id) panel.value = 'things'
  }
  function take(which: PlanTool) {
    tool.value = tool.value === which ? 'none' : which
    drawing.value = null
  }
  function lookFrom(id: string | null) {
    viewpointId.value = id
    walkDeg.value = 0
  }

  return {
    moment,
    driftId,
    plantId,
    many,
    featureId,
    noteId,
    tool,
    showsWater,
    drawing,
    lit,
    panel,
    viewpointId,
    walkDeg,
    enter,
    choose,
    allChosen,
    alsoChoose,
    chooseMany,
    chooseFeature,
    take,
    draw,
    lookFrom,
  }
})
