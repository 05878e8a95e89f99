/** Furniture on the sides and doors of others, and on a door of the room. */
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { addedUnit } from '@heronstone/testing/addedUnit.ts';
import { compartmentsOf } from '../furniture/compartments.ts';
import { applyChanges, set } from '../model/change.ts';
import { emptyPlan, type Plan, type Unit } from '../model/plan.ts';
import { evaluate } from '../report/evaluate.ts';
import { settledUnits } from '../room/standing.ts';
import { asOneChanges, hangOnDoor, leavesFor, mountsFor, putOn, takeDown } from './hang.ts';

const demo = withFewThings(demoPlan(), ['ink-pads'], 3);
const sheet = { kind: 'pegboard' as const, hangs: 'magnet' as const, width: 200, depth: 10, height: 300, board: 0 };
const having = (more: Partial<Unit> = {}) => addedUnit(demo, 'sheet', { ...sheet, ...more });
const said = (plan: Plan) => evaluate(plan).findings.filter((f) => f.targets.some((t) => t.id === 'sheet'));

test('what hangs on a side stands against it, turned outward, and moves along', () => {
  const plan = having();
  const host = plan.units.books!;
  const hung = applyChanges(plan, putOn(host, plan.units.sheet!, 'left')).plan;
  const at = settledUnits(hung).sheet!;
  expect(at.turn - host.turn).toBe(90);
  expect(Math.hypot(at.x - host.x, at.y - host.y)).toBeCloseTo(host.width / 2 + 5, 6);
  expect(at.bottom).toBeGreaterThanOrEqual(host.bottom);
  expect(at.bottom + at.height).toBeLessThanOrEqual(host.bottom + host.height);
  const moved = applyChanges(hung, [set('units', host.id, { x: host.x + 100 })]).plan;
  expect(settledUnits(moved).sheet!.x - at.x).toBeCloseTo(100, 6);
  // Taken down it stands where it hung, and is nobody's.
  const free = applyChanges(hung, takeDown(at)).plan.units.sheet!;
  expect([free.host, free.x, free.y]).toEqual([null, at.x, at.y]);
});

test('inside a door there is room only as deep as behind it, and the shelves stand back', () => {
  const plan = applyChanges(having(), [set('units', 'books', { doors: 'pair', doorGap: 40 })]).plan;
  const shallow = compartmentsOf(plan.units.books!)[0]!.inside.depth;
  expect(compartmentsOf({ ...plan.units.books!, doorGap: 0 })[0]!.inside.depth - shallow).toBe(40);
  const slots = (unit: Unit) =>
    mountsFor(plan, unit)
      .filter((m) => m.host.id === 'books')
      .map((m) => m.slot);
  expect(slots(plan.units.sheet!)).toEqual(expect.arrayContaining(['doorl', 'doorr']));
  expect(slots({ ...plan.units.sheet!, depth: 60 })).not.toContain('doorl');
  const hung = applyChanges(plan, putOn(plan.units.books!, plan.units.sheet!, 'doorl')).plan;
  expect(said(hung).filter((f) => f.severity === 'error')).toEqual([]);
  // Too deep by hand: an error that names the side.
  const deep = applyChanges(hung, [set('units', 'sheet', { depth: 90 })]).plan;
  expect(said(deep).map((f) => [f.code, f.path])).toContainEqual(['insert too large', 'units.sheet.depth']);
  // The door is opened first.
  const way = evaluate(hung).compartments.find((c) => c.unit === 'sheet')!;
  const open = evaluate(applyChanges(hung, putOn(plan.units.books!, plan.units.sheet!, 'right')).plan);
  const seat = Object.keys(way.reach)[0]!;
  expect(way.reach[seat]!.seconds).not.toBe(open.compartments.find((c) => c.unit === 'sheet')!.reach[seat]!.seconds);
});

test('on the leaf of a door it swings along: the door does not meet it, and nobody walks into it', () => {
  // Alone in the room: in the demo a trunk stands behind the door.
  const { corners, openings, people, stations } = demo;
  const seats = Object.fromEntries(Object.values(stations).map((s) => [s.id, { ...s, unit: null }]));
  const bare = { ...emptyPlan({ id: 'bare' }), corners, openings, people, stations: seats };
  const plan = addedUnit(bare, 'sheet', { ...sheet, depth: 60, bottom: 0 });
  const door = leavesFor(plan, plan.units.sheet!)[0]!;
  expect(door.kind).toBe('door');
  const hung = applyChanges(plan, hangOnDoor(plan, plan.units.sheet!, door)).plan;
  expect(hung.units.sheet).toMatchObject({ onDoor: door.id, host: null });
  expect(said(hung).filter((f) => /meets|blocked|overlap|walked/.test(f.code))).toEqual([]);
  // At the same spot on its own it is in the way of the door.
  const free = applyChanges(hung, [set('units', 'sheet', { onDoor: null })]).plan;
  expect(said(free).length).toBeGreaterThan(0);
});

test('openings of one size become the cells of one place with what lies in them, and places of their own again', () => {
  const rack = {
    kind: 'cube shelf' as const,
    columns: 2,
    tiers: [40, 40],
    width: 212,
    depth: 150,
    height: 90,
    board: 3,
  };
  const plan = applyChanges(addedUnit(demo, 'sheet', rack), [
    ...['c1r1', 'c2r2'].map((slot, i) =>
      set('placements', `p${i}`, {
        id: `p${i}`,
        ...{
          arrangement: 'planned',
          supply: 'ink-pads',
          unit: 'sheet',
          slot,
          count: 2,
          orientation: null,
          pinned: false,
        },
      }),
    ),
  ]).plan;
  const one = applyChanges(plan, asOneChanges(plan, plan.units.sheet!, true)).plan;
  expect(compartmentsOf(one.units.sheet!)).toMatchObject([{ slot: 'all', parts: { across: 2, over: 2 } }]);
  const there = (p: Plan) =>
    Object.values(p.placements)
      .filter((x) => x.unit === 'sheet')
      .map((x) => [x.slot, x.count]);
  expect(there(one)).toEqual([['all', 4]]);
  const again = applyChanges(one, asOneChanges(one, one.units.sheet!, false)).plan;
  expect(there(again)).toEqual([['c1r1', 4]]);
  // Openings that differ stay places of their own.
  const odd = { ...plan.units.sheet!, tiers: [40, 30] };
  expect(asOneChanges(plan, odd, true)).toEqual([]);
});

test('on the front edge of a table and of a wall shelf it hangs flush with the top, and what it holds is fetched from there', () => {
  const hook = { kind: 'rail' as const, hangs: 'hooks' as const, width: 300, depth: 60, height: 100, board: 0 };
  const plan = having(hook);
  const table = Object.values(plan.units).find((u) => u.kind === 'table' && u.width >= 300)!;
  const hung = applyChanges(plan, putOn(table, plan.units.sheet!, 'edge')).plan;
  const at = settledUnits(hung).sheet!;
  expect([at.turn, at.bottom + at.height]).toEqual([table.turn, table.bottom + table.height]);
  expect(Math.hypot(at.x - table.x, at.y - table.y)).toBeCloseTo((table.depth + at.depth) / 2, 6);
  expect(said(hung).filter((f) => f.severity === 'error')).toEqual([]);
  expect(evaluate(hung).compartments.some((c) => c.unit === 'sheet' && c.access === 'peg')).toBe(true);
  // A second one hangs beside it, with equal gaps.
  const two = addedUnit(hung, 'strip', { ...sheet, ...hook, width: 200, host: table.id, hostSlot: 'edge' });
  const [a, b] = [settledUnits(two).sheet!, settledUnits(two).strip!];
  expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThanOrEqual(Math.min(250, (table.width - 500) / 3 + 250) - 1e-6);
  // A bookcase has no such edge, and what is too deep does not go there.
  expect(mountsFor(plan, plan.units.sheet!).some((m) => m.host.id === 'books' && m.slot === 'edge')).toBe(false);
  const deep = applyChanges(hung, [set('units', 'sheet', { depth: 140 })]).plan;
  expect(said(deep).map((f) => [f.code, f.path])).toContainEqual(['insert too large', 'units.sheet.depth']);
});
