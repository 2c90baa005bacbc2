-- Soil tests of beds, the gardener's own thresholds, and practice.

CREATE TABLE soil_test (
  id TEXT PRIMARY KEY,
  bed_id TEXT NOT NULL REFERENCES bed (id),
  tested_on TEXT NOT NULL,
  found TEXT NOT NULL CHECK (json_valid(found)),             -- pH, mg/kg, %, mS/cm: what was measured
  source TEXT NOT NULL CHECK (source IN ('jar', 'lab', 'strip', 'import'))
) STRICT;
CREATE INDEX soil_test_by_bed ON soil_test (bed_id, tested_on);

CREATE TABLE threshold (
  cause TEXT PRIMARY KEY,
  act_above REAL NOT NULL CHECK (act_above >= 0),            -- in the unit of the cause's counted sign
  set_on TEXT NOT NULL
) STRICT, WITHOUT ROWID;

CREATE TABLE practice_card (
  cause TEXT PRIMARY KEY,
  box INTEGER NOT NULL CHECK (box >= 0),
  due_on TEXT NOT NULL,
  times_right INTEGER NOT NULL,
  times_wrong INTEGER NOT NULL,
  minutes INTEGER NOT NULL                                   -- spent on checks, all deals together
) STRICT, WITHOUT ROWID;
