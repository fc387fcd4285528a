-- What a garden is for, its colours and its changed schools.
CREATE TABLE brief (
  garden_id text PRIMARY KEY REFERENCES garden (id) ON DELETE CASCADE,
  value jsonb NOT NULL,
  revision integer NOT NULL DEFAULT 1,
  saved_at timestamptz NOT NULL DEFAULT now()
);

-- Figures of library plants changed for one garden: the changed cells only.
CREATE TABLE plant_change (
  garden_id text NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  plant_id text NOT NULL,
  cells jsonb NOT NULL,
  changed_at timestamptz NOT NULL DEFAULT now(),
  PRIMARY KEY (garden_id, plant_id)
);

-- What stands in a bed already, and gaps kept for what will come.
CREATE TABLE existing_plant (
  bed_id text NOT NULL REFERENCES bed (id) ON DELETE CASCADE,
  id text NOT NULL,
  position integer NOT NULL,
  name text NOT NULL,
  plant_id text NOT NULL,
  fate text NOT NULL,
  figures jsonb NOT NULL,
  PRIMARY KEY (bed_id, id)
);
CREATE INDEX existing_plant_by_fate ON existing_plant (fate);
