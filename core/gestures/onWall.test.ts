import fc from 'fast-check';
import { having, rectangle } from '@heronstone/testing/rooms.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { set } from '../model/change.ts';
import { wallsOf } from '../room/walls.ts';
import { alongWall, slideOnWall, stepOnWall } from './onWall.ts';

const room = rectangle(4000, 3000);
const [first, second] = wallsOf(room);
const window = set('openings', 'w', {
  id: 'w',
  kind: 'window',
  corner: first!.id,
  offset: 1000,
  width: 900,
  height: 1200,
  sill: 900,
  hinge: 'left',
  swing: 'none',
});
const plan = having(room, window);
/** A point of the floor by its place along a wall and its distance from it. */
const by = (wall: typeof first, along: number, out: number) => ({
  x: wall!.from.x + wall!.along.x * along + wall!.inward.x * out,
  y: wall!.from.y + wall!.along.y * along + wall!.inward.y * out,
});

test('the point of a window that the hand took stays under the hand', () => {
  const grip = alongWall(plan, first!.id, by(first, 1300, 0)) - 1000;
  expect(grip).toBeCloseTo(300);
  const moved = having(plan, ...slideOnWall(plan, 'openings', 'w', by(first, 2000, 120), grip));
  expect(moved.openings.w).toMatchObject({ corner: first!.id, offset: 1700 });
});

test('it goes over to another wall when the hand is clearly at that one', () => {
  const moved = having(plan, ...slideOnWall(plan, 'openings', 'w', by(second, 1500, 0), 450));
  expect(moved.openings.w).toMatchObject({ corner: second!.id, offset: 1050 });
});

test('wherever the hand goes, it stays on a wall in full, in whole mm; what does not move is no change', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -2000, max: 6000 }),
      fc.integer({ min: -2000, max: 5000 }),
      fc.integer({ min: 0, max: 900 }),
      (x, y, grip) => {
        const { corner, offset, width } = having(plan, ...slideOnWall(plan, 'openings', 'w', { x, y }, grip)).openings
          .w!;
        const wall = wallsOf(plan).find((w) => w.id === corner)!;
        expect(Number.isInteger(offset)).toBe(true);
        expect(offset).toBeGreaterThanOrEqual(0);
        expect(offset + width).toBeLessThanOrEqual(wall.length);
      },
    ),
    { numRuns: runs(100) },
  );
  expect(slideOnWall(plan, 'openings', 'w', by(first, 1300, 0), 300)).toEqual([]);
  expect(slideOnWall(plan, 'openings', 'unknown', { x: 0, y: 0 }, 0)).toEqual([]);
});

test('a key moves it by a step, and it stops at the end of its wall', () => {
  expect(stepOnWall(plan, 'openings', 'w', 10)).toEqual([set('openings', 'w', { offset: 1010 })]);
  expect(stepOnWall(plan, 'openings', 'w', 100_000)).toEqual([set('openings', 'w', { offset: first!.length - 900 })]);
  expect(stepOnWall(having(plan, set('openings', 'w', { offset: 0 })), 'openings', 'w', -10)).toEqual([]);
});
