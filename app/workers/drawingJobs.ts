import type { FoundDrawing, FoundSvg, Lie } from '~~/core/exchange'
import type { Result } from '~~/core/result'

/** A drawing to read, and what was chosen of its unit or scale. */
export interface DrawingAsk {
  readonly bytes: Uint8Array
  readonly as: 'dxf' | 'svg' | 'geojson'
  readonly unitM: number | null
  readonly ratio: number | null
  readonly lie: Lie
}

export type DrawingAnswer = Result<FoundDrawing | FoundSvg>
