import { nextBox } from './roving.ts';

const box = (x: number, y: number, w = 40, h = 20) => ({ left: x, right: x + w, top: y, bottom: y + h });
// A chest of three drawers, and a wide shelf to its right.
const chest = [box(0, 0), box(0, 20), box(0, 40)];
const all = [...chest, box(60, 0, 200, 60)];

test('down and up go through a chest, sideways to the neighbour', () => {
  expect(nextBox(all[0]!, all, [0, 1])).toBe(1);
  expect(nextBox(all[2]!, all, [0, -1])).toBe(1);
  expect(nextBox(all[1]!, all, [1, 0])).toBe(3);
  expect(nextBox(all[3]!, all, [-1, 0])).toBe(1);
});

test('at the edge there is nothing further', () => {
  expect(nextBox(all[0]!, all, [0, -1])).toBe(-1);
  expect(nextBox(all[0]!, all, [-1, 0])).toBe(-1);
});
