-- Places: the way of sorting, spares apart from working stock, what lies together, and places where a thing never goes.
-- json, not jsonb: that would bring the keys into an order of its own.
ALTER TABLE plans
  ADD COLUMN sorting json NOT NULL
    DEFAULT '{"way": "quickest", "shown": "as it comes", "inside": "most used", "mixtures": []}';
ALTER TABLE supplies ADD COLUMN together text NOT NULL DEFAULT '';
ALTER TABLE placements ADD COLUMN spare boolean NOT NULL DEFAULT false;

CREATE TABLE nevers (
  plan text NOT NULL REFERENCES plans ON DELETE CASCADE,
  id text NOT NULL,
  supply text NOT NULL,
  unit text NOT NULL,
  slot text NOT NULL,
  PRIMARY KEY (plan, id),
  FOREIGN KEY (plan, supply) REFERENCES supplies DEFERRABLE INITIALLY DEFERRED,
  FOREIGN KEY (plan, unit) REFERENCES units DEFERRABLE INITIALLY DEFERRED
);
