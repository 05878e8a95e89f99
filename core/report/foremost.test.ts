/** The list of what needs a look: what matters first, the rest by its kind; what is accepted stays so; mends that hold. */
import { demoPlan } from '@heronstone/testing/demo.ts';
import { mendByMoving, mendChanges } from '../ask/mend.ts';
import { applyChanges, set, setMeta } from '../model/change.ts';
import { keyOf } from '../model/finding.ts';
import { evaluate } from './evaluate.ts';
import { foremost } from './foremost.ts';

const demo = demoPlan();
const report = evaluate(demo);

test('the demo’s list begins with the five problems of the room that its maker planted, each once', () => {
  const { first, folded, known } = foremost(report.findings);
  expect(
    first
      .slice(0, 5)
      .map((f) => f.code)
      .sort(),
  ).toEqual(['door meets it', 'fuse board not clear', 'in the way', 'no room before it', 'socket covered']);
  expect(first.length).toBeLessThanOrEqual(9);
  expect(new Set(first.map(keyOf)).size).toBe(first.length);
  const kinds = folded.map((k) => k.code);
  expect(kinds).toEqual(expect.arrayContaining(['fix to the wall', 'overfull']));
  expect(new Set(kinds).size).toBe(kinds.length);
  expect(known).toEqual([]);
  const told = first.length + folded.reduce((sum, k) => sum + k.findings.length, 0);
  expect(told).toBe(report.findings.length);
});

test('one that is accepted is counted no more, stays accepted when other things change, and comes back when it is asked for', () => {
  const socket = report.findings.find((f) => f.code === 'socket covered')!;
  const knows = applyChanges(demo, [setMeta(demo, { accepted: [keyOf(socket)] })]).plan;
  const after = evaluate(knows);
  expect(after.cautions).toBe(report.cautions - 1);
  expect(foremost(after.findings).known.map((f) => f.message)).toEqual([socket.message]);
  const moved = applyChanges(knows, [set('units', 'books', { x: demo.units.books!.x + 1 })]).plan;
  expect(foremost(evaluate(moved).findings).known).toHaveLength(1);
  expect(evaluate(applyChanges(knows, [setMeta(knows, { accepted: [] })]).plan).cautions).toBe(report.cautions);
});

test('every mend that is offered makes its finding vanish and adds none', () => {
  let offered = 0;
  for (const f of report.findings) {
    const mend = mendByMoving(demo, f);
    if (!mend) continue;
    offered++;
    const after = evaluate(
      applyChanges(
        demo,
        mendChanges(demo, mend, () => 'new-spot'),
      ).plan,
    );
    const keys = new Set(report.findings.map(keyOf));
    const about = after.findings.map(keyOf);
    expect(about).not.toContain(keyOf(f));
    // What is said of things may change with the ways; of the room nothing is new.
    const fresh = after.findings.filter((x) => !keys.has(keyOf(x)) && x.targets[0]?.table !== 'placements');
    expect(fresh.map((x) => `${f.code} -> ${mend.words}: ${x.message}`)).toEqual([]);
  }
  expect(offered).toBeGreaterThanOrEqual(3);
});

test('a pegboard before a socket is moved along its wall, never off it', () => {
  const unit = demo.units.peg!;
  const socket = {
    ...{ id: 'k', kind: 'socket', name: '', outlets: 2, keepClear: null, depth: 10, width: 80, height: 80 },
    ...{ corner: Object.values(demo.fixtures)[0]!.corner, offset: 0, bottom: unit.bottom + 100 },
  };
  const wall = report.room.walls.find((w) => {
    const far = (unit.x - w.from.x) * w.inward.x + (unit.y - w.from.y) * w.inward.y;
    return Math.abs(far - unit.depth / 2) < 60;
  })!;
  const along = (unit.x - wall.from.x) * wall.along.x + (unit.y - wall.from.y) * wall.along.y;
  const plan = applyChanges(demo, [
    set('fixtures', 'k', { ...socket, corner: wall.id, offset: Math.round(along) } as never),
  ]).plan;
  const covered = evaluate(plan).findings.find((f) => f.code === 'socket covered' && f.targets[0]?.id === 'peg');
  expect(covered).toBeDefined();
  const mend = mendByMoving(plan, covered!);
  if (mend) {
    const off = (mend.x - unit.x) * wall.inward.x + (mend.y - unit.y) * wall.inward.y;
    expect(Math.abs(off)).toBeLessThan(1);
  }
});
