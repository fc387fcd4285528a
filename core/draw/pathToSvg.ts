import { L, M, Q, Z, type Paint, type Path } from './path'

const n = (value: number) => String(Math.round(value * 1000) / 1000)

/** A path's `d`, with y turned down as SVG has it. */
export function pathToSvg(path: Path): string {
  const out: string[] = []
  for (let i = 0; i < path.length;) {
    const op = path[i++]
    const next = () => path[i++]!
    if (op === M) out.push(`M${n(next())} ${n(-next())}`)
    else if (op === L) out.push(`L${n(next())} ${n(-next())}`)
    else if (op === Q) out.push(`Q${n(next())} ${n(-next())} ${n(next())} ${n(-next())}`)
    else if (op === Z) out.push('Z')
    else {
      const x = next()
      const y = -next()
      const r = next()
      out.push(`M${n(x - r)} ${n(y)}a${n(r)} ${n(r)} 0 1 0 ${n(2 * r)} 0a${n(r)} ${n(r)} 0 1 0 ${n(-2 * r)} 0`)
    }
  }
  return out.join('')
}

/** Paints as SVG path elements. Colours come from checked data; nothing else enters the markup. */
export const paintsToSvg = (paints: readonly Paint[]) =>
  paints
    .map(
      (p) =>
        `<path d="${pathToSvg(p.path)}" fill="${p.fill ?? 'none'}"${p.stroke ? ` stroke="${p.stroke}" stroke-width="${n(p.lineWidth ?? 0.01)}" stroke-linecap="round"` : ''}${p.alpha ? ` opacity="${p.alpha}"` : ''}/>`,
    )
    .join('')
