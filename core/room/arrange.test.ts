import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { boxUnit, having, rectangle, unitRow } from '@heronstone/testing/rooms.ts';
import { set } from '../model/change.ts';
import { alignUnits, copyUnit, shiftUnits, spreadUnits, standOn } from './arrange.ts';
import { standing } from './standing.ts';

const plan = having(
  rectangle(6000, 4000),
  unitRow(boxUnit('a', 500, 300, 400, 300)),
  unitRow(boxUnit('b', 1700, 500, 600, 300)),
  unitRow(boxUnit('c', 3000, 900, 400, 600)),
  unitRow(boxUnit('on', 1700, 500, 200, 200, { bottom: 700, height: 100 })),
  unitRow(boxUnit('fast', 4500, 900, 400, 600, { pinned: true })),
);
const at = (p: typeof plan, id: string) => [p.units[id]!.x, p.units[id]!.y];

test('several move as one, with what stands on them; what is locked stays', () => {
  const moved = having(plan, ...shiftUnits(plan, ['a', 'b', 'fast'], 100, -50));
  expect([at(moved, 'a'), at(moved, 'b'), at(moved, 'on'), at(moved, 'fast')]).toEqual([
    [600, 250],
    [1800, 450],
    [1800, 450],
    [4500, 900],
  ]);
});

test('in a mode only the place of that mode moves', () => {
  const cart = having(plan, set('spots', 's', { id: 's', unit: 'a', mode: 'guest', x: 5000, y: 3000, turn: 0 }));
  const moved = having(cart, ...shiftUnits(cart, ['a'], 10, 0, 'guest'));
  expect(at(moved, 'a')).toEqual([500, 300]);
  expect(moved.spots.s).toMatchObject({ x: 5010, y: 3000 });
});

test('in line by each side with the first', () => {
  expect(at(having(plan, ...alignUnits(plan, ['a', 'b', 'c'], 'north')), 'c')).toEqual([3000, 450]);
  expect(at(having(plan, ...alignUnits(plan, ['a', 'b', 'c'], 'south')), 'c')).toEqual([3000, 150]);
  expect(at(having(plan, ...alignUnits(plan, ['a', 'b'], 'west')), 'b')).toEqual([600, 500]);
  expect(at(having(plan, ...alignUnits(plan, ['a', 'b'], 'east')), 'b')).toEqual([400, 500]);
});

test('property: equal gaps keep the outermost, and all gaps are the same', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 100, max: 5900 }), fc.integer({ min: 50, max: 300 })), {
        minLength: 3,
        maxLength: 7,
      }),
      (rows) => {
        const p = having(rectangle(6000, 4000), ...rows.map(([x, w], i) => unitRow(boxUnit(`u${i}`, x, 1000, w, 300))));
        const ids = Object.keys(p.units);
        const spread = having(p, ...spreadUnits(p, ids, 'x'));
        // In the order in which they stood: things wider than the room for them lie over each other, and may pass.
        const row = [...ids].sort((a, b) => p.units[a]!.x - p.units[b]!.x);
        const spans = (q: typeof p) =>
          row.map((id) => q.units[id]!).map((u) => [u.x - u.width / 2, u.x + u.width / 2] as const);
        const [before, after] = [spans(p), spans(spread)];
        expect(after[0]![0]).toBeCloseTo(before[0]![0], 6);
        expect(after.at(-1)![1]).toBeCloseTo(before.at(-1)![1], 6);
        const gaps = after.slice(1).map((s, i) => s[0] - after[i]![1]);
        // Positions are kept to a tenth of a millimetre.
        for (const gap of gaps) expect(Math.abs(gap - gaps[0]!)).toBeLessThanOrEqual(0.21);
      },
    ),
    { numRuns: runs(80) },
  );
});

test('on top of another: its height and its middle', () => {
  const p = having(plan, ...standOn(plan, 'a', 'c'));
  expect(p.units.a).toMatchObject({ x: 3000, y: 900, bottom: 700 });
});

test('a copy has its inserts, in its own openings', () => {
  const cubes = having(
    plan,
    unitRow(boxUnit('cubes', 5000, 3000, 714, 380, { kind: 'cube shelf', columns: 2, tiers: [330, 330], height: 714 })),
    unitRow(boxUnit('in', 0, 0, 300, 300, { host: 'cubes', hostSlot: 'c1r1', height: 300 })),
  );
  let n = 0;
  const { id, changes } = copyUnit(cubes, 'cubes', { x: 2000, y: 3000, turn: 0 }, () => `n${n++}`);
  const copied = having(cubes, ...changes);
  expect(copied.units.n1).toMatchObject({ host: id, hostSlot: 'c1r1' });
  expect(standing(copied).units.n1!.x).toBeCloseTo(standing(copied).units.in!.x - 3000, 6);
});
