-- From what it was guessed that a thing is for an activity; empty for what was said.
ALTER TABLE uses ADD COLUMN guessed_from text NOT NULL DEFAULT '';
-- Beds, sofas and chairs: they take floor and hold nothing.
ALTER TABLE units
  DROP CONSTRAINT units_kind_check,
  ADD CONSTRAINT units_kind_check CHECK (kind IN ('table', 'drawer unit', 'cube shelf', 'bookcase', 'wall shelf', 'cart',
    'pegboard', 'trunk', 'cabinet', 'corner cabinet', 'rack', 'rail', 'carousel', 'caddy', 'seat'));
