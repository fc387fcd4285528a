/** The interface's colours as the canvases need them, read from the page so that light and dark follow one setting. */
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
}

export function readPalette(element: Element): Palette {
  const style = getComputedStyle(element)
  const read = (name: string) => style.getPropertyValue(name).trim()
  return {
    ink: read('--ink'),
    soft: read('--soft'),
    line: read('--line'),
    amber: read('--amber'),
    paper: read('--paper'),
    card: read('--card'),
    soil: read('--soil'),
    soilLight: read('--soil-light'),
    sky: read('--sky'),
  }
}
