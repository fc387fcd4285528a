import { type Site, siteSchema } from '../../../core/model'
import { baseOfSave } from './baseOfSave'
import { EMPTY_SITE } from '../../../core/site'
import type { SavedAnswer, StoredSite } from '../../../shared/answers'
import type { Queryable } from '../Db'

interface SiteRow {
  north_deg: number
  base: unknown
  revision: number
  saved_at: Date | string
  points: unknown
  things: unknown
  beds: unknown
}

/** A garden's site; an empty one of revision 0 when none was saved. */
export async function findSite(db: Queryable, gardenId: string): Promise<StoredSite> {
  const rows = await db.query<SiteRow>(
    `SELECT s.north_deg, s.base, s.revision, s.saved_at,
    (SELECT coalesce(jsonb_agg(jsonb_build_object('id', p.id, 'name', p.name, 'measure', p.measure) ORDER BY p.position), '[]')
      FROM survey_point p WHERE p.garden_id = s.garden_id) AS points,
    (SELECT coalesce(jsonb_agg(t.figures || jsonb_build_object('id', t.id, 'kind', t.kind, 'name', t.name) ORDER BY t.position), '[]')
      FROM site_thing t WHERE t.garden_id = s.garden_id) AS things,
    (SELECT coalesce(jsonb_agg(jsonb_strip_nulls(jsonb_build_object('bedId', b.bed_id, 'at', b.at, 'lookDeg', b.look_deg, 'baseM', b.base_m,
      'against', b.against, 'viewFrom', b.view_from)) ORDER BY b.position), '[]') FROM bed_place b WHERE b.garden_id = s.garden_id) AS beds
    FROM site s WHERE s.garden_id = $1`,
    [gardenId],
  )
  const row = rows[0]
  if (!row) return { id: gardenId, revision: 0, savedAt: new Date(0).toISOString(), value: EMPTY_SITE }
  const value = siteSchema.parse({
    northDeg: row.north_deg,
    base: row.base,
    points: row.points,
    things: row.things,
    beds: row.beds,
  })
  return { id: gardenId, revision: row.revision, savedAt: new Date(row.saved_at).toISOString(), value }
}

/** Saves a site whole when the revision is still the stored one (0: none yet); null when it is not. Call it in a transaction. */
export async function saveSite(
  tx: Queryable,
  gardenId: string,
  revision: number,
  site: Site,
  saves: readonly string[] = [],
): Promise<SavedAnswer | null> {
  const base = await baseOfSave(tx, 'site', gardenId, revision, saves)
  const rows = await tx.query<{ revision: number; saved_at: Date | string }>(
    base === 0
      ? 'INSERT INTO site (garden_id, north_deg, base, last_save) VALUES ($1, $2, $3::jsonb, $4) ON ' +
          'CONFLICT (garden_id) DO NOTHING RETURNING revision, saved_at'
      : 'UPDATE site SET north_deg = $2, base = $3::jsonb, revision = revision + 1, saved_at = now(), ' +
          'last_save = $4 WHERE garden_id = $1 AND revision = $5 RETURNING revision, saved_at',
    [
      gardenId,
      site.northDeg,
      JSON.stringify(site.base),
      saves[saves.length - 1] ?? null,
      ...(base === 0 ? [] : [base]),
    ],
  )
  const saved = rows[0]
  if (!saved) return null
  for (const table of ['survey_point', 'site_thing', 'bed_place'])
    await tx.query(`DELETE FROM ${table} WHERE garden_id = $1`, [gardenId])
  const numbered = <T extends object>(list: readonly T[]) =>
    JSON.stringify(list.map((item, position) => ({ ...item, position })))
  await tx.query(
    `INSERT INTO survey_point (garden_id, id, position, name, measure) SELECT $1, p.id, p.position, p.name, p.measure
     FROM jsonb_to_recordset($2::jsonb) AS p (id text, position integer, name text, measure jsonb)`,
    [gardenId, numbered(site.points)],
  )
  await tx.query(
    `INSERT INTO site_thing (garden_id, id, position, kind, name, figures) SELECT $1, t.id, t.position, t.kind, t.name, t.figures
     FROM jsonb_to_recordset($2::jsonb) AS t (id text, position integer, kind text, name text, figures jsonb)`,
    [gardenId, numbered(site.things.map(({ id, kind, name, ...figures }) => ({ id, kind, name, figures })))],
  )
  await tx.query(
    `INSERT INTO bed_place (garden_id, bed_id, position, at, look_deg, base_m, against, view_from)
     SELECT $1, b."bedId", b.position, b.at, b."lookDeg", b."baseM", b.against, b."viewFrom"
     FROM jsonb_to_recordset($2::jsonb) AS b ("bedId" text, position integer, at jsonb, "lookDeg" double precision,
       "baseM" double precision,
       against jsonb, "viewFrom" text)`,
    [gardenId, numbered(site.beds)],
  )
  return { revision: saved.revision, savedAt: new Date(saved.saved_at).toISOString() }
}

/** Gardens in which a bed has a place on the site. */
export async function gardensWithPlacedBeds(db: Queryable): Promise<string[]> {
  const rows = await db.query<{ id: string }>('SELECT DISTINCT garden_id AS id FROM bed_place', [])
  return rows.map((r) => r.id)
}
