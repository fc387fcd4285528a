import { layGarden } from '~~/core/garden'
import { makeScene, type Scene } from '~~/core/scene'

/** The scenes of all beds of the garden, for papers and for setting out: the open one as it is, the others as they are stored. */
export const useGardenScenes = createSharedComposable(() => {
  const bed = useBedStore()
  const site = useSiteStore()
  const library = useLibraryStore()
  const brief = useBriefStore()
  const garden = useGardenScene()
  const { settled, climate, zone, letters } = useScene()

  const others = computed(() => {
    const scenes = new Map<string, Scene>()
    const stored = garden.stored.value.filter((b) => b.id !== bed.id)
    const laid = layGarden(
      site.resolved,
      stored.map((b) => ({ id: b.id, bed: b.value })),
    )
    for (const { id } of stored) {
      const here = laid.beds.get(id)!
      const base = { bed: here.bed, library: library.byId, climate: climate.value, hardinessZone: zone.value }
      scenes.set(
        id,
        makeScene({ ...base, schools: brief.brief.schools, letters: letters.value }, { frame: here.frame }),
      )
    }
    return scenes
  })
  const scenes = computed<ReadonlyMap<string, Scene>>(() => {
    const all = new Map<string, Scene>()
    for (const { id } of garden.stored.value) {
      const scene = id === bed.id ? settled.value?.scene : others.value.get(id)
      if (scene) all.set(id, scene)
    }
    return all
  })
  return { scenes }
})
