import type { Queryable } from '../Db'
import { insertDrawing, type Drawing } from './drawings'

/** Pictures that a garden has of plants: plant id → drawing id. */
export async function listPlantPictures(db: Queryable, gardenId: string): Promise<Map<string, string>> {
  const rows = await db.query<{ plant_id: string; drawing_id: string }>(
    'SELECT plant_id, drawing_id FROM plant_picture WHERE garden_id = $1 ORDER BY plant_id',
    [gardenId],
  )
  return new Map(rows.map((r) => [r.plant_id, r.drawing_id]))
}

/** Sets a plant's picture in a garden, in place of an earlier one. To be called in a transaction. */
export async function savePlantPicture(
  db: Queryable,
  gardenId: string,
  plantId: string,
  drawing: Drawing,
): Promise<void> {
  await dropPlantPicture(db, gardenId, plantId)
  await insertDrawing(db, gardenId, drawing)
  await db.query('INSERT INTO plant_picture (garden_id, plant_id, drawing_id) VALUES ($1, $2, $3)', [
    gardenId,
    plantId,
    drawing.id,
  ])
}

/** Takes a plant's picture away; none is no error. */
export async function dropPlantPicture(db: Queryable, gardenId: string, plantId: string): Promise<void> {
  await db.query(
    'DELETE FROM drawing WHERE id IN (SELECT drawing_id FROM plant_picture WHERE garden_id = $1 AND plant_id = $2)',
    [gardenId, plantId],
  )
}
