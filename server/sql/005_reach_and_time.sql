-- Reach and time: what is measured on people and what they may do, wishes about reach, timed fetches, changed constants.
ALTER TABLE plans ADD COLUMN constants jsonb NOT NULL DEFAULT '{}';

ALTER TABLE people
  ADD COLUMN child boolean NOT NULL DEFAULT false,
  ADD COLUMN steps boolean NOT NULL DEFAULT true,
  ADD COLUMN lifts double precision CHECK (lifts >= 0),
  ADD COLUMN eye double precision CHECK (eye > 0),
  ADD COLUMN shoulder double precision CHECK (shoulder > 0),
  ADD COLUMN elbow double precision CHECK (elbow > 0),
  ADD COLUMN knuckle double precision CHECK (knuckle > 0),
  ADD COLUMN knee double precision CHECK (knee > 0),
  ADD COLUMN grip double precision CHECK (grip > 0),
  ADD COLUMN overhead double precision CHECK (overhead > 0);

ALTER TABLE activities
  ADD COLUMN person text,
  ADD FOREIGN KEY (plan, person) REFERENCES people DEFERRABLE INITIALLY DEFERRED;

ALTER TABLE units
  ADD COLUMN keyed boolean NOT NULL DEFAULT false,
  ADD COLUMN material text NOT NULL DEFAULT 'particleboard'
    CHECK (material IN ('particleboard', 'MDF', 'pine', 'plywood', 'metal'));
UPDATE types SET shape = shape || '{"material": "particleboard"}' WHERE NOT shape ? 'material';

CREATE TABLE wishes (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  person text NOT NULL,
  supply text NOT NULL,
  wish text NOT NULL CHECK (wish IN ('should reach', 'must not reach')),
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, person) REFERENCES people DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, supply) REFERENCES supplies DEFERRABLE INITIALLY DEFERRED
);

CREATE TABLE timings (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  station text NOT NULL,
  person text,
  unit text NOT NULL,
  slot text NOT NULL CHECK (slot <> ''),
  container text,
  supply text,
  back boolean NOT NULL,
  seconds double precision NOT NULL CHECK (seconds > 0),
  day text NOT NULL,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, station) REFERENCES stations DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, person) REFERENCES people DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, container) REFERENCES containers DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, supply) REFERENCES supplies DEFERRABLE INITIALLY DEFERRED
);
