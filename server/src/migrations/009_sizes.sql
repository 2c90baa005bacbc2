-- How large a bed is (metres and m², as JSON), and how many of a plant grow there; NULL: nobody has said.
ALTER TABLE bed ADD COLUMN size TEXT CHECK (json_valid(size));
ALTER TABLE planting ADD COLUMN number INTEGER CHECK (number > 0);
-- When seedlings sprouted, and whether castings in their mix feed them for the first weeks.
ALTER TABLE planting ADD COLUMN sprouted_on TEXT;
ALTER TABLE planting ADD COLUMN has_castings INTEGER NOT NULL DEFAULT 0 CHECK (has_castings IN (0, 1));
