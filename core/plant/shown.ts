import type { Look } from './look'
import type { Plant } from './plant'

/** Soil with nothing on it. */
const GONE = '#b0987a'
/** In full flower half of a plant is flower. */
const FLOWER_COVERS = 0.5
/** In full fruit, so much of it is fruit. */
const FRUIT_COVERS = 0.15
/** From afar a plant has the colour of its flowers while so much of them is out. */
const READS_AS_FLOWER = 0.6
/** Twigs and dry stems show as much as a third of the leaf did. */
const STEMS_SHOW = 0.35

/** A colour a plant shows, and the share (0-1) of the plant that shows it. */
interface ColourPart {
  readonly colour: string
  readonly share: number
}

/** What a plant shows at a moment: the one reading for pictures, bars, words and judging. */
interface Shown {
  /** The colour it has from afar. */
  readonly colour: string
  /** Flowers, when there are any. */
  readonly flower: ColourPart | null
  /** Berries, hips and pods, when there are any. */
  readonly fruit: ColourPart | null
  /** Leaves, or twigs and dry stems; null when nothing stands. */
  readonly leaf: ColourPart | null
  /** Whether what is not flower is leaf: not twigs, not dry stems. */
  readonly inLeaf: boolean
}

const NOTHING: Shown = { colour: GONE, flower: null, fruit: null, leaf: null, inLeaf: false }

/** The colours of a plant with a look. */
export function shownOf(plant: Pick<Plant, 'flowerColour' | 'fruit'>, look: Look): Shown {
  if (look.state === 'gone') return NOTHING
  const share = plant.flowerColour ? FLOWER_COVERS * look.flower : 0
  const inLeaf = look.state === 'leaf'
  const fruit =
    plant.fruit && look.fruit > 0 ? { colour: plant.fruit.colour, share: FRUIT_COVERS * look.fruit } : null
  const flower = plant.flowerColour && share > 0 ? { colour: plant.flowerColour, share } : null
  return {
    colour: flower && look.flower >= READS_AS_FLOWER ? flower.colour : look.colour,
    flower,
    fruit,
    leaf: { colour: look.colour, share: (1 - share - (fruit?.share ?? 0)) * (inLeaf ? 1 : STEMS_SHOW) },
    inLeaf,
  }
}
