import {
  clampChroma,
  converter,
  formatHex,
  modeLrgb,
  modeOklab,
  modeOklch,
  modeRgb,
  useMode as use,
} from 'culori/fn'
import type { Oklab, Oklch, Rgb } from 'culori'

// Only the spaces that are reckoned in: all of them would be a tenth of what a page loads.
use(modeRgb)
use(modeLrgb)
use(modeOklab)
use(modeOklch)

type Colour = Parameters<typeof formatHex>[0]
export const toRgb: (colour: Colour) => Rgb | undefined = converter('rgb')
const toOklab: (colour: Colour) => Oklab | undefined = converter('oklab')
const toOklch: (colour: Colour) => Oklch | undefined = converter('oklch')
export { clampChroma, formatHex }

/** Colours come from a library of some hundred plants, and are asked for again with every change. */
const KEPT = 4000
function kept<T>(make: (colour: string) => T): (colour: string) => T {
  const known = new Map<string, T>()
  return (colour) => {
    let value = known.get(colour)
    if (value === undefined) {
      if (known.size > KEPT) known.clear()
      known.set(colour, (value = make(colour)))
    }
    return value
  }
}
/** A written colour in OKLab and in OKLCH, worked out once; undefined when it is none. */
export const oklabOf = kept(toOklab)
export const oklchOf = kept(toOklch)
