export { deltaE, lighten, lightness, mix, saturation } from './colour'
