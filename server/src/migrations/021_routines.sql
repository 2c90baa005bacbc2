-- Work through a season that is no case: several jobs that know each other.
CREATE TABLE routine (
  id TEXT PRIMARY KEY,
  kind TEXT NOT NULL,                                        -- which of the knowledge
  way TEXT,                                                  -- how it is done; NULL: as usual
  begun_on TEXT NOT NULL,
  begins_on TEXT NOT NULL,                                   -- the day that its parts are counted from
  ends_on TEXT,                                              -- NULL: it ends with its last part
  paused_on TEXT,                                            -- NULL: it is not
  resumed_on TEXT                                            -- no round begins before this day
) STRICT;
ALTER TABLE job ADD COLUMN routine_id TEXT REFERENCES routine (id);
ALTER TABLE job ADD COLUMN part TEXT;                        -- which part of it
CREATE INDEX job_by_routine ON job (routine_id);

-- Of several places the one where it is worst: what is left of the last fill goes there.
ALTER TABLE job_place ADD COLUMN is_worst INTEGER NOT NULL DEFAULT 0 CHECK (is_worst IN (0, 1));

-- How much one pot or tray of a planting holds, mL; NULL: nobody has said, or it grows in open ground.
ALTER TABLE planting ADD COLUMN pot_ml REAL CHECK (pot_ml > 0);

-- What was seen of a brew: it is ready, it is not yet, it has gone off.
ALTER TABLE batch_event RENAME TO old_batch_event;
DROP INDEX batch_event_by_batch;
CREATE TABLE batch_event (
  id INTEGER PRIMARY KEY,
  batch_id TEXT NOT NULL REFERENCES batch (id),
  kind TEXT NOT NULL CHECK (kind IN
    ('stirred', 'fizz-ended', 'strained', 'used', 'thrown-out', 'ready-seen', 'not-yet', 'gone-off')),
  on_date TEXT NOT NULL,
  ml REAL CHECK (ml > 0),
  mix_id TEXT REFERENCES mix (id)
) STRICT;
CREATE INDEX batch_event_by_batch ON batch_event (batch_id);
INSERT INTO batch_event (id, batch_id, kind, on_date, ml, mix_id)
  SELECT id, batch_id, kind, on_date, ml, mix_id FROM old_batch_event;
DROP TABLE old_batch_event;

-- What the water of the tap was made safe with.
ALTER TABLE garden ADD COLUMN tap_treatment TEXT NOT NULL DEFAULT 'unknown'
  CHECK (tap_treatment IN ('unknown', 'none', 'chlorine', 'chloramine'));
