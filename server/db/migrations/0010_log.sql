-- What happened in a garden, an entry a row. Devices write without a network: of one entry the later word holds.
CREATE TABLE log_entry (
  garden_id text NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  id text NOT NULL,
  day date NOT NULL,
  -- JSON as it goes to the browser: thousands are sent at once, none is looked into here.
  value text NOT NULL,
  changed timestamptz NOT NULL,
  device text NOT NULL,
  told_at timestamptz NOT NULL DEFAULT now(),
  PRIMARY KEY (garden_id, id)
);
CREATE INDEX log_entry_by_day ON log_entry (garden_id, day DESC);
