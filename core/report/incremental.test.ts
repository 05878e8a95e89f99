/** Moving one thing works out only what it touches, with exactly the figures of a full evaluation. */
import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { demoPlan } from '@heronstone/testing/demo.ts';
import { randomPlan } from '@heronstone/testing/randomPlan.ts';
import { evaluate, evaluator } from './evaluate.ts';
import { Replica } from './replica.ts';
import { roomFindings } from '../checks/roomFindings.ts';
import { applyChanges, remove, set, type Change } from '../model/change.ts';
import { differenceOf } from '../model/difference.ts';
import type { Plan } from '../model/plan.ts';
import { sceneOf } from '../scene/scene.ts';

const demo = demoPlan();
/** A full evaluation that nothing is kept for: of a plan whose tables are all new. */
const afresh = (plan: Plan) => evaluate(structuredClone(plan));

/** One move of a random placement to a random compartment, or out of the room. */
function moved(plan: Plan, which: number, where: number, count: number): Plan {
  const list = Object.keys(plan.placements).sort();
  if (list.length === 0) return plan;
  const id = list[which % list.length]!;
  const places = sceneOf(plan).compartments.filter((c) => c.only === null);
  const to = places[where % (places.length + 1)];
  const change: Change = to
    ? set('placements', id, {
        unit: to.unit,
        slot: to.slot,
        container: null,
        count: Math.max(1, Math.min(plan.placements[id]!.count, count)),
      })
    : remove('placements', id);
  return applyChanges(plan, [change]).plan;
}

const moves = fc.array(fc.tuple(fc.nat(5000), fc.nat(5000), fc.integer({ min: 1, max: 40 })), {
  minLength: 1,
  maxLength: 6,
});

test('property: after any moves in the demo the report is that of a full evaluation', () => {
  fc.assert(
    fc.property(moves, (list) => {
      const next = evaluator();
      let plan = demo;
      next(plan);
      for (const [which, where, count] of list) {
        plan = moved(plan, which, where, count);
        next(plan);
      }
      expect(next(plan)).toEqual(afresh(plan));
    }),
    { numRuns: runs(2, 120) },
  );
});

test('property: and in random rooms', () => {
  fc.assert(
    fc.property(randomPlan(), moves, (start, list) => {
      const next = evaluator();
      let plan = start;
      next(plan);
      for (const [which, where, count] of list) {
        plan = moved(plan, which, where, count);
        expect(next(plan)).toEqual(afresh(plan));
      }
    }),
    { numRuns: runs(4, 300) },
  );
});

test('other changes are seen, too: furniture moved, a constant changed, a supply used more often', () => {
  const next = evaluator();
  next(demo);
  const changes: Change[][] = [
    [set('units', 'cubes', { x: 3200 })],
    [{ table: 'meta', id: 'demo', set: { constants: { walk: 20 } } }],
    [set('uses', 'gouges-c', { fetches: 12 })],
    [set('people', 'maker', { stature: 1800 })],
    [set('wishes', 'w', { id: 'w', person: 'apprentice', supply: 'markers', wish: 'must not reach' })],
  ];
  let plan = demo;
  for (const change of changes) {
    plan = applyChanges(plan, change).plan;
    expect(next(plan)).toEqual(afresh(plan));
  }
});

test('what a move does not touch is not made again', () => {
  const next = evaluator();
  const before = next(demo);
  const id = Object.keys(demo.placements).find((p) => demo.placements[p]!.arrangement === 'planned')!;
  const after = next(applyChanges(demo, [set('placements', id, { pinned: true })]).plan);
  const same = Object.keys(after.placements).filter((p) => after.placements[p] === before.placements[p]);
  expect(same.length).toBeGreaterThan(Object.keys(after.placements).length * 0.9);
  expect(after.placements[id]).not.toBe(before.placements[id]);
});

test('a quick check at furniture being moved says what a full evaluation says about the room, and leaves the replica where it was', () => {
  const replica = new Replica();
  replica.open(demo);
  const before = replica.now();
  const onTable = applyChanges(demo, [set('units', 'cart', { x: demo.units.books!.x, y: demo.units.books!.y })]).plan;
  const seen = replica.quickCheck(differenceOf(demo, onTable));
  const whole = afresh(onTable);
  const room = roomFindings(onTable);
  expect(room.length).toBeGreaterThan(roomFindings(demo).length);
  expect(seen.findings.slice(0, room.length)).toEqual(whole.findings.slice(0, room.length));
  expect(seen.errors).toBe(seen.findings.filter((f) => f.severity === 'error').length);
  expect(replica.now()).toBe(before);
  replica.apply(differenceOf(demo, onTable));
  expect(replica.now().report).toEqual(whole);
});
