import type { WaterPlan } from './water'

/** Nothing laid or measured yet. */
export const NO_WATER_PLAN: WaterPlan = {
  tap: null,
  months: null,
  emitterLH: 2,
  rowM: null,
  emitterM: null,
  zoning: 'want',
  mains: {},
  programmes: [],
}
