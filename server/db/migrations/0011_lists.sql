-- What the list of gardens says of a bed, worked out when the bed is saved: the list reads no bed.
ALTER TABLE bed ADD COLUMN facts jsonb;
CREATE INDEX garden_by_age ON garden (created_at, id) WHERE removed_at IS NULL;
DROP INDEX bed_by_garden;
CREATE INDEX bed_by_garden ON bed (garden_id, created_at, id);

-- A bed's small picture, drawn by a browser when it was last looked at; `shows` names the state of bed, site and brief it was drawn from.
CREATE TABLE bed_picture (
  bed_id text PRIMARY KEY REFERENCES bed (id) ON DELETE CASCADE,
  shows text NOT NULL,
  media_type text NOT NULL,
  bytes bytea NOT NULL,
  drawn_at timestamptz NOT NULL DEFAULT now()
);
