import { fsyncSync } from 'node:fs'
import { NodeFS } from '@electric-sql/pglite/nodefs'
import { syncPath } from './syncTree'

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

/**
 * Files of the embedded database whose “sync” reaches the disk. The package's own layer leaves it out, so that a database told to sync
 * would believe it had. `sync` is told the open file; tests give their own.
 */
export class SyncedFs extends NodeFS {
  constructor(
    folder: string,
    private readonly sync: (file: number) => void = fsyncSync,
  ) {
    super(folder)
  }

  override async init(pg: Init[0], options: Init[1]): ReturnType<NodeFS['init']> {
    const { emscriptenOpts } = await super.init(pg, options)
    const teach = (module: unknown) => {
      const files = (module as WithNodeFiles).NODEFS
      files.stream_ops.fsync = (stream) => {
        if (stream.nfd !== undefined) this.sync(stream.nfd)
        // New and renamed files of a folder.
        else syncPath(files.realPath(stream.node), this.sync)
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
