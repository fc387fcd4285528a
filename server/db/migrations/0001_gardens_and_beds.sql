CREATE TABLE garden (
  id text PRIMARY KEY,
  name text NOT NULL,
  town text NOT NULL,
  latitude double precision NOT NULL,
  longitude double precision NOT NULL,
  hardiness_zone text NOT NULL,
  last_frost text NOT NULL,
  first_frost text NOT NULL,
  units text NOT NULL,
  revision integer NOT NULL DEFAULT 1,
  saved_at timestamptz NOT NULL DEFAULT now(),
  created_at timestamptz NOT NULL DEFAULT now(),
  removed_at timestamptz
);

CREATE TABLE bed (
  id text PRIMARY KEY,
  garden_id text NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  name text NOT NULL,
  school text NOT NULL,
  outline jsonb NOT NULL,
  lane_shares jsonb NOT NULL,
  wall jsonb,
  viewpoint jsonb NOT NULL,
  ground jsonb NOT NULL,
  revision integer NOT NULL DEFAULT 1,
  saved_at timestamptz NOT NULL DEFAULT now(),
  created_at timestamptz NOT NULL DEFAULT now(),
  removed_at timestamptz
);
CREATE INDEX bed_by_garden ON bed (garden_id);

CREATE TABLE drift (
  bed_id text NOT NULL REFERENCES bed (id) ON DELETE CASCADE,
  id text NOT NULL,
  position integer NOT NULL,
  plant_id text NOT NULL,
  lane integer NOT NULL,
  count integer NOT NULL CHECK (count > 0),
  pattern text NOT NULL,
  at_m double precision NOT NULL,
  every_m double precision NOT NULL,
  PRIMARY KEY (bed_id, id)
);
CREATE INDEX drift_by_plant ON drift (plant_id);

-- Single plants moved by hand; all others are placed by the program.
CREATE TABLE pin (
  bed_id text NOT NULL,
  drift_id text NOT NULL,
  plant_index integer NOT NULL,
  x_m double precision NOT NULL,
  y_m double precision NOT NULL,
  PRIMARY KEY (bed_id, drift_id, plant_index),
  FOREIGN KEY (bed_id, drift_id) REFERENCES drift (bed_id, id) ON DELETE CASCADE
);

CREATE TABLE acceptance (
  bed_id text NOT NULL REFERENCES bed (id) ON DELETE CASCADE,
  finding_id text NOT NULL,
  position integer NOT NULL,
  title text NOT NULL,
  reason text NOT NULL,
  PRIMARY KEY (bed_id, finding_id)
);

CREATE TABLE shortlisted (
  bed_id text NOT NULL REFERENCES bed (id) ON DELETE CASCADE,
  position integer NOT NULL,
  plant_id text NOT NULL,
  PRIMARY KEY (bed_id, plant_id)
);

CREATE TABLE buying (
  bed_id text NOT NULL REFERENCES bed (id) ON DELETE CASCADE,
  plant_id text NOT NULL,
  size text NOT NULL,
  have integer NOT NULL CHECK (have >= 0),
  PRIMARY KEY (bed_id, plant_id)
);
