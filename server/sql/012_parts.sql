-- Parts of containers, what a place is kept for, ways to stand, and furniture on the doors and sides of others.
ALTER TABLE supplies ADD COLUMN stands text;
ALTER TABLE containers
  ADD COLUMN key_locked boolean NOT NULL DEFAULT false,
  ADD COLUMN divided text NOT NULL DEFAULT 'not' CHECK (divided IN ('not', 'cells', 'lanes', 'pages', 'pockets', 'cards')),
  ADD COLUMN across integer NOT NULL DEFAULT 1,
  ADD COLUMN along integer NOT NULL DEFAULT 1,
  ADD COLUMN "over" integer NOT NULL DEFAULT 1,
  ADD COLUMN divider double precision NOT NULL DEFAULT 2,
  ADD COLUMN part_width double precision,
  ADD COLUMN part_depth double precision,
  ADD COLUMN part_height double precision,
  ADD COLUMN part_names text[] NOT NULL DEFAULT '{}';
ALTER TABLE placements ADD COLUMN part integer;
ALTER TABLE containers DROP CONSTRAINT containers_lid_check,
  ADD CONSTRAINT containers_lid_check CHECK (lid IN ('none', 'on', 'snap', 'off'));
ALTER TABLE units
  ADD COLUMN as_one boolean NOT NULL DEFAULT false,
  ADD COLUMN door_gap double precision NOT NULL DEFAULT 0,
  ADD COLUMN under_depth double precision NOT NULL DEFAULT 0,
  ADD COLUMN on_door text,
  ADD CONSTRAINT units_on_door_fkey FOREIGN KEY (plan, on_door) REFERENCES openings DEFERRABLE INITIALLY DEFERRED;

CREATE TABLE keeps (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  unit text NOT NULL,
  slot text NOT NULL CHECK (slot <> ''),
  container text,
  "for" text NOT NULL CHECK ("for" IN ('these', 'empty', 'clear', 'odds')),
  things text[] NOT NULL,
  lines integer,
  litres double precision,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, container) REFERENCES containers DEFERRABLE INITIALLY DEFERRED
);
-- Types of one's own know the new fields, too.
UPDATE boxtypes SET shape = '{"keyLocked": false, "divided": "not", "across": 1, "along": 1, "over": 1, "divider": 2,
  "partWidth": null, "partDepth": null, "partHeight": null, "partNames": []}'::jsonb || shape;
UPDATE types SET shape = '{"hangs": "hooks", "asOne": false, "doorGap": 0, "underDepth": 0}'::jsonb || shape;
-- The rules about what places hold that the maker knows of; plans of before know none.
ALTER TABLE plans ADD COLUMN rules integer NOT NULL DEFAULT 0;
-- What stands on labels: one for each part in use, if wanted. The keys in their order, as files have them.
UPDATE plans SET labelling = json_build_object('grid', labelling->'grid', 'shiftX', labelling->'shiftX', 'shiftY', labelling->'shiftY',
  'counts', labelling->'counts', 'swatches', labelling->'swatches', 'reorder', labelling->'reorder', 'codes', labelling->'codes',
  'large', labelling->'large', 'parts', false, 'strip', labelling->'strip');
ALTER TABLE plans ALTER COLUMN labelling SET DEFAULT '{"grid": null, "shiftX": 0, "shiftY": 0, "counts": true, "swatches": true, "reorder": true, "codes": true, "large": false, "parts": false, "strip": 24}';
