-- How long seasons are in this garden; NULL: the latitude decides.
ALTER TABLE garden ADD COLUMN climate TEXT CHECK (climate IN ('cool', 'temperate', 'warm', 'tropical'));
