-- A head cemented on its own shank: held by a collet, looked at, gripped, run in, dressed with the stick.
ALTER TABLE mounts MODIFY kind ENUM('flange','arbor','quill','hub','collet') NOT NULL;
INSERT IGNORE INTO route_templates (code, version, name, why, mounting, stations) VALUES
  ('mounted-point', 1, 'Mounted point', 'A small head on its own shank: gripped deep in a collet, run well under the speed at which the shank whirls, dressed with the stick.', 'point', '["brief","select","inspect","mount","run-in","dress","prove","keep"]');
