-- Who handed in what somebody else had pressed without the network, and when that was; whether the setup had ended before.
ALTER TABLE incidents
  ADD COLUMN IF NOT EXISTS sent_by INT UNSIGNED NULL,
  ADD COLUMN IF NOT EXISTS entered_at DATETIME(3) NULL COMMENT 'by the clock of the browser it waited in',
  ADD COLUMN IF NOT EXISTS after_end BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'told of a finished setup, which stays as it is';
ALTER TABLE incidents ADD CONSTRAINT sent_by_somebody FOREIGN KEY IF NOT EXISTS (sent_by) REFERENCES users (id);
-- What waited in a browser is few: its times are found by their key.
CREATE INDEX IF NOT EXISTS of_entered ON records (entered_at);
