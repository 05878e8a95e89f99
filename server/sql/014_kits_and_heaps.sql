-- Homes that are not worth sorting, spares that lie with the rest, and kits whose contents are planned.
ALTER TABLE homes ADD COLUMN unsorted boolean NOT NULL DEFAULT false,
  ADD COLUMN spares_with boolean NOT NULL DEFAULT false;
ALTER TABLE kits ADD COLUMN box text,
  ADD CONSTRAINT kits_box_fkey FOREIGN KEY (plan, box) REFERENCES containers DEFERRABLE INITIALLY DEFERRED;
