-- What the gardener says was done about a trouble before, outside of any job.
CREATE TABLE tried (
  case_id TEXT NOT NULL REFERENCES cases (id) ON DELETE CASCADE,
  remedy TEXT NOT NULL,
  helped INTEGER CHECK (helped IN (0, 1)),                    -- NULL: nobody has said
  on_date TEXT,                                              -- NULL: nobody has said when
  PRIMARY KEY (case_id, remedy)
) STRICT;
