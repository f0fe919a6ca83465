-- Instruments read over a line stream on TCP; one without an address is played by its stand-in.
CREATE TABLE IF NOT EXISTS instruments (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  code VARCHAR(20) NOT NULL UNIQUE,
  kind ENUM('dial','tachometer','presetter','vibration') NOT NULL,
  host VARCHAR(80) NOT NULL DEFAULT '',
  port SMALLINT UNSIGNED NULL,
  seed INT UNSIGNED NOT NULL DEFAULT 1,
  level DOUBLE NOT NULL DEFAULT 0,
  swing DOUBLE NOT NULL DEFAULT 0,
  multiple DOUBLE NOT NULL DEFAULT 1,
  failure VARCHAR(20) NOT NULL DEFAULT 'none'
);
