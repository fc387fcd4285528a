import type { Plant } from '../../core/plant'

/** Plants stay the same objects: each is written once. */
const written = new WeakMap<Plant, string>()

/** A plant as a JSON text. */
export function plantText(plant: Plant): string {
  const there = written.get(plant)
  if (there !== undefined) return there
  const text = JSON.stringify(plant)
  written.set(plant, text)
  return text
}

/** The plant of a JSON text that `plantText` made. */
export function plantOfText(text: string): Plant {
  const plant = JSON.parse(text) as Plant
  written.set(plant, text)
  return plant
}
