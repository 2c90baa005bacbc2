-- How large a bed is (metres and m², as JSON), and how many of a plant grow there; NULL: nobody has said.
ALTER TABLE bed ADD COLUMN size TEXT CHECK (json_valid(size));
ALTER TABLE planting ADD COLUMN number INTEGER CHECK (number > 0);
