import { bedFigures, bedFrame } from '~~/core/bed'
import { gardenCount, gardenMaterials, moneyPlan } from '~~/core/count'
import { countInputOf } from '../../../services/gardenCounts'

/** What a stored garden costs over five years and by phase, to stand beside another. */
export default defineEventHandler(async (event) => {
  const store = await useStore()
  const found = await countInputOf(store.db, idOf(event, 'garden'), plantsOf(store))
  if (!found) throw notFound('garden')
  const { beds, supply } = found.input
  const { lines } = gardenCount(found.input)
  const materials = gardenMaterials(beds, lines, supply.materials, found.garden.value.units)
  const areaM2 = beds.reduce((n, b) => n + bedFigures(b.bed, bedFrame(b.bed)).areaM2, 0)
  return moneyPlan(lines, materials, supply.money, areaM2)
})
