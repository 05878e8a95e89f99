-- How many of a thing may lie on each other, where the maker says so; and what a board or rail holds things by.
ALTER TABLE supplies ADD COLUMN stack integer;
ALTER TABLE units ADD COLUMN hangs text NOT NULL DEFAULT 'hooks' CHECK (hangs IN ('hooks', 'magnet', 'rods'));
