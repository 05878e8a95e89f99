-- A plan that was removed is kept for a while, so that it can be brought back.
ALTER TABLE plans ADD COLUMN removed timestamptz;
