-- The gardener's own rules for choosing: what is not wanted, only from the cupboard, schools kept to.
ALTER TABLE garden ADD COLUMN forbids TEXT NOT NULL DEFAULT '[]';
ALTER TABLE garden ADD COLUMN only_cupboard INTEGER NOT NULL DEFAULT 0 CHECK (only_cupboard IN (0, 1));
ALTER TABLE garden ADD COLUMN schools TEXT NOT NULL DEFAULT '{}';

CREATE TABLE cupboard (
  ingredient TEXT PRIMARY KEY,
  amount REAL CHECK (amount >= 0),
  unit TEXT NOT NULL CHECK (unit IN ('mL', 'g')),
  pack_size REAL CHECK (pack_size > 0),
  pack_price REAL CHECK (pack_price >= 0),
  percent REAL CHECK (percent > 0 AND percent <= 100),
  wanted INTEGER NOT NULL DEFAULT 0 CHECK (wanted IN (0, 1))
) STRICT;

CREATE TABLE vessel (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  kind TEXT NOT NULL CHECK (kind IN ('sprayer', 'can', 'jar', 'bucket')),
  volume_ml REAL NOT NULL CHECK (volume_ml > 0),
  -- What it held last, in words, and the classes of that; NULL once washed three times.
  held TEXT,
  classes TEXT NOT NULL DEFAULT '[]',
  last_on TEXT
) STRICT;

CREATE TABLE batch (
  id TEXT PRIMARY KEY,
  kind TEXT NOT NULL,
  name TEXT NOT NULL,
  pattern INTEGER NOT NULL,
  started_on TEXT NOT NULL,
  volume_ml REAL NOT NULL CHECK (volume_ml > 0),
  warmth REAL NOT NULL,
  vessel_id TEXT REFERENCES vessel (id),
  shell TEXT
) STRICT;

-- Append-only but for the newest, which may be taken back.
CREATE TABLE batch_event (
  id INTEGER PRIMARY KEY,
  batch_id TEXT NOT NULL REFERENCES batch (id),
  kind TEXT NOT NULL CHECK (kind IN ('stirred', 'fizz-ended', 'strained', 'used', 'thrown-out')),
  on_date TEXT NOT NULL,
  ml REAL CHECK (ml > 0)
) STRICT;
CREATE INDEX batch_event_by_batch ON batch_event (batch_id);

CREATE TABLE recipe (
  id TEXT PRIMARY KEY,
  document TEXT NOT NULL,
  saved_on TEXT NOT NULL
) STRICT;
