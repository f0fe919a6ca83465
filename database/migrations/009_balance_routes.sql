-- The schools of balancing: when it is balanced, and where.
INSERT IGNORE INTO route_templates (code, version, name, why, mounting, stations) VALUES
  ('stand-first', 1, 'Balance first, on the stand', 'Balanced on the stand before it ever runs: for large wheels, whose first run out of balance is where they hurt; truing afterwards takes little.', 'flange', '["brief","select","inspect","mount","balance","run-in","true","dress","prove","keep"]'),
  ('in-machine', 1, 'Balance in the machine', 'Trued and dressed, then balanced at speed by the machine itself or by vibration: what turns is what is balanced, spindle and all.', 'flange', '["brief","select","inspect","mount","run-in","true","dress","balance","prove","keep"]'),
  ('neutral-first', 1, 'Weights neutral, then judge', 'Weights left where they cancel each other; the finish decides whether it needs more. For small wheels only.', 'flange', '["brief","select","inspect","mount","run-in","true","dress","prove","keep"]');
