import { decodeDxf, decodeText, readDxf, readGeoJson, readSvg } from '~~/core/exchange'
import type { DrawingAnswer, DrawingAsk } from './drawingJobs'

onmessage = ({ data }: MessageEvent<DrawingAsk>) => {
  try {
    postMessage(answer(data))
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error)
    postMessage({
      ok: false,
      error: `The drawing could not be read (${why}): nothing was changed.`,
    } satisfies DrawingAnswer)
  }
}

function answer({ bytes, as, unitM, ratio, lie }: DrawingAsk): DrawingAnswer {
  switch (as) {
    case 'dxf':
      return readDxf(decodeDxf(bytes), unitM)
    case 'svg':
      return readSvg(decodeText(bytes).text, { unitM: unitM ?? undefined, ratio: ratio ?? undefined })
    case 'geojson':
      return readGeoJson(decodeText(bytes).text, lie)
  }
}
