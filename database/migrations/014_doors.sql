-- Doors: what a request's key is about, when a session was last used, what failed at signing in, one-time PINs, hosts of instruments.
ALTER TABLE requests ADD COLUMN IF NOT EXISTS about VARCHAR(60) NOT NULL DEFAULT 'setup' AFTER request_key;
CREATE OR REPLACE TRIGGER records_stay BEFORE UPDATE ON records FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'Records are evidence and are never changed; add one that replaces it.';
CREATE OR REPLACE TRIGGER records_are_kept BEFORE DELETE ON records FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'Records are evidence and are never deleted.';
CREATE OR REPLACE TRIGGER recordings_are_kept BEFORE DELETE ON recordings FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'Recordings are evidence and are never deleted.';
CREATE OR REPLACE TRIGGER ledger_measures AFTER INSERT ON wheel_events FOR EACH ROW UPDATE wheels SET
  diameter_mm = COALESCE(NEW.diameter_after_mm, diameter_mm),
  width_mm = COALESCE(NEW.width_after_mm, width_mm),
  rim_depth_mm = COALESCE(NEW.rim_depth_after_mm, rim_depth_mm)
  WHERE id = NEW.wheel_id;
CREATE OR REPLACE VIEW wheel_now AS SELECT w.*, COALESCE(s.id, (SELECT MAX(p.setup_id) FROM setup_wheels p JOIN setups x ON x.id = p.setup_id AND x.state IN ('under-way','released') WHERE p.wheel_id = w.id)) AS held_by, s.id IS NULL AS not_leading FROM wheels w LEFT JOIN setups s ON s.holds_wheel = w.id;
ALTER TABLE sessions ADD COLUMN IF NOT EXISTS seen_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3), ADD COLUMN IF NOT EXISTS locked BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE users ADD COLUMN IF NOT EXISTS must_change BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'signed in with a PIN for one time', ADD COLUMN IF NOT EXISTS pin_until DATETIME(3) NULL, DROP COLUMN IF EXISTS failed_count, DROP COLUMN IF EXISTS locked_until;
CREATE TABLE IF NOT EXISTS sign_in_tries (
  bucket VARCHAR(80) PRIMARY KEY COMMENT 'account and place, or place',
  failed SMALLINT UNSIGNED NOT NULL,
  wait_until DATETIME(3) NOT NULL,
  at DATETIME(3) NOT NULL
);
CREATE TABLE IF NOT EXISTS known_addresses (
  user_id INT UNSIGNED NOT NULL,
  address VARCHAR(60) NOT NULL,
  at DATETIME(3) NOT NULL,
  PRIMARY KEY (user_id, address),
  FOREIGN KEY (user_id) REFERENCES users (id)
);
