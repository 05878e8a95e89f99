import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { roomInstance } from '@heronstone/testing/assignments.ts';
import { costOf, State } from './assignment.ts';
import { assignRows, exchange } from './exchange.ts';
import { seeded } from '../geometry/seeded.ts';

/** The cheapest of all ways to give every row a column of its own, or none. */
function exhaustive(rows: number, columns: number, cost: readonly number[], without: readonly number[]): number {
  let best = Infinity;
  const used = new Set<number>();
  const go = (row: number, sum: number) => {
    if (row === rows) {
      best = Math.min(best, sum);
      return;
    }
    go(row + 1, sum + without[row]!);
    for (let j = 0; j < columns; j++) {
      if (used.has(j) || cost[row * columns + j] === Infinity) continue;
      used.add(j);
      go(row + 1, sum + cost[row * columns + j]!);
      used.delete(j);
    }
  };
  go(0, 0);
  return best;
}

test('property: rows get the cheapest columns that there are, one each, or stay without', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 5 }).chain((rows) =>
        fc.integer({ min: 1, max: 5 }).chain((columns) =>
          fc.record({
            rows: fc.constant(rows),
            columns: fc.constant(columns),
            cost: fc.array(fc.oneof(fc.integer({ min: 0, max: 40 }), fc.constant(Infinity)), {
              minLength: rows * columns,
              maxLength: rows * columns,
            }),
            without: fc.array(fc.integer({ min: 0, max: 60 }), { minLength: rows, maxLength: rows }),
          }),
        ),
      ),
      ({ rows, columns, cost, without }) => {
        const to = assignRows(rows, columns, cost, without);
        const taken = [...to].filter((j) => j >= 0);
        expect(new Set(taken).size).toBe(taken.length);
        const sum = [...to].reduce((s, j, i) => s + (j < 0 ? without[i]! : cost[i * columns + j]!), 0);
        expect(sum).toBe(exhaustive(rows, columns, cost, without));
      },
    ),
    { numRuns: runs(80, 6000) },
  );
});

test('an exchange keeps to what fits, and never costs more where nothing belongs together', () => {
  for (let seed = 1; seed <= 20; seed++) {
    const p = roomInstance(40, 20, seed);
    const random = seeded(seed);
    const state = new State(p);
    for (let i = 0; i < p.items; i++) {
      const j = Math.floor(random() * p.places);
      state.put(i, state.fits(i, j) ? j : -1);
    }
    const before = costOf(p, state.at);
    for (let n = 0; n < 5; n++) exchange(state, random);
    expect(costOf(p, state.at)).toBeLessThanOrEqual(before + 1e-6);
    for (let j = 0; j < p.places; j++) expect(state.left[j]).toBeGreaterThanOrEqual(-1e-6);
  }
});
