-- What is not used any more is set aside, never deleted: what was recorded with it stays.
ALTER TABLE machines ADD COLUMN IF NOT EXISTS retired BOOLEAN NOT NULL DEFAULT FALSE,
  ADD COLUMN IF NOT EXISTS motor_power_kw DOUBLE NULL COMMENT 'from its plate; the torque follows from it';
ALTER TABLE mounts ADD COLUMN IF NOT EXISTS retired BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE dressers ADD COLUMN IF NOT EXISTS retired BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE instruments ADD COLUMN IF NOT EXISTS retired BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE block_sets ADD COLUMN IF NOT EXISTS retired BOOLEAN NOT NULL DEFAULT FALSE;
UPDATE machines SET motor_power_kw = motor_torque_nm * spindle_rpm / 9549.3 WHERE motor_power_kw IS NULL;
-- A mass that was not weighed is reckoned from size and density, and says so.
ALTER TABLE wheels ADD COLUMN IF NOT EXISTS mass_computed BOOLEAN NOT NULL DEFAULT FALSE;
CREATE OR REPLACE VIEW wheel_now AS SELECT w.*, COALESCE(s.id, (SELECT MAX(p.setup_id) FROM setup_wheels p JOIN setups x ON x.id = p.setup_id AND x.state IN ('under-way','released') WHERE p.wheel_id = w.id)) AS held_by, s.id IS NULL AS not_leading FROM wheels w LEFT JOIN setups s ON s.holds_wheel = w.id;
