-- What was known when something was recorded, kept once however often it is named.
CREATE TABLE IF NOT EXISTS kept_facts (
  hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY COMMENT 'SHA-256 of the facts',
  facts LONGTEXT NOT NULL CHECK (JSON_VALID(facts))
) ENGINE=InnoDB;
CREATE OR REPLACE TRIGGER facts_stay BEFORE UPDATE ON kept_facts FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was known is evidence and is never changed.';
CREATE OR REPLACE TRIGGER facts_are_kept BEFORE DELETE ON kept_facts FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was known is evidence and is never deleted.';
ALTER TABLE records
  ADD COLUMN IF NOT EXISTS facts CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'wheel, mount, machine and dresser as they were',
  ADD FOREIGN KEY IF NOT EXISTS records_as_recorded (facts) REFERENCES kept_facts (hash);
ALTER TABLE setups
  ADD COLUMN IF NOT EXISTS closed_facts CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NULL COMMENT 'everything it was decided from when it was finished',
  ADD FOREIGN KEY IF NOT EXISTS setups_as_closed (closed_facts) REFERENCES kept_facts (hash);
-- The shop itself: one row.
CREATE TABLE IF NOT EXISTS shop (
  id TINYINT UNSIGNED PRIMARY KEY DEFAULT 1 CHECK (id = 1),
  name VARCHAR(60) NOT NULL,
  units ENUM('mm','inch') NOT NULL DEFAULT 'mm',
  shown_way BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'the way from nothing to a first setup was gone or skipped'
) ENGINE=InnoDB;
INSERT IGNORE INTO shop (id, name, shown_way) SELECT 1, 'This shop', EXISTS (SELECT 1 FROM machines);
