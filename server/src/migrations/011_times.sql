-- Where a step of a round stands. What no longer stands there is kept a while, so that a calendar that was given out
-- can be told; `sequence` counts how often it moved.
ALTER TABLE plan_position RENAME TO old_plan_position;
CREATE TABLE plan_position (
  job_id TEXT NOT NULL REFERENCES job (id),
  step TEXT NOT NULL,
  round INTEGER NOT NULL,
  date TEXT NOT NULL,
  hour INTEGER NOT NULL,
  pinned INTEGER NOT NULL DEFAULT 0 CHECK (pinned IN (0, 1)),  -- put there by the gardener
  sequence INTEGER NOT NULL DEFAULT 0,
  gone_on TEXT,
  PRIMARY KEY (job_id, step, round)
) STRICT, WITHOUT ROWID;
INSERT INTO plan_position (job_id, step, round, date, hour)
  SELECT p.job_id, p.step, COALESCE((SELECT MAX(e.round) FROM step_event AS e WHERE e.job_id = p.job_id), 1), p.date, p.hour
  FROM old_plan_position AS p;
DROP TABLE old_plan_position;

-- When the gardener comes by (half-days by weekday, minutes a day, as JSON; NULL: at any time), and days away.
ALTER TABLE garden ADD COLUMN visits TEXT CHECK (json_valid(visits));
CREATE TABLE away (
  id TEXT PRIMARY KEY,
  from_on TEXT NOT NULL,
  until_on TEXT NOT NULL CHECK (until_on >= from_on)
) STRICT;
