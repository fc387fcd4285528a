-- What is decided about getting a garden's plants and materials, and who plants them when.
CREATE TABLE supply (
  garden_id text PRIMARY KEY REFERENCES garden (id) ON DELETE CASCADE,
  value jsonb NOT NULL,
  revision integer NOT NULL DEFAULT 1,
  saved_at timestamptz NOT NULL DEFAULT now(),
  last_save text
);

-- Letters that stand on papers: a kind keeps its letter for good, whatever comes to the plan after.
CREATE TABLE issued_key (
  garden_id text NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  plant_id text NOT NULL,
  letters text NOT NULL,
  issued_at timestamptz NOT NULL DEFAULT now(),
  PRIMARY KEY (garden_id, plant_id),
  UNIQUE (garden_id, letters)
);

-- What was done to single plants on site. A device keeps its own clock: the later word about a place holds.
CREATE TABLE tick (
  garden_id text NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  bed_id text NOT NULL REFERENCES bed (id) ON DELETE CASCADE,
  plant text NOT NULL,
  plant_id text NOT NULL,
  what text NOT NULL,
  value text NOT NULL,
  at timestamptz NOT NULL,
  device text NOT NULL,
  told_at timestamptz NOT NULL DEFAULT now(),
  PRIMARY KEY (garden_id, bed_id, plant, what)
);
CREATE INDEX tick_by_kind ON tick (garden_id, plant_id, what);
