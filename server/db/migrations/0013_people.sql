-- Who may ask, where the server listens beyond this machine.
CREATE TABLE account (
  id text PRIMARY KEY,
  login text NOT NULL UNIQUE,
  name text NOT NULL,
  -- scrypt, with its salt and cost.
  password text NOT NULL,
  owner boolean NOT NULL DEFAULT false,
  -- Sessions of an earlier number are no longer valid.
  sessions integer NOT NULL DEFAULT 1,
  made_at timestamptz NOT NULL DEFAULT now()
);
-- What an account may do in a garden; owners of the store may do everything everywhere.
CREATE TABLE garden_role (
  account_id text NOT NULL REFERENCES account (id) ON DELETE CASCADE,
  garden_id text NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  role text NOT NULL CHECK (role IN ('owner', 'designer', 'helper', 'viewer')),
  PRIMARY KEY (account_id, garden_id)
);
CREATE INDEX role_by_garden ON garden_role (garden_id);
