import { tracePath, type Path, type PathPen, type Sheet } from '../../core/draw'

/** To the hundredth of a point: a file of half the size that prints the same. */
const cut = (n: number) => Math.round(n * 100) / 100
/** Where the handles of a quarter circle lie, as a share of its radius. */
const KAPPA = 0.5522847

/** Writes a path in the words of a PDF page, as one text: a page takes one long text many times faster than its steps one by one. */
export function pdfPath(path: Path, sheet: Sheet): string {
  const steps: string[] = []
  const pen: PathPen = {
    moveTo: (x, y) => steps.push(`${cut(x)} ${cut(y)} m`),
    lineTo: (x, y) => steps.push(`${cut(x)} ${cut(y)} l`),
    quadraticCurveTo: (a, b, x, y) => steps.push(`${cut(a)} ${cut(b)} ${cut(x)} ${cut(y)} v`),
    closePath: () => steps.push('h'),
    circle: (x, y, r) => steps.push(...circle(x, y, r)),
  }
  tracePath(path, sheet, pen)
  return steps.join(' ')
}

function circle(x: number, y: number, r: number): string[] {
  const k = r * KAPPA
  const curve = (...n: readonly number[]) => `${n.map(cut).join(' ')} c`
  return [
    `${cut(x + r)} ${cut(y)} m`,
    curve(x + r, y + k, x + k, y + r, x, y + r),
    curve(x - k, y + r, x - r, y + k, x - r, y),
    curve(x - r, y - k, x - k, y - r, x, y - r),
    curve(x + k, y - r, x + r, y - k, x + r, y),
    'h',
  ]
}
