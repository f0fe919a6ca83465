-- Limits and usual values of the shop, kept beside its other guideline figures.
ALTER TABLE guidelines MODIFY topic ENUM('recommend','rank','limits') NOT NULL;
