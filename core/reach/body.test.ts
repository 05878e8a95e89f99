import fc from 'fast-check';
import { bodyAt, bodyOf, heightBand, levelReach, pace, plausible, shoulders } from './body.ts';
import { rippleOf } from '../fetch/reached.ts';

const seat = { x: 0, y: 0, facing: 0, posture: 'seated' as const, seatHeight: 450 };
const maker = { stature: 1660 };
const body = bodyAt(seat, maker);

test('heights of somebody 1660 mm tall', () => {
  expect(bodyOf(maker, null)).toMatchObject({ shoulder: 1660 * 0.818, overhead: 1660 * 1.204, knuckle: 1660 * 0.432 });
  expect(body.shoulder).toBeCloseTo(450 + 561.08, 6);
  expect(pace(1660)).toBe(830);
  expect(pace(1900)).toBe(864);
});

test('height bands change at knee, knuckle, shoulder and overhead grip', () => {
  const b = bodyOf({ stature: 1000 }, null);
  expect([284, 286, 431, 433, 817, 819, 1203, 1205].map((z) => heightBand(z, b))).toEqual([
    'floor',
    'low',
    'low',
    'easy',
    'easy',
    'high',
    'high',
    'steps',
  ]);
});

describe('ripples', () => {
  const at = (x: number, y: number, z: number, walk = 5000) => rippleOf(seat, body, { x, y, z }, walk);
  test('1 in the forearm zone, 2 within the grip, 3 after a swivel, then by paces', () => {
    expect(at(214, -250, body.elbow)).toBe(1);
    expect(at(214, -500, body.elbow + 100)).toBe(2);
    expect(at(0, -1000, body.shoulder)).toBe(3);
    expect(at(0, 500, body.shoulder)).toBe(3); // behind the seat
    expect(at(0, -3000, body.shoulder, 1660)).toBe(4);
    expect(at(0, -3000, body.shoulder, 1661)).toBe(5);
  });

  test('one millimetre either side of the grip length straight in front of a shoulder', () => {
    const [, right] = shoulders(seat, 0, body.halfBreadth);
    expect(at(right.x, right.y - body.grip + 1, body.shoulder)).toBe(2);
    expect(at(right.x, right.y - body.grip - 1, body.shoulder)).toBe(3);
  });

  test('too low or too high for the arm is not within a swivel', () => {
    expect(levelReach(body, body.shoulder + body.grip + 1)).toBe(-Infinity);
    expect(at(0, -300, body.shoulder + body.grip + 1, 500)).toBe(4);
  });

  test('property: turning the whole room with the seat changes nothing; a mirror image neither', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -2000, max: 2000 }),
        fc.integer({ min: -2000, max: 2000 }),
        fc.integer({ min: 0, max: 2200 }),
        fc.integer({ min: 0, max: 359 }),
        (x, y, z, angle) => {
          const plain = at(x, y, z, Math.hypot(x, y));
          expect(rippleOf(seat, body, { x: -x, y, z }, Math.hypot(x, y))).toBe(plain);
          const r = (angle * Math.PI) / 180;
          const turned = { x: x * Math.cos(r) - y * Math.sin(r), y: x * Math.sin(r) + y * Math.cos(r), z };
          const limit = (d: number) => Math.abs(d) < 1e-6;
          // Points exactly on a limit may fall to either side by rounding.
          const level = Math.hypot(x, y);
          if (limit(level - levelReach(body, z) - 600)) return;
          expect(rippleOf({ ...seat, facing: angle }, body, turned, Math.hypot(x, y))).toBe(plain);
        },
      ),
    );
  });
});

test('no arm is longer than its body: what is measured is believed within a quarter of its share', () => {
  // 0.386 of 1660 mm are 641.
  expect(plausible('grip', 1660, 0.386)).toEqual({ least: 481, most: 801 });
  expect(plausible('grip', 2300, 0.386).most).toBeLessThanOrEqual(1200);
});
