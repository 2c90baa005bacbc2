-- One job, from the decision to the verdict: why, what, where, how strong and how much, what was really done.
-- What earlier versions kept as treatments, step events and looks is carried over.

CREATE TABLE job (
  id TEXT PRIMARY KEY,
  case_id TEXT REFERENCES cases (id),                        -- why; NULL: the gardener's own wish
  remedy TEXT,                                               -- what; NULL: in the gardener's own words, or by an own recipe
  wish TEXT,
  recipe TEXT CHECK (json_valid(recipe)),                    -- what; a recipe of the gardener's own, as it was then
  pattern INTEGER NOT NULL DEFAULT 0,                        -- which tag pattern is drawn, where it is of no case
  chosen_on TEXT NOT NULL,                                   -- not before this day
  ended_on TEXT,
  ended_because TEXT CHECK (ended_because IN ('stopped', 'case-closed', 'done')),
  CHECK ((remedy IS NOT NULL) + (wish IS NOT NULL) + (recipe IS NOT NULL) = 1)
) STRICT;
CREATE INDEX job_by_case ON job (case_id);
INSERT INTO job (id, case_id, remedy, chosen_on, ended_on)
  SELECT id, case_id, remedy, chosen_on, ended_on FROM treatment ORDER BY rowid;

-- Where: one or several beds, or plants in them.
CREATE TABLE job_place (
  job_id TEXT NOT NULL REFERENCES job (id),
  bed_id TEXT NOT NULL REFERENCES bed (id),
  planting_id TEXT REFERENCES planting (id)
) STRICT;
CREATE INDEX job_place_by_job ON job_place (job_id);
CREATE INDEX job_place_by_bed ON job_place (bed_id);
INSERT INTO job_place (job_id, bed_id, planting_id)
  SELECT t.id, c.bed_id, c.planting_id FROM treatment AS t JOIN cases AS c ON c.id = t.case_id ORDER BY t.rowid;

-- How strong and how much, and how often. Append-only: the newest row holds for what is still to come.
CREATE TABLE job_setting (
  id INTEGER PRIMARY KEY,
  job_id TEXT NOT NULL REFERENCES job (id),
  set_on TEXT NOT NULL,
  strength REAL CHECK (strength > 0),                        -- in the recipe's own unit; NULL: as the recipe or the brew says
  volume_ml REAL CHECK (volume_ml > 0),                      -- ready mix; NULL: the usual
  water TEXT CHECK (water IN ('tap', 'butt')),
  vessel_id TEXT REFERENCES vessel (id),
  batch_id TEXT REFERENCES batch (id),                       -- the brew it is drawn from
  every_days INTEGER CHECK (every_days > 0),                 -- NULL: once
  until_on TEXT
) STRICT;
CREATE INDEX job_setting_by_job ON job_setting (job_id, id);
INSERT INTO job_setting (job_id, set_on, strength)
  SELECT id, chosen_on, strength FROM treatment ORDER BY rowid;

-- Append-only: an undo is a later row with outcome 'undone'. The newest row per step and round holds.
ALTER TABLE step_event RENAME TO old_step_event;
DROP INDEX step_event_by_treatment;
CREATE TABLE step_event (
  id INTEGER PRIMARY KEY,
  job_id TEXT NOT NULL REFERENCES job (id),
  step TEXT NOT NULL,
  round INTEGER NOT NULL DEFAULT 1 CHECK (round > 0),
  outcome TEXT NOT NULL CHECK (outcome IN ('done', 'skipped', 'undone')),
  result TEXT,                                               -- what was found, where the step asks for it
  on_date TEXT NOT NULL,
  at TEXT NOT NULL,                                          -- instant, UTC
  count_id TEXT                                              -- the count that answers it
) STRICT;
CREATE INDEX step_event_by_job ON step_event (job_id, step, round, id);
INSERT INTO step_event (id, job_id, step, outcome, on_date, at)
  SELECT id, treatment_id, step, outcome, on_date, on_date || 'T12:00:00.000Z' FROM old_step_event;
DROP TABLE old_step_event;

DROP TABLE plan_position;
CREATE TABLE plan_position (
  job_id TEXT NOT NULL REFERENCES job (id),
  step TEXT NOT NULL,
  date TEXT NOT NULL,
  hour INTEGER NOT NULL,
  PRIMARY KEY (job_id, step)
) STRICT, WITHOUT ROWID;

-- What was mixed, for which job, and what that took from cupboard, brew and vessel, so that it can be given back.
CREATE TABLE mix (
  id TEXT PRIMARY KEY,
  job_id TEXT REFERENCES job (id),                           -- NULL: at the bench, for no job
  event_id INTEGER REFERENCES step_event (id),               -- the tick that it was mixed with; NULL: noted by itself
  remedy TEXT NOT NULL,
  mixed_on TEXT NOT NULL,
  strength REAL,
  volume_ml REAL NOT NULL CHECK (volume_ml > 0),
  vessel_id TEXT REFERENCES vessel (id),
  batch_id TEXT REFERENCES batch (id),
  batch_ml REAL CHECK (batch_ml > 0),
  took TEXT NOT NULL CHECK (json_valid(took)),
  vessel_before TEXT CHECK (json_valid(vessel_before)),
  taken_back INTEGER NOT NULL DEFAULT 0 CHECK (taken_back IN (0, 1))
) STRICT;
CREATE INDEX mix_by_job ON mix (job_id, mixed_on);

-- What was really put on: one row a place. It holds as long as its step event does.
CREATE TABLE application (
  id INTEGER PRIMARY KEY,
  event_id INTEGER NOT NULL REFERENCES step_event (id),
  job_id TEXT NOT NULL REFERENCES job (id),
  bed_id TEXT NOT NULL REFERENCES bed (id),
  planting_id TEXT REFERENCES planting (id),
  remedy TEXT NOT NULL,
  on_date TEXT NOT NULL,
  strength REAL,
  volume_ml REAL CHECK (volume_ml > 0),                      -- this place's share of the ready mix
  mix_id TEXT REFERENCES mix (id)
) STRICT;
CREATE INDEX application_by_bed ON application (bed_id);
CREATE INDEX application_by_job ON application (job_id);
-- The steps that put something on, as they stood in every remedy when this was written.
INSERT INTO application (event_id, job_id, bed_id, planting_id, remedy, on_date, strength)
  SELECT e.id, e.job_id, p.bed_id, p.planting_id, j.remedy, e.on_date, s.strength
  FROM step_event AS e
  JOIN job AS j ON j.id = e.job_id
  JOIN job_place AS p ON p.job_id = j.id
  JOIN job_setting AS s ON s.job_id = j.id
  WHERE e.outcome = 'done' AND (
    e.step IN ('again', 'apply', 'ask', 'bait', 'cut', 'dose', 'drench', 'drench-2', 'drench-3', 'dry', 'feed',
      'feed-2', 'fence', 'film', 'fit', 'flush', 'fork', 'gather', 'jet', 'jet-2', 'jet-3', 'lay', 'lime', 'move',
      'mow', 'net', 'pick-2', 'plan', 'pollinate', 'pour', 'pour-2', 'rake', 'remove', 'report', 'repot', 'ridge',
      'rinse', 'round', 'round-2', 'sow', 'spare', 'spray', 'spray-2', 'spread', 'strew', 'swab', 'swab-2',
      'swab-3', 'swab-4', 'switch', 'tine', 'tip', 'uncover')
    OR (e.step, j.remedy) IN (VALUES ('cover', 'shelter'), ('cover', 'cover-soil'), ('lift', 'plant-deeper'),
      ('pick', 'hand-pick'), ('pick', 'pick-leaves'), ('pick', 'pick-fruit-early'), ('prune', 'open-up'), ('soak',
      'lawn-soak'), ('stop', 'stop-nitrogen'), ('water', 'even-watering'))
  ) ORDER BY e.id;

-- A count is a count wherever it is made: in reading, at a step, at a look.
CREATE TABLE count (
  id TEXT PRIMARY KEY,
  case_id TEXT REFERENCES cases (id),
  job_id TEXT REFERENCES job (id),                           -- NULL: it serves every job of the case that counts this
  sign TEXT,                                                 -- of what; NULL in counts of earlier versions, which had only one
  unit TEXT NOT NULL CHECK (unit IN ('number', 'yes-no')),
  is_treated INTEGER NOT NULL CHECK (is_treated IN (0, 1)),
  counted_on TEXT NOT NULL,
  at TEXT NOT NULL,                                          -- instant, UTC: before an application of that day, or after it
  counts TEXT NOT NULL CHECK (json_valid(counts)),           -- numbers, one per leaf, plant, card or minute
  harm_seen INTEGER NOT NULL DEFAULT 0 CHECK (harm_seen IN (0, 1)),
  taken_back INTEGER NOT NULL DEFAULT 0 CHECK (taken_back IN (0, 1)),
  CHECK (case_id IS NOT NULL OR job_id IS NOT NULL)
) STRICT;
CREATE INDEX count_by_case ON count (case_id, counted_on);
CREATE INDEX count_by_job ON count (job_id, counted_on);
INSERT INTO count (id, case_id, job_id, unit, is_treated, counted_on, at, counts, harm_seen)
  SELECT id, case_id, treatment_id,
    CASE WHEN EXISTS (SELECT 1 FROM json_each(counts) WHERE value NOT IN (0, 1)) THEN 'number' ELSE 'yes-no' END,
    kind IN ('before', 'after'), looked_on,
    looked_on || CASE WHEN kind IN ('before', 'untreated-before') THEN 'T06:00:00.000Z' ELSE 'T18:00:00.000Z' END,
    counts, harm_seen
  FROM look ORDER BY rowid;
DROP TABLE look;
DROP TABLE treatment;

-- What a mix drew from a brew goes back with it.
ALTER TABLE batch_event ADD COLUMN mix_id TEXT REFERENCES mix (id);
