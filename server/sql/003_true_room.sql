-- A true room with true furniture: what hangs from the ceiling, what must be free in which mode, places elsewhere,
-- what activities need, furniture built of columns, on wheels, fixed, wanted; carts, kits and own types.
ALTER TABLE plans
  ADD COLUMN north double precision NOT NULL DEFAULT 0,
  ADD COLUMN latitude double precision CHECK (latitude BETWEEN -90 AND 90),
  ADD COLUMN walkway double precision NOT NULL DEFAULT 600 CHECK (walkway > 0),
  ADD COLUMN note text NOT NULL DEFAULT '';

ALTER TABLE openings
  ADD COLUMN keep_clear double precision CHECK (keep_clear >= 0),
  DROP CONSTRAINT openings_swing_check,
  ADD CONSTRAINT openings_swing_check CHECK (swing IN ('in', 'out', 'slide', 'none'));

ALTER TABLE fixtures
  ADD COLUMN name text NOT NULL DEFAULT '',
  ADD COLUMN outlets integer NOT NULL DEFAULT 2 CHECK (outlets >= 0),
  ADD COLUMN keep_clear double precision CHECK (keep_clear >= 0),
  DROP CONSTRAINT fixtures_kind_check,
  ADD CONSTRAINT fixtures_kind_check
    CHECK (kind IN ('socket', 'switch', 'heater', 'vent', 'water', 'fuse board', 'fixed thing'));

CREATE TABLE overheads (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  kind text NOT NULL CHECK (kind IN ('slope', 'beam', 'soffit')),
  corner text,
  low double precision NOT NULL CHECK (low >= 0),
  run double precision NOT NULL CHECK (run > 0),
  x double precision NOT NULL,
  y double precision NOT NULL,
  turn double precision NOT NULL,
  width double precision NOT NULL CHECK (width > 0),
  depth double precision NOT NULL CHECK (depth > 0),
  PRIMARY KEY (plan, id),
  CHECK (kind <> 'slope' OR corner IS NOT NULL),
  FOREIGN KEY (plan, corner) REFERENCES corners DEFERRABLE INITIALLY DEFERRED
);

CREATE TABLE elsewheres (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  seconds double precision NOT NULL CHECK (seconds >= 0),
  conditions text[] NOT NULL,
  PRIMARY KEY (plan, id)
);

CREATE TABLE types (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  shape jsonb NOT NULL,
  PRIMARY KEY (plan, id)
);

ALTER TABLE people
  ADD COLUMN hand text NOT NULL DEFAULT 'right' CHECK (hand IN ('right', 'left')),
  ADD COLUMN wheelchair boolean NOT NULL DEFAULT false;

ALTER TABLE units
  ADD COLUMN bays jsonb NOT NULL DEFAULT '[]',
  ADD COLUMN doors text NOT NULL DEFAULT 'none' CHECK (doors IN ('none', 'left', 'right', 'pair', 'sliding')),
  ADD COLUMN wheels boolean NOT NULL DEFAULT false,
  ADD COLUMN fixed boolean NOT NULL DEFAULT false,
  ADD COLUMN locked boolean NOT NULL DEFAULT false,
  ADD COLUMN owned boolean NOT NULL DEFAULT true,
  ADD COLUMN price double precision CHECK (price >= 0),
  ADD COLUMN mass double precision CHECK (mass >= 0),
  ADD COLUMN load double precision CHECK (load >= 0),
  ADD COLUMN host text,
  ADD COLUMN host_slot text NOT NULL DEFAULT '',
  ADD COLUMN elsewhere text,
  ADD FOREIGN KEY (plan, host) REFERENCES units DEFERRABLE INITIALLY DEFERRED,
  ADD FOREIGN KEY (plan, elsewhere) REFERENCES elsewheres DEFERRABLE INITIALLY DEFERRED,
  DROP CONSTRAINT units_kind_check,
  ADD CONSTRAINT units_kind_check CHECK (kind IN ('table', 'drawer unit', 'cube shelf', 'bookcase', 'wall shelf', 'cart',
    'pegboard', 'trunk', 'cabinet', 'corner cabinet', 'rack', 'rail', 'carousel', 'caddy'));
UPDATE units SET wheels = true WHERE kind = 'cart';

CREATE TABLE areas (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  mode text NOT NULL,
  unit text,
  x double precision NOT NULL,
  y double precision NOT NULL,
  turn double precision NOT NULL,
  width double precision NOT NULL CHECK (width > 0),
  depth double precision NOT NULL CHECK (depth > 0),
  bottom double precision NOT NULL CHECK (bottom >= 0),
  height double precision NOT NULL CHECK (height > 0),
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED
);

ALTER TABLE stations
  ADD COLUMN seat text NOT NULL DEFAULT 'swivel' CHECK (seat IN ('swivel', 'chair', 'stool')),
  ADD COLUMN second text,
  ADD FOREIGN KEY (plan, second) REFERENCES people DEFERRABLE INITIALLY DEFERRED;

CREATE TABLE spots (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  unit text NOT NULL,
  mode text NOT NULL,
  station text,
  x double precision NOT NULL,
  y double precision NOT NULL,
  turn double precision NOT NULL,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, station) REFERENCES stations DEFERRABLE INITIALLY DEFERRED
);

ALTER TABLE activities
  ADD COLUMN posture text NOT NULL DEFAULT 'either' CHECK (posture IN ('seated', 'standing', 'either')),
  ADD COLUMN people integer NOT NULL DEFAULT 1 CHECK (people >= 1),
  ADD COLUMN surface_width double precision CHECK (surface_width > 0),
  ADD COLUMN surface_depth double precision CHECK (surface_depth > 0),
  ADD COLUMN work text NOT NULL DEFAULT 'light' CHECK (work IN ('precision', 'light', 'heavy')),
  ADD COLUMN sockets integer NOT NULL DEFAULT 0 CHECK (sockets >= 0),
  ADD COLUMN watts double precision NOT NULL DEFAULT 0 CHECK (watts >= 0),
  ADD COLUMN gives text[] NOT NULL DEFAULT '{}',
  ADD COLUMN needs text[] NOT NULL DEFAULT '{}';

CREATE TABLE kits (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  width double precision NOT NULL CHECK (width > 0),
  depth double precision NOT NULL CHECK (depth > 0),
  height double precision NOT NULL CHECK (height > 0),
  unit text,
  slot text NOT NULL,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED
);

CREATE TABLE hosts (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  activity text NOT NULL,
  station text,
  cart text,
  kit text,
  PRIMARY KEY (plan, id),
  CHECK (num_nonnulls(station, cart, kit) = 1),
  FOREIGN KEY (plan, activity) REFERENCES activities DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, station) REFERENCES stations DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, cart) REFERENCES units DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, kit) REFERENCES kits DEFERRABLE INITIALLY DEFERRED
);

CREATE TABLE relations (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  a text NOT NULL,
  b text NOT NULL,
  closeness text NOT NULL CHECK (closeness IN ('A', 'E', 'I', 'O', 'U', 'X')),
  reason text NOT NULL,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, a) REFERENCES activities DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, b) REFERENCES activities DEFERRABLE INITIALLY DEFERRED
);
