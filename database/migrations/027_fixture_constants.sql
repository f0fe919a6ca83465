-- What the constants of a radius dresser are measured from stands in their names: face to centre for the stack of blocks, base to centre for a height gauge.
ALTER TABLE dressers
  CHANGE COLUMN IF EXISTS h_mm face_to_centre_mm DOUBLE NULL,
  CHANGE COLUMN IF EXISTS h1_mm base_to_centre_mm DOUBLE NULL;
