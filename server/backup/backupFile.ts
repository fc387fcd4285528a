import { createHash } from 'node:crypto'
import { createReadStream, createWriteStream } from 'node:fs'
import { open, rename, rm } from 'node:fs/promises'
import { createInterface } from 'node:readline'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { createGunzip, createGzip } from 'node:zlib'
import { z } from 'zod'
import { type WrittenPart, type BackupPart, partSchema } from '../db/storeRows'

const BACKUP_FORMAT = 'amber-terrace-backup'

const headSchema = z.object({ format: z.literal(BACKUP_FORMAT), version: z.number().int().min(1), at: z.string() })
const endSchema = z.object({
  end: z.literal(true),
  rows: z.record(z.string(), z.number().int()),
  gardens: z.array(z.object({ id: z.string(), name: z.string() })),
  sha256: z.string(),
})
type BackupHead = z.infer<typeof headSchema>
export type BackupEnd = z.infer<typeof endSchema>

/** What is wrong with a backup, in words. */
export class BrokenBackup extends Error {}

/** Writes a backup beside its place, makes it last, and only then gives it its name: a file of that name is whole. */
export async function writeBackup(
  path: string,
  head: Omit<BackupHead, 'format'>,
  parts: AsyncIterable<WrittenPart>,
): Promise<BackupEnd> {
  const half = `${path}.half`
  const hash = createHash('sha256')
  const rows: Record<string, number> = {}
  const gardens: BackupEnd['gardens'] = []
  let end: BackupEnd | null = null
  async function* lines() {
    const line = (json: string) => {
      const text = `${json}\n`
      hash.update(text)
      return text
    }
    yield line(JSON.stringify({ format: BACKUP_FORMAT, ...head }))
    for await (const part of parts) {
      rows[part.table] = (rows[part.table] ?? 0) + part.rows.length
      gardens.push(...(part.gardens ?? []))
      yield line(`{"table":${JSON.stringify(part.table)},"rows":[${part.rows.join(',')}]}`)
    }
    end = { end: true, rows, gardens, sha256: hash.digest('hex') }
    yield `${JSON.stringify(end)}\n`
  }
  try {
    await pipeline(Readable.from(lines()), createGzip(), createWriteStream(half))
    const file = await open(half, 'r')
    await file.sync()
    await file.close()
    await rename(half, path)
  } catch (error) {
    await rm(half, { force: true })
    throw error
  }
  return end!
}

/** Reads a backup part by part; its end is checked against what was read. Throws `BrokenBackup`. */
export async function readBackup(
  path: string,
  take: (part: BackupPart, head: BackupHead) => Promise<void> | void,
): Promise<{ readonly head: BackupHead; readonly end: BackupEnd }> {
  const read = new Reader(take)
  const file = createReadStream(path)
  const unpacked = file.pipe(createGunzip())
  // An error of the file itself must reach whoever reads the lines.
  file.on('error', (error) => unpacked.destroy(error))
  try {
    for await (const line of createInterface({ input: unpacked, crlfDelay: Infinity })) await read.line(line)
  } catch (error) {
    if (error instanceof BrokenBackup) throw error
    if (!(error instanceof z.ZodError || error instanceof SyntaxError || isOfFile(error))) throw error
    throw new BrokenBackup('That is not a backup of Amber Terrace, or it is cut short. Choose another.')
  }
  return read.done()
}

class Reader {
  private readonly hash = createHash('sha256')
  private readonly rows: Record<string, number> = {}
  private head: BackupHead | null = null
  private end: BackupEnd | null = null

  constructor(private readonly take: (part: BackupPart, head: BackupHead) => Promise<void> | void) {}

  async line(line: string) {
    const value: unknown = JSON.parse(line)
    const end = endSchema.safeParse(value)
    if (end.success) {
      this.end = end.data
      return
    }
    this.hash.update(`${line}\n`)
    if (!this.head) {
      this.head = headSchema.parse(value)
      return
    }
    const part = partSchema.parse(value)
    this.rows[part.table] = (this.rows[part.table] ?? 0) + part.rows.length
    await this.take(part, this.head)
  }

  done() {
    const { head, end, rows } = this
    if (!head || !end) throw new BrokenBackup('The backup is cut short. Choose another.')
    if (end.sha256 !== this.hash.digest('hex') || JSON.stringify(end.rows) !== JSON.stringify(rows))
      throw new BrokenBackup('The backup does not hold what it says it holds. Choose another.')
    return { head, end }
  }
}

const isOfFile = (error: unknown) =>
  /^(Z_|ENOENT|EISDIR|ERR_STREAM)/.test((error as NodeJS.ErrnoException).code ?? '')
