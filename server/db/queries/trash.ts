import type { TrashItem } from '../../../shared/answers'
import type { Queryable } from '../Db'

const TRASH_DAYS = 30

/** What was removed and can be brought back, latest first: gardens, beds of gardens that are there, own plants. */
export async function listTrash(db: Queryable): Promise<TrashItem[]> {
  const rows = await db.query<{
    kind: TrashItem['kind']
    id: string
    name: string
    place: string
    garden_id: string
    at: Date | string
  }>(
    `SELECT 'garden' AS kind, id, name, town AS place, id AS garden_id, removed_at AS at FROM garden WHERE removed_at > to_timestamp(0)
     UNION ALL SELECT 'bed', b.id, b.name, g.name, g.id, b.removed_at FROM bed b JOIN garden g ON g.id = b.garden_id
       WHERE b.removed_at IS NOT NULL AND g.removed_at IS NULL
     UNION ALL SELECT 'plant', id, botanical_name, common_name, '', removed_at FROM own_plant WHERE removed_at IS NOT NULL
     ORDER BY at DESC, id LIMIT 500`,
    [],
  )
  return rows.map(({ at, garden_id: gardenId, ...item }) => {
    const removed = new Date(at)
    const until = new Date(removed.getTime() + TRASH_DAYS * 86_400_000)
    return { ...item, gardenId, removedAt: removed.toISOString(), until: until.toISOString() }
  })
}

/** Takes for good what has lain in the trash for thirty days; how many that were. */
export async function emptyTrash(tx: Queryable): Promise<number> {
  let many = 0
  for (const table of ['garden', 'bed', 'own_plant']) {
    const gone = await tx.query(
      `DELETE FROM ${table} WHERE removed_at < now() - make_interval(days => $1) RETURNING 1 AS one`,
      [TRASH_DAYS],
    )
    many += gone.length
  }
  return many
}
