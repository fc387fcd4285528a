export { deltaE, lighten, lightness, mix, saturation } from './colour'
export { colourWords, isGreen } from './colourWords'
export {
  HARMONIES,
  HARMONY_WORDS,
  MATERIAL_COLOURS,
  nearestOf,
  proposeTheme,
  type Harmony,
  type Theme,
  type ThemeColour,
} from './theme'
export { seenAs, VISIONS, VISION_WORDS, type Vision } from './vision'
