-- When a record was entered that waited in a browser for the network, by the clock of that browser; null where it came at once.
ALTER TABLE records ADD COLUMN IF NOT EXISTS entered_at DATETIME(3) NULL;
