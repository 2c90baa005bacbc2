-- A count may say how many per cent of each leaf are sick.
CREATE TABLE count_anew (
  id TEXT PRIMARY KEY,
  case_id TEXT REFERENCES cases (id),
  job_id TEXT REFERENCES job (id),                           -- NULL: it serves every job of the case that counts this
  sign TEXT,                                                 -- of what; NULL in counts of early versions, which had only one
  unit TEXT NOT NULL CHECK (unit IN ('number', 'yes-no', 'area')),
  is_treated INTEGER NOT NULL CHECK (is_treated IN (0, 1)),
  counted_on TEXT NOT NULL,
  at TEXT NOT NULL,                                          -- instant, UTC: before an application of that day, or after it
  counts TEXT NOT NULL CHECK (json_valid(counts)),           -- numbers, one per leaf, plant, card or minute; area: per cent
  harm_seen INTEGER NOT NULL DEFAULT 0 CHECK (harm_seen IN (0, 1)),
  taken_back INTEGER NOT NULL DEFAULT 0 CHECK (taken_back IN (0, 1)),
  CHECK (case_id IS NOT NULL OR job_id IS NOT NULL)
) STRICT;
INSERT INTO count_anew SELECT id, case_id, job_id, sign, unit, is_treated, counted_on, at, counts, harm_seen, taken_back FROM count;
DROP TABLE count;
ALTER TABLE count_anew RENAME TO count;
CREATE INDEX count_by_case ON count (case_id, counted_on);
CREATE INDEX count_by_job ON count (job_id, counted_on);

-- What the sick part of the leaf on a photograph looks like, and how many specks there are on a card.
ALTER TABLE photo ADD COLUMN spotted_look TEXT CHECK (spotted_look IN ('spots', 'pale', 'powder'));
ALTER TABLE photo ADD COLUMN specks INTEGER CHECK (specks >= 0);
ALTER TABLE photo ADD COLUMN specks_low INTEGER CHECK (specks_low BETWEEN 0 AND specks);
ALTER TABLE photo ADD COLUMN specks_high INTEGER CHECK (specks_high >= specks);

-- Which water a trial was mixed with, where it was mixed: learnt with its strength.
ALTER TABLE trial ADD COLUMN water TEXT CHECK (water IN ('tap', 'butt'));
DROP TRIGGER trial_of_settled;
CREATE TRIGGER trial_of_settled AFTER UPDATE OF settled ON job BEGIN
  DELETE FROM trial WHERE job_id = NEW.id;
  INSERT INTO trial (job_id, case_id, remedy, cause, probability, "end", is_counted, strength, water, on_date)
    SELECT NEW.id, NEW.case_id, NEW.remedy, k.cause, k.probability, NEW.settled ->> '$.trial.end',
      NEW.settled ->> '$.trial.isCounted', NEW.settled ->> '$.trial.strength', NEW.settled ->> '$.trial.water',
      NEW.settled ->> '$.trial.on'
    FROM (SELECT 1) LEFT JOIN (
      SELECT cause, probability FROM case_cause WHERE case_id = NEW.case_id ORDER BY probability DESC, cause LIMIT 1
    ) AS k
    WHERE NEW.settled ->> '$.trial' IS NOT NULL AND NEW.case_id IS NOT NULL AND NEW.remedy IS NOT NULL;
END;
-- What is settled already, where the water was chosen.
UPDATE job SET settled = json_set(settled, '$.trial.water', (
    SELECT s.water FROM job_setting AS s WHERE s.job_id = job.id ORDER BY s.id DESC LIMIT 1
  ))
  WHERE settled ->> '$.trial.strength' IS NOT NULL
    AND (SELECT s.water FROM job_setting AS s WHERE s.job_id = job.id ORDER BY s.id DESC LIMIT 1) IS NOT NULL;
