-- The day of a shop is that of its place: days, shifts, dates of expiry and of orders, and printed times are told in it. Times are kept in UTC.
ALTER TABLE shop ADD COLUMN IF NOT EXISTS time_zone VARCHAR(64) NOT NULL DEFAULT 'UTC';
