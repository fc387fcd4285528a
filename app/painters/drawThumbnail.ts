import { bodiesAt } from '~~/core/layout'
import type { Climate, PlaceMonth } from '~~/core/time'
import { lookAt, type Plant } from '~~/core/plant'
import { portrait } from '~~/core/draw'
import { drawPaints } from './canvasPen'

interface Thumbnail {
  readonly plant: Plant
  readonly month: PlaceMonth
  readonly width: number
  readonly height: number
  readonly pxPerM: number
}

/** An odd year, in which biennials flower. */
const GROWN_YEAR = 9
const MOST = 1500
/** What a canvas shows: most plants look alike from one month to the next. */
const shown = new WeakMap<HTMLCanvasElement, string>()
const drawn = new Map<string, HTMLCanvasElement>()

/** Draws a mature plant's portrait into a canvas of its own size, from a picture kept since it was last drawn. */
export function drawThumbnail(target: HTMLCanvasElement, thumbnail: Thumbnail, climate: Climate) {
  const key = keyOf(thumbnail, climate)
  if (shown.get(target) === key) return
  shown.set(target, key)
  const picture = pictureOf(key, thumbnail, climate)
  if (target.width !== picture.width) target.width = picture.width
  if (target.height !== picture.height) target.height = picture.height
  // Before a view is laid out its portraits have no room yet.
  if (picture.width === 0 || picture.height === 0) return
  const context = target.getContext('2d')!
  context.clearRect(0, 0, picture.width, picture.height)
  context.drawImage(picture, 0, 0)
}

const addresses = new WeakMap<HTMLCanvasElement, string>()

/** The address of a mature plant's portrait as an image, for many small ones on one page: a canvas is a layer, and layers cost. */
export function thumbnailAddress(thumbnail: Thumbnail, climate: Climate): string {
  const picture = pictureOf(keyOf(thumbnail, climate), thumbnail, climate)
  const address = addresses.get(picture) ?? picture.toDataURL()
  addresses.set(picture, address)
  return address
}

const ratioNow = () => Math.min(2, window.devicePixelRatio || 1)

function keyOf({ plant, month, width, height, pxPerM }: Thumbnail, climate: Climate): string {
  const { state, colour, leaf, flower, height: grown } = lookAt(plant, month, climate)
  const look = `${plant.id}|${state}${colour}${leaf.toFixed(2)}${flower}${grown.toFixed(2)}`
  return `${look}|${width}|${height}|${pxPerM}|${ratioNow()}`
}

function pictureOf(key: string, thumbnail: Thumbnail, climate: Climate): HTMLCanvasElement {
  const there = drawn.get(key)
  if (there) return there
  if (drawn.size > MOST) drawn.clear()
  const picture = makePicture(thumbnail, climate, ratioNow())
  drawn.set(key, picture)
  return picture
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
