import { kindsOf } from '~~/core/bed'
import type { Plant } from '~~/core/plant'
import { findBed } from '../../../../db/queries/beds'
import { shownBed } from '../../../../services/gardenSummaries'

/** A bed of a shown garden with the plants that stand in it, to be drawn; without what it costs and what is written of it. */
export default defineEventHandler(async (event) => {
  const { gardenId } = await openShare(event)
  const store = await useStore()
  const bedId = getRouterParam(event, 'bed') ?? ''
  const stored = /^[A-Za-z0-9_-]{1,80}$/.test(bedId) ? await findBed(store.db, bedId) : null
  if (!stored || stored.gardenId !== gardenId) throw notFound('bed')
  const { bed, garden, schools } = (await shownBed(store.db, bedId))!
  const { plants } = await allPlants(store, gardenId)
  const ids = new Set([...bed.drifts.flatMap(kindsOf), ...bed.existing.map((e) => e.plantId)])
  if (bed.form.kind === 'court') for (const v of bed.form.variants ?? []) ids.add(v.withId)
  const used = [...ids].flatMap((id): Plant[] => {
    const plant = plants.get(id)
    return plant ? [{ ...plant, sizes: plant.sizes.map((s) => ({ ...s, price: 0 })) }] : []
  })
  return {
    bed: { ...bed, notes: [], accepted: [], shortlist: [], sets: [] },
    garden,
    schools,
    plants: used,
    revision: stored.revision,
  }
})
