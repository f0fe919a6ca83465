-- How a spindle is driven, and what the plate of its motor says: where no tachometer is, the synchronous speed bounds it.
ALTER TABLE machines ADD COLUMN IF NOT EXISTS drive VARCHAR(20) NULL;
ALTER TABLE machines ADD COLUMN IF NOT EXISTS plate_rpm DOUBLE NULL;
ALTER TABLE machines ADD COLUMN IF NOT EXISTS mains_hz VARCHAR(2) NULL;
