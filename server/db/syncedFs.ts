import { fsyncSync } from 'node:fs'
import { NodeFS } from '@electric-sql/pglite/nodefs'
import { isLasting, lastingFiles, type LastingFiles } from './lastingFiles'
import { syncPath, syncTree } from './syncTree'

/** What the database's file layer hands to its operations: an open file, or a folder without a number of its own. */
interface Stream {
  readonly nfd?: number
  readonly node: unknown
}
interface NodeFiles {
  readonly stream_ops: { fsync?: (stream: Stream) => number }
  realPath(node: unknown): string
}
type Init = Parameters<NodeFS['init']>
interface WithNodeFiles {
  readonly NODEFS: NodeFiles
}

export interface Syncing {
  /** Makes an open file last. */
  readonly sync?: (file: number) => void
  /** Makes a folder last with all that is in it. */
  readonly syncAll?: (folder: string) => void
}

/** A start after a proper end syncs fewer files; after a crash every file is synced, most of them unchanged. */
const FEW = 20

/**
 * Files of the embedded database whose “sync” reaches the disk. The package's own layer leaves it out, so that a database told to sync
 * would believe it had. While it starts after a crash all files are made to last at once, and singly only those that change afterwards.
 */
export class SyncedFs extends NodeFS {
  private readonly sync: (file: number) => void
  private readonly syncAll: (folder: string) => void
  private isStarting = true
  private syncs = 0
  private lasting: LastingFiles | null = null

  constructor(folder: string, { sync = fsyncSync, syncAll = (path) => syncTree(path) }: Syncing = {}) {
    super(folder)
    this.sync = sync
    this.syncAll = syncAll
  }

  /** The database is open: from now on whatever is to be synced is. */
  started() {
    this.isStarting = false
    this.lasting = null
  }

  private readonly makeLast = (file: number) => {
    if (this.isStarting && ++this.syncs > FEW) this.lasting ??= lastingFiles(this.rootDir, this.syncAll)
    if (!this.lasting || !isLasting(this.lasting, file)) this.sync(file)
  }

  override async init(pg: Init[0], options: Init[1]): ReturnType<NodeFS['init']> {
    const { emscriptenOpts } = await super.init(pg, options)
    const teach = (module: unknown) => {
      const files = (module as WithNodeFiles).NODEFS
      files.stream_ops.fsync = (stream) => {
        if (stream.nfd !== undefined) this.makeLast(stream.nfd)
        // New and renamed files of a folder.
        else syncPath(files.realPath(stream.node), this.makeLast)
        return 0
      }
    }
    return { emscriptenOpts: { ...emscriptenOpts, preRun: [...(emscriptenOpts.preRun ?? []), teach] } }
  }
}

/** What the server starts with: its usual settings, but with every answered change on the disk. */
export const syncedParams = (usual: readonly string[]): string[] => [
  ...usual.filter((p) => p !== '-F'),
  ...['-c', 'fsync=on', '-c', 'synchronous_commit=on', '-c', 'full_page_writes=on', '-c', 'wal_sync_method=fsync'],
]
