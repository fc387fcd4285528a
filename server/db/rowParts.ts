import { z } from 'zod'

export const partSchema = z.object({ table: z.string(), rows: z.array(z.record(z.string(), z.unknown())) })
/** Rows of one table; a backup is a head, such parts, and an end that counts and seals them. */
export type BackupPart = z.infer<typeof partSchema>
/** The same on its way into a backup: each row a JSON text. */
export interface WrittenPart {
  readonly table: string
  readonly rows: readonly string[]
  /** Of gardens: their ids and names. */
  readonly gardens?: readonly { readonly id: string; readonly name: string }[]
}
