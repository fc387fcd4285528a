import { execFileSync } from 'node:child_process'
import { closeSync, fsyncSync, openSync, readdirSync } from 'node:fs'
import { join } from 'node:path'

/** Makes one file or folder last. */
export function syncPath(path: string, sync: (file: number) => void = fsyncSync) {
  const file = openSync(path, 'r')
  try {
    sync(file)
  } finally {
    closeSync(file)
  }
}

/** The system's own way to make all files of a disk last at once; false where it has none. */
function atOnce(folder: string): boolean {
  try {
    execFileSync('sync', ['-f', folder], { stdio: 'ignore' })
    return true
  } catch {
    return false
  }
}

/** Makes a folder with all that is in it last, a power cut or not: at once where the system can, else file by file. */
export function syncTree(folder: string, sync: (file: number) => void = fsyncSync, whole = atOnce) {
  if (whole(folder)) return
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name)
    if (entry.isDirectory()) syncTree(path, sync, () => false)
    else if (entry.isFile()) syncPath(path, sync)
  }
  syncPath(folder, sync)
}
