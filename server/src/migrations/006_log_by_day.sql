-- The notebook reads the newest days of the log without sorting all of it.
CREATE INDEX log_by_day ON log (on_date, id);
