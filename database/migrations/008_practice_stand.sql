-- The practice stand: a finished run of somebody on a made-up wheel.
CREATE TABLE IF NOT EXISTS practice_runs (
  id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
  user_id INT UNSIGNED NOT NULL,
  seed INT UNSIGNED NOT NULL,
  how ENUM('feel','computed') NOT NULL,
  spins SMALLINT UNSIGNED NOT NULL CHECK (spins > 0),
  residual_gmm DOUBLE NOT NULL,
  tolerance_gmm DOUBLE NOT NULL,
  at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
  FOREIGN KEY (user_id) REFERENCES users (id),
  UNIQUE KEY once (user_id, seed)
);
