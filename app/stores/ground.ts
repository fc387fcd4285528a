import { defineStore } from 'pinia'
import type { FoundLine } from '~~/core/exchange'
import type { Point } from '~~/core/geometry'

export type GroundTab = 'site' | 'bed' | 'soil'
export type SiteTool = 'choose' | 'measure' | 'scale'
export type Shade = 'none' | 'shadows' | 'month' | 'season'

/** What is looked at and chosen on the Ground screen; none of it is saved. */
export const useGroundStore = defineStore('ground', () => {
  const tab = ref<GroundTab>('bed')
  /** A thing, a point or a bed (`bed:` before its id) of the site. */
  const chosenId = ref<string | null>(null)
  const tool = ref<SiteTool>('choose')
  const shade = ref<Shade>('shadows')
  const month = ref(6)
  const day = ref(21)
  /** Minutes after solar noon. */
  const minutes = ref(-150)
  /** Years that trees have grown. */
  const year = ref(0)
  const snap = ref(true)
  /** Ends of the line that is being measured or scaled by. */
  const tape = shallowRef<readonly Point[]>([])
  /** A measured outline under way, closed or not, to be shown on the plan. */
  const sketch = shallowRef<readonly Point[]>([])
  /** A drawing about to be brought in, as it would lie. */
  const ghost = shallowRef<readonly FoundLine[]>([])
  /** The middle of the plan, where new things are put. */
  const middle = shallowRef<Point>({ x: 0, y: 0 })

  function take(next: SiteTool) {
    tool.value = next
    tape.value = []
  }
  return { tab, chosenId, tool, shade, month, day, minutes, year, snap, tape, sketch, ghost, middle, take }
})
