-- Supplies as they are: ten forms, what they ask of their place, spares, what a purge decided; containers; photographs.
ALTER TABLE supplies
  DROP CONSTRAINT supplies_form_check,
  ADD CONSTRAINT supplies_form_check CHECK
    (form IN ('sheets', 'pieces', 'long', 'rolls', 'bottles', 'soft', 'hung', 'loose', 'set', 'machine')),
  ADD COLUMN traits text[] NOT NULL DEFAULT '{}',
  ADD COLUMN colour text NOT NULL DEFAULT '',
  ADD COLUMN collection text NOT NULL DEFAULT '',
  ADD COLUMN theme text NOT NULL DEFAULT '',
  ADD COLUMN season text NOT NULL DEFAULT '',
  ADD COLUMN backstock integer NOT NULL DEFAULT 0 CHECK (backstock >= 0),
  ADD COLUMN reorder_at integer CHECK (reorder_at >= 0),
  ADD COLUMN parts integer CHECK (parts >= 1),
  ADD COLUMN squeeze double precision NOT NULL DEFAULT 1 CHECK (squeeze > 0 AND squeeze <= 1),
  ADD COLUMN work_front double precision NOT NULL DEFAULT 0 CHECK (work_front >= 0),
  ADD COLUMN work_back double precision NOT NULL DEFAULT 0 CHECK (work_back >= 0),
  ADD COLUMN work_above double precision NOT NULL DEFAULT 0 CHECK (work_above >= 0),
  ADD COLUMN decision text CHECK (decision IN ('keep', 'seasonal', 'elsewhere', 'give away', 'undecided')),
  ADD COLUMN decide_by text,
  ADD COLUMN last_used text,
  ADD CONSTRAINT supplies_backstock_in_count CHECK (backstock <= count);

CREATE TABLE boxtypes (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  shape jsonb NOT NULL,
  PRIMARY KEY (plan, id)
);

CREATE TABLE containers (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  name text NOT NULL CHECK (name <> ''),
  kind text NOT NULL,
  width double precision NOT NULL CHECK (width > 0),
  depth double precision NOT NULL CHECK (depth > 0),
  height double precision NOT NULL CHECK (height > 0),
  inside_width double precision NOT NULL CHECK (inside_width > 0 AND inside_width <= width),
  inside_depth double precision NOT NULL CHECK (inside_depth > 0 AND inside_depth <= depth),
  inside_height double precision NOT NULL CHECK (inside_height > 0 AND inside_height <= height),
  lid text NOT NULL CHECK (lid IN ('none', 'on', 'off')),
  pulled boolean NOT NULL,
  see_through boolean NOT NULL,
  price double precision CHECK (price >= 0),
  mass double precision CHECK (mass >= 0),
  owned boolean NOT NULL,
  labelled boolean NOT NULL,
  arrangement text NOT NULL CHECK (arrangement IN ('today', 'planned')),
  unit text NOT NULL,
  slot text NOT NULL CHECK (slot <> ''),
  parent text,
  x double precision,
  y double precision,
  turned boolean NOT NULL,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, parent) REFERENCES containers DEFERRABLE INITIALLY DEFERRED
);
CREATE INDEX containers_by_unit ON containers (plan, unit);

ALTER TABLE placements
  ADD COLUMN container text,
  ADD CONSTRAINT placements_container_fkey
    FOREIGN KEY (plan, container) REFERENCES containers DEFERRABLE INITIALLY DEFERRED;

CREATE TABLE photos (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  supply text,
  unit text,
  slot text NOT NULL,
  type text NOT NULL CHECK (type IN ('image/jpeg', 'image/png', 'image/webp')),
  width integer NOT NULL CHECK (width > 0),
  height integer NOT NULL CHECK (height > 0),
  taken text,
  caption text NOT NULL,
  PRIMARY KEY (plan, id),
  CHECK ((supply IS NULL) <> (unit IS NULL)),
  FOREIGN KEY (plan, supply) REFERENCES supplies DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED
);

-- The pictures themselves. Kept when a photograph is removed, so that undo can bring it back.
CREATE TABLE pictures (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  type text NOT NULL,
  data bytea NOT NULL,
  PRIMARY KEY (plan, id)
);
