import { createHash, type Hash } from 'node:crypto'

const WORDS = 1 << 14
/** Rounds a figure of 24 bits to 20, about six digits; what is left free at its end tells figures from marks. */
const HALF = 0x8
const KEPT = ~0xf
const MARK = { text: 1, true: 2, false: 3, none: 4, list: 5, record: 6, end: 7 } as const
/** Beyond these a figure of 24 bits holds nothing or no figure. */
const [LEAST, MOST] = [1e-37, 1e37]

/** Writes plain values into a hash, each with a mark that tells what it is. */
class Digest {
  private readonly words = new Uint32Array(WORDS)
  private readonly figure = new Float32Array(1)
  private readonly bits = new Uint32Array(this.figure.buffer)
  private used = 0

  constructor(private readonly hash: Hash) {}

  add(value: unknown): void {
    if (typeof value === 'number') this.number(value)
    else if (typeof value === 'string') this.text(value)
    else if (typeof value === 'boolean') this.word(value ? MARK.true : MARK.false)
    else if (typeof value === 'object' && value !== null) this.object(value)
    else this.word(MARK.none)
  }

  end(): string {
    this.flush()
    return this.hash.digest('base64url').slice(0, 8)
  }

  private number(value: number) {
    if (value === 0) return this.word(0)
    const size = Math.abs(value)
    if (!(size > LEAST && size < MOST)) return this.text(value.toPrecision(6))
    this.figure[0] = value
    this.word((this.bits[0]! + HALF) & KEPT)
  }

  private text(value: string) {
    this.word(MARK.text)
    this.word(value.length)
    for (let i = 0; i < value.length; i++) this.word(value.charCodeAt(i))
  }

  private object(value: object) {
    if (ArrayBuffer.isView(value)) return this.list(value as unknown as Iterable<number>)
    if (Array.isArray(value) || value instanceof Map || value instanceof Set) return this.list(value)
    if (value instanceof Date) return this.text(value.toISOString())
    this.word(MARK.record)
    for (const [key, part] of Object.entries(value)) {
      if (part === undefined || typeof part === 'function') continue
      this.text(key)
      this.add(part)
    }
    this.word(MARK.end)
  }

  private list(parts: Iterable<unknown>) {
    this.word(MARK.list)
    for (const part of parts) this.add(part)
    this.word(MARK.end)
  }

  private word(value: number) {
    if (this.used === WORDS) this.flush()
    this.words[this.used++] = value
  }

  private flush() {
    this.hash.update(new Uint8Array(this.words.buffer, 0, this.used * 4))
    this.used = 0
  }
}

/** A short name for a value: the same for equal figures (to about six digits), another for any that differs. */
export function digest(value: unknown): string {
  const digest = new Digest(createHash('sha1'))
  digest.add(value)
  return digest.end()
}
