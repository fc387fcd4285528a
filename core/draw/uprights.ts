import { type Shape, type Path, M, L, Z, Q } from './path'
import { ellipsePath, roundedPath } from './paths'

export function obelisk(w: number, h: number): Shape[] {
  const path: Path = []
  for (const s of [-1, -0.3, 0.3, 1]) path.push(M, (s * w) / 2, 0, L, 0, h)
  for (const u of [0.2, 0.45, 0.7]) path.push(M, (-w / 2) * (1 - u), h * u, L, (w / 2) * (1 - u), h * u)
  return [{ path, stroke: IRON, thin: 1.6, layer: 'fixtures' }]
}
export function pot(w: number, h: number): Shape[] {
  const clay = {
    from: { x: -w / 2, y: 0 },
    to: { x: w / 2, y: 0 },
    stops: [
      [0, '#8f5038'],
      [0.35, '#c07a58'],
      [1, '#8a4c35'],
    ] as const,
  }
  const foot = [Q, 0, -w * 0.06, w * 0.34, 0, L, w * 0.46, h * 0.84, Z]
  const body: Path = [M, -w * 0.46, h * 0.84, L, -w * 0.34, 0, ...foot]
  return [
    { path: ellipsePath(0, 0, w * 0.5, w * 0.07), fill: '#231b12', alpha: 0.25 },
    { path: body, fill: clay, layer: 'fixtures' },
    {
      path: roundedPath(-w / 2, h * 0.82, w, h * 0.18, Math.min(w, h) * 0.05),
      fill: clay,
      stroke: '#7a412d',
      thin: 0.8,
    },
  ]
}
export function urn(w: number, h: number): Shape[] {
  const left = [M, -w * 0.3, 0, L, -w * 0.2, h * 0.25, Q, -w * 0.6, h * 0.6, -w * 0.42, h]
  const right = [L, w * 0.42, h, Q, w * 0.6, h * 0.6, w * 0.2, h * 0.25, L, w * 0.3, 0, Z]
  return [{ path: [...left, ...right], fill: STONE, stroke: '#857b6a', thin: 1, layer: 'fixtures' }]
}

export const IRON = '#4a4640'
export const STONE = '#b9ae9c'
