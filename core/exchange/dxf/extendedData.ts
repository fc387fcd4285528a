/** A string of extended data holds at most this many bytes. */
const LONGEST = 240

/** Facts as strings of extended data: JSON in plain ASCII without spaces, cut into pieces. */
export function chunksOf(facts: Readonly<Record<string, unknown>>): string[] {
  const code = (c: string) => `\\u${c.charCodeAt(0).toString(16).padStart(4, '0')}`
  const text = JSON.stringify(facts).replace(/[^\x21-\x7e]/g, code)
  return Array.from({ length: Math.ceil(text.length / LONGEST) }, (_, i) =>
    text.slice(i * LONGEST, (i + 1) * LONGEST),
  )
}

/** The facts that strings of extended data spell; null when they are of another program. */
export function factsOf(strings: readonly string[]): Readonly<Record<string, unknown>> | null {
  try {
    const read = JSON.parse(strings.join('')) as unknown
    return typeof read === 'object' && read !== null && 'kind' in read ? (read as Record<string, unknown>) : null
  } catch {
    return null
  }
}
