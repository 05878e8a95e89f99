import fc from 'fast-check';
import { beyond, boxRound, common, freePoint } from './wordBoxes.ts';
import { distanceWords } from './distanceWords.ts';

test('words stand in the middle of their line, and move along it where a name stands', () => {
  const line = { from: { x: 0, y: 0 }, to: { x: 1000, y: 0 }, text: '1000 mm' };
  expect(distanceWords([line], [], 5)[0]).toMatchObject({ x: 500, y: 0 });
  const name = boxRound({ x: 500, y: 0 }, { x: 60, y: 60 });
  const [words] = distanceWords([line], [name], 5);
  expect(words!.y).toBe(0);
  expect(Math.abs(words!.x - 500)).toBeGreaterThan(60);
});

test('a line that is covered whole has its words beside it', () => {
  const line = { from: { x: 0, y: 0 }, to: { x: 300, y: 0 }, text: '300 mm' };
  const cover = boxRound({ x: 150, y: 0 }, { x: 400, y: 30 });
  const [words] = distanceWords([line], [cover], 5);
  expect(common(boxRound(words!, words!.half), cover)).toBeLessThan(
    common(boxRound({ x: 150, y: 0 }, words!.half), cover),
  );
});

test('property: the words of lines that run apart cover neither each other nor one name on the way', () => {
  const length = fc.integer({ min: 900, max: 4000 });
  fc.assert(
    fc.property(length, length, length, length, fc.integer({ min: 0, max: 100 }), (n, e, s, w, share) => {
      const from = { x: 0, y: 0 };
      const ends = [
        { x: 0, y: -n },
        { x: e, y: 0 },
        { x: 0, y: s },
        { x: -w, y: 0 },
      ];
      const name = boxRound({ x: (e * share) / 100, y: 0 }, { x: 150, y: 40 });
      const words = distanceWords(
        ends.map((to) => ({ from, to, text: `${Math.round(Math.hypot(to.x, to.y))} mm` })),
        [name],
        4,
      );
      const boxes = [name, ...words.map((w) => boxRound(w, w.half))];
      for (const [i, a] of boxes.entries()) for (const b of boxes.slice(i + 1)) expect(common(a, b)).toBe(0);
    }),
  );
});

test('nothing is written beyond the frame', () => {
  const frame = { left: 0, right: 1000, top: 0, bottom: 800 };
  const half = { x: 200, y: 30 };
  const at = freePoint(
    [
      { x: 950, y: 400 },
      { x: 700, y: 400 },
      { x: 300, y: 400 },
    ],
    half,
    beyond(frame),
  );
  expect(at).toEqual({ x: 700, y: 400 });
});
