import fc from 'fast-check';
import { signedArea } from './geometry.ts';
import { selfCrossing, traverse, type Leg } from './traverse.ts';

const right = (...lengths: number[]): Leg[] => lengths.map((length) => ({ length, turn: 90 }));

test('a rectangle closes; one wall 25 mm too long does not, and is the culprit with its opposite', () => {
  expect(traverse(right(4000, 3000, 4000, 3000))).toMatchObject({
    error: 0,
    oneIn: Infinity,
    turnError: 0,
    culprits: [],
  });
  const off = traverse(right(4025, 3000, 4000, 3000));
  expect(off.error).toBeCloseTo(25, 9);
  expect(off.oneIn).toBeCloseTo(14025 / 25, 9);
  expect(off.culprits.map((c) => [c.leg, Math.round(c.length)])).toEqual([
    [0, 4000],
    [2, 4025],
  ]);
});

test('a diagonal tells which of the two it is', () => {
  const walls = right(4025, 3000, 4000, 3000);
  // From the start of the first wall to the start of the third: measured right, it disagrees with the first two walls.
  expect(traverse(walls, [{ from: 0, to: 2, length: 5000 }]).culprits.map((c) => c.leg)).toEqual([0]);
  // Had it agreed with them, the error would be in the other two.
  expect(traverse(walls, [{ from: 0, to: 2, length: Math.hypot(4025, 3000) }]).culprits.map((c) => c.leg)).toEqual([2]);
});

test('areas of an L, a U and a bay by hand', () => {
  const L: Leg[] = [
    { length: 4000, turn: 90 },
    { length: 2000, turn: 90 },
    { length: 2000, turn: -90 },
    { length: 1000, turn: 90 },
    { length: 2000, turn: 90 },
    { length: 3000, turn: 90 },
  ];
  expect(traverse(L).error).toBeCloseTo(0, 9);
  expect(signedArea(traverse(L).points) / 1e6).toBeCloseTo(4 * 2 + 2 * 1, 9);
  const U: Leg[] = [
    { length: 1200, turn: 90 },
    { length: 3000, turn: -90 },
    { length: 400, turn: -90 },
    { length: 3000, turn: 90 },
    { length: 1200, turn: 90 },
    { length: 4000, turn: 90 },
    { length: 2800, turn: 90 },
    { length: 4000, turn: 90 },
  ];
  expect(traverse(U).error).toBeCloseTo(0, 9);
  expect(signedArea(traverse(U).points) / 1e6).toBeCloseTo(2.8 * 4 - 0.4 * 3, 9);
  // A bay of three sides at 45 degrees on a 4 x 3 m room: a trapezium 2 m and 1 m wide, 0.5 m deep.
  const side = Math.hypot(500, 500);
  const bay: Leg[] = [
    { length: 1000, turn: -45 },
    { length: side, turn: 45 },
    { length: 1000, turn: 45 },
    { length: side, turn: -45 },
    { length: 1000, turn: 90 },
    { length: 3000, turn: 90 },
    { length: 4000, turn: 90 },
    { length: 3000, turn: 90 },
  ];
  expect(traverse(bay).error).toBeCloseTo(0, 6);
  expect(signedArea(traverse(bay).points) / 1e6).toBeCloseTo(12 + ((2 + 1) / 2) * 0.5, 9);
});

test('compass rule against a worked traverse of five sides', () => {
  // Source: Ghilani & Wolf, Elementary Surveying, the traverse ABCDE of the chapter on traverse computations (values from memory):
  // lengths in feet and azimuths from north; departures sum to 0.026, latitudes to 0.077, misclosure 0.08 in 2466.
  const sides = [
    [647.25, 126 + 55 / 60 + 17 / 3600],
    [203.03, 178 + 18 / 60 + 58 / 3600],
    [720.35, 15 + 31 / 60 + 54 / 3600],
    [610.24, 284 + 35 / 60 + 20 / 3600],
    [285.13, 206 + 9 / 60 + 41 / 3600],
  ] as const;
  // Our first wall runs east: azimuths become turns from one side to the next.
  const legs = sides.map(([length, azimuth], i) => ({
    length,
    turn: ((sides[(i + 1) % 5]![1] - azimuth + 540) % 360) - 180,
  }));
  const found = traverse(legs);
  expect(found.error).toBeCloseTo(Math.hypot(0.026, 0.077), 2);
  expect(found.oneIn).toBeGreaterThan(28_000);
  expect(found.oneIn).toBeLessThan(33_000);
  // The adjusted traverse closes, and its area is the 272,600 square feet of the book.
  expect(Math.abs(signedArea(found.adjusted))).toBeGreaterThan(272_500);
  expect(Math.abs(signedArea(found.adjusted))).toBeLessThan(272_700);
});

test('a crossing outline is found with its two walls and the point', () => {
  expect(
    selfCrossing([
      { x: 0, y: 0 },
      { x: 4, y: 0 },
      { x: 0, y: 4 },
      { x: 4, y: 4 },
    ]),
  ).toEqual({ a: 1, b: 3, at: { x: 2, y: 2 } });
  expect(
    selfCrossing([
      { x: 0, y: 0 },
      { x: 4, y: 0 },
      { x: 4, y: 4 },
      { x: 0, y: 4 },
    ]),
  ).toBeNull();
});

test('property: the adjusted outline closes: its last wall leads back to the start, and no corner moves more than the error', () => {
  const leg = fc.record({ length: fc.integer({ min: 100, max: 6000 }), turn: fc.constantFrom(90, -90, 45, -45, 30) });
  fc.assert(
    fc.property(fc.array(leg, { minLength: 3, maxLength: 12 }), (legs) => {
      const { points, adjusted, end, error } = traverse(legs);
      const perimeter = legs.reduce((sum, l) => sum + l.length, 0);
      legs.forEach((_, i) =>
        expect(Math.hypot(points[i]!.x - adjusted[i]!.x, points[i]!.y - adjusted[i]!.y)).toBeLessThanOrEqual(
          error + 1e-9,
        ),
      );
      // Each wall changes by its share of the error, the last as well.
      legs.forEach((l, i) => {
        const [p, q] = [adjusted[i]!, adjusted[(i + 1) % legs.length]!];
        const raw = i + 1 < legs.length ? points[i + 1]! : end;
        const moved = { x: q.x - p.x - (raw.x - points[i]!.x), y: q.y - p.y - (raw.y - points[i]!.y) };
        expect(moved.x).toBeCloseTo((-end.x * l.length) / perimeter, 6);
        expect(moved.y).toBeCloseTo((-end.y * l.length) / perimeter, 6);
      });
    }),
  );
});
