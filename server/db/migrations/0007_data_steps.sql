-- Steps that rework stored data by the program's own reckoning, each done once.
CREATE TABLE data_step (
  name text PRIMARY KEY,
  done_at timestamptz NOT NULL DEFAULT now()
);
