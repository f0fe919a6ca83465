-- A shop may ask for a morning sheet of every machine, every day it starts.
ALTER TABLE shop ADD COLUMN IF NOT EXISTS morning_wanted BOOLEAN NOT NULL DEFAULT FALSE;
-- What a symptom or a fact speaks for is the shop's own judgement as well.
ALTER TABLE guidelines MODIFY topic ENUM('recommend','rank','limits','points') NOT NULL;
