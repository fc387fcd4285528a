import type { Offer } from '../../../core/count'
import type { Queryable } from '../Db'

/** Keeps a supplier's offers in place of those before. */
export async function savePriceList(
  db: Queryable,
  gardenId: string,
  supplierId: string,
  fileName: string,
  offers: readonly Offer[],
): Promise<void> {
  await db.query(
    `INSERT INTO price_list (garden_id, supplier_id, file_name, rows) VALUES ($1, $2, $3, $4::jsonb)
     ON CONFLICT (garden_id, supplier_id) DO UPDATE SET file_name = $3, rows = $4::jsonb, taken_at = now()`,
    [gardenId, supplierId, fileName, JSON.stringify(offers)],
  )
}

/** Offers of all suppliers of a garden, by supplier. */
export async function listOffers(db: Queryable, gardenId: string): Promise<Map<string, readonly Offer[]>> {
  const rows = await db.query<{ supplier_id: string; rows: unknown }>(
    'SELECT supplier_id, rows FROM price_list WHERE garden_id = $1 ORDER BY supplier_id',
    [gardenId],
  )
  return new Map(rows.map((r) => [r.supplier_id, r.rows as readonly Offer[]]))
}
