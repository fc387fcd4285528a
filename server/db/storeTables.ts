/** Tables of the whole store, then those of one garden, each after what it refers to. A test compares them with the tables there are. */
export const STORE_TABLES = ['own_plant', 'data_step', 'setting', 'account'] as const

/** How the rows of one garden are found in its tables; `$1` is the garden. */
export const GARDEN_TABLES: readonly (readonly [table: string, where: string])[] = [
  ['garden', 'id = $1'],
  ['bed', 'garden_id = $1'],
  ['bed_edit', 'bed_id IN (SELECT id FROM bed WHERE garden_id = $1)'],
  ['bed_snapshot', 'bed_id IN (SELECT id FROM bed WHERE garden_id = $1)'],
  ['bed_picture', 'bed_id IN (SELECT id FROM bed WHERE garden_id = $1)'],
  ['site', 'garden_id = $1'],
  ['survey_point', 'garden_id = $1'],
  ['site_thing', 'garden_id = $1'],
  ['bed_place', 'garden_id = $1'],
  ['drawing', 'garden_id = $1'],
  ['brief', 'garden_id = $1'],
  ['plant_change', 'garden_id = $1'],
  ['plant_picture', 'garden_id = $1'],
  ['supply', 'garden_id = $1'],
  ['issued_key', 'garden_id = $1'],
  ['tick', 'garden_id = $1'],
  ['log_entry', 'garden_id = $1'],
  ['garden_role', 'garden_id = $1'],
  ['share', 'garden_id = $1'],
  ['share_note', 'share_id IN (SELECT id FROM share WHERE garden_id = $1)'],
]

/** All of them, in the order in which rows can be put back. */
export const ALL_TABLES: readonly string[] = [...STORE_TABLES, ...GARDEN_TABLES.map(([table]) => table)]
