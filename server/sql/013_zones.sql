-- Zones, what is given to them, homes of supplies, and what must lie apart.
CREATE TABLE zones (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL,
  letter text NOT NULL,
  "order" integer NOT NULL,
  PRIMARY KEY (plan, id)
);
CREATE TABLE homes (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL,
  zone text,
  "set" boolean NOT NULL,
  inside text[] NOT NULL,
  unit text,
  slot text NOT NULL,
  firm boolean NOT NULL,
  side text CHECK (side IN ('left', 'right', 'before', 'behind', 'between', 'near the door')),
  station text,
  other text,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, zone) REFERENCES zones DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, station) REFERENCES stations DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, other) REFERENCES stations DEFERRABLE INITIALLY DEFERRED
);
CREATE TABLE allotments (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  unit text NOT NULL,
  slot text NOT NULL,
  container text,
  "as" text NOT NULL CHECK ("as" IN ('zone', 'storage', 'open')),
  zone text,
  firm boolean NOT NULL,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, container) REFERENCES containers DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, zone) REFERENCES zones DEFERRABLE INITIALLY DEFERRED,
  CHECK (("as" = 'zone') = (zone IS NOT NULL))
);
CREATE TABLE aparts (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  things text[] NOT NULL,
  why text NOT NULL,
  PRIMARY KEY (plan, id)
);
ALTER TABLE activities ADD COLUMN zone text,
  ADD CONSTRAINT activities_zone_fkey FOREIGN KEY (plan, zone) REFERENCES zones DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE supplies ADD COLUMN home text,
  ADD CONSTRAINT supplies_home_fkey FOREIGN KEY (plan, home) REFERENCES homes DEFERRABLE INITIALLY DEFERRED;
-- Where a thing goes back to when its season comes: a home is what supplies live in from now on.
ALTER TABLE placements RENAME COLUMN home TO returns;
ALTER TABLE containers RENAME COLUMN home TO returns;
-- What nobody had chosen otherwise is sorted by homes from now on. The keys in their order, as files have them.
UPDATE plans SET sorting = json_build_object('way', CASE WHEN sorting->>'way' = 'quickest' THEN 'home' ELSE sorting->>'way' END,
  'shown', sorting->'shown', 'inside', sorting->'inside', 'then', 'most used', 'colours', '[]'::json, 'mixtures', sorting->'mixtures');
ALTER TABLE plans ALTER COLUMN sorting SET DEFAULT '{"way": "home", "shown": "as it comes", "inside": "most used", "then": "most used", "colours": [], "mixtures": []}';
-- What the names cost when the room was last filled by homes.
ALTER TABLE plans ADD COLUMN names_cost json;
