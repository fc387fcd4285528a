import type { Plant } from '../../core/plant'
import type { ArchiveAnswer } from '../../shared/answers'
import { beside } from './beside'
import type { Db } from '../db/Db'
import { addGarden, describeArchive } from '../archive/addGarden'
import { BrokenArchive } from '../archive/checkedList'

interface UnpackAsk {
  readonly library: ReadonlyMap<string, Plant>
  /** Only says what would come in. */
  readonly dry?: boolean
  /** Tells when nobody waits any more. */
  readonly gone?: AbortSignal
}

/** Reads a zip beside the server and adds its garden as a new one, all of it or nothing. Throws `BrokenArchive`. */
export async function unpackGarden(
  db: Db,
  bytes: Uint8Array,
  { library, dry = false, gone }: UnpackAsk,
): Promise<ArchiveAnswer> {
  const read = await beside('archive', { bytes }, gone)
  if (!read.ok) throw new BrokenArchive(read.error)
  return dry ? describeArchive(db, library, read.value) : addGarden(db, library, read.value)
}
