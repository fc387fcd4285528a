import type { Palette } from '~~/core/draw'

/** The interface's colours as the pictures need them, read from the page so that light and dark follow one setting. */
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
    elsewhere: read('--elsewhere'),
  }
}
