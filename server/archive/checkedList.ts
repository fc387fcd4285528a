import type { z } from 'zod'
import { describeIssues } from '../../shared/wire'

/** Checks a list item by item: its length before anything else, and no further once one is wrong. Throws `BrokenArchive`. */
export function checkedList<T>(said: unknown, name: string, item: z.ZodType<T>, most: number): T[] {
  const list = said ?? []
  if (!Array.isArray(list)) throw new BrokenArchive(`Nothing was taken in: ${name} must be a list.`)
  tooMany(list.length, name, most)
  return list.map((value, i) => checked(value, `${name}.${i}`, item))
}

/** Checks a table of values by names in the same way. */
export function checkedTable<T>(said: unknown, name: string, item: z.ZodType<T>, most: number): [string, T][] {
  const table = said ?? {}
  if (typeof table !== 'object' || Array.isArray(table))
    throw new BrokenArchive(`Nothing was taken in: ${name} must be a table of values by names.`)
  const keys = Object.keys(table)
  tooMany(keys.length, name, most)
  const long = keys.find((k) => k.length > LONGEST_NAME)
  if (long) throw new BrokenArchive(`Nothing was taken in: ${name} has a name of ${long.length} characters.`)
  return keys.map((key) => [key, checked((table as Record<string, unknown>)[key], `${name}.${key}`, item)])
}

const LONGEST_NAME = 200

function tooMany(count: number, name: string, most: number) {
  if (count > most)
    throw new BrokenArchive(`Nothing was taken in: ${name} has ${count} entries; ${most} is the most.`)
}

function checked<T>(value: unknown, path: string, item: z.ZodType<T>): T {
  const read = item.safeParse(value)
  if (!read.success) throw new BrokenArchive(`Nothing was taken in: ${path}: ${describeIssues(read.error)}`)
  return read.data
}
/** What is wrong with an archive, in words; nothing has been changed. */
export class BrokenArchive extends Error {}
