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
export const toOklab: (colour: Colour) => Oklab | undefined = converter('oklab')
export const toOklch: (colour: Colour) => Oklch | undefined = converter('oklch')
export { clampChroma, formatHex }
