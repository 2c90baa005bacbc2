-- The forecast that a gardener brought, by the day on which it was made; of each hour the newest tells.
CREATE TABLE forecast (
  issued_on TEXT NOT NULL,
  date TEXT NOT NULL,
  hour INTEGER NOT NULL CHECK (hour BETWEEN 0 AND 23),
  temperature REAL NOT NULL,                                 -- °C
  rain REAL NOT NULL CHECK (rain >= 0),                      -- mm
  wind REAL NOT NULL CHECK (wind >= 0),                      -- km/h
  cloud REAL NOT NULL CHECK (cloud BETWEEN 0 AND 1),
  PRIMARY KEY (date, hour, issued_on)
) STRICT, WITHOUT ROWID;

-- The soil as a gardener measured it, about 10 cm down.
CREATE TABLE soil_warmth (
  date TEXT PRIMARY KEY,
  warmth REAL NOT NULL                                       -- °C
) STRICT;

-- A sensor in a bed: one that is made up and ships with the product, or one's own that sends its readings.
CREATE TABLE sensor (
  id TEXT PRIMARY KEY,
  bed_id TEXT NOT NULL REFERENCES bed (id),
  kind TEXT NOT NULL CHECK (kind IN ('made-up', 'own')),
  put_on TEXT NOT NULL,
  gone_on TEXT
) STRICT;
CREATE INDEX sensor_by_bed ON sensor (bed_id);

-- What one's own sensor sent, hour by hour.
CREATE TABLE sensor_reading (
  sensor_id TEXT NOT NULL REFERENCES sensor (id) ON DELETE CASCADE,
  date TEXT NOT NULL,
  hour INTEGER NOT NULL CHECK (hour BETWEEN 0 AND 23),
  moisture REAL CHECK (moisture BETWEEN 0 AND 100),          -- per cent of what the soil can hold
  soil REAL,                                                 -- °C about 10 cm down
  air REAL,                                                  -- °C
  rain REAL CHECK (rain >= 0),                               -- mm
  PRIMARY KEY (sensor_id, date, hour)
) STRICT, WITHOUT ROWID;

-- Since when a step stands where it stands, and what it was moved from and why, told on the day on which it was.
ALTER TABLE plan_position ADD COLUMN placed_on TEXT NOT NULL DEFAULT '';
ALTER TABLE plan_position ADD COLUMN moved_from TEXT;
ALTER TABLE plan_position ADD COLUMN moved_on TEXT;
ALTER TABLE plan_position ADD COLUMN moved_because TEXT;

-- The last day on which a planting is in flower, as far as the gardener said: bees come until then.
ALTER TABLE planting ADD COLUMN bloom_until TEXT;
