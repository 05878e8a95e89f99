-- How many of a supply are still to be bought.
ALTER TABLE supplies ADD COLUMN to_buy integer NOT NULL DEFAULT 0;
