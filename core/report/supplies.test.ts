/** The reason that is shown for what has no place is the true one: not placed yet, growth, full, too large, a rule. */
import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { set, setMeta } from '../model/change.ts';
import type { Supply } from '../model/plan.ts';
import { evaluate } from './evaluate.ts';

const box = (id: string, length: number, more: Partial<Supply> = {}) =>
  set('supplies', id, { ...thing({ id, name: id, count: 1, length, width: 270, thickness: 20 }), count: 6, ...more });
/** One shelf of 764 x 280 x 200 mm: in it six boxes side by side, which lie flat and not on each other. */
const room = (length: number, other: number, roomToGrow: number, more: Partial<Supply> = {}) => {
  const plan = having(
    rectangle(4000, 3000),
    unitRow(boxUnit('b', 2000, 300, 800, 280, { kind: 'bookcase', height: 240, board: 18, tiers: [200] })),
    ...seatRows('s', 2000, 1500),
    box('a', length, { orientations: ['flat'], stack: 1 }),
    box('c', other, { orientations: ['flat'], stack: 1, ...more }),
    set('placements', 'p', {
      ...{ id: 'p', supply: 'a', unit: 'b', slot: 's1', count: 6, arrangement: 'planned' },
      ...{ orientation: null, pinned: false },
    }),
  );
  return evaluate(having(plan, setMeta(plan, { roomToGrow }))).supplies.c!.reason;
};

test.each([
  ['much room is left', 30, 30, 0.15, /^not placed yet$/],
  [
    'only the room to grow is left',
    56,
    56,
    0.15,
    /^would fit into Box b.*, but only into the room kept free to grow \(15 %/,
  ],
  ['nothing is kept free', 56, 56, 0, /^not placed yet$/],
  ['it is full', 100, 60, 0.15, /^fits one place, but it is full$/],
  ['it is larger', 30, 900, 0.15, /^larger than every place: \d+ mm too (long|wide)/],
])('%s', (_, length, other, grow, words) => {
  expect(room(length, other, grow)).toMatch(words);
});
