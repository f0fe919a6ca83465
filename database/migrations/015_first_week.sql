-- How long a spindle coasts, by a watch: nothing reckoned stands in its place.
ALTER TABLE machines ADD COLUMN coast_s DOUBLE NULL;
