/**
 * The figures of a value as a reader can check them: of each named part how many there are, the least, the mean and the most, to four
 * digits; of words how many and which first; of yes and no how many of how many. What moves a plant by a centimetre or turns a word shows
 * in the line of that part.
 */
export function figures(value: unknown): string {
  const parts = new Map<string, Part>()
  collect(value, '', parts)
  return [...parts]
    .filter(([, part]) => part.numbers.length + part.words.length + part.flags.length > 0)
    .map(([name, part]) => `${name}${name ? ' ' : ''}${told(part)}`)
    .join('; ')
}

interface Part {
  readonly numbers: number[]
  readonly words: string[]
  readonly flags: boolean[]
}

function collect(value: unknown, name: string, parts: Map<string, Part>) {
  const part = parts.get(name) ?? { numbers: [], words: [], flags: [] }
  parts.set(name, part)
  if (typeof value === 'number') part.numbers.push(value)
  else if (typeof value === 'string') part.words.push(value)
  else if (typeof value === 'boolean') part.flags.push(value)
  else if (value instanceof Date) part.words.push(value.toISOString())
  else if (isList(value)) for (const item of value) collect(item, name, parts)
  else if (typeof value === 'object' && value !== null) {
    for (const [key, of] of Object.entries(value)) collect(of, key, parts)
  } else part.words.push('none')
}

const isList = (value: unknown): value is Iterable<unknown> =>
  Array.isArray(value) || value instanceof Map || value instanceof Set || ArrayBuffer.isView(value)

function told({ numbers, words, flags }: Part): string {
  const said: string[] = []
  if (numbers.length > 0) said.push(ofNumbers(numbers))
  if (flags.length > 0) said.push(`${flags.filter(Boolean).length} of ${flags.length}`)
  if (words.length > 0) said.push(ofWords(words))
  return said.join(', ')
}

function ofNumbers(numbers: readonly number[]): string {
  let [least, most, sum] = [Infinity, -Infinity, 0]
  for (const n of numbers) {
    least = Math.min(least, n)
    most = Math.max(most, n)
    sum += n
  }
  if (numbers.length === 1) return short(sum)
  if (least === most) return `${numbers.length} × ${short(least)}`
  return `${numbers.length} × ${short(least)} to ${short(most)}, mean ${short(sum / numbers.length)}`
}

/** Words longer than this are told by their beginning. */
const LONGEST = 48

/** Words that are many or long are told by how many letters they have in all, and the first of each kind. */
function ofWords(words: readonly string[]): string {
  const kinds = [...new Set(words)]
  if (kinds.length <= 3 && kinds.every((k) => k.length <= LONGEST))
    return kinds.map((k) => `${words.filter((w) => w === k).length} × “${k}”`).join(' ')
  const letters = words.reduce((n, w) => n + w.length, 0)
  return `${words.length} texts of ${kinds.length} kinds, ${letters} letters, from “${words[0]!.slice(0, 24).trim()}”`
}

/** Four digits, and nothing smaller than a ten-thousandth: that is no longer seen in a garden. */
const short = (n: number) => (Math.abs(n) < 5e-5 ? '0' : String(Number(n.toPrecision(4))))
