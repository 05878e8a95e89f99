import { moved } from './gliding.ts';

test('what is new, gone or still where it was does not glide', () => {
  const before = new Map([
    ['a', 'u/1'],
    ['b', 'u/2'],
    ['c', 'u/3'],
  ]);
  const now = new Map([
    ['a', 'u/1'],
    ['b', 'u/4'],
    ['d', 'u/5'],
  ]);
  expect(moved(before, now)).toEqual([{ supply: 'b', from: 'u/2', to: 'u/4' }]);
});
