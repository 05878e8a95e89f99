import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { evaluate } from '../report/evaluate.ts';

/** A room of 12 x 10 ft with a table at the north wall, a cube shelf beside it and a bookcase opposite; the seat is off the table's edge. */
const room = (off: number) =>
  having(
    rectangle(3657.6, 3048),
    unitRow(boxUnit('t', 1200, 300, 1200, 600, { kind: 'table', height: 740 })),
    unitRow(boxUnit('b', 2181, 195, 762, 390, { kind: 'cube shelf' })),
    unitRow(boxUnit('o', 1800, 2898, 800, 300, { turn: 180 })),
    ...seatRows('s', 1200, 600 + off, { unit: 't' }),
  );

test.each([250, 100, 0, -100, -250])(
  'with the seat %d mm before the edge of its table every piece can be walked to',
  (off) => {
    const { findings } = evaluate(room(off));
    expect(findings.filter((f) => f.code === 'cannot be walked to')).toEqual([]);
  },
);

test('a way that begins behind the chair has the chair’s way back in it', () => {
  const far = (off: number) => evaluate(room(off)).compartments.find((c) => c.unit === 'o')!.reach.s!;
  const pushedIn = far(-100);
  expect(pushedIn.path![0]).toEqual({ x: 1200, y: 500 });
  expect(pushedIn.walk).toBeGreaterThan(far(100).walk);
});

test('who is hemmed in on all sides is still told so', () => {
  const hemmed = having(
    room(-100),
    unitRow(boxUnit('left', 700, 1000, 300, 800)),
    unitRow(boxUnit('right', 1700, 1000, 300, 800)),
    unitRow(boxUnit('behind', 1200, 1250, 700, 300)),
  );
  expect(evaluate(hemmed).findings.some((f) => f.code === 'cannot be walked to' && f.targets[0]!.id === 'o')).toBe(
    true,
  );
});
