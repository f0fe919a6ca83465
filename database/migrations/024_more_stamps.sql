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
