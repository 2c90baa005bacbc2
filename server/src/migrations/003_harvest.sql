-- The day on which a planting is due to be picked, so that waits before harvest can be kept.
ALTER TABLE planting ADD COLUMN harvest_on TEXT;
