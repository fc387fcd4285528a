-- A bed rests as one value: nothing asks for its parts by rows. Every edit of it is kept with its time and what takes it back, and
-- the whole of it every so often, so that any earlier state can be opened again.
ALTER TABLE bed ADD COLUMN value jsonb;
UPDATE bed b SET value = jsonb_build_object(
  'name', b.name, 'school', b.school, 'form', b.form, 'outline', b.outline, 'laneShares', b.lane_shares, 'wall', b.wall,
  'viewpoint', b.viewpoint, 'ground', b.ground,
  'drifts', (SELECT coalesce(jsonb_agg(jsonb_build_object('id', d.id, 'plantId', d.plant_id, 'lane', d.lane, 'count', d.count,
    'pattern', d.pattern, 'at', d.at_m, 'everyM', d.every_m) ORDER BY d.position), '[]') FROM drift d WHERE d.bed_id = b.id),
  'existing', (SELECT coalesce(jsonb_agg(e.figures || jsonb_build_object('id', e.id, 'name', e.name, 'plantId', e.plant_id,
    'fate', e.fate) ORDER BY e.position), '[]') FROM existing_plant e WHERE e.bed_id = b.id),
  'pins', (SELECT coalesce(jsonb_agg(jsonb_build_object('driftId', p.drift_id, 'index', p.plant_index, 'x', p.x_m, 'y', p.y_m)
    ORDER BY p.drift_id, p.plant_index), '[]') FROM pin p WHERE p.bed_id = b.id),
  'accepted', (SELECT coalesce(jsonb_agg(jsonb_build_object('findingId', a.finding_id, 'title', a.title, 'reason', a.reason)
    ORDER BY a.position), '[]') FROM acceptance a WHERE a.bed_id = b.id),
  'shortlist', (SELECT coalesce(jsonb_agg(s.plant_id ORDER BY s.position), '[]') FROM shortlisted s WHERE s.bed_id = b.id),
  'buying', (SELECT coalesce(jsonb_agg(jsonb_build_object('plantId', y.plant_id, 'size', y.size, 'have', y.have)
    ORDER BY y.plant_id), '[]') FROM buying y WHERE y.bed_id = b.id));
ALTER TABLE bed ALTER COLUMN value SET NOT NULL;
DROP TABLE pin, acceptance, shortlisted, buying, existing_plant, drift;
ALTER TABLE bed DROP COLUMN school, DROP COLUMN form, DROP COLUMN outline, DROP COLUMN lane_shares, DROP COLUMN wall,
  DROP COLUMN viewpoint, DROP COLUMN ground;

CREATE TABLE bed_edit (
  bed_id text NOT NULL REFERENCES bed (id) ON DELETE CASCADE,
  -- The revision that it led to.
  revision integer NOT NULL,
  id text NOT NULL,
  how text NOT NULL CHECK (how IN ('edit', 'undo', 'redo')),
  name text NOT NULL,
  edit jsonb NOT NULL,
  inverse jsonb NOT NULL,
  at timestamptz NOT NULL DEFAULT now(),
  PRIMARY KEY (bed_id, revision),
  UNIQUE (bed_id, id)
);
CREATE TABLE bed_snapshot (
  bed_id text NOT NULL REFERENCES bed (id) ON DELETE CASCADE,
  revision integer NOT NULL,
  at timestamptz NOT NULL DEFAULT now(),
  value jsonb NOT NULL,
  PRIMARY KEY (bed_id, revision)
);
INSERT INTO bed_snapshot (bed_id, revision, at, value) SELECT id, revision, saved_at, value FROM bed;

-- The last edit that a save carried: the same save sent again is known by it.
ALTER TABLE site ADD COLUMN last_save text;
ALTER TABLE brief ADD COLUMN last_save text;

-- What of the site a bed lies against and is looked at from.
ALTER TABLE bed_place ADD COLUMN against jsonb;
ALTER TABLE bed_place ADD COLUMN view_from text;
