import { sizeFigures } from '../count'
import { boughtSize, type Plant } from '../plant'

/** How tall a plant of a size comes with its pot, how deep the pot goes into the ground, and how tall it then stands. Metres. */
interface FirstHeight {
  readonly asSoldM: number
  readonly potDepthM: number
  readonly standsM: number
}

/** Round pots are a little deeper than the cube of their volume. */
const DEPTH_OF_CUBE = 1.05

/** The height in the first year: height sold less the depth of its pot. Source: docs/grounds/papers, Set out. */
export function firstHeight(plant: Plant, label: string): FirstHeight {
  const potDepthM = DEPTH_OF_CUBE * Math.cbrt(sizeFigures(label).volumeL / 1000)
  const standsM = boughtSize(plant, label)
  return { asSoldM: standsM + potDepthM, potDepthM, standsM }
}
