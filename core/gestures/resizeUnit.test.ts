import fc from 'fast-check';
import { runs } from '@heronstone/testing/runs.ts';
import { boxUnit, having, rectangle, unitRow } from '@heronstone/testing/rooms.ts';
import { footprint } from '../furniture/footprint.ts';
import { outOfRoom } from '../geometry/geometry.ts';
import { outlineOf } from '../room/walls.ts';
import { dragArea, middleOfArea } from './dragArea.ts';
import { resized } from './resizeUnit.ts';
import { seatBefore } from './newUnit.ts';

const room = rectangle(4000, 3000);
/** A shelf with its back to the west wall: its back faces west, so it is turned to open to the east. */
const shelf = boxUnit('u', 190, 1500, 714, 380, { turn: 270 });

test('a shelf by the west wall that is made wider keeps its back to the wall and stays in the room', () => {
  const wide = { ...shelf, width: 1759, ...resized(room, shelf, { width: 1759 }) };
  expect(wide.x).toBeCloseTo(190, 6);
  expect(outOfRoom(footprint(wide), outlineOf(room))).toBeLessThanOrEqual(0.5);
});

test('a deeper one grows into the room; what is in another piece stays where it is', () => {
  const deep = { ...shelf, depth: 600, ...resized(room, shelf, { depth: 600 }) };
  expect(deep.x).toBeCloseTo(300, 6);
  expect(resized(room, { ...shelf, host: 'h' }, { width: 900 })).toEqual({});
});

test('property: along any wall the back stays, and what has room does not go through a wall', () => {
  const walls = [
    { turn: 0, at: (s: number, d: number) => [s, d / 2] as const, long: 4000 },
    { turn: 90, at: (s: number, d: number) => [4000 - d / 2, s] as const, long: 3000 },
    { turn: 180, at: (s: number, d: number) => [4000 - s, 3000 - d / 2] as const, long: 4000 },
    { turn: 270, at: (s: number, d: number) => [d / 2, 3000 - s] as const, long: 3000 },
  ];
  fc.assert(
    fc.property(
      fc.constantFrom(...walls),
      fc.integer({ min: 300, max: 2700 }),
      fc.integer({ min: 200, max: 2000 }),
      (wall, along, width) => {
        const [x, y] = wall.at(along, 400);
        const unit = boxUnit('u', x, y, 500, 400, { turn: wall.turn });
        const wider = { ...unit, width, ...resized(room, unit, { width }) };
        const back = (u: typeof unit) => footprint(u)[0]!;
        const across = wall.turn % 180 === 0 ? 'y' : 'x';
        expect(back(wider)[across]).toBeCloseTo(back(unit)[across], 0);
      },
    ),
    { numRuns: runs(40) },
  );
});

test('a second seat at a table has a spot of its own; a table elsewhere gets none', () => {
  const table = boxUnit('t', 2000, 350, 1600, 700, { kind: 'table' });
  let n = 0;
  const newId = () => `s${n++}`;
  let plan = having(room, unitRow(table));
  const spots: string[] = [];
  for (let i = 0; i < 4; i++) {
    const changes = seatBefore(plan, table, newId);
    plan = having(plan, ...changes);
    spots.push(changes.length === 0 ? 'none' : 'one');
  }
  const seats = Object.values(plan.stations);
  expect(spots).toEqual(['one', 'one', 'one', 'none']);
  for (const a of seats)
    for (const b of seats) if (a !== b) expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThanOrEqual(499);
  expect(seatBefore(plan, { ...table, elsewhere: 'hall' }, newId)).toEqual([]);
});

test('an area is set down where the hand is, in whole millimetres or sixteenths; one that goes with a piece turns with it', () => {
  const area = { id: 'a', name: 'Bed', width: 900, depth: 1900, height: 900, x: 0, y: 800 };
  const turned = having(room, unitRow(shelf), { table: 'areas', id: 'a', set: { ...area, unit: 'u' } });
  const there = middleOfArea(turned, 'a');
  const [change] = dragArea(turned, 'a', there) as unknown as [{ set: { x: number; y: number } }];
  expect(change.set.x).toBeCloseTo(0, 6);
  expect(change.set.y).toBeCloseTo(800, 6);
  const inches = having(
    { ...room, meta: { ...room.meta, units: 'imperial' } },
    {
      table: 'areas',
      id: 'a',
      set: { ...area, unit: null },
    },
  );
  const [moved] = dragArea(inches, 'a', { x: 1001.23, y: 777.7 }) as unknown as [{ set: { x: number; y: number } }];
  for (const mm of [moved.set.x, moved.set.y]) expect((mm / 1.5875) % 1).toBeCloseTo(0, 3);
});
