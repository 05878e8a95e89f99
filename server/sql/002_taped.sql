-- What was read off the tape for the wall that starts at a corner, kept when an error is spread over the walls.
ALTER TABLE corners ADD COLUMN taped double precision CHECK (taped > 0);
