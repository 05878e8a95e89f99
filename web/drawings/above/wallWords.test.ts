import { rectangle } from '@heronstone/testing/rooms.ts';
import { wallsOf, type Wall } from '@heronstone/core/room/walls.ts';
import { wallWords } from './wallWords.ts';

const of = (points: ReadonlyArray<readonly [number, number]>): Wall[] =>
  wallsOf({
    corners: Object.fromEntries(
      points.map(([x, y], i) => [`c${i}`, { id: `c${i}`, order: i, x, y, wall: `Wall ${i + 1}`, taped: null }]),
    ),
  });

test('a plain room has the name and measure of each wall, outside', () => {
  const words = [...wallWords(wallsOf(rectangle(4000, 3000)), 'metric', 6).values()];
  expect(words).toHaveLength(4);
  expect(words.every((w) => w.text.includes('·'))).toBe(true);
  expect(words.every((w) => w.x < 0 || w.y < 0 || w.x > 4000 || w.y > 3000)).toBe(true);
});

test.each([3, 5, 8, 14, 25])('beside an alcove no words are over others, at %s mm in a pixel', (px) => {
  const walls = of([
    [0, 600],
    [1560, 600],
    [1560, 0],
    [2460, 0],
    [2460, 600],
    [3450, 600],
    [3450, 3550],
    [0, 3550],
  ]);
  const boxes = [...wallWords(walls, 'metric', px).values()].map(({ text, x, y, upright }) => {
    const [long, high] = [text.length * 3.2 * px, 7 * px];
    return upright ? [x - high, x + high, y - long, y + long] : [x - long, x + long, y - high, y + high];
  });
  for (const [i, a] of boxes.entries())
    for (const b of boxes.slice(i + 1))
      expect(a[0]! < b[1]! && b[0]! < a[1]! && a[2]! < b[3]! && b[2]! < a[3]!).toBe(false);
});
