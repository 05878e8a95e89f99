-- Each history of a plan has an epoch of its own: a restored backup is another history, though its revisions have the same numbers.
ALTER TABLE plans ADD COLUMN epoch text NOT NULL DEFAULT gen_random_uuid()::text;

-- Sharing in the home outlives a restart: whether it is on and at which port, and who was let in, by the hash of its secret.
CREATE TABLE sharing (
  one boolean PRIMARY KEY DEFAULT true CHECK (one),
  port integer NOT NULL CHECK (port BETWEEN 1 AND 65535)
);
CREATE TABLE guests (
  id text PRIMARY KEY,
  plan text NOT NULL REFERENCES plans DEFERRABLE INITIALLY DEFERRED,
  may text NOT NULL CHECK (may IN ('read', 'edit')),
  name text NOT NULL,
  secret bytea NOT NULL UNIQUE,
  since timestamptz NOT NULL,
  until timestamptz NOT NULL CHECK (until > since)
);
