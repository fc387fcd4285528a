import type { Palette } from '~~/core/draw'
import { readPalette } from '~/painters/readPalette'

/** The colours of the page for the canvases; follows light and dark. */
export function usePalette() {
  const mode = useColorMode()
  const palette = shallowRef<Palette | null>(null)
  const read = () => {
    palette.value = readPalette(document.documentElement)
  }
  onMounted(read)
  watch(
    () => mode.value,
    () => nextTick(read),
  )
  return palette
}
