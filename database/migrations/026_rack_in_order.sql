-- The rack by what is left of its wheels, and by when they expire, read in order instead of sorted; what has changed on it, from an index alone.
ALTER TABLE wheels ADD COLUMN IF NOT EXISTS life DOUBLE AS ((diameter_mm - min_diameter_mm) / NULLIF(new_diameter_mm - min_diameter_mm, 0)) STORED;
CREATE INDEX IF NOT EXISTS by_life ON wheels (life);
CREATE INDEX IF NOT EXISTS by_expiry ON wheels (expires_on);
CREATE INDEX IF NOT EXISTS by_stamp ON wheels (stamp);
