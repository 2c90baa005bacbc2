-- Where a place lies in the picture of the garden: metres from an origin of the gardener's own to its left and upper
-- edge; NULL: nobody has laid it out.
ALTER TABLE bed ADD COLUMN at_x REAL;
ALTER TABLE bed ADD COLUMN at_y REAL;
-- What is close to it, as facts that the judge goes by (JSON).
ALTER TABLE bed ADD COLUMN near TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(near));
-- Taken out of use; what was done there is kept.
ALTER TABLE bed ADD COLUMN removed_on TEXT;
