import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { applyChanges, set, type Change } from '../model/change.ts';
import { roomFindings } from './roomFindings.ts';

const demo = withFewThings(demoPlan(), ['markers'], 3);
const after = (...changes: Change[]) => applyChanges(demo, changes).plan;

test('a change of supplies leaves the findings of the room as they are, without looking again', () => {
  const first = roomFindings(demo);
  expect(roomFindings(after(set('supplies', 'markers', { count: 3 })))).toBe(first);
  expect(roomFindings(after({ table: 'meta', id: 'demo', set: { note: 'warm in summer' } }))).toBe(first);
});

test('every change that the room depends on is looked at again', () => {
  const codes = (...changes: Change[]) => roomFindings(after(...changes)).map((f) => f.code);
  expect(codes(set('units', 'trunk', { x: 2900, y: 1300 }))).not.toContain('door meets it');
  expect(codes(set('openings', 'door', { swing: 'out' }))).not.toContain('door meets it');
  expect(codes(set('people', 'maker', { wheelchair: true }))).toContain('no clear floor');
  expect(codes({ table: 'meta', id: 'demo', set: { ceiling: 1600 } })).toContain('above ceiling');
  expect(codes({ table: 'meta', id: 'demo', set: { walkway: 1400 } }).length).toBeGreaterThan(codes().length);
  expect(roomFindings(after({ table: 'meta', id: 'demo', set: { units: 'imperial' } }))[0]!.message).toMatch(
    / in\b| ft\b/,
  );
  // And back again: the demo is what it was.
  expect(codes()).toContain('door meets it');
});
