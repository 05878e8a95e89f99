-- Names that mean one thing only: what serves an activity besides its station, where a thing never goes, lines of a pull list,
-- what stays where it is (pinned) and what is kept under lock and key. Journals say the same in the new words.
ALTER TABLE hosts RENAME TO helpers;
ALTER TABLE nevers RENAME TO bans;
ALTER TABLE needs RENAME TO pulls;
ALTER TABLE units RENAME COLUMN locked TO pinned;
ALTER TABLE units RENAME COLUMN keyed TO key_locked;
ALTER TABLE placements RENAME COLUMN locked TO pinned;
UPDATE supplies SET traits = array_replace(array_replace(array_replace(traits,
  'light-shy', 'keep out of light'), 'heat-shy', 'keep from heat'), 'damp-shy', 'keep dry')
  WHERE traits && ARRAY['light-shy', 'heat-shy', 'damp-shy'];

-- Which planned container a container of today is, once its move has begun.
ALTER TABLE containers ADD COLUMN becomes text,
  ADD CONSTRAINT containers_becomes_fkey FOREIGN KEY (plan, becomes) REFERENCES containers DEFERRABLE INITIALLY DEFERRED;

CREATE FUNCTION heronstone_upgrade(changes jsonb) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
  SELECT coalesce(jsonb_agg(
    CASE
      WHEN c->>'table' = 'hosts' THEN c || '{"table": "helpers"}'
      WHEN c->>'table' = 'nevers' THEN c || '{"table": "bans"}'
      WHEN c->>'table' = 'needs' THEN c || '{"table": "pulls"}'
      WHEN c->>'table' IN ('units', 'placements') AND c ? 'set' THEN jsonb_set(c, '{set}',
        (c->'set') - 'locked' - 'keyed'
        || CASE WHEN c->'set' ? 'locked' THEN jsonb_build_object('pinned', c->'set'->'locked') ELSE '{}' END
        || CASE WHEN c->'set' ? 'keyed' THEN jsonb_build_object('keyLocked', c->'set'->'keyed') ELSE '{}' END)
      WHEN c->>'table' = 'supplies' AND c->'set' ? 'traits' THEN jsonb_set(c, '{set,traits}',
        (SELECT coalesce(jsonb_agg(CASE t #>> '{}'
          WHEN 'light-shy' THEN '"keep out of light"'::jsonb
          WHEN 'heat-shy' THEN '"keep from heat"'::jsonb
          WHEN 'damp-shy' THEN '"keep dry"'::jsonb
          ELSE t END ORDER BY n), '[]') FROM jsonb_array_elements(c->'set'->'traits') WITH ORDINALITY AS x(t, n)))
      ELSE c
    END ORDER BY at), '[]')
  FROM jsonb_array_elements(changes) WITH ORDINALITY AS e(c, at)
$$;
UPDATE journal SET changes = heronstone_upgrade(changes), inverse = heronstone_upgrade(inverse);
UPDATE journal SET name = 'Create plan' WHERE group_id = 'start-' || plan AND name = 'Begin the plan';
DROP FUNCTION heronstone_upgrade(jsonb);
