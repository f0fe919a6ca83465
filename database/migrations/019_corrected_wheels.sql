-- A received wheel put right: what stood there before stays, with who changed it and why.
CREATE TABLE IF NOT EXISTS wheel_versions (
  id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  wheel_id INT UNSIGNED NOT NULL,
  before_facts CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL COMMENT 'the wheel as it stood before',
  changes VARCHAR(500) NOT NULL,
  why VARCHAR(200) NOT NULL,
  user_id INT UNSIGNED NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  KEY by_wheel (wheel_id, id),
  FOREIGN KEY (wheel_id) REFERENCES wheels (id),
  FOREIGN KEY (before_facts) REFERENCES kept_facts (hash),
  FOREIGN KEY (user_id) REFERENCES users (id)
) ENGINE=InnoDB;
