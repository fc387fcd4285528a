import type { LibraryMonth } from '../time'
import { findPlants } from './findPlants'
import { misfits, type SiteConditions } from './fit'
import { fullHeightM, type Kind, type Plant } from './plant'

export interface PlantFilter {
  readonly text?: string
  readonly kind?: Kind
  /** Keep only what fits the bed. */
  readonly site?: SiteConditions
  readonly minHeightM?: number
  readonly maxHeightM?: number
  readonly evergreen?: boolean
  readonly flowerMonth?: LibraryMonth
  readonly withoutHazards?: boolean
  readonly fragrant?: boolean
}

/** The plants that answer every filter given: by how well they answer the text when there is one, else in the list's order. */
export function searchPlants(plants: readonly Plant[], filter: PlantFilter): Plant[] {
  const answers = (plant: Plant): boolean => {
    const height = fullHeightM(plant)
    if (filter.kind && plant.kind !== filter.kind) return false
    if (filter.minHeightM !== undefined && height < filter.minHeightM) return false
    if (filter.maxHeightM !== undefined && height > filter.maxHeightM) return false
    if (filter.evergreen && plant.retention !== 'evergreen') return false
    if (filter.flowerMonth && !plant.flowerMonths.includes(filter.flowerMonth)) return false
    if (filter.withoutHazards && plant.hazards.length > 0) return false
    if (filter.fragrant && plant.fragrance === 'none') return false
    return !filter.site || misfits(plant, filter.site).length === 0
  }
  if (!filter.text?.trim()) return plants.filter(answers)
  const byId = new Map(plants.map((p) => [p.id, p]))
  return findPlants(plants, filter.text)
    .map((id) => byId.get(id)!)
    .filter(answers)
}
