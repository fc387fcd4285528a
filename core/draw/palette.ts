/** The colours of the sheet itself; those of plants and things are their own. */
export interface Palette {
  readonly ink: string
  readonly soft: string
  readonly line: string
  readonly amber: string
  readonly paper: string
  readonly card: string
  readonly soil: string
  readonly soilLight: string
  readonly sky: string
  /** What others do. */
  readonly elsewhere: string
}

/** For what is printed: as the interface is by day, on white. */
export const PRINT_PALETTE: Palette = {
  ink: '#2b2621',
  soft: '#6b6258',
  line: '#d9cdb8',
  amber: '#d68a1c',
  paper: '#ffffff',
  card: '#ffffff',
  soil: '#8a7350',
  soilLight: '#e5d8c0',
  sky: '#f3efe6',
  elsewhere: '#5b4a86',
}
