import { bedSchema, bedFacts, type BedFacts } from '../../../core/bed'
import type { BedCard } from '../../../shared/answers'
import type { Queryable } from '../Db'

interface CardsRow {
  readonly garden_id: string
  readonly cards: readonly (Omit<BedCard, 'facts'> & { readonly facts: BedFacts | null })[]
}

/** Names the state of a bed, its site and its brief that a picture of it is drawn from. */
const SHOWS = `b.revision || '-' || coalesce(s.revision, 0) || '-' || coalesce(r.revision, 0)`
const STATE = `bed b LEFT JOIN site s ON s.garden_id = b.garden_id LEFT JOIN brief r ON r.garden_id = b.garden_id`

/** The beds of some gardens as the list shows them, by garden; none of them is read whole. */
export async function bedCardsOf(
  db: Queryable,
  gardenIds: readonly string[],
): Promise<ReadonlyMap<string, readonly BedCard[]>> {
  const rows = await db.query<CardsRow>(
    `SELECT b.garden_id, json_agg(json_build_object('id', b.id, 'name', b.name, 'revision', b.revision,
         'savedAt', to_char(b.saved_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'), 'facts', b.facts,
         'shows', ${SHOWS}, 'hasPicture', coalesce(p.shows = ${SHOWS}, false)) ORDER BY b.created_at, b.id) AS cards
     FROM ${STATE} LEFT JOIN bed_picture p ON p.bed_id = b.id
     WHERE b.garden_id = ANY($1) AND b.removed_at IS NULL GROUP BY b.garden_id`,
    [gardenIds],
  )
  const cards = new Map<string, BedCard[]>()
  for (const row of rows) {
    const whole: BedCard[] = []
    for (const card of row.cards) whole.push({ ...card, facts: card.facts ?? (await keepFacts(db, card.id)) })
    cards.set(row.garden_id, whole)
  }
  return cards
}

/** Beds of an older version get their facts when they are first listed. */
async function keepFacts(db: Queryable, id: string): Promise<BedFacts> {
  const [row] = await db.query<{ value: unknown }>('SELECT value FROM bed WHERE id = $1', [id])
  const facts = bedFacts(bedSchema.parse(row!.value))
  await db.query('UPDATE bed SET facts = $2::jsonb WHERE id = $1', [id, JSON.stringify(facts)])
  return facts
}

interface BedPicture {
  readonly shows: string
  readonly mediaType: string
  readonly bytes: Uint8Array
}

/** The kept picture of a bed, of whatever state; null when there is none. */
export async function findBedPicture(db: Queryable, bedId: string): Promise<BedPicture | null> {
  const [row] = await db.query<{ shows: string; media_type: string; bytes: string }>(
    "SELECT shows, media_type, encode(bytes, 'base64') AS bytes FROM bed_picture WHERE bed_id = $1",
    [bedId],
  )
  return row
    ? { shows: row.shows, mediaType: row.media_type, bytes: new Uint8Array(Buffer.from(row.bytes, 'base64')) }
    : null
}

/** Keeps a picture of a bed in place of an earlier one, if it shows the state that is stored now; false when it does not. */
export async function keepBedPicture(db: Queryable, bedId: string, picture: BedPicture): Promise<boolean> {
  const rows = await db.query(
    `INSERT INTO bed_picture (bed_id, shows, media_type, bytes)
     SELECT b.id, $2, $3, decode($4, 'base64') FROM ${STATE} WHERE b.id = $1 AND ${SHOWS} = $2
     ON CONFLICT (bed_id) DO UPDATE SET shows = excluded.shows, media_type = excluded.media_type, bytes = excluded.bytes, drawn_at = now()
     RETURNING bed_id`,
    [bedId, picture.shows, picture.mediaType, Buffer.from(picture.bytes).toString('base64')],
  )
  return rows.length > 0
}
