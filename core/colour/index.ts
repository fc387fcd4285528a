export { deltaE, hueOf, lighten, lightness, mix, saturation } from './colour'
export { colourWords, isGreen } from './colourWords'
export {
  HARMONIES,
  type Harmony,
  HARMONY_WORDS,
  MATERIAL_COLOURS,
  nearestOf,
  proposeTheme,
  type Theme,
  type ThemeColour,
} from './theme'
export { seenAs, type Vision, VISION_WORDS, VISIONS } from './vision'
export { oklchOf } from './spaces'
