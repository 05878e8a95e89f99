import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { boxUnit, having, rectangle, unitRow } from '@heronstone/testing/rooms.ts';
import { footprint } from '../furniture/footprint.ts';
import { freeBefore } from './free.ts';
import { alignCorner, snapUnit } from './snap.ts';
import { freeSpot, spotOnTable, stands } from './spot.ts';

const room = rectangle(5000, 4000);
const box = (x: number, y: number, more: object = {}) => boxUnit('u', x, y, 600, 400, more);

test('flush with the wall behind it, turned to it, and into a corner', () => {
  expect(snapUnit(box(2003, 230), room, 50)).toEqual({ x: 2003, y: 200, turn: 0 });
  expect(snapUnit(box(4790, 1800), room, 50)).toMatchObject({ x: 4800, turn: 90 });
  expect(snapUnit(box(320, 215), room, 50)).toMatchObject({ x: 300, y: 200 });
  expect(snapUnit(box(2500, 2000), room, 5)).toMatchObject({ x: 2500, y: 2000 });
});

test('a cart is not turned by a wall', () => {
  expect(snapUnit(box(4790, 1800, { kind: 'cart', turn: 0 }), room, 50).turn).toBe(0);
});

test('beside a neighbour, edge to edge', () => {
  const plan = having(room, unitRow(boxUnit('n', 1000, 200, 800, 400)));
  // The neighbour ends at 1400; the middle of 600 mm is then at 1700.
  expect(snapUnit(box(1712, 205), plan, 30)).toMatchObject({ x: 1700, y: 200 });
});

test('in the middle between a neighbour and a wall', () => {
  const plan = having(room, unitRow(boxUnit('n', 400, 200, 800, 400)));
  // From 800 to 5000 the middle is 2900.
  expect(snapUnit(box(2915, 200), plan, 30).x).toBe(2900);
});

test('going on with the gap between two others, to either side', () => {
  const plan = having(room, unitRow(boxUnit('a', 1500, 2000, 400, 400)), unitRow(boxUnit('b', 2200, 2000, 400, 400)));
  // The gap is 300: the next one begins at 2700, or ends at 1000.
  expect(snapUnit(box(3010, 2000), plan, 30).x).toBe(3000);
  expect(snapUnit(box(690, 2000), plan, 30).x).toBe(700);
});

test('property: where it comes to rest is never farther than the pull in either direction', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 400, max: 4600 }),
      fc.integer({ min: 400, max: 3600 }),
      fc.integer({ min: 5, max: 120 }),
      (x, y, pull) => {
        const plan = having(
          room,
          unitRow(boxUnit('n', 1000, 200, 800, 400)),
          unitRow(boxUnit('m', 3000, 2000, 500, 500)),
        );
        const rest = snapUnit(box(x, y, { kind: 'cart' }), plan, pull);
        expect(Math.abs(rest.x - x)).toBeLessThanOrEqual(pull + 0.05);
        expect(Math.abs(rest.y - y)).toBeLessThanOrEqual(pull + 0.05);
      },
    ),
    { numRuns: runs(150) },
  );
});

test('a corner of the room comes in line with others', () => {
  expect(alignCorner(room, 'c2', { x: 4992, y: 3500 }, 20)).toEqual({ x: 5000, y: 3500 });
  expect(alignCorner(room, 'c2', { x: 4970, y: 3500.4 }, 20)).toEqual({ x: 4970, y: 3500 });
});

describe('a place for what is new', () => {
  test('has room for a person before it where there is any, rather than the first gap behind a table', () => {
    // A bench along the west wall leaves 500 mm before the north wall in the corner.
    const plan = having(room, unitRow(boxUnit('bench', 400, 1900, 2800, 800, { turn: 270, kind: 'table', tiers: [] })));
    const shelf = boxUnit('s', 0, 0, 700, 400);
    const spot = freeSpot(shelf, plan);
    expect(freeBefore({ ...shelf, ...spot }, plan, { bottom: 0, top: 700 }, 600)).toBe(600);
    // In a corridor there is none; it still gets a place.
    const corridor = rectangle(900, 4000);
    expect(stands({ ...shelf, ...freeSpot(shelf, corridor) }, corridor)).toBe(true);
  });

  test('a corner cabinet goes with its back corner into a corner of the room, clear of what stands there', () => {
    const cabinet = boxUnit('c', 0, 0, 1273, 884, { kind: 'corner cabinet', tiers: [390, 400], height: 860 });
    const spot = freeSpot(cabinet, room);
    const feet = footprint({ ...cabinet, ...spot });
    expect(Math.min(...feet.map((p) => p.x))).toBeCloseTo(0, 0);
    expect(Math.min(...feet.map((p) => p.y))).toBeCloseTo(0, 0);
    const taken = having(room, unitRow({ ...cabinet, ...spot }));
    const next = freeSpot({ ...cabinet, id: 'd' }, taken);
    expect(stands({ ...cabinet, id: 'd', ...next }, taken)).toBe(true);
    expect(next).not.toEqual(spot);
  });
  test('what stands on tables goes on a table, beside what is there; without one there is no place', () => {
    const caddy = boxUnit('k', 0, 0, 330, 180, { kind: 'caddy', bottom: 740, height: 200, columns: 3, tiers: [] });
    expect(spotOnTable(caddy, room)).toBeNull();
    const table = boxUnit('t', 2000, 350, 1400, 700, { kind: 'table', height: 720, tiers: [] });
    const plan = having(room, unitRow(table));
    const first = spotOnTable(caddy, plan)!;
    expect(first.bottom).toBe(720);
    const second = spotOnTable({ ...caddy, id: 'l' }, having(plan, unitRow({ ...caddy, ...first })))!;
    expect(Math.abs(second.x - first.x)).toBeGreaterThanOrEqual(330);
  });
});
