import { expose } from 'comlink'
import {
  decodeDxf,
  decodeText,
  readDxf,
  readGeoJson,
  readSvg,
  type FoundDrawing,
  type FoundSvg,
  type Lie,
} from '~~/core/exchange'
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

const jobs = {
  read({ bytes, as, unitM, ratio, lie }: DrawingAsk): DrawingAnswer {
    switch (as) {
      case 'dxf':
        return readDxf(decodeDxf(bytes), unitM)
      case 'svg':
        return readSvg(decodeText(bytes).text, { unitM: unitM ?? undefined, ratio: ratio ?? undefined })
      case 'geojson':
        return readGeoJson(decodeText(bytes).text, lie)
    }
  },
}
export type DrawingJobs = typeof jobs
expose(jobs)
