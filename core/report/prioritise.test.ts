/** The list of what needs a look: what matters first, the rest by its kind; what is accepted stays so. */
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { applyChanges, set, setMeta } from '../model/change.ts';
import { keyOf } from '../model/finding.ts';
import { evaluate } from './evaluate.ts';
import { prioritise } from './prioritise.ts';

const demo = withFewThings(demoPlan(), [], 3);
const report = evaluate(demo);

test('the demo’s list begins with the five problems of the room that its maker planted, each once', () => {
  const { first, grouped, accepted: known } = prioritise(report.findings);
  expect(
    first
      .slice(0, 5)
      .map((f) => f.code)
      .sort(),
  ).toEqual(['door meets it', 'fuse board not clear', 'in the way', 'no room before it', 'socket covered']);
  expect(first.length).toBeLessThanOrEqual(9);
  expect(new Set(first.map(keyOf)).size).toBe(first.length);
  const kinds = grouped.map((k) => k.code);
  expect(kinds).toEqual(expect.arrayContaining(['fix to the wall', 'surface too small']));
  expect(new Set(kinds).size).toBe(kinds.length);
  expect(known).toEqual([]);
  const told = first.length + grouped.reduce((sum, k) => sum + k.findings.length, 0);
  expect(told).toBe(report.findings.length);
});

test('one that is accepted is counted no more, stays accepted when other things change, and comes back when it is asked for', () => {
  const socket = report.findings.find((f) => f.code === 'socket covered')!;
  const knows = applyChanges(demo, [setMeta(demo, { accepted: [keyOf(socket)] })]).plan;
  const after = evaluate(knows);
  expect(after.cautions).toBe(report.cautions - 1);
  expect(prioritise(after.findings).accepted.map((f) => f.message)).toEqual([socket.message]);
  const moved = applyChanges(knows, [set('units', 'books', { x: demo.units.books!.x + 1 })]).plan;
  expect(prioritise(evaluate(moved).findings).accepted).toHaveLength(1);
  expect(evaluate(applyChanges(knows, [setMeta(knows, { accepted: [] })]).plan).cautions).toBe(report.cautions);
});
