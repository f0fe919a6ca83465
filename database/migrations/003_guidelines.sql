-- Guideline figures of the shop: every version is kept with who made it; the newest counts. A null body goes back to the shipped ones.
CREATE TABLE IF NOT EXISTS guidelines (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  topic ENUM('recommend','rank') NOT NULL,
  version INT UNSIGNED NOT NULL,
  body LONGTEXT NULL CHECK (body IS NULL OR JSON_VALID(body)),
  note VARCHAR(200) NOT NULL,
  user_id INT UNSIGNED NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  UNIQUE KEY one_version (topic, version),
  FOREIGN KEY (user_id) REFERENCES users (id)
);
-- What a brief may say about the cut, for the arc of contact and the chip.
ALTER TABLE setups ADD COLUMN IF NOT EXISTS work_diameter_mm DOUBLE NULL, ADD COLUMN IF NOT EXISTS stock_mm DOUBLE NULL, ADD COLUMN IF NOT EXISTS depth_um DOUBLE NULL, ADD COLUMN IF NOT EXISTS work_speed_mps DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS interrupted BOOLEAN NOT NULL DEFAULT FALSE, ADD COLUMN IF NOT EXISTS contact_area VARCHAR(10) NULL;
-- The kind of wheel: its ISO 603 type.
ALTER TABLE wheels ADD COLUMN IF NOT EXISTS shape VARCHAR(4) NOT NULL DEFAULT '1';
CREATE OR REPLACE VIEW wheel_now AS SELECT w.*, s.id AS held_by FROM wheels w LEFT JOIN setups s ON s.holds_wheel = w.id;
-- One lower-case text a wheel is searched by, as plain bytes beside its number in one narrow index: a search reads that index alone.
ALTER TABLE wheels ADD COLUMN IF NOT EXISTS search_bytes VARBINARY(900) AS (CAST(LOWER(CONCAT_WS(' ', number, canonical, marking, place)) AS BINARY)) PERSISTENT;
CREATE INDEX IF NOT EXISTS by_family_diameter ON wheels (family, diameter_mm);
CREATE INDEX IF NOT EXISTS by_state_canonical ON wheels (state, canonical);
CREATE INDEX IF NOT EXISTS by_search ON wheels (number, search_bytes);
CREATE OR REPLACE VIEW wheel_now AS SELECT w.*, s.id AS held_by FROM wheels w LEFT JOIN setups s ON s.holds_wheel = w.id;
