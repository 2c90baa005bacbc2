-- How much of the leaf on a photograph is spotted, 0 to 1, with where it lies nine times in ten; NULL: not measured.
ALTER TABLE photo ADD COLUMN spotted REAL CHECK (spotted BETWEEN 0 AND 1);
ALTER TABLE photo ADD COLUMN spotted_low REAL CHECK (spotted_low BETWEEN 0 AND spotted);
ALTER TABLE photo ADD COLUMN spotted_high REAL CHECK (spotted_high BETWEEN spotted AND 1);
