-- Looking and listening: pictures, recordings of a wheel's ring, inspections outside a setup, practice.
ALTER TABLE records MODIFY setup_id INT UNSIGNED NULL COMMENT 'null for an inspection at the rack', MODIFY machine_id INT UNSIGNED NULL;
CREATE TABLE IF NOT EXISTS pictures (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  user_id INT UNSIGNED NOT NULL,
  draft_of VARCHAR(60) NULL COMMENT 'what it was taken for, until that is recorded',
  wheel_id INT UNSIGNED NULL,
  record_id BIGINT UNSIGNED NULL,
  width_px SMALLINT UNSIGNED NOT NULL,
  height_px SMALLINT UNSIGNED NOT NULL,
  jpeg MEDIUMBLOB NOT NULL,
  small_jpeg BLOB NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  FOREIGN KEY (user_id) REFERENCES users (id),
  FOREIGN KEY (wheel_id) REFERENCES wheels (id),
  FOREIGN KEY (record_id) REFERENCES records (id),
  KEY by_draft (user_id, draft_of)
);
CREATE TABLE IF NOT EXISTS recordings (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  wheel_id INT UNSIGNED NOT NULL,
  setup_id INT UNSIGNED NULL,
  user_id INT UNSIGNED NOT NULL,
  source ENUM('microphone','file','simulator') NOT NULL,
  seconds DOUBLE NOT NULL CHECK (seconds > 0),
  diameter_mm DOUBLE NOT NULL COMMENT 'of the wheel when it was rung',
  wav LONGBLOB NOT NULL,
  settings LONGTEXT NOT NULL CHECK (JSON_VALID(settings)),
  result LONGTEXT NOT NULL CHECK (JSON_VALID(result)),
  ring VARCHAR(20) AS (JSON_VALUE(result, '$.ring')) PERSISTENT,
  frequency_hz DOUBLE AS (JSON_VALUE(result, '$.mainFrequencyHz')) PERSISTENT,
  q DOUBLE AS (JSON_VALUE(result, '$.q')) PERSISTENT,
  modulus_gpa DOUBLE NULL,
  baseline BOOLEAN NOT NULL DEFAULT FALSE,
  request_key CHAR(36) NOT NULL UNIQUE,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  FOREIGN KEY (wheel_id) REFERENCES wheels (id),
  FOREIGN KEY (setup_id) REFERENCES setups (id),
  FOREIGN KEY (user_id) REFERENCES users (id),
  KEY by_wheel (wheel_id, id)
);
CREATE OR REPLACE TRIGGER recordings_are_kept BEFORE DELETE ON recordings FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'Recordings are evidence and are never deleted.';
CREATE TABLE IF NOT EXISTS practice_rounds (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  user_id INT UNSIGNED NOT NULL,
  exercise VARCHAR(20) NOT NULL,
  seed INT UNSIGNED NOT NULL,
  shown VARCHAR(20) NOT NULL,
  answered VARCHAR(20) NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  FOREIGN KEY (user_id) REFERENCES users (id),
  UNIQUE KEY once (user_id, exercise, seed)
);
