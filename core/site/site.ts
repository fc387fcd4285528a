import type { Site } from '../model'

export const EMPTY_SITE: Site = { northDeg: 0, points: [], things: [], beds: [], base: null }
