-- 0…1: how sure the reading of the gardener's words is; NULL where the sign was tapped or measured.
ALTER TABLE observation ADD COLUMN sure REAL CHECK (sure > 0 AND sure <= 1);
