-- What goes on counting of a setup's records, so that a page need not read all it ever had. It can be worked out again at any time.
ALTER TABLE setups ADD COLUMN IF NOT EXISTS so_far LONGTEXT NULL CHECK (so_far IS NULL OR JSON_VALID(so_far));
-- Whatever the log is asked for, and the newest look at a wheel, is found by key.
ALTER TABLE records
  ADD KEY IF NOT EXISTS of_wheel_and_station (wheel_id, station, id),
  ADD KEY IF NOT EXISTS of_wheel_and_verdict (wheel_id, verdict, id),
  ADD KEY IF NOT EXISTS of_machine_and_verdict (machine_id, verdict, id),
  ADD KEY IF NOT EXISTS of_station (station, id),
  ADD KEY IF NOT EXISTS of_verdict (verdict, id),
  ADD KEY IF NOT EXISTS of_station_and_verdict (station, verdict, id);
