/** The reason that is shown for what has no place is the true one: not placed yet, growth, full, too large, a rule. */
import { boxUnit, having, rectangle, seatRows, unitRow } from '@heronstone/testing/rooms.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { accepted, smallRoom } from '@heronstone/testing/smallRooms.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { removeWithDependents, set, setMeta } from '../model/change.ts';
import { sceneOf } from '../scene/scene.ts';
import { changesTo, solveAll } from '../search/solve.ts';
import type { Placement, Supply } from '../model/plan.ts';
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
  ['some of them would fit', 100, 60, 0.15, /^at most 2 of 6 fit into one place beside what lies there \(Box b/],
  ['it is full', 126, 60, 0.15, /^one place takes it, and there is no room beside what lies there$/],
  ['it is larger', 30, 900, 0.15, /^larger than every place: \d+ mm too (long|wide)/],
])('%s', (_, length, other, grow, words) => {
  expect(room(length, other, grow)).toMatch(words);
});

test('property: the reason is what the Report says when the thing is put into each place', () => {
  let [yes, no] = [0, 0];
  for (let seed = 1; seed <= runs(50, 3000); seed++) {
    const bare = smallRoom(seed);
    // Filled without the last thing, which then finds what room is left; room to grow is no matter here.
    const plan = having(bare, setMeta(bare, { roomToGrow: 0 }));
    const last = Object.keys(plan.supplies).at(-1)!;
    const rest = having(plan, ...removeWithDependents(plan, 'supplies', last));
    const filled = having(plan, ...changesTo(rest, solveAll(rest, { seed: 1, moves: 50 })));
    const report = evaluate(filled);
    const { reason, without } = report.supplies[last]!;
    expect(without.planned).toBe(plan.supplies[last]!.count);
    const takes = sceneOf(filled).compartments.filter((c) => {
      const row = {
        id: 'new',
        arrangement: 'planned',
        supply: last,
        unit: c.unit,
        slot: c.slot,
        container: c.container,
      };
      const tried = having(
        filled,
        set('placements', 'new', {
          ...(row as Placement),
          ...{ count: without.planned, orientation: null, pinned: false, spare: false, part: null, returns: null },
        }),
      );
      return accepted(Object.values(evaluate(tried).placements).filter((p) => p.compartment === c.id));
    });
    if (Object.values(report.placements).length === 0) continue;
    if (takes.length > 0) yes++;
    else no++;
    if (takes.length > 0 !== /^not placed yet$/.test(reason!))
      throw new Error(
        `Seed ${seed}: “${reason}”, but the Report accepts it in ${takes.map((c) => c.name).join(', ') || 'no place'}.`,
      );
  }
  expect(Math.min(yes, no)).toBeGreaterThan(5);
});
