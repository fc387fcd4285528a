/** Millimetres in a unit of a page; an SVG pixel is 1/96 inch. */
const MM: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  q: 0.25,
  in: 25.4,
  pt: 25.4 / 72,
  pc: 25.4 / 6,
  px: 25.4 / 96,
}
export const PX_MM = MM.px!
const LENGTH = /^\s*([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)\s*([a-z%]*)\s*$/i

/** A length of an SVG in millimetres, when it is given in a unit of paper; null for pixels, per cent and none. */
export function paperMm(text: string | undefined): number | null {
  const [, figure, unit] = LENGTH.exec(text ?? '') ?? []
  const mm = MM[(unit ?? '').toLowerCase()]
  return figure && mm && unit && unit.toLowerCase() !== 'px' ? Number(figure) * mm : null
}

/** A length in units of the picture; per cent are of `whole`. */
export function userLength(text: string | undefined, whole: number, otherwise = 0): number {
  const [, figure, unit = ''] = LENGTH.exec(text ?? '') ?? []
  if (figure === undefined) return otherwise
  if (unit === '%') return (Number(figure) * whole) / 100
  if (unit === '' || unit.toLowerCase() === 'px') return Number(figure)
  if (unit.toLowerCase() === 'em') return Number(figure) * 16
  const mm = MM[unit.toLowerCase()]
  return mm ? (Number(figure) * mm) / PX_MM : otherwise
}

/** The four figures of a view box; null when there is none. */
export function viewBoxOf(text: string | undefined): { x: number; y: number; w: number; h: number } | null {
  const [x, y, w, h] = (text ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number)
  const isWhole = [x, y, w, h].every((n) => n !== undefined && Number.isFinite(n))
  return isWhole && w! > 0 && h! > 0 ? { x: x!, y: y!, w: w!, h: h! } : null
}
