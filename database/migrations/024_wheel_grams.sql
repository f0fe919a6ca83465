-- Every three bytes in a row of what a wheel is searched by: a rare text inside a word is found by them, without reading the whole rack.
CREATE TABLE IF NOT EXISTS wheel_grams (
  gram BINARY(3) NOT NULL,
  wheel_id INT UNSIGNED NOT NULL,
  PRIMARY KEY (gram, wheel_id),
  FOREIGN KEY (wheel_id) REFERENCES wheels (id) ON DELETE CASCADE
) ENGINE=InnoDB;
CREATE OR REPLACE TRIGGER wheels_in_grams AFTER INSERT ON wheels FOR EACH ROW INSERT IGNORE INTO wheel_grams SELECT SUBSTR(NEW.search_bytes, q.seq, 3), NEW.id FROM seq_1_to_900 q WHERE q.seq <= LENGTH(NEW.search_bytes) - 2;
CREATE OR REPLACE TRIGGER wheels_again_in_grams AFTER UPDATE ON wheels FOR EACH ROW BEGIN IF NOT (OLD.search_bytes <=> NEW.search_bytes) THEN DELETE FROM wheel_grams WHERE wheel_id = NEW.id; INSERT IGNORE INTO wheel_grams SELECT SUBSTR(NEW.search_bytes, q.seq, 3), NEW.id FROM seq_1_to_900 q WHERE q.seq <= LENGTH(NEW.search_bytes) - 2; END IF; END;
INSERT IGNORE INTO wheel_grams SELECT SUBSTR(w.search_bytes, q.seq, 3), w.id FROM wheels w JOIN seq_1_to_900 q ON q.seq <= LENGTH(w.search_bytes) - 2;
