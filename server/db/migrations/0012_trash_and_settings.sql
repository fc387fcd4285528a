-- Own plants can be removed, and brought back while they lie in the trash.
ALTER TABLE own_plant ADD COLUMN removed_at timestamptz;
CREATE INDEX garden_in_trash ON garden (removed_at) WHERE removed_at IS NOT NULL;
CREATE INDEX bed_in_trash ON bed (removed_at) WHERE removed_at IS NOT NULL;

-- What is set for the whole store, such as how many backups are kept.
CREATE TABLE setting (
  name text PRIMARY KEY,
  value jsonb NOT NULL
);
