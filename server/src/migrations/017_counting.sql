-- What cases were, where it counts as that (from a chance of one half on): asked for on every page of the past.
CREATE INDEX case_cause_counting ON case_cause (cause, case_id, probability) WHERE probability >= 0.5;
CREATE INDEX job_by_remedy ON job (remedy) WHERE remedy IS NOT NULL;

-- What places had: closed cases that were what they were taken for, as narrow rows in the order in which they are
-- counted. The database itself keeps them.
CREATE TABLE past (
  bed_id TEXT NOT NULL,
  cause TEXT NOT NULL,
  opened_on TEXT NOT NULL,
  case_id TEXT NOT NULL REFERENCES cases (id) ON DELETE CASCADE,
  PRIMARY KEY (bed_id, cause, opened_on, case_id)
) STRICT, WITHOUT ROWID;
CREATE INDEX past_of_case ON past (case_id);
CREATE TRIGGER past_of_new AFTER INSERT ON cases WHEN NEW.status = 'closed' BEGIN
  UPDATE cases SET status = NEW.status WHERE id = NEW.id;
END;
CREATE TRIGGER past_of_changed AFTER UPDATE OF status, outcome, bed_id, opened_on, reading ON cases
WHEN OLD.status = 'closed' OR NEW.status = 'closed' BEGIN
  DELETE FROM past WHERE case_id = NEW.id;
  INSERT INTO past (bed_id, cause, opened_on, case_id)
    SELECT NEW.bed_id, value ->> '$.id', NEW.opened_on, NEW.id FROM json_each(NEW.reading, '$.causes')
    WHERE NEW.status = 'closed' AND NEW.outcome <> 'mistaken' AND value ->> '$.probability' >= 0.5;
END;
UPDATE cases SET status = status WHERE status = 'closed';
DROP INDEX cases_of_the_past;
