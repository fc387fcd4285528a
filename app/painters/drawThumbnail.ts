import { bodiesAt } from '~~/core/layout'
import type { Climate, PlaceMonth } from '~~/core/time'
import { lookAt, type Plant } from '~~/core/plant'
import { portrait } from '~~/core/draw'
import { drawPaints } from './canvasPen'

export interface Thumbnail {
  readonly plant: Plant
  readonly month: PlaceMonth
  readonly width: number
  readonly height: number
  readonly pxPerM: number
}

/** An odd year, in which biennials flower. */
const GROWN_YEAR = 9
const MOST = 1500
/** Addresses of pictures by what they show: most plants look alike from one month to the next. */
const drawn = new Map<string, string>()

/**
 * The address of a picture of a mature plant, as an image holds it; kept since it was last drawn. An image, not a canvas of its own:
 * a page of many canvases is slow to put together, as each is a layer by itself.
 */
export function drawThumbnail(thumbnail: Thumbnail, climate: Climate): string {
  const ratio = Math.min(2, window.devicePixelRatio || 1)
  const { plant, month, width, height, pxPerM } = thumbnail
  const { state, colour, leaf, flower, height: grown } = lookAt(plant, month, climate)
  const key = `${plant.id}|${state}${colour}${leaf.toFixed(2)}${flower}${grown.toFixed(2)}|${width}|${height}|${pxPerM}|${ratio}`
  let address = drawn.get(key)
  if (address === undefined) {
    if (drawn.size > MOST) drawn.clear()
    drawn.set(key, (address = makePicture(thumbnail, climate, ratio).toDataURL()))
  }
  return address
}

function makePicture(
  { plant, month, width, height, pxPerM }: Thumbnail,
  climate: Climate,
  ratio: number,
): HTMLCanvasElement {
  const picture = document.createElement('canvas')
  picture.width = width * ratio
  picture.height = height * ratio
  const at = {
    id: 'thumbnail',
    seed: 1,
    driftId: 'thumbnail',
    index: 0,
    plant,
    lane: 0,
    x: 0,
    y: 0,
    along: 0,
    out: 0,
    pinned: false,
    crowded: false,
  }
  const [body] = bodiesAt([at], { month, year: GROWN_YEAR }, climate)
  if (!body) return picture
  const full = Math.max(plant.foliageHeightM, plant.flowerHeightM)
  const scale = (pxPerM || Math.min((height - 4) / (full * 1.06), (width - 4) / (plant.spreadM * 1.15))) * ratio
  const context = picture.getContext('2d')!
  const sitter = { plant, look: body.look, foliageM: body.foliageM, flowerM: body.flowerM, spreadM: body.spreadM }
  const sheet = { perM: scale, left: picture.width / 2, top: picture.height - 3 * ratio }
  drawPaints(context, portrait(sitter, 0, scale / ratio), sheet)
  return picture
}
