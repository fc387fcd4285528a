-- A garden shown to a client through a link. The link itself is not kept: only what tells it again.
CREATE TABLE share (
  id text PRIMARY KEY,
  garden_id text NOT NULL REFERENCES garden (id) ON DELETE CASCADE,
  link text NOT NULL UNIQUE,
  name text NOT NULL,
  -- A word to enter, sealed as a password is; none when the link is enough.
  word text,
  ends date NOT NULL,
  schedule boolean NOT NULL,
  papers boolean NOT NULL,
  made_at timestamptz NOT NULL DEFAULT now(),
  revoked_at timestamptz
);
CREATE INDEX share_by_garden ON share (garden_id);
-- What client and designer say to one another about a bed, at a place of it or of the whole.
CREATE TABLE share_note (
  id text PRIMARY KEY,
  share_id text NOT NULL REFERENCES share (id) ON DELETE CASCADE,
  bed_id text NOT NULL REFERENCES bed (id) ON DELETE CASCADE,
  revision integer NOT NULL,
  -- Metres along the picture from its left edge.
  along_m double precision,
  kind text NOT NULL CHECK (kind IN ('note', 'approve', 'change')),
  who text NOT NULL CHECK (who IN ('client', 'designer')),
  said text NOT NULL,
  answers text REFERENCES share_note (id) ON DELETE CASCADE,
  settled boolean NOT NULL DEFAULT false,
  at timestamptz NOT NULL DEFAULT clock_timestamp()
);
CREATE INDEX share_note_by_share ON share_note (share_id, at);
