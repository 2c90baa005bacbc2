-- Ten years of records: what a page asks for is found by an index, however much was written.

-- The causes that the last weighing of a case names, as rows. The database itself keeps them from `reading`.
CREATE TABLE case_cause (
  case_id TEXT NOT NULL REFERENCES cases (id) ON DELETE CASCADE,
  cause TEXT NOT NULL,
  probability REAL NOT NULL,
  PRIMARY KEY (case_id, cause)
) STRICT, WITHOUT ROWID;
CREATE INDEX case_cause_by_cause ON case_cause (cause, case_id);
CREATE TRIGGER case_cause_of_new AFTER INSERT ON cases BEGIN
  INSERT INTO case_cause (case_id, cause, probability)
    SELECT NEW.id, value ->> '$.id', value ->> '$.probability' FROM json_each(NEW.reading, '$.causes');
END;
CREATE TRIGGER case_cause_of_changed AFTER UPDATE OF reading ON cases BEGIN
  DELETE FROM case_cause WHERE case_id = NEW.id;
  INSERT INTO case_cause (case_id, cause, probability)
    SELECT NEW.id, value ->> '$.id', value ->> '$.probability' FROM json_each(NEW.reading, '$.causes');
END;
INSERT INTO case_cause (case_id, cause, probability)
  SELECT c.id, value ->> '$.id', value ->> '$.probability' FROM cases AS c, json_each(c.reading, '$.causes');

CREATE INDEX cases_by_closing ON cases (status, closed_on, id);
CREATE INDEX cases_by_opening ON cases (opened_on);
CREATE INDEX cases_by_day_of_year ON cases (substr(opened_on, 6));
DROP INDEX cases_by_bed;
CREATE INDEX cases_by_bed ON cases (bed_id, opened_on);
CREATE INDEX job_by_end ON job (ended_because, ended_on);
CREATE INDEX step_event_by_day ON step_event (on_date, job_id);
CREATE INDEX step_event_by_count ON step_event (count_id);
DROP INDEX application_by_bed;
CREATE INDEX application_by_bed ON application (bed_id, on_date);
CREATE INDEX application_by_event ON application (event_id);
CREATE INDEX application_by_mix ON application (mix_id);

-- The job that a line of the log is about, also as it was called in older lines.
ALTER TABLE log ADD COLUMN job_id TEXT GENERATED ALWAYS AS (COALESCE(body ->> '$.jobId', body ->> '$.treatmentId')) VIRTUAL;
CREATE INDEX log_by_job ON log (job_id, id) WHERE job_id IS NOT NULL;
CREATE INDEX job_not_settled ON job (case_id) WHERE settled IS NULL;
