-- Forms: the shop's library with its versions, blocks that stand in a stack, and routes on which a form is put on the wheel.
CREATE TABLE IF NOT EXISTS form_profiles (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  name VARCHAR(60) NOT NULL COMMENT 'of the part it is for',
  version INT UNSIGNED NOT NULL,
  segments LONGTEXT NOT NULL CHECK (JSON_VALID(segments)),
  tolerance_um DOUBLE NOT NULL CHECK (tolerance_um > 0),
  setup_id INT UNSIGNED NULL,
  user_id INT UNSIGNED NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  UNIQUE KEY by_name (name, version),
  FOREIGN KEY (setup_id) REFERENCES setups (id),
  FOREIGN KEY (user_id) REFERENCES users (id)
);
CREATE TABLE IF NOT EXISTS blocks_in_use (
  id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  tray_id INT UNSIGNED NOT NULL,
  setup_id INT UNSIGNED NOT NULL,
  setting INT UNSIGNED NOT NULL COMMENT 'flank or arc of the form it was wrung for',
  block_mm DOUBLE NOT NULL CHECK (block_mm > 0),
  KEY by_setup (setup_id, setting),
  FOREIGN KEY (tray_id) REFERENCES block_sets (id),
  FOREIGN KEY (setup_id) REFERENCES setups (id)
);
INSERT IGNORE INTO route_templates (code, version, name, why, stations, mounting) VALUES
  ('toolroom-form', 1, 'Toolroom with a form', 'As in the toolroom; a form is put on the balanced wheel by a fixture and proved on a coupon before anything is ground with it.', '["brief","select","inspect","mount","run-in","true","balance","form","dress","prove","keep"]', 'flange'),
  ('creep-feed-form', 1, 'Creep feed with a form', 'The form goes on by roll or by a controlled dresser after balancing; a coupon proves it, then the wheel is opened without losing it.', '["brief","select","inspect","mount","run-in","true","balance","form","dress","prove","keep"]', 'flange');
