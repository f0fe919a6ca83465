-- A wheel that was balanced on its mount may stay on it in the rack; a mount carries one wheel.
ALTER TABLE wheels ADD COLUMN IF NOT EXISTS kept_on_mount_id INT UNSIGNED NULL,
  ADD FOREIGN KEY IF NOT EXISTS kept_on_its_mount (kept_on_mount_id) REFERENCES mounts (id),
  ADD UNIQUE KEY IF NOT EXISTS one_wheel_kept_on_a_mount (kept_on_mount_id);
CREATE OR REPLACE VIEW wheel_now AS SELECT w.*, COALESCE(s.id, (SELECT MAX(p.setup_id) FROM setup_wheels p JOIN setups x ON x.id = p.setup_id AND x.state IN ('under-way','released') WHERE p.wheel_id = w.id)) AS held_by, s.id IS NULL AS not_leading, k.code AS kept_on FROM wheels w LEFT JOIN setups s ON s.holds_wheel = w.id LEFT JOIN mounts k ON k.id = w.kept_on_mount_id;
