import type { Paint, Sheet } from '../draw'
import type { Manner } from '../measure'

export const POINTS_PER_M = 72 / 0.0254
export const POINTS_PER_MM = 72 / 25.4

/** A size of paper, points, as it lies on its side. */
export interface Paper {
  readonly name: string
  readonly widthPt: number
  readonly heightPt: number
}
const mm = (name: string, width: number, height: number): Paper => ({
  name,
  widthPt: width * POINTS_PER_MM,
  heightPt: height * POINTS_PER_MM,
})
export const PAPER_SIZES: readonly Paper[] = [
  mm('A4', 297, 210),
  mm('A3', 420, 297),
  { name: 'Letter', widthPt: 792, heightPt: 612 },
  { name: 'Tabloid', widthPt: 1224, heightPt: 792 },
]
export const PLAN_SCALES = [
  { ratio: 20, name: '1 : 20', units: 'metric' },
  { ratio: 24, name: '1 : 24 (½ in to the foot)', units: 'imperial' },
  { ratio: 48, name: '1 : 48 (¼ in to the foot)', units: 'imperial' },
  { ratio: 50, name: '1 : 50', units: 'metric' },
  { ratio: 100, name: '1 : 100', units: 'metric' },
] as const

/** A drawing on a page: its paints with their own metres. */
export interface Panel {
  readonly paints: Iterable<Paint>
  readonly sheet: Sheet
}
/** A page of drawings; panels lie over one another in their order. Points. */
export interface DrawingPage {
  readonly kind: 'drawing'
  readonly title: string
  readonly widthPt: number
  readonly heightPt: number
  readonly panels: readonly Panel[]
}

export type Block =
  | { readonly kind: 'title' | 'heading' | 'words' | 'caution'; readonly text: string }
  | {
      readonly kind: 'table'
      /** Share of the width of each column, adding up to 1; right-aligned columns by their place. */
      readonly shares: readonly number[]
      readonly right?: readonly number[]
      readonly headings: readonly string[]
      readonly rows: readonly (readonly string[])[]
    }
/** Text and tables that run over as many pages as they need. Points. */
export interface TextPage {
  readonly kind: 'text'
  readonly title: string
  readonly widthPt: number
  readonly heightPt: number
  /** What stands at the foot of each page. */
  readonly foot: string
  readonly blocks: readonly Block[]
}
export type PaperPage = DrawingPage | TextPage

/** What every sheet says of itself. */
export interface SheetHead {
  readonly garden: string
  readonly author: string
  readonly revision: string
  /** ISO day. */
  readonly date: string
  readonly manner: Manner
  /** What the garden pays in, see `sayMoney`. */
  readonly currency: string
}

/** Paints in points from the lower left corner of a page. */
export const pageSheet = (heightPt: number): Sheet => ({ perM: 1, left: 0, top: heightPt })
