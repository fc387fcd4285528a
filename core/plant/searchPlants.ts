import type { LibraryMonth } from '../time'
import { findPlants } from './findPlants'
import { misfits, type SiteConditions } from './fit'
import { fullHeightM, type Kind, type Plant } from './plant'

interface PlantFilter {
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

/** What each filter given asks of a plant. */
function testsOf(filter: PlantFilter): ((plant: Plant) => boolean)[] {
  const { kind, minHeightM = 0, maxHeightM = Infinity, flowerMonth, site } = filter
  const tests: ((plant: Plant) => boolean)[] = [(p) => fullHeightM(p) >= minHeightM && fullHeightM(p) <= maxHeightM]
  if (kind) tests.push((p) => p.kind === kind)
  if (filter.evergreen) tests.push((p) => p.retention === 'evergreen')
  if (flowerMonth) tests.push((p) => p.flowerMonths.includes(flowerMonth))
  if (filter.withoutHazards) tests.push((p) => p.hazards.length === 0)
  if (filter.fragrant) tests.push((p) => p.fragrance !== 'none')
  if (site) tests.push((p) => misfits(p, site).length === 0)
  return tests
}

/** The plants that answer every filter given: by how well they answer the text when there is one, else in the list's order. */
export function searchPlants(plants: readonly Plant[], filter: PlantFilter): Plant[] {
  const tests = testsOf(filter)
  const answers = (plant: Plant): boolean => tests.every((holds) => holds(plant))
  if (!filter.text?.trim()) return plants.filter(answers)
  const byId = new Map(plants.map((p) => [p.id, p]))
  return findPlants(plants, filter.text)
    .map((id) => byId.get(id)!)
    .filter(answers)
}
