import { fstatSync, lstatSync, readdirSync } from 'node:fs'
import { join } from 'node:path'

/** When each file and folder last changed, ns by its number. */
export type LastingFiles = ReadonlyMap<bigint, bigint>

/** Some disks tell times of change in steps of 2 s: what changed later than this ago is not told apart from what changes now, ms. */
const QUIET_MS = 3000

/** Makes a folder last with all that is in it; which of its files lie there as they are told here. */
export function lastingFiles(folder: string, makeLast: (folder: string) => void): LastingFiles {
  const quietSince = BigInt(Date.now() - QUIET_MS) * 1_000_000n
  const paths = readdirSync(folder, { recursive: true, withFileTypes: true }).map((f) => join(f.parentPath, f.name))
  const times = [folder, ...paths]
    .map((path) => lstatSync(path, { bigint: true }))
    .filter(({ ctimeNs }) => ctimeNs < quietSince)
    .map(({ ino, ctimeNs }) => [ino, ctimeNs] as const)
  makeLast(folder)
  return new Map(times)
}

/** Whether an open file lies on the disk as it is. */
export function isLasting(files: LastingFiles, file: number): boolean {
  const { ino, ctimeNs } = fstatSync(file, { bigint: true })
  return files.get(ino) === ctimeNs
}
