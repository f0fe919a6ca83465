-- The work: wheels with their ledger, setups, evidence, incidents.
CREATE TABLE IF NOT EXISTS wheels (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  number VARCHAR(20) NOT NULL UNIQUE,
  marking VARCHAR(160) NOT NULL COMMENT 'as printed',
  canonical VARCHAR(200) NOT NULL,
  family VARCHAR(30) NULL,
  grit_mean_um DOUBLE NULL,
  grit_number INT UNSIGNED NULL,
  grade CHAR(1) NULL,
  structure TINYINT UNSIGNED NULL,
  bond VARCHAR(4) NULL,
  bond_family VARCHAR(30) NULL,
  width_mm DOUBLE NOT NULL CHECK (width_mm > 0),
  bore_mm DOUBLE NOT NULL CHECK (bore_mm > 0),
  new_diameter_mm DOUBLE NOT NULL,
  diameter_mm DOUBLE NULL COMMENT 'of the last ledger line that measured one; written by ledger_measures only',
  min_diameter_mm DOUBLE NOT NULL,
  mass_kg DOUBLE NOT NULL CHECK (mass_kg > 0),
  rated_mps DOUBLE NULL,
  rated_rpm DOUBLE NULL,
  expires_on DATE NULL,
  place VARCHAR(40) NOT NULL,
  state ENUM('available','mounted','quarantined','scrapped') NOT NULL DEFAULT 'available',
  state_reason VARCHAR(200) NULL,
  CHECK (new_diameter_mm > min_diameter_mm AND new_diameter_mm > bore_mm),
  KEY by_family (family, grit_number), KEY by_diameter (diameter_mm), KEY by_place (place), KEY by_state (state), KEY by_canonical (canonical)
);
CREATE TABLE IF NOT EXISTS setups (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  part VARCHAR(80) NOT NULL,
  quantity INT UNSIGNED NOT NULL CHECK (quantity > 0),
  material VARCHAR(40) NOT NULL,
  hardness_hrc DOUBLE NULL,
  operation VARCHAR(30) NOT NULL,
  target_ra_um DOUBLE NOT NULL CHECK (target_ra_um > 0),
  min_width_mm DOUBLE NULL,
  burn_prone BOOLEAN NOT NULL DEFAULT FALSE,
  machine_id INT UNSIGNED NOT NULL,
  mount_id INT UNSIGNED NULL,
  dresser_id INT UNSIGNED NULL,
  wheel_id INT UNSIGNED NULL,
  route_code VARCHAR(30) NOT NULL,
  route_version INT UNSIGNED NOT NULL,
  stations LONGTEXT NOT NULL CHECK (JSON_VALID(stations)),
  units ENUM('mm','inch') NOT NULL DEFAULT 'mm',
  state ENUM('under-way','released','stopped','finished') NOT NULL DEFAULT 'under-way',
  version INT UNSIGNED NOT NULL DEFAULT 1,
  created_by INT UNSIGNED NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  changed_by INT UNSIGNED NULL,
  changed_at DATETIME(3) NULL,
  -- a wheel is in one live setup at most, whatever two people do at once
  holds_wheel INT UNSIGNED AS (IF(state IN ('under-way','released'), wheel_id, NULL)) PERSISTENT,
  UNIQUE KEY one_setup_a_wheel (holds_wheel),
  FOREIGN KEY (machine_id) REFERENCES machines (id),
  FOREIGN KEY (mount_id) REFERENCES mounts (id),
  FOREIGN KEY (dresser_id) REFERENCES dressers (id),
  FOREIGN KEY (created_by) REFERENCES users (id),
  FOREIGN KEY (changed_by) REFERENCES users (id),
  KEY by_machine (machine_id, id)
) AUTO_INCREMENT = 140;
CREATE TABLE IF NOT EXISTS records (
  id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  setup_id INT UNSIGNED NOT NULL,
  wheel_id INT UNSIGNED NULL,
  machine_id INT UNSIGNED NOT NULL,
  station VARCHAR(20) NOT NULL,
  step VARCHAR(30) NOT NULL,
  calculation VARCHAR(60) NOT NULL,
  core_version VARCHAR(20) NOT NULL,
  entered LONGTEXT NOT NULL CHECK (JSON_VALID(entered)),
  input LONGTEXT NOT NULL CHECK (JSON_VALID(input)),
  output LONGTEXT NOT NULL CHECK (JSON_VALID(output)),
  verdict ENUM('ok','caution','stop') NOT NULL,
  override_reason VARCHAR(500) NULL,
  replaces_id BIGINT UNSIGNED NULL,
  user_id INT UNSIGNED NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  request_key CHAR(36) NOT NULL,
  ordinal TINYINT UNSIGNED NOT NULL DEFAULT 0,
  UNIQUE KEY once (request_key, ordinal),
  KEY by_setup (setup_id, id),
  KEY by_wheel (wheel_id, id),
  KEY by_machine (machine_id, id),
  FOREIGN KEY (setup_id) REFERENCES setups (id),
  FOREIGN KEY (wheel_id) REFERENCES wheels (id),
  FOREIGN KEY (machine_id) REFERENCES machines (id),
  FOREIGN KEY (replaces_id) REFERENCES records (id),
  FOREIGN KEY (user_id) REFERENCES users (id),
  CHECK (NOT (verdict = 'stop' AND override_reason IS NOT NULL))
);
CREATE OR REPLACE TRIGGER records_stay BEFORE UPDATE ON records FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'Records are evidence and are never changed; add one that replaces it.';
CREATE OR REPLACE TRIGGER records_are_kept BEFORE DELETE ON records FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'Records are evidence and are never deleted.';
CREATE TABLE IF NOT EXISTS wheel_events (
  id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  wheel_id INT UNSIGNED NOT NULL,
  kind ENUM('received','taken','inspected','mounted','trued','dressed','redressed','crashed','parked','remounted','quarantined','cleared','scrapped') NOT NULL,
  diameter_after_mm DOUBLE NULL CHECK (diameter_after_mm > 0),
  setup_id INT UNSIGNED NULL,
  record_id BIGINT UNSIGNED NULL,
  note VARCHAR(200) NULL,
  user_id INT UNSIGNED NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  KEY by_wheel (wheel_id, id),
  FOREIGN KEY (wheel_id) REFERENCES wheels (id),
  FOREIGN KEY (setup_id) REFERENCES setups (id),
  FOREIGN KEY (record_id) REFERENCES records (id),
  FOREIGN KEY (user_id) REFERENCES users (id)
);
CREATE TABLE IF NOT EXISTS incidents (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  setup_id INT UNSIGNED NOT NULL,
  wheel_id INT UNSIGNED NULL,
  machine_id INT UNSIGNED NOT NULL,
  event VARCHAR(30) NOT NULL,
  seen VARCHAR(500) NOT NULL,
  facts LONGTEXT NOT NULL COMMENT 'input of the plan: findings and steps done' CHECK (JSON_VALID(facts)),
  version INT UNSIGNED NOT NULL DEFAULT 1,
  opened_by INT UNSIGNED NOT NULL,
  opened_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  closed_by INT UNSIGNED NULL,
  closed_at DATETIME(3) NULL,
  FOREIGN KEY (setup_id) REFERENCES setups (id),
  FOREIGN KEY (machine_id) REFERENCES machines (id),
  FOREIGN KEY (opened_by) REFERENCES users (id),
  FOREIGN KEY (closed_by) REFERENCES users (id)
);
CREATE TABLE IF NOT EXISTS drafts (
  user_id INT UNSIGNED NOT NULL,
  draft_key VARCHAR(80) NOT NULL,
  body LONGTEXT NOT NULL CHECK (JSON_VALID(body)),
  updated_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3) ON UPDATE CURRENT_TIMESTAMP(3),
  PRIMARY KEY (user_id, draft_key),
  FOREIGN KEY (user_id) REFERENCES users (id)
);
CREATE TABLE IF NOT EXISTS requests (
  request_key CHAR(36) PRIMARY KEY,
  user_id INT UNSIGNED NOT NULL,
  result LONGTEXT NOT NULL CHECK (JSON_VALID(result)),
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3)
);
CREATE TABLE IF NOT EXISTS route_templates (
  code VARCHAR(30) NOT NULL,
  version INT UNSIGNED NOT NULL,
  name VARCHAR(60) NOT NULL,
  why VARCHAR(300) NOT NULL,
  stations LONGTEXT NOT NULL CHECK (JSON_VALID(stations)),
  PRIMARY KEY (code, version)
);
INSERT IGNORE INTO route_templates (code, version, name, why, stations) VALUES
  ('toolroom', 1, 'Toolroom', 'True on the machine, then balance the whole flange assembly: truing removes mass unevenly and would spoil a balance made before it.',
   '["brief","select","inspect","mount","run-in","true","balance","dress","prove","keep"]');
CREATE OR REPLACE TRIGGER ledger_measures AFTER INSERT ON wheel_events FOR EACH ROW UPDATE wheels SET diameter_mm = COALESCE(NEW.diameter_after_mm, diameter_mm) WHERE id = NEW.wheel_id;
CREATE OR REPLACE VIEW wheel_now AS SELECT w.*, s.id AS held_by FROM wheels w LEFT JOIN setups s ON s.holds_wheel = w.id;
