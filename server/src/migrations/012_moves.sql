-- What was done upon a verdict: another round, a stronger mix, one more look. `round` is that which it began, NULL where
-- it changed one that stands in the plan already; `strength_before` is what a step up stepped up from.
CREATE TABLE job_move (
  id INTEGER PRIMARY KEY,
  job_id TEXT NOT NULL REFERENCES job (id),
  kind TEXT NOT NULL CHECK (kind IN ('repeat', 'step-up', 'look-again')),
  round INTEGER,
  from_on TEXT NOT NULL,
  strength_before REAL,
  taken_on TEXT NOT NULL,
  taken_back INTEGER NOT NULL DEFAULT 0 CHECK (taken_back IN (0, 1))
) STRICT;
CREATE INDEX job_move_of ON job_move (job_id);

-- What the gardener found missing in how it was done, asked after a verdict (a list as JSON; empty: nothing).
CREATE TABLE doing (
  id INTEGER PRIMARY KEY,
  job_id TEXT NOT NULL REFERENCES job (id),
  missed TEXT NOT NULL CHECK (json_valid(missed)),
  noted_on TEXT NOT NULL,
  at TEXT NOT NULL
) STRICT;
CREATE INDEX doing_of ON doing (job_id);

-- How a job ended, as its counts and its case had it when the case was closed (JSON): it changes no more, and lists need
-- not judge it again. NULL while the case is open, and where it was closed before this stood.
ALTER TABLE job ADD COLUMN settled TEXT CHECK (json_valid(settled));
