import { type Corner, type CrownObstacle, type LightInput, type Obstacle, sunSteps } from '../../core/light'

/**
 * The plain way to the same figures: a ray from each cell to the sun against each face and crown, at each step. Hours of light
 * let through, month by month.
 */
export function castRays(
  input: LightInput,
  months: readonly number[] = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
  every = 1,
): Float32Array[] {
  const { grid } = input
  return months.map((month) => {
    const hours = new Float32Array(grid.cols * grid.rows)
    for (const step of sunSteps(month, input.latitude, input.longitude, input.stepMinutes)) {
      const turn = ((step.azimuthDeg - input.northDeg) * Math.PI) / 180
      const up = Math.sin((step.altitudeDeg * Math.PI) / 180)
      const flat = Math.cos((step.altitudeDeg * Math.PI) / 180)
      const to = { x: Math.sin(turn) * flat, y: Math.cos(turn) * flat, z: up }
      for (let r = 0; r < grid.rows; r += every) {
        for (let c = 0; c < grid.cols; c += every) {
          const from = {
            x: grid.x0 + (c + 0.5) * grid.cellM,
            y: grid.y0 + (r + 0.5) * grid.cellM,
            z: input.levels?.[r * grid.cols + c] ?? 0,
          }
          hours[r * grid.cols + c]! +=
            step.hours *
            input.obstacles.reduce((pass, o) => (pass === 0 ? 0 : pass * passes(o, from, to, month)), 1)
        }
      }
    }
    return hours
  })
}

function passes(o: Obstacle, from: Corner, to: Corner, month: number): number {
  if (o.kind === 'crown') return hitsCrown(o, from, to) ? o.passByMonth[month - 1]! : 1
  // Each face of a fence stops its share; a solid stops all at its first face.
  return o.faces.reduce((pass, face) => (pass > 0 && hitsFace(face, from, to) ? pass * o.pass : pass), 1)
}

function hitsCrown({ x, y, z, r, rz }: CrownObstacle, from: Corner, to: Corner): boolean {
  const p = [(from.x - x) / r, (from.y - y) / r, (from.z - z) / rz] as const
  const d = [to.x / r, to.y / r, to.z / rz] as const
  const a = d[0] ** 2 + d[1] ** 2 + d[2] ** 2
  const b = p[0] * d[0] + p[1] * d[1] + p[2] * d[2]
  const c = p[0] ** 2 + p[1] ** 2 + p[2] ** 2 - 1
  const root = b * b - a * c
  return root > 0 && -b + Math.sqrt(root) > 0
}

/** Where the ray meets the face's plane, inside its outline or not; a face that lies along the ray is not met. */
function hitsFace(face: readonly Corner[], from: Corner, to: Corner): boolean {
  const [a, b, c] = face as [Corner, Corner, Corner]
  const u = { x: b.x - a.x, y: b.y - a.y, z: b.z - a.z }
  const v = { x: c.x - a.x, y: c.y - a.y, z: c.z - a.z }
  const n = { x: u.y * v.z - u.z * v.y, y: u.z * v.x - u.x * v.z, z: u.x * v.y - u.y * v.x }
  const across = n.x * to.x + n.y * to.y + n.z * to.z
  if (Math.abs(across) < 1e-12) return false
  const at = (n.x * (a.x - from.x) + n.y * (a.y - from.y) + n.z * (a.z - from.z)) / across
  if (at <= 0) return false
  const p = { x: from.x + to.x * at, y: from.y + to.y * at, z: from.z + to.z * at }
  // Seen along the axis the face is widest against.
  const [i, j] =
    Math.abs(n.z) >= Math.abs(n.x) && Math.abs(n.z) >= Math.abs(n.y)
      ? (['x', 'y'] as const)
      : Math.abs(n.x) >= Math.abs(n.y)
        ? (['y', 'z'] as const)
        : (['x', 'z'] as const)
  let inside = false
  for (let k = 0, l = face.length - 1; k < face.length; l = k++) {
    const q = face[k]!
    const s = face[l]!
    if (q[j] > p[j] !== s[j] > p[j] && p[i] < ((s[i] - q[i]) * (p[j] - q[j])) / (s[j] - q[j]) + q[i])
      inside = !inside
  }
  return inside
}
