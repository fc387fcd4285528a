import type { LightGrid } from '~~/core/light'
import { sunColour } from './sunColours'

const kept = new WeakMap<Float32Array, HTMLCanvasElement>()

/** A map of hours as a picture, a pixel a cell; kept while the hours are. */
export function mapPicture(grid: LightGrid, hours: Float32Array): HTMLCanvasElement {
  const there = kept.get(hours)
  if (there) return there
  const canvas = document.createElement('canvas')
  canvas.width = grid.cols
  canvas.height = grid.rows
  const context = canvas.getContext('2d')!
  const image = context.createImageData(grid.cols, grid.rows)
  for (let r = 0; r < grid.rows; r++) {
    for (let col = 0; col < grid.cols; col++) {
      const colour = Number.parseInt(sunColour(hours[r * grid.cols + col]!).slice(1), 16)
      // The raster's rows go up, the picture's go down.
      const k = ((grid.rows - 1 - r) * grid.cols + col) * 4
      image.data[k] = colour >> 16
      image.data[k + 1] = (colour >> 8) & 255
      image.data[k + 2] = colour & 255
      image.data[k + 3] = 255
    }
  }
  context.putImageData(image, 0, 0)
  kept.set(hours, canvas)
  return canvas
}
