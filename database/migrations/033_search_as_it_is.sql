-- A rare text on the rack is looked for in every wheel: with 2,000 of them the table of all three bytes saved a tenth of a millisecond and cost half the time of taking a rack in.
DROP TRIGGER IF EXISTS wheels_in_grams;
DROP TRIGGER IF EXISTS wheels_again_in_grams;
DROP TABLE IF EXISTS wheel_grams;
