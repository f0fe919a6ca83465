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
