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
  readonly flowerMonth?: number
  readonly withoutHazards?: boolean
}

/** The plants that answer every filter given, in the list's order. Each word of `text` must start a word of either name. */
export function searchPlants(plants: readonly Plant[], filter: PlantFilter): Plant[] {
  const wanted = fold(filter.text ?? '').split(/\s+/).filter(Boolean)
  return plants.filter((plant) => {
    const height = fullHeightM(plant)
    if (filter.kind && plant.kind !== filter.kind) return false
    if (filter.minHeightM !== undefined && height < filter.minHeightM) return false
    if (filter.maxHeightM !== undefined && height > filter.maxHeightM) return false
    if (filter.evergreen && plant.retention !== 'evergreen') return false
    if (filter.flowerMonth && !plant.flowerMonths.includes(filter.flowerMonth)) return false
    if (filter.withoutHazards && plant.hazards.length > 0) return false
    if (wanted.length > 0) {
      const names = fold(`${plant.botanicalName} ${plant.commonName}`).split(/[\s'’-]+/)
      if (!wanted.every((w) => names.some((n) => n.startsWith(w)))) return false
    }
    return !filter.site || misfits(plant, filter.site).length === 0
  })
}

const fold = (text: string) => text.normalize('NFD').replace(/[\u0300-\u036f'’]/g, '').toLowerCase().trim()
