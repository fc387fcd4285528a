/** A stretch of a bed in its running coordinate, metres. */
export interface Range {
  readonly from: number
  readonly to: number
}

export const whole: Range = { from: -Infinity, to: Infinity }
