-- Photographs, re-made smaller on the way in and without what a camera writes into them. Until a case has it, `case_id`
-- is NULL; what nobody asked for is gone at the next start.
CREATE TABLE photo (
  id TEXT PRIMARY KEY,
  case_id TEXT REFERENCES cases (id),
  taken_on TEXT NOT NULL,
  at TEXT NOT NULL,
  width INTEGER NOT NULL,
  height INTEGER NOT NULL,
  jpeg BLOB NOT NULL,
  taken_back INTEGER NOT NULL DEFAULT 0 CHECK (taken_back IN (0, 1))
) STRICT;
CREATE INDEX photo_of ON photo (case_id);
