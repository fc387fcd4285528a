import { bedFigures, bedFrame } from '~~/core/bed'
import { gardenCount, gardenMaterials, moneyPlan } from '~~/core/count'
import { dripNeed } from '~~/core/water'
import { countInputFrom } from '../../../services/gardenCounts'
import { partsOfGarden, scenesOfParts } from '../../../services/gardenScenes'
import { waterOf } from '../../../services/gardenWater'

/** What a stored garden costs over five years and by phase, to stand beside another. */
export default defineEventHandler(async (event) => {
  const store = await useStore()
  const parts = await partsOfGarden(store.db, idOf(event, 'garden'), plantsOf(store))
  if (!parts) throw notFound('garden')
  const input = await countInputFrom(store.db, parts)
  const { beds, supply } = input
  const { lines } = gardenCount(input)
  const isDripped = beds.some(({ bed }) => bed.ground.irrigation === 'drip')
  const drip = isDripped ? dripNeed(waterOf(scenesOfParts(parts), supply)) : null
  const materials = gardenMaterials(beds, lines, supply.materials, parts.garden.value.units, drip)
  const areaM2 = beds.reduce((n, b) => n + bedFigures(b.bed, bedFrame(b.bed)).areaM2, 0)
  return moneyPlan(lines, materials, supply.money, areaM2)
})
