import { z } from 'zod'

const NAME_LIMIT = 120
export const text = (limit: number) => z.string().trim().max(limit, `a text of at most ${limit} characters`)
export const name = text(NAME_LIMIT)
  .min(1, 'a name')
  .regex(/^[^<>]*$/, 'a name without < or >')
export const oneOf = <const T extends readonly [string, ...string[]]>(values: T) =>
  z.enum(values, `one of ${values.join(', ')}`)
export const number = (low: number, high: number) =>
  z
    .string()
    .trim()
    .regex(/^\d+(\.\d+)?$/, `a number from ${low} to ${high}`)
    .transform(Number)
    .pipe(z.number().min(low, `a number from ${low} to ${high}`).max(high, `a number from ${low} to ${high}`))
export const colour = z
  .string()
  .trim()
  .toLowerCase()
  .regex(/^#[0-9a-f]{6}$/, 'a colour such as #8aa05b')
export const manyOf = <const T extends readonly [string, ...string[]]>(values: T, least = 0) =>
  z
    .string()
    .trim()
    .transform((s) => (s === '' ? [] : s.split('|')))
    .pipe(
      z
        .array(z.enum(values, `any of ${values.join(', ')} with | between`))
        .min(least, `at least one of ${values.join(', ')}`),
    )

/** `6-8`, `11-2` (over the new year), `8|11`, or empty. */
export const months = z
  .string()
  .trim()
  .regex(/^$|^\d{1,2}(-\d{1,2})?(\|\d{1,2}(-\d{1,2})?)*$/, 'months such as 6-8, 11-2 or 8|11')
  .transform((s) => (s === '' ? [] : s.split('|').flatMap(monthRange)))
  .pipe(z.array(z.number().min(1, 'months from 1 to 12').max(12, 'months from 1 to 12')))

function monthRange(part: string): number[] {
  const [from = 0, to = from] = part.split('-').map(Number)
  if (from < 1 || from > 12 || to < 1 || to > 12) return [0]
  const list = [from]
  for (let m = from; m !== to;) list.push((m = (m % 12) + 1))
  return list
}

export const classRange = <const T extends readonly [string, ...string[]]>(values: T) =>
  z
    .string()
    .trim()
    .transform((s) => s.split(':'))
    .pipe(z.tuple([oneOf(values), oneOf(values)], `a range such as ${values[0]}:${values[1]}`))
    .refine(([a, b]) => values.indexOf(a!) <= values.indexOf(b!), `a range in the order ${values.join(', ')}`)

export const numberRange = (low: number, high: number) =>
  z
    .string()
    .trim()
    .regex(/^\d+(\.\d+)?:\d+(\.\d+)?$/, `a range from ${low} to ${high} such as ${low + 1}:${high - 1}`)
    .transform((s) => s.split(':').map(Number) as [number, number])
    .refine(([a, b]) => a >= low && b <= high && a <= b, `a range from ${low} to ${high}, the lower figure first`)

export const sizes = z
  .string()
  .trim()
  .regex(/^[^|<>]+ \d+(\.\d+)?(\|[^|<>]+ \d+(\.\d+)?)*$/, 'sizes with prices such as 9 cm 6.50|2 L 14.00')
  .transform((s) =>
    s.split('|').map((part) => {
      const cut = part.lastIndexOf(' ')
      return { label: part.slice(0, cut), price: Number(part.slice(cut + 1)) }
    }),
  )
