-- Whether any one of a line will do, or a certain one is wanted; left to the kind without it.
ALTER TABLE supplies ADD COLUMN alike text CHECK (alike IN ('alike', 'different'));
