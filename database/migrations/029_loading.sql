-- What is being put in and was not finished: a load that was broken off is begun again at the next start.
CREATE TABLE IF NOT EXISTS loading (
  name VARCHAR(20) PRIMARY KEY,
  started_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3)
) ENGINE=InnoDB;
