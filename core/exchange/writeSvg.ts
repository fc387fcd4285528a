import { northPaints, PRINT_PALETTE, scaleBarPaints } from '../draw'
import { boundsOf, type ResolvedSite } from '../site'
import { paintsAsSvg } from './svgPen'
import { sitePaints, type NamedOutline } from './writeDxf'

const MARGIN_M = 1
/** Millimetres on paper for a metre of ground at 1 : 50, and as many points. */
const MM_PER_M = 20
const PER_M = (MM_PER_M * 72) / 25.4
const n = (value: number) => String(Math.round(value * 1000) / 1000)

/**
 * A site as an SVG picture for paper at 1 : 50, drawn as the plan is, with north and a scale bar; one unit of the picture
 * is a metre, y down as SVG has it. Names are escaped.
 */
export function writeSvg(site: ResolvedSite, beds: readonly NamedOutline[]): string {
  const { x0, x1, y0, y1 } = boundsOf(site.things, [...beds.flatMap((b) => b.outline), { x: 0, y: 0 }])
  const paints = [
    ...sitePaints(site, beds),
    ...northPaints({ x: x1 - 0.2, y: y1 - 0.2 }, site.northDeg, PRINT_PALETTE),
    ...scaleBarPaints({ x: x0, y: y0 - MARGIN_M * 0.8 }, PRINT_PALETTE, PER_M),
  ]
  const [width, height] = [x1 - x0 + 2 * MARGIN_M, y1 - y0 + 2 * MARGIN_M]
  const box = `viewBox="${n(x0 - MARGIN_M)} ${n(-y1 - MARGIN_M)} ${n(width)} ${n(height)}"`
  const size = `width="${n(width * MM_PER_M)}mm" height="${n(height * MM_PER_M)}mm"`
  const body = paintsAsSvg(paints, { perM: PER_M, left: 0, top: 0 })
  return `<svg xmlns="http://www.w3.org/2000/svg" ${size} ${box}>\n<g transform="scale(${1 / PER_M})">\n${body}\n</g>\n</svg>\n`
}
