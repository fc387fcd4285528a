import { askedOf, type Critique } from '~~/core/judge'
import { makeScene, picturesAt, type Scene } from '~~/core/scene'
import type { LastJudged } from './useJudged'
import { climateOf } from '~~/core/time'

/** Keeps the last answer of a function while its arguments stay the same objects. */
function lastOf<A extends readonly unknown[], R>(make: (...args: A) => R) {
  let args: A | undefined
  let value: R
  return (...now: A): R => {
    if (!args || now.some((a, i) => a !== args![i])) {
      value = make(...now)
      args = now
    }
    return value
  }
}

/** Everything computed from the bed at the moment chosen: one pipeline, shared by all pictures. */
export const useScene = createSharedComposable(() => {
  const bedStore = useBedStore()
  const library = useLibraryStore()
  const compose = useComposeStore()
  const brief = useBriefStore()
  const garden = useGardenScene()
  const { frame, aspect, surroundings } = useAspect()
  const { judged: light } = useBedLight()

  const climateFor = lastOf((place: { latitude: number; lastFrost: string; firstFrost: string }) =>
    climateOf(place),
  )
  const climate = computed(() =>
    climateFor(bedStore.garden?.value.place ?? { latitude: 45, lastFrost: '05-01', firstFrost: '10-15' }),
  )
  const zone = computed(() => bedStore.garden?.value.place.hardinessZone ?? '6')
  /** What of the brief holds for this bed; the same objects while the brief stays. */
  const requirements = computed(() =>
    brief.brief.requirements.filter(
      (r) => r.beds.length === 0 || (bedStore.id !== null && r.beds.includes(bedStore.id)),
    ),
  )
  const asked = computed(() => {
    if (garden.isAlone.value) return null
    const others = garden.stored.value.filter((b) => b.id !== bedStore.id).map((b) => b.value)
    return askedOf(brief.brief, others, library.byId)
  })
  const sunAt = computed(() => bedStore.garden?.value.place ?? null)
  const theme = computed(() => brief.brief.theme)
  const { letters } = useLetters()
  const last: LastJudged = {}
  /** Under the hand a scene follows the one just before it, however far the judgement is behind. */
  let made: Scene | null = null
  const scene = computed<Scene | null>(() =>
    garden.bed.value && frame.value
      ? (made = makeScene(
          {
            bed: garden.bed.value,
            neighbours: garden.neighbours.value,
            library: library.byId,
            climate: climate.value,
            hardinessZone: zone.value,
            heatZone: bedStore.garden?.value.place.heatZone ?? null,
            light: light.value,
            surroundings: surroundings.value,
            theme: theme.value,
            requirements: requirements.value,
            asked: asked.value,
            schools: brief.brief.schools,
            sunAt: sunAt.value,
            letters: letters.value,
          },
          { frame: frame.value, before: made },
        ))
      : null,
  )

  const judged = useJudged(scene, last, {
    isDragging: () => bedStore.dragging,
    isWhole: () => !garden.isAlone.value,
  })
  const accepted = computed(() => new Map((bedStore.bed?.accepted ?? []).map((a) => [a.findingId, a])))
  const findings = computed(() => (judged.value?.findings ?? []).filter((f) => !accepted.value.has(f.id)))
  /** The scene as last made, not as it is under the hand: what need not answer within a frame of a drag waits for this. */
  const settled = shallowRef<{ scene: Scene; judged: Critique } | null>(null)
  watchEffect(() => {
    if (!bedStore.dragging)
      settled.value = scene.value && judged.value ? { scene: scene.value, judged: judged.value } : null
  })

  const pictures = computed(() =>
    scene.value && aspect.value ? picturesAt(scene.value, compose.moment, aspect.value) : null,
  )
  const bodies = computed(() => pictures.value?.bodies ?? [])
  const elevationList = computed(() => pictures.value?.elevation ?? null)
  const planList = computed(() => pictures.value?.plan ?? null)
  const months = useMonthColours(settled)

  return {
    climate,
    zone,
    frame,
    scene,
    judged,
    findings,
    accepted,
    settled,
    bodies,
    letters,
    elevationList,
    planList,
    months,
  }
})
