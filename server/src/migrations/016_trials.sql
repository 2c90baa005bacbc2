-- How each job of a closed case ended, as narrow rows. The database itself keeps them from `settled`, so that what was
-- learnt in ten years is not read anew whenever an open case is weighed.
CREATE TABLE trial (
  job_id TEXT PRIMARY KEY REFERENCES job (id) ON DELETE CASCADE,
  case_id TEXT NOT NULL,
  remedy TEXT NOT NULL,
  cause TEXT,                                                -- the likeliest of its case when it was settled
  probability REAL,                                          -- of that cause
  "end" TEXT NOT NULL,
  is_counted INTEGER NOT NULL CHECK (is_counted IN (0, 1)),  -- by counts, else by the gardener's word
  strength REAL,                                             -- in the unit of the recipe
  on_date TEXT NOT NULL                                      -- first put on, or chosen
) STRICT, WITHOUT ROWID;
CREATE INDEX trial_by_cause ON trial (cause, on_date);
CREATE INDEX trial_by_day ON trial (on_date);
CREATE TRIGGER trial_of_settled AFTER UPDATE OF settled ON job BEGIN
  DELETE FROM trial WHERE job_id = NEW.id;
  INSERT INTO trial (job_id, case_id, remedy, cause, probability, "end", is_counted, strength, on_date)
    SELECT NEW.id, NEW.case_id, NEW.remedy, k.cause, k.probability, NEW.settled ->> '$.trial.end',
      NEW.settled ->> '$.trial.isCounted', NEW.settled ->> '$.trial.strength', NEW.settled ->> '$.trial.on'
    FROM (SELECT 1) LEFT JOIN (
      SELECT cause, probability FROM case_cause WHERE case_id = NEW.case_id ORDER BY probability DESC, cause LIMIT 1
    ) AS k
    WHERE NEW.settled ->> '$.trial' IS NOT NULL AND NEW.case_id IS NOT NULL AND NEW.remedy IS NOT NULL;
END;
CREATE TRIGGER trial_of_new AFTER INSERT ON job WHEN NEW.settled IS NOT NULL BEGIN
  UPDATE job SET settled = NEW.settled WHERE id = NEW.id;
END;
UPDATE job SET settled = settled WHERE settled IS NOT NULL;

CREATE INDEX job_under_way ON job (chosen_on) WHERE ended_on IS NULL;
CREATE INDEX cases_by_late_look ON cases (late_look_on) WHERE late_look_on IS NOT NULL;
CREATE INDEX cases_of_the_past ON cases (status, bed_id, opened_on, outcome, id);
