-- What was taken in from elsewhere: each as a whole, so that it can be undone as a whole.
CREATE TABLE taking (
  id TEXT PRIMARY KEY,
  what TEXT NOT NULL,                                        -- the table or the garden that was taken in
  taken_on TEXT NOT NULL,
  put TEXT NOT NULL CHECK (json_valid(put)),                 -- every row that was put in: its table, and what it is known by
  undone INTEGER NOT NULL DEFAULT 0 CHECK (undone IN (0, 1))
) STRICT;

-- The gardener's own weather, hour by hour; it stands before the stand-in's.
CREATE TABLE weather (
  date TEXT NOT NULL,
  hour INTEGER NOT NULL CHECK (hour BETWEEN 0 AND 23),
  temperature REAL NOT NULL,                                 -- °C
  rain REAL NOT NULL CHECK (rain >= 0),                      -- mm
  wind REAL NOT NULL CHECK (wind >= 0),                      -- km/h
  cloud REAL NOT NULL CHECK (cloud BETWEEN 0 AND 1),
  PRIMARY KEY (date, hour)
) STRICT, WITHOUT ROWID;

-- The newest look at a sign is that of the latest day, also where it came in later.
DROP INDEX observation_by_case;
CREATE INDEX observation_by_case ON observation (case_id, sign, observed_on, id);
DROP INDEX step_event_by_job;
CREATE INDEX step_event_by_job ON step_event (job_id, step, round, at, id);

-- Which device of the house did it; NULL: the machine itself.
ALTER TABLE log ADD COLUMN device TEXT;
