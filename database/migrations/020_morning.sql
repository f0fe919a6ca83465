-- The newest morning sheet of a machine is found without looking through everything it ever did; the log asks the same way.
ALTER TABLE records ADD KEY IF NOT EXISTS of_machine_and_station (machine_id, station, id);
