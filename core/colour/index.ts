export { deltaE, lighten, mix, saturation } from './colour'
