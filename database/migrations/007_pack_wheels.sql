-- The other wheels of a tool pack are held by their setup as well; a route says what it asks of the machine first.
CREATE TABLE IF NOT EXISTS setup_wheels (
  setup_id INT UNSIGNED NOT NULL,
  wheel_id INT UNSIGNED NOT NULL,
  PRIMARY KEY (setup_id, wheel_id),
  KEY by_wheel (wheel_id),
  FOREIGN KEY (setup_id) REFERENCES setups (id),
  FOREIGN KEY (wheel_id) REFERENCES wheels (id)
);
CREATE OR REPLACE VIEW wheel_now AS SELECT w.*, COALESCE(s.id, (SELECT MAX(p.setup_id) FROM setup_wheels p JOIN setups x ON x.id = p.setup_id AND x.state IN ('under-way','released') WHERE p.wheel_id = w.id)) AS held_by, s.id IS NULL AS not_leading FROM wheels w LEFT JOIN setups s ON s.holds_wheel = w.id;
ALTER TABLE route_templates ADD COLUMN IF NOT EXISTS machine_asks VARCHAR(10) NOT NULL DEFAULT 'spindle';
UPDATE route_templates SET machine_asks = 'wake' WHERE code = 'recommission';
