-- How many of a thing may lie on each other, where the maker says so.
ALTER TABLE supplies ADD COLUMN stack integer;
