-- Dressers of every kind, each with the data it needs; rims of cups; what a wheel loses on width and depth; a route for single layers.
ALTER TABLE dressers
  ADD COLUMN IF NOT EXISTS wear ENUM('in-use','worn-out') NOT NULL DEFAULT 'in-use',
  ADD COLUMN IF NOT EXISTS place VARCHAR(40) NULL,
  ADD COLUMN IF NOT EXISTS tip_angle_deg DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS cluster_width_mm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS points_across INT UNSIGNED NULL,
  ADD COLUMN IF NOT EXISTS overhang_mm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS holder_width_mm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS holder_height_mm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS body_diameter_mm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS body_width_mm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS most_rpm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS least_diameter_mm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS marking VARCHAR(160) NULL,
  ADD COLUMN IF NOT EXISTS rated_mps DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS rated_rpm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS carries_form VARCHAR(60) NULL,
  ADD COLUMN IF NOT EXISTS block_length_mm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS section_width_mm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS section_height_mm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS stick_grain_um DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS wire_mm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS spool_m DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS h_mm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS h1_mm DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS pin_distance_mm DOUBLE NULL;
UPDATE dressers SET kind = CASE kind WHEN 'rotary' THEN 'disc' WHEN 'form' THEN 'form-roll' ELSE kind END;
-- What a flat measured under the glass was, and how much wheel the stone had cut by then.
CREATE TABLE IF NOT EXISTS dresser_flats (
  id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  dresser_id INT UNSIGNED NOT NULL,
  removed_cm3 DOUBLE NOT NULL CHECK (removed_cm3 >= 0),
  flat_width_um DOUBLE NOT NULL CHECK (flat_width_um >= 0),
  user_id INT UNSIGNED NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  KEY by_dresser (dresser_id, id),
  FOREIGN KEY (dresser_id) REFERENCES dressers (id),
  FOREIGN KEY (user_id) REFERENCES users (id)
);
-- Trial cuts, from which the finish of a wheel is learnt; one that misleads is left out and stays.
CREATE TABLE IF NOT EXISTS trial_cuts (
  id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  wheel_id INT UNSIGNED NOT NULL,
  record_id BIGINT UNSIGNED NOT NULL,
  lead_um DOUBLE NOT NULL CHECK (lead_um > 0),
  depth_um DOUBLE NOT NULL CHECK (depth_um > 0),
  removal_mm2_per_s DOUBLE NOT NULL CHECK (removal_mm2_per_s > 0),
  speed_mps DOUBLE NOT NULL CHECK (speed_mps > 0),
  ra_um DOUBLE NOT NULL CHECK (ra_um > 0),
  left_out BOOLEAN NOT NULL DEFAULT FALSE,
  user_id INT UNSIGNED NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  KEY by_wheel (wheel_id, id),
  FOREIGN KEY (wheel_id) REFERENCES wheels (id),
  FOREIGN KEY (record_id) REFERENCES records (id),
  FOREIGN KEY (user_id) REFERENCES users (id)
);
ALTER TABLE machines ADD COLUMN IF NOT EXISTS axes ENUM('by-hand','power-feed','cnc') NOT NULL DEFAULT 'power-feed', ADD COLUMN IF NOT EXISTS dial_division_um DOUBLE NULL, ADD COLUMN IF NOT EXISTS dial_reads ENUM('radius','diameter') NOT NULL DEFAULT 'radius';
ALTER TABLE wheels
  ADD COLUMN IF NOT EXISTS concentration_percent DOUBLE NULL,
  ADD COLUMN IF NOT EXISTS rim_depth_mm DOUBLE NULL COMMENT 'abrasive left; of the last ledger line that measured one',
  ADD COLUMN IF NOT EXISTS rim_width_mm DOUBLE NULL COMMENT 'of a wheel that is dressed on its face';
ALTER TABLE wheel_events
  ADD COLUMN IF NOT EXISTS width_after_mm DOUBLE NULL CHECK (width_after_mm > 0),
  ADD COLUMN IF NOT EXISTS rim_depth_after_mm DOUBLE NULL CHECK (rim_depth_after_mm >= 0);
CREATE OR REPLACE TRIGGER ledger_measures AFTER INSERT ON wheel_events FOR EACH ROW UPDATE wheels SET
  diameter_mm = COALESCE(NEW.diameter_after_mm, diameter_mm),
  width_mm = COALESCE(NEW.width_after_mm, width_mm),
  rim_depth_mm = COALESCE(NEW.rim_depth_after_mm, rim_depth_mm)
  WHERE id = NEW.wheel_id;
CREATE OR REPLACE VIEW wheel_now AS SELECT w.*, COALESCE(s.id, (SELECT MAX(p.setup_id) FROM setup_wheels p JOIN setups x ON x.id = p.setup_id AND x.state IN ('under-way','released') WHERE p.wheel_id = w.id)) AS held_by, s.id IS NULL AS not_leading FROM wheels w LEFT JOIN setups s ON s.holds_wheel = w.id;
INSERT IGNORE INTO route_templates (code, version, name, why, stations, mounting) VALUES
  ('single-layer', 1, 'Single layer', 'A plated wheel has one layer of grain: it is set true by its seat and never trued or dressed.', '["brief","select","inspect","mount","run-in","prove","keep"]', 'flange');
