ALTER TABLE bed ADD COLUMN form jsonb NOT NULL DEFAULT '{"kind": "foundation"}';

CREATE TABLE site (
  garden_id text PRIMARY KEY REFERENCES garden (id) ON DELETE CASCADE,
  north_deg double precision NOT NULL,
  base jsonb,
  revision integer NOT NULL DEFAULT 1,
  saved_at timestamptz NOT NULL DEFAULT now()
);

-- How each point was measured on site; its place is worked out from that.
CREATE TABLE survey_point (
  garden_id text NOT NULL REFERENCES site (garden_id) ON DELETE CASCADE,
  id text NOT NULL,
  position integer NOT NULL,
  name text NOT NULL,
  measure jsonb NOT NULL,
  PRIMARY KEY (garden_id, id)
);

-- Buildings, fences, surfaces, trees, services, viewpoints, targets; `figures` holds what only that kind has.
CREATE TABLE site_thing (
  garden_id text NOT NULL REFERENCES site (garden_id) ON DELETE CASCADE,
  id text NOT NULL,
  position integer NOT NULL,
  kind text NOT NULL,
  name text NOT NULL,
  figures jsonb NOT NULL,
  PRIMARY KEY (garden_id, id)
);
CREATE INDEX site_thing_by_kind ON site_thing (garden_id, kind);

CREATE TABLE bed_place (
  garden_id text NOT NULL REFERENCES site (garden_id) ON DELETE CASCADE,
  bed_id text NOT NULL,
  position integer NOT NULL,
  at jsonb NOT NULL,
  look_deg double precision NOT NULL,
  base_m double precision NOT NULL,
  PRIMARY KEY (garden_id, bed_id)
);

-- Pictures laid under a site plan.
CREATE TABLE drawing (
  id text PRIMARY KEY,
  garden_id text NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  media_type text NOT NULL,
  bytes bytea NOT NULL,
  stored_at timestamptz NOT NULL DEFAULT now()
);
