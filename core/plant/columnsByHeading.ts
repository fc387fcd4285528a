/** Which heading of a list holds which field; a field that the list does not have is left out. */
export type ColumnsOf<F extends string> = Readonly<Partial<Record<F, string>>>

/** Columns guessed by the words of their headings, each once; what was mapped before holds where the list still has that heading. */
export function columnsByHeading<F extends string>(
  words: Readonly<Record<F, RegExp>>,
  headings: readonly string[],
  before: ColumnsOf<F>,
): ColumnsOf<F> {
  const taken = new Set<string>()
  const columns: Partial<Record<F, string>> = {}
  for (const field of Object.keys(words) as F[]) {
    const kept = before[field]
    const isThere = kept !== undefined && headings.includes(kept)
    const found = isThere ? kept : headings.find((h) => !taken.has(h) && words[field].test(h))
    if (!found) continue
    columns[field] = found
    taken.add(found)
  }
  return columns
}
