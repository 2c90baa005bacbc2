-- The garden, its places, cases from first sign to verdict, and the log of all that was done.
-- Dates are ISO days at the garden; instants are ISO UTC.

CREATE TABLE garden (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  name TEXT NOT NULL,
  latitude REAL NOT NULL CHECK (latitude BETWEEN -90 AND 90),
  longitude REAL NOT NULL CHECK (longitude BETWEEN -180 AND 180),
  time_zone TEXT NOT NULL,
  measures TEXT NOT NULL CHECK (measures IN ('metric', 'us', 'imperial', 'australian')),
  tap_hardness REAL NOT NULL CHECK (tap_hardness >= 0),      -- mg/L as CaCO3
  butt_hardness REAL NOT NULL CHECK (butt_hardness >= 0),    -- mg/L as CaCO3; rain water
  usual_hour INTEGER NOT NULL CHECK (usual_hour BETWEEN 0 AND 23)
) STRICT;

CREATE TABLE bed (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL UNIQUE,
  setting TEXT NOT NULL CHECK (setting IN ('bed', 'pot', 'indoors', 'greenhouse', 'lawn', 'tree')),
  note TEXT NOT NULL DEFAULT '',
  walking_order INTEGER NOT NULL
) STRICT;

CREATE TABLE planting (
  id TEXT PRIMARY KEY,
  bed_id TEXT NOT NULL REFERENCES bed (id),
  plant TEXT NOT NULL,                                       -- id in the plant table
  label TEXT NOT NULL,
  planted_on TEXT NOT NULL,
  removed_on TEXT
) STRICT;
CREATE INDEX planting_by_bed ON planting (bed_id);

CREATE TABLE cases (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  pattern INTEGER NOT NULL,                                  -- which tag pattern is drawn
  bed_id TEXT NOT NULL REFERENCES bed (id),
  planting_id TEXT REFERENCES planting (id),                 -- none: the place itself is read
  opened_on TEXT NOT NULL,
  status TEXT NOT NULL CHECK (status IN ('open', 'closed')),
  closed_on TEXT,
  outcome TEXT CHECK (outcome IN ('solved', 'no-change', 'worse', 'plant-harmed', 'mistaken', 'left', 'given-up')),
  late_look_on TEXT,
  reading TEXT NOT NULL CHECK (json_valid(reading))          -- the last weighing in short, kept with every change of evidence
) STRICT;
CREATE INDEX cases_by_status ON cases (status, opened_on);
CREATE INDEX cases_by_bed ON cases (bed_id);

-- Append-only: a sign taken back is a later row with state 'not-looked'. The newest row per sign holds.
CREATE TABLE observation (
  id INTEGER PRIMARY KEY,
  case_id TEXT NOT NULL REFERENCES cases (id),
  sign TEXT NOT NULL,
  state TEXT NOT NULL CHECK (state IN ('seen', 'absent', 'not-looked')),
  amount REAL CHECK (amount >= 0),
  said TEXT,
  observed_on TEXT NOT NULL
) STRICT;
CREATE INDEX observation_by_case ON observation (case_id, sign, id);

CREATE TABLE check_done (
  id INTEGER PRIMARY KEY,
  case_id TEXT NOT NULL REFERENCES cases (id),
  check_id TEXT NOT NULL,
  answer TEXT NOT NULL,
  done_on TEXT NOT NULL
) STRICT;
CREATE INDEX check_done_by_case ON check_done (case_id);

CREATE TABLE treatment (
  id TEXT PRIMARY KEY,
  case_id TEXT NOT NULL REFERENCES cases (id),
  remedy TEXT NOT NULL,
  strength REAL,                                             -- in the recipe's own unit
  chosen_on TEXT NOT NULL,
  ended_on TEXT
) STRICT;
CREATE INDEX treatment_by_case ON treatment (case_id);

-- Append-only: an undo is a later row with outcome 'undone'. The newest row per step holds.
CREATE TABLE step_event (
  id INTEGER PRIMARY KEY,
  treatment_id TEXT NOT NULL REFERENCES treatment (id),
  step TEXT NOT NULL,
  outcome TEXT NOT NULL CHECK (outcome IN ('done', 'skipped', 'undone')),
  on_date TEXT NOT NULL
) STRICT;
CREATE INDEX step_event_by_treatment ON step_event (treatment_id, step, id);

-- Where the open steps stood when last laid out, so that only what must move moves.
CREATE TABLE plan_position (
  treatment_id TEXT NOT NULL REFERENCES treatment (id),
  step TEXT NOT NULL,
  date TEXT NOT NULL,
  hour INTEGER NOT NULL,
  PRIMARY KEY (treatment_id, step)
) STRICT, WITHOUT ROWID;

CREATE TABLE look (
  id TEXT PRIMARY KEY,
  case_id TEXT NOT NULL REFERENCES cases (id),
  treatment_id TEXT REFERENCES treatment (id),
  kind TEXT NOT NULL CHECK (kind IN ('before', 'after', 'untreated-before', 'untreated-after')),
  looked_on TEXT NOT NULL,
  counts TEXT NOT NULL CHECK (json_valid(counts)),           -- numbers, one per leaf, plant, card or minute
  harm_seen INTEGER NOT NULL DEFAULT 0
) STRICT;
CREATE INDEX look_by_case ON look (case_id, looked_on);

-- Everything that was done, in order, never changed. command_id makes a repeated request harmless.
CREATE TABLE log (
  id INTEGER PRIMARY KEY,
  command_id TEXT NOT NULL UNIQUE,
  at TEXT NOT NULL,
  on_date TEXT NOT NULL,
  command TEXT NOT NULL,
  case_id TEXT,
  body TEXT NOT NULL CHECK (json_valid(body)),
  result TEXT NOT NULL CHECK (json_valid(result))
) STRICT;
CREATE INDEX log_by_case ON log (case_id, id);
CREATE TRIGGER log_is_append_only_update BEFORE UPDATE ON log BEGIN SELECT RAISE(ABORT, 'the log is never changed'); END;
CREATE TRIGGER log_is_append_only_delete BEFORE DELETE ON log BEGIN SELECT RAISE(ABORT, 'the log is never changed'); END;
