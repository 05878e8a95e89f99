import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { bestOfPackage, randomDrawer } from '@heronstone/testing/packers.ts';
import { FreeSpace, type Rect } from './freeSpace.ts';
import type { Box, Packed } from './box.ts';
import { packRectangles } from './rectangles.ts';
import { packTight } from './tight.ts';

/** Nothing overlaps, nothing sticks out, every box has its own size, none is there twice. */
function inspect(boxes: readonly Box[], placed: readonly Packed[], width: number, depth: number): void {
  expect(new Set(placed.map((p) => p.id)).size).toBe(placed.length);
  placed.forEach((p, i) => {
    const box = boxes.find((b) => b.id === p.id)!;
    expect([p.w, p.d]).toEqual(p.turned ? [box.d, box.w] : [box.w, box.d]);
    if (box.turns === false) expect(p.turned).toBe(false);
    expect(p.x).toBeGreaterThanOrEqual(-1e-6);
    expect(p.y).toBeGreaterThanOrEqual(-1e-6);
    expect(p.x + p.w).toBeLessThanOrEqual(width + 1e-6);
    expect(p.y + p.d).toBeLessThanOrEqual(depth + 1e-6);
    expect(placed.slice(0, i).some((q) => meets(p, q))).toBe(false);
  });
}
const meets = (a: Rect, b: Rect) =>
  a.x < b.x + b.w - 1e-6 && b.x < a.x + a.w - 1e-6 && a.y < b.y + b.d - 1e-6 && b.y < a.y + a.d - 1e-6;

// Moroń's squared rectangle (1925), the smallest perfect one of order nine: 33 x 32 out of nine different squares.
const MORON = [18, 15, 14, 10, 9, 8, 7, 4, 1].map((s, i) => ({ id: `s${i}`, w: s, d: s }));

test('Moroń’s squared rectangle fits exactly, and in nothing smaller', () => {
  const { placed, left } = packRectangles(MORON, 33, 32);
  expect(left).toEqual([]);
  inspect(MORON, placed, 33, 32);
  expect(packRectangles(MORON, 33, 31.9).left.length).toBeGreaterThan(0);
  expect(packTight(MORON, 33, 31.9, 1000)).toBeNull();
});

test('bins across an opening of 330 mm: two of 165, three of 110, four of 82 (common practice, no source)', () => {
  for (const [width, across] of [
    [165, 2],
    [110, 3],
    [82, 4],
  ] as const) {
    const boxes = Array.from({ length: 6 }, (_, i) => ({ id: `b${i}`, w: width, d: 370, turns: false }));
    expect(packRectangles(boxes, 330, 380).placed).toHaveLength(across);
  }
});

test('on seeded drawers at least as many as the best heuristic of the package on each, and more on some', () => {
  let more = 0;
  for (let seed = 1; seed <= runs(30, 250); seed++) {
    const drawer = randomDrawer(seed);
    const { placed } = packRectangles(drawer.boxes, drawer.width, drawer.depth);
    inspect(drawer.boxes, placed, drawer.width, drawer.depth);
    const theirs = bestOfPackage(drawer);
    expect([seed, placed.length >= theirs, placed.length, theirs]).toEqual([seed, true, placed.length, theirs]);
    if (placed.length > theirs) more++;
  }
  expect(more).toBeGreaterThan(runs(2, 5));
});

const box = fc.record({
  w: fc.integer({ min: 5, max: 300 }),
  d: fc.integer({ min: 5, max: 300 }),
  turns: fc.boolean(),
});

test('property: nothing overlaps or sticks out, nothing is lost, and a larger floor never takes fewer of the same kind', () => {
  fc.assert(
    fc.property(
      fc.array(box, { minLength: 1, maxLength: 14 }),
      fc.integer({ min: 50, max: 600 }),
      fc.integer({ min: 50, max: 600 }),
      (rows, width, depth) => {
        const boxes = rows.map((r, i) => ({ ...r, id: `b${i}` }));
        const { placed, left } = packRectangles(boxes, width, depth, { tries: 20 });
        inspect(boxes, placed, width, depth);
        expect([...placed.map((p) => p.id), ...left].sort()).toEqual(boxes.map((b) => b.id).sort());
        expect(packRectangles(boxes, width, depth, { tries: 20 })).toEqual({ placed, left });
      },
    ),
    { numRuns: runs(80, 3000) },
  );
});

test('property: what one cuts a rectangle into by straight cuts fits back whole when it is few', () => {
  const cuts = fc.array(fc.tuple(fc.boolean(), fc.double({ min: 0.25, max: 0.75, noNaN: true })), {
    minLength: 1,
    maxLength: 6,
  });
  fc.assert(
    fc.property(cuts, (list) => {
      let pieces: Rect[] = [{ x: 0, y: 0, w: 400, d: 300 }];
      list.forEach(([across, share], i) => {
        const at = i % pieces.length;
        const p = pieces[at]!;
        const [w, d] = [Math.round(p.w * share), Math.round(p.d * share)];
        const two = across
          ? [
              { ...p, w },
              { ...p, x: p.x + w, w: p.w - w },
            ]
          : [
              { ...p, d },
              { ...p, y: p.y + d, d: p.d - d },
            ];
        if (two.every((t) => t.w > 4 && t.d > 4)) pieces = [...pieces.slice(0, at), ...two, ...pieces.slice(at + 1)];
      });
      const boxes = pieces.map((p, i) => ({ id: `p${i}`, w: p.w, d: p.d }));
      expect(packRectangles(boxes, 400, 300).left).toEqual([]);
    }),
    { numRuns: runs(60) },
  );
});

test('free space: what is taken is no longer found, and the rest is', () => {
  const space = new FreeSpace(100, 50);
  space.take({ x: 0, y: 0, w: 60, d: 50 });
  expect(space.find(50, 50, 'area')).toBeNull();
  expect(space.find(40, 50, 'area')).toMatchObject({ x: 60, y: 0 });
  space.take({ x: 60, y: 0, w: 40, d: 50 });
  expect(space.free).toEqual([]);
});
