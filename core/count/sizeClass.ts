import type { SizeClass } from '../model'
import { potLitres, type SoldSize } from '../plant'

/** What the label of a size says: its class, how many make a pack, and the volume of its pot in litres (0 for bulbs). */
interface SizeFigures {
  readonly sizeClass: SizeClass
  readonly pack: number
  readonly volumeL: number
}

/** Pots in litres from which a plant counts as large; below the other it is a small pot. */
const LARGE_L = 10
const SMALL_L = 1
const PLUG_L = 0.05
/** What names no pot is taken for one of this many litres. */
const USUAL_L = 2

/**
 * Reads the label of a size as nurseries write it: `plug`, `9 cm`, `2 L`, `3 gal`, `4 in`, `25 bulbs`, `six-pack`, `tray of 40`,
 * `bare root`. What is not read is a pot of 2 litres sold singly.
 */
export function sizeFigures(label: string): SizeFigures {
  const text = label.toLowerCase()
  const bulbs = /(\d+)?\s*(bulb|corm|tuber)/.exec(text)
  if (bulbs) return { sizeClass: 'bulb', pack: Number(bulbs[1] ?? 1), volumeL: 0 }
  const pack = packOf(text)
  const volumeL = potLitres(text) ?? USUAL_L
  return { sizeClass: classOf(volumeL), pack, volumeL }
}

function packOf(text: string): number {
  const said =
    /(?:tray|pack|box|bundle)s?\s*(?:of)?\s*(\d+)/.exec(text) ?? /(\d+)\s*(?:-|x)?\s*(?:pack|tray|box)/.exec(text)
  if (said) return Math.max(1, Number(said[1]))
  return /six[- ]?pack/.test(text) ? 6 : 1
}

function classOf(volumeL: number): SizeClass {
  if (volumeL <= PLUG_L) return 'plug'
  if (volumeL <= SMALL_L) return 'small'
  return volumeL >= LARGE_L ? 'large' : 'pot'
}

/** Shares bought beyond the need, for what is lost on the way and in the first weeks. Source: docs/grounds/papers, Count. */
export const SPARES: Readonly<Record<SizeClass, number>> = { plug: 0.12, small: 0.05, pot: 0, large: 0, bulb: 0.05 }

/** How many of a size are bought as spares for a need: rounded up, none for a share of nothing. */
export const sparesFor = (
  need: number,
  size: Pick<SoldSize, 'label'>,
  shares: Readonly<Record<SizeClass, number>> = SPARES,
) => Math.ceil(need * shares[sizeFigures(size.label).sizeClass] - 1e-9)

/** Pieces rounded up to whole packs. */
export const inPacks = (pieces: number, pack: number): number =>
  Math.ceil(pieces / Math.max(1, pack)) * Math.max(1, pack)
