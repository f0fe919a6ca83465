-- What the shop keeps and seldom changes is held in memory by whoever serves it, for as long as its stamp stays: the database changes the
-- stamp with the thing, in the same transaction. A stamp is never used twice, not even after a change that was taken back.
CREATE TABLE IF NOT EXISTS stamps (
  name VARCHAR(20) CHARACTER SET ascii PRIMARY KEY,
  stamp BIGINT UNSIGNED NOT NULL
) ENGINE=InnoDB;
INSERT IGNORE INTO stamps (name, stamp) VALUES ('machines', UUID_SHORT());
INSERT IGNORE INTO stamps (name, stamp) VALUES ('mounts', UUID_SHORT());
INSERT IGNORE INTO stamps (name, stamp) VALUES ('dressers', UUID_SHORT());
INSERT IGNORE INTO stamps (name, stamp) VALUES ('guidelines', UUID_SHORT());
INSERT IGNORE INTO stamps (name, stamp) VALUES ('shop', UUID_SHORT());
INSERT IGNORE INTO stamps (name, stamp) VALUES ('block_sets', UUID_SHORT());
CREATE OR REPLACE TRIGGER machines_insert_stamped AFTER INSERT ON machines FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'machines';
CREATE OR REPLACE TRIGGER machines_update_stamped AFTER UPDATE ON machines FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'machines';
CREATE OR REPLACE TRIGGER machines_delete_stamped AFTER DELETE ON machines FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'machines';
CREATE OR REPLACE TRIGGER mounts_insert_stamped AFTER INSERT ON mounts FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'mounts';
CREATE OR REPLACE TRIGGER mounts_update_stamped AFTER UPDATE ON mounts FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'mounts';
CREATE OR REPLACE TRIGGER mounts_delete_stamped AFTER DELETE ON mounts FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'mounts';
CREATE OR REPLACE TRIGGER dressers_insert_stamped AFTER INSERT ON dressers FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'dressers';
CREATE OR REPLACE TRIGGER dressers_update_stamped AFTER UPDATE ON dressers FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'dressers';
CREATE OR REPLACE TRIGGER dressers_delete_stamped AFTER DELETE ON dressers FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'dressers';
CREATE OR REPLACE TRIGGER guidelines_insert_stamped AFTER INSERT ON guidelines FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'guidelines';
CREATE OR REPLACE TRIGGER guidelines_update_stamped AFTER UPDATE ON guidelines FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'guidelines';
CREATE OR REPLACE TRIGGER guidelines_delete_stamped AFTER DELETE ON guidelines FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'guidelines';
CREATE OR REPLACE TRIGGER shop_insert_stamped AFTER INSERT ON shop FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'shop';
CREATE OR REPLACE TRIGGER shop_update_stamped AFTER UPDATE ON shop FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'shop';
CREATE OR REPLACE TRIGGER shop_delete_stamped AFTER DELETE ON shop FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'shop';
CREATE OR REPLACE TRIGGER block_sets_insert_stamped AFTER INSERT ON block_sets FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'block_sets';
CREATE OR REPLACE TRIGGER block_sets_update_stamped AFTER UPDATE ON block_sets FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'block_sets';
CREATE OR REPLACE TRIGGER block_sets_delete_stamped AFTER DELETE ON block_sets FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'block_sets';
INSERT IGNORE INTO stamps (name, stamp) VALUES ('trial_cuts', UUID_SHORT());
INSERT IGNORE INTO stamps (name, stamp) VALUES ('recordings', UUID_SHORT());
INSERT IGNORE INTO stamps (name, stamp) VALUES ('users', UUID_SHORT());
CREATE OR REPLACE TRIGGER trial_cuts_insert_stamped AFTER INSERT ON trial_cuts FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'trial_cuts';
CREATE OR REPLACE TRIGGER trial_cuts_update_stamped AFTER UPDATE ON trial_cuts FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'trial_cuts';
CREATE OR REPLACE TRIGGER trial_cuts_delete_stamped AFTER DELETE ON trial_cuts FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'trial_cuts';
CREATE OR REPLACE TRIGGER recordings_insert_stamped AFTER INSERT ON recordings FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'recordings';
CREATE OR REPLACE TRIGGER recordings_update_stamped AFTER UPDATE ON recordings FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'recordings';
CREATE OR REPLACE TRIGGER users_insert_stamped AFTER INSERT ON users FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'users';
CREATE OR REPLACE TRIGGER users_update_stamped AFTER UPDATE ON users FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'users';
CREATE OR REPLACE TRIGGER users_delete_stamped AFTER DELETE ON users FOR EACH ROW UPDATE stamps SET stamp = UUID_SHORT() WHERE name = 'users';
-- A wheel has a stamp of its own: many are worked on at a time.
ALTER TABLE wheels ADD COLUMN IF NOT EXISTS stamp BIGINT UNSIGNED NOT NULL DEFAULT 0;
CREATE OR REPLACE TRIGGER wheels_stamped BEFORE UPDATE ON wheels FOR EACH ROW SET NEW.stamp = UUID_SHORT();
