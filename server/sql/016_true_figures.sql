-- What goes back and is used up says after how many fetches one of it is gone. Rolls, bottles and soft things that were used up
-- by one fetch, since nothing else could be said, go back from now on.
ALTER TABLE supplies ADD COLUMN lasts double precision;
UPDATE supplies SET goes_back = true, lasts = CASE form WHEN 'rolls' THEN 20 WHEN 'bottles' THEN 40 ELSE 6 END
WHERE NOT goes_back AND form IN ('rolls', 'bottles', 'soft');
-- Cautions that the maker knows of.
ALTER TABLE plans ADD COLUMN accepted json NOT NULL DEFAULT '[]';
