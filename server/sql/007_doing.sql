-- Doing it: the change-over, labels, seasons, projects, the log of use. json, not jsonb: keys keep their order.
ALTER TABLE plans
  ADD COLUMN labelling json NOT NULL DEFAULT '{"grid": null, "shiftX": 0, "shiftY": 0, "counts": true, "swatches": true, "reorder": true, "codes": true, "large": false, "strip": 24}',
  ADD COLUMN upkeep json NOT NULL DEFAULT '{"trialDays": 42, "newUses": 3, "newBin": null, "unusedMonths": 12, "sitting": 60, "purgeMonths": 6, "purged": null}';
ALTER TABLE supplies
  ADD COLUMN life text NOT NULL DEFAULT 'current' CHECK (life IN ('new', 'current', 'retired')),
  ADD COLUMN also_called text NOT NULL DEFAULT '';
ALTER TABLE placements ADD COLUMN home json;
ALTER TABLE placements DROP CONSTRAINT placements_arrangement_check;
ALTER TABLE placements ADD CHECK (arrangement IN ('today', 'planned', 'staged'));
ALTER TABLE containers ADD COLUMN home json;
ALTER TABLE containers DROP CONSTRAINT containers_arrangement_check;
ALTER TABLE containers ADD CHECK (arrangement IN ('today', 'planned', 'staged'));

CREATE TABLE labels (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  unit text NOT NULL,
  slot text NOT NULL CHECK (slot <> ''),
  container text,
  state text NOT NULL CHECK (state IN ('trial', 'permanent')),
  since text NOT NULL,
  sides json NOT NULL,
  words text NOT NULL,
  printed text NOT NULL,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, container) REFERENCES containers DEFERRABLE INITIALLY DEFERRED
);
CREATE TABLE seasons (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  "from" text NOT NULL,
  until text NOT NULL,
  unit text,
  slot text NOT NULL,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED
);
CREATE TABLE projects (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  activity text,
  kit text,
  due text,
  done boolean NOT NULL,
  note text NOT NULL,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, activity) REFERENCES activities DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, kit) REFERENCES kits DEFERRABLE INITIALLY DEFERRED
);
CREATE TABLE needs (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  project text NOT NULL,
  supply text NOT NULL,
  count integer NOT NULL CHECK (count >= 1),
  tray text NOT NULL,
  state text NOT NULL CHECK (state IN ('to pull', 'out', 'back', 'used up')),
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, project) REFERENCES projects DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, supply) REFERENCES supplies DEFERRABLE INITIALLY DEFERRED
);
CREATE TABLE logs (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  day text NOT NULL,
  supply text NOT NULL,
  kind text NOT NULL CHECK (kind IN ('used', 'put elsewhere', 'looked first')),
  count integer NOT NULL CHECK (count >= 1),
  unit text,
  slot text NOT NULL,
  project text,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, supply) REFERENCES supplies DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, project) REFERENCES projects DEFERRABLE INITIALLY DEFERRED
);
CREATE INDEX logs_by_supply ON logs (plan, supply);
CREATE TABLE sittings (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  day text NOT NULL,
  estimated double precision NOT NULL CHECK (estimated >= 0),
  took double precision CHECK (took >= 0),
  moves integer NOT NULL CHECK (moves >= 0),
  before double precision NOT NULL,
  after double precision,
  PRIMARY KEY (plan, id)
);
