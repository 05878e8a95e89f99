import fc from 'fast-check';
import {
  angleBetween,
  bearing,
  distanceToSegment,
  inside,
  overlapDepth,
  signedArea,
  standsOut,
  turned,
  type Point,
} from './geometry.ts';

const square = (x: number, y: number, side: number): Point[] => [
  { x, y },
  { x: x + side, y },
  { x: x + side, y: y + side },
  { x, y: y + side },
];

test('area is positive clockwise (as drawn) and negative the other way', () => {
  expect(signedArea(square(0, 0, 2000))).toBe(4e6);
  expect(signedArea(square(0, 0, 2000).reverse())).toBe(-4e6);
});

test('quarter turns are exact and clockwise on the drawing', () => {
  expect(turned({ x: 1, y: 0 }, 90)).toEqual({ x: 0, y: 1 });
  expect(turned({ x: 3, y: 4 }, 180)).toEqual({ x: -3, y: -4 });
  expect(turned({ x: 1, y: 0 }, -90)).toEqual({ x: 0, y: -1 });
});

test('bearings run clockwise from north', () => {
  const o = { x: 0, y: 0 };
  expect([
    bearing(o, { x: 0, y: -1 }),
    bearing(o, { x: 1, y: 0 }),
    bearing(o, { x: 0, y: 1 }),
    bearing(o, { x: -1, y: 0 }),
  ]).toEqual([0, 90, 180, 270]);
  expect(angleBetween(350, 10)).toBe(20);
});

test('inside, with and without slack', () => {
  const room = square(0, 0, 1000);
  expect(inside({ x: 500, y: 500 }, room)).toBe(true);
  expect(inside({ x: 1001, y: 500 }, room)).toBe(false);
  expect(inside({ x: 1001, y: 500 }, room, 2)).toBe(true);
  expect(
    standsOut(
      [
        { x: 1200, y: 500 },
        { x: 500, y: 500 },
      ],
      room,
    ),
  ).toBe(200);
  expect(distanceToSegment({ x: 0, y: 5 }, { x: -3, y: 1 }, { x: 3, y: 1 })).toBe(4);
});

describe('overlap of two convex shapes', () => {
  test('touching is no overlap; one millimetre is', () => {
    expect(overlapDepth(square(0, 0, 100), square(100, 0, 100))).toBe(0);
    expect(overlapDepth(square(0, 0, 100), square(99, 0, 100))).toBe(1);
  });

  test('property: symmetric, the same after turning both, and sliding by the depth along an axis parts axis-aligned squares', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -150, max: 150 }),
        fc.integer({ min: -150, max: 150 }),
        fc.integer({ min: 0, max: 359 }),
        (x, y, angle) => {
          const [a, b] = [square(0, 0, 100), square(x, y, 100)];
          const depth = overlapDepth(a, b);
          expect(overlapDepth(b, a)).toBeCloseTo(depth, 6);
          expect(
            overlapDepth(
              a.map((p) => turned(p, angle)),
              b.map((p) => turned(p, angle)),
            ),
          ).toBeCloseTo(depth, 6);
          expect(depth).toBe(Math.max(0, Math.min(100 - Math.abs(x), 100 - Math.abs(y))));
        },
      ),
    );
  });
});
