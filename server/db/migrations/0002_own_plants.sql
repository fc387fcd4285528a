-- Plants brought in by CSV beside the library's own; `cells` are the row's texts, checked again on the way out.
CREATE TABLE own_plant (
  id text PRIMARY KEY,
  botanical_name text NOT NULL,
  common_name text NOT NULL,
  kind text NOT NULL,
  cells jsonb NOT NULL,
  imported_at timestamptz NOT NULL DEFAULT now()
);
