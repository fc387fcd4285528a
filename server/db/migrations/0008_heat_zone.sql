-- Summer heat apart from the winter zone; nothing while it is not known.
ALTER TABLE garden ADD COLUMN heat_zone smallint CHECK (heat_zone BETWEEN 1 AND 12);
