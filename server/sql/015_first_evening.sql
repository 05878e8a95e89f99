-- Sizes and counts that were guessed say from what; plans in centimetres; where the start that leads is.
ALTER TABLE supplies ADD COLUMN size_from text NOT NULL DEFAULT '',
  ADD COLUMN count_from text NOT NULL DEFAULT '',
  ADD COLUMN hunted boolean NOT NULL DEFAULT false;
-- What had no place today in a plan that knows today's places was hunted for; it still is.
UPDATE supplies s SET hunted = true
WHERE EXISTS (SELECT 1 FROM placements p WHERE p.plan = s.plan AND p.arrangement = 'today')
  AND s.count > coalesce((SELECT sum(p.count) FROM placements p WHERE p.plan = s.plan AND p.supply = s.id AND p.arrangement = 'today'), 0);
ALTER TABLE plans ADD COLUMN start json,
  DROP CONSTRAINT plans_units_check,
  ADD CONSTRAINT plans_units_check CHECK (units IN ('metric', 'centimetres', 'imperial'));
