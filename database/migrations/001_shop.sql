-- The shop: people, machines, mounts, dressers, block sets.
CREATE TABLE IF NOT EXISTS users (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  name VARCHAR(60) NOT NULL UNIQUE,
  role ENUM('machinist','lead','viewer') NOT NULL,
  pin_hash VARCHAR(200) NOT NULL,
  failed_count INT UNSIGNED NOT NULL DEFAULT 0,
  locked_until DATETIME(3) NULL,
  active BOOLEAN NOT NULL DEFAULT TRUE
);
CREATE TABLE IF NOT EXISTS sessions (
  token_hash CHAR(64) PRIMARY KEY,
  user_id INT UNSIGNED NOT NULL,
  created_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  expires_at DATETIME(3) NOT NULL,
  FOREIGN KEY (user_id) REFERENCES users (id)
);
CREATE TABLE IF NOT EXISTS mounts (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  code VARCHAR(20) NOT NULL UNIQUE,
  kind ENUM('flange','arbor','quill','hub') NOT NULL,
  seat_mm DOUBLE NOT NULL CHECK (seat_mm > 0),
  flange_mm DOUBLE NOT NULL CHECK (flange_mm > 0),
  recess_mm DOUBLE NOT NULL CHECK (recess_mm >= 0),
  retention ENUM('single-nut','flange-screws') NOT NULL,
  thread_hand ENUM('left','right') NOT NULL,
  screw_count INT UNSIGNED NULL,
  screw_diameter_mm DOUBLE NULL,
  torque_nm DOUBLE NULL,
  mass_kg DOUBLE NOT NULL CHECK (mass_kg > 0),
  inertia_kgm2 DOUBLE NOT NULL CHECK (inertia_kgm2 >= 0),
  journal_radius_mm DOUBLE NOT NULL CHECK (journal_radius_mm > 0),
  track_radius_mm DOUBLE NULL,
  weight_count INT UNSIGNED NOT NULL DEFAULT 0,
  weight_mass_g DOUBLE NULL,
  CHECK (recess_mm < flange_mm)
);
CREATE TABLE IF NOT EXISTS dressers (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  code VARCHAR(20) NOT NULL UNIQUE,
  kind VARCHAR(30) NOT NULL,
  tip_radius_um DOUBLE NULL,
  flat_width_um DOUBLE NOT NULL DEFAULT 0,
  carat DOUBLE NULL,
  dresses_since_turn INT UNSIGNED NOT NULL DEFAULT 0,
  turn_every INT UNSIGNED NOT NULL DEFAULT 10
);
CREATE TABLE IF NOT EXISTS block_sets (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  code VARCHAR(20) NOT NULL UNIQUE,
  grade VARCHAR(20) NOT NULL,
  blocks_mm LONGTEXT NOT NULL CHECK (JSON_VALID(blocks_mm))
);
CREATE TABLE IF NOT EXISTS machines (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  code VARCHAR(20) NOT NULL UNIQUE,
  name VARCHAR(60) NOT NULL,
  kind ENUM('surface-toolroom','cylindrical','tool-cutter','creep-feed','internal','bench') NOT NULL,
  balance_class VARCHAR(30) NOT NULL,
  spindle_rpm DOUBLE NOT NULL CHECK (spindle_rpm > 0),
  spindle_rpm_min DOUBLE NOT NULL DEFAULT 0,
  spindle_rpm_max DOUBLE NOT NULL CHECK (spindle_rpm_max > 0),
  seat_mm DOUBLE NOT NULL CHECK (seat_mm > 0),
  max_diameter_mm DOUBLE NOT NULL CHECK (max_diameter_mm > 0),
  max_width_mm DOUBLE NOT NULL CHECK (max_width_mm > 0),
  rotation ENUM('cw','ccw') NOT NULL COMMENT 'seen facing the nut',
  motor_torque_nm DOUBLE NOT NULL CHECK (motor_torque_nm > 0),
  wet BOOLEAN NOT NULL DEFAULT TRUE,
  mount_id INT UNSIGNED NULL,
  dresser_id INT UNSIGNED NULL,
  locked_out BOOLEAN NOT NULL DEFAULT FALSE,
  FOREIGN KEY (mount_id) REFERENCES mounts (id),
  FOREIGN KEY (dresser_id) REFERENCES dressers (id)
);
