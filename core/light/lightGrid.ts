/** A raster over a plan: left lower corner, cell size in metres, columns and rows. */
export interface LightGrid {
  readonly x0: number
  readonly y0: number
  readonly cellM: number
  readonly cols: number
  readonly rows: number
}
/** Cells from column and row up to, not including, column and row. */
export interface GridWindow {
  readonly c0: number
  readonly c1: number
  readonly r0: number
  readonly r1: number
}
