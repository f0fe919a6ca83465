-- How long a spindle coasts, by a watch: nothing reckoned stands in its place.
ALTER TABLE machines ADD COLUMN IF NOT EXISTS coast_s DOUBLE NULL;
-- One mounted setup on a machine, and one on a mount, whatever two people do at once.
ALTER TABLE setups
  ADD COLUMN IF NOT EXISTS on_spindle BOOLEAN NOT NULL DEFAULT FALSE COMMENT 'its wheel stands on the spindle',
  ADD COLUMN IF NOT EXISTS given_up VARCHAR(300) NULL COMMENT 'why it was not gone on with';
UPDATE setups s JOIN (SELECT MAX(x.id) AS id FROM setups x JOIN wheels w ON w.id = x.wheel_id AND w.state = 'mounted' WHERE x.state IN ('under-way','released','stopped') GROUP BY x.machine_id) n ON n.id = s.id SET s.on_spindle = TRUE;
UPDATE setups s JOIN (SELECT mount_id, MAX(id) AS id FROM setups WHERE on_spindle AND mount_id IS NOT NULL GROUP BY mount_id HAVING COUNT(*) > 1) n ON n.mount_id = s.mount_id AND n.id <> s.id SET s.on_spindle = FALSE;
ALTER TABLE setups
  ADD COLUMN IF NOT EXISTS occupies_machine INT UNSIGNED AS (IF(on_spindle, machine_id, NULL)) PERSISTENT,
  ADD COLUMN IF NOT EXISTS occupies_mount INT UNSIGNED AS (IF(on_spindle, mount_id, NULL)) PERSISTENT,
  ADD UNIQUE KEY IF NOT EXISTS one_setup_on_a_machine (occupies_machine),
  ADD UNIQUE KEY IF NOT EXISTS one_setup_on_a_mount (occupies_mount);
-- What is ground on is not redressed; a release is written in the wheel's own book.
ALTER TABLE wheel_events MODIFY kind ENUM('received','taken','inspected','mounted','trued','dressed','redressed','crashed','parked','remounted','quarantined','cleared','scrapped','ground','released','corrected') NOT NULL, ADD COLUMN IF NOT EXISTS corrects_id BIGINT UNSIGNED NULL COMMENT 'the line it stands for', ADD FOREIGN KEY IF NOT EXISTS corrects (corrects_id) REFERENCES wheel_events (id);
