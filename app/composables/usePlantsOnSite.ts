import { laneNames } from '~~/core/bed'
import type { PlantOnSite } from '~~/core/exchange'
import { layGarden } from '~~/core/garden'
import { fullHeightM } from '~~/core/plant'

/** Every plant of the garden's beds at its place on the site, for maps; beds that have no place yet are left out. */
export function usePlantsOnSite() {
  const site = useSiteStore()
  const { stored } = useGardenScene()
  const { scenes } = useGardenScenes()
  const { letters } = useLetters()
  const plants = computed<readonly PlantOnSite[]>(() => {
    const laid = layGarden(
      site.resolved,
      stored.value.map((b) => ({ id: b.id, bed: b.value })),
    )
    return [...scenes.value].flatMap(([id, scene]) => {
      const to = laid.beds.get(id)?.transform
      if (!to) return []
      const lanes = laneNames(scene.bed.laneShares.length, scene.bed.form.kind)
      return scene.planted.map(({ plant, lane, x, y }) => ({
        ...to.toSite({ x, y }),
        bed: scene.bed.name,
        lane: lanes[lane] ?? '',
        letters: letters.value.get(plant.id) ?? '',
        botanicalName: plant.botanicalName,
        commonName: plant.commonName,
        heightM: fullHeightM(plant),
        spreadM: plant.spreadM,
      }))
    })
  })
  return { plants }
}
