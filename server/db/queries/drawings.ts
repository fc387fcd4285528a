import type { Queryable } from '../Db'

export interface Drawing {
  readonly id: string
  readonly mediaType: string
  readonly bytes: Uint8Array
}

export async function insertDrawing(
  db: Queryable,
  gardenId: string,
  { id, mediaType, bytes }: Drawing,
): Promise<void> {
  await db.query(
    "INSERT INTO drawing (id, garden_id, media_type, bytes) VALUES ($1, $2, $3, decode($4, 'base64'))",
    [id, gardenId, mediaType, Buffer.from(bytes).toString('base64')],
  )
}

/** A drawing by its id; with a garden, only one of that garden. */
export async function findDrawing(
  db: Queryable,
  id: string,
  gardenId: string | null = null,
): Promise<Drawing | null> {
  const rows = await db.query<{ id: string; media_type: string; bytes: string }>(
    "SELECT id, media_type, encode(bytes, 'base64') AS bytes FROM drawing WHERE id = $1 AND ($2::text IS NULL OR garden_id = $2)",
    [id, gardenId],
  )
  const row = rows[0]
  return row
    ? { id: row.id, mediaType: row.media_type, bytes: new Uint8Array(Buffer.from(row.bytes, 'base64')) }
    : null
}
