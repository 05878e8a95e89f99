-- The plan as relational tables; lengths in mm, masses in g. Rows carry the ids of the plan file.
-- References are checked at commit, so that the changes of one group may come in any order.

CREATE TABLE plans (
  id text PRIMARY KEY,
  name text NOT NULL CHECK (name <> ''),
  units text NOT NULL CHECK (units IN ('metric', 'imperial')),
  room text NOT NULL CHECK (room <> ''),
  ceiling double precision NOT NULL CHECK (ceiling > 0),
  room_to_grow double precision NOT NULL CHECK (room_to_grow BETWEEN 0 AND 0.5),
  paper text NOT NULL CHECK (paper IN ('a4', 'letter')),
  label_width double precision NOT NULL CHECK (label_width > 0),
  label_height double precision NOT NULL CHECK (label_height > 0),
  revision bigint NOT NULL DEFAULT 0,
  created_at timestamptz NOT NULL DEFAULT now()
);

CREATE TABLE corners (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  "order" integer NOT NULL CHECK ("order" >= 0),
  x double precision NOT NULL,
  y double precision NOT NULL,
  wall text NOT NULL,
  PRIMARY KEY (plan, id)
);

CREATE TABLE openings (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  kind text NOT NULL CHECK (kind IN ('door', 'window')),
  corner text NOT NULL,
  "offset" double precision NOT NULL CHECK ("offset" >= 0),
  width double precision NOT NULL CHECK (width > 0),
  height double precision NOT NULL CHECK (height > 0),
  sill double precision NOT NULL CHECK (sill >= 0),
  hinge text NOT NULL CHECK (hinge IN ('left', 'right')),
  swing text NOT NULL CHECK (swing IN ('in', 'out', 'none')),
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, corner) REFERENCES corners DEFERRABLE INITIALLY DEFERRED
);

CREATE TABLE fixtures (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  kind text NOT NULL CHECK (kind IN ('socket', 'heater', 'fuse board')),
  corner text NOT NULL,
  "offset" double precision NOT NULL CHECK ("offset" >= 0),
  width double precision NOT NULL CHECK (width > 0),
  height double precision NOT NULL CHECK (height > 0),
  depth double precision NOT NULL CHECK (depth >= 0),
  bottom double precision NOT NULL CHECK (bottom >= 0),
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, corner) REFERENCES corners DEFERRABLE INITIALLY DEFERRED
);

CREATE TABLE people (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  stature double precision NOT NULL CHECK (stature > 0),
  PRIMARY KEY (plan, id)
);

CREATE TABLE units (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  kind text NOT NULL CHECK (kind IN ('table', 'drawer unit', 'cube shelf', 'bookcase', 'wall shelf', 'cart', 'pegboard', 'trunk')),
  x double precision NOT NULL,
  y double precision NOT NULL,
  turn double precision NOT NULL,
  width double precision NOT NULL CHECK (width > 0),
  depth double precision NOT NULL CHECK (depth > 0),
  height double precision NOT NULL CHECK (height > 0),
  bottom double precision NOT NULL CHECK (bottom >= 0),
  board double precision NOT NULL CHECK (board >= 0),
  columns integer NOT NULL CHECK (columns >= 1),
  tiers double precision[] NOT NULL CHECK (0 < ALL (tiers)),
  inside_width double precision CHECK (inside_width > 0),
  inside_depth double precision CHECK (inside_depth > 0),
  store_depth double precision NOT NULL CHECK (store_depth >= 0),
  labelled boolean NOT NULL,
  PRIMARY KEY (plan, id)
);

CREATE TABLE stations (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  unit text,
  person text NOT NULL,
  x double precision NOT NULL,
  y double precision NOT NULL,
  facing double precision NOT NULL,
  posture text NOT NULL CHECK (posture IN ('seated', 'standing')),
  seat_height double precision NOT NULL CHECK (seat_height > 0),
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, person) REFERENCES people DEFERRABLE INITIALLY DEFERRED
);

CREATE TABLE activities (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  sessions_per_week double precision NOT NULL CHECK (sessions_per_week >= 0),
  minutes double precision NOT NULL CHECK (minutes >= 0),
  station text,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, station) REFERENCES stations DEFERRABLE INITIALLY DEFERRED
);

CREATE TABLE supplies (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  category text NOT NULL,
  form text NOT NULL CHECK (form IN ('sheets', 'pieces', 'loose')),
  count integer NOT NULL CHECK (count >= 1),
  length double precision NOT NULL CHECK (length > 0),
  width double precision NOT NULL CHECK (width > 0),
  thickness double precision NOT NULL CHECK (thickness > 0),
  grammage double precision CHECK (grammage > 0),
  mass double precision CHECK (mass >= 0),
  orientations text[] NOT NULL CHECK (cardinality(orientations) >= 1 AND orientations <@ ARRAY['flat', 'edge', 'end']),
  goes_back boolean NOT NULL,
  note text NOT NULL,
  PRIMARY KEY (plan, id)
);

CREATE TABLE uses (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  supply text NOT NULL,
  activity text NOT NULL,
  fetches double precision NOT NULL CHECK (fetches >= 0),
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, supply) REFERENCES supplies DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, activity) REFERENCES activities DEFERRABLE INITIALLY DEFERRED
);
CREATE INDEX uses_by_supply ON uses (plan, supply);

CREATE TABLE placements (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  arrangement text NOT NULL CHECK (arrangement IN ('today', 'planned')),
  supply text NOT NULL,
  unit text NOT NULL,
  slot text NOT NULL CHECK (slot <> ''),
  count integer NOT NULL CHECK (count >= 1),
  orientation text CHECK (orientation IN ('flat', 'edge', 'end')),
  locked boolean NOT NULL,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, supply) REFERENCES supplies DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED
);
CREATE INDEX placements_by_supply ON placements (plan, supply);
CREATE INDEX placements_by_unit ON placements (plan, unit);

-- The log book: one row for each group of changes, with its inverse, in the order in which they were written.
CREATE TABLE journal (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  revision bigint NOT NULL,
  group_id text NOT NULL,
  name text NOT NULL,
  kind text NOT NULL CHECK (kind IN ('do', 'undo', 'redo')),
  target text,
  changes jsonb NOT NULL,
  inverse jsonb NOT NULL,
  at timestamptz NOT NULL DEFAULT now(),
  by text NOT NULL,
  PRIMARY KEY (plan, revision),
  UNIQUE (plan, group_id)
);
