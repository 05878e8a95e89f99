/** What a window leaves in the browser when it closes or is killed. */
import type { Group } from '@heronstone/core/model/change.ts';
import { Keeper, type Shelf } from './keeper.ts';

/** A browser's storage in memory. */
function shelf(): Shelf {
  const rows = new Map<string, string>();
  return {
    getItem: (key) => rows.get(key) ?? null,
    setItem: (key, value) => void rows.set(key, value),
    removeItem: (key) => void rows.delete(key),
    key: (n) => [...rows.keys()][n] ?? null,
    get length() {
      return rows.size;
    },
  };
}
const tick = (id: string) => ({
  group: { id, name: 'Tick', changes: [], kind: 'do', target: null } satisfies Group,
  since: 0,
});
const DAY = 86_400_000;

test('what a window wrote with a clock a day ahead is taken up once the clock is right', () => {
  const store = shelf();
  const now = 10 * DAY;
  new Keeper(store, 'p', 'killed', () => now + DAY).keep({ waiting: [tick('a'), tick('b')], refused: [] });
  const other = new Keeper(store, 'p', 'other', () => now);
  expect(other.waitingElsewhere()).toBe(2);
  expect(other.takeUp().waiting.map((w) => w.group.id)).toEqual(['a', 'b']);
  expect(other.waitingElsewhere()).toBe(0);
});

test('a window that lives keeps its own, also when the clock was put back a little', () => {
  const store = shelf();
  new Keeper(store, 'p', 'lives', () => 1_000_000).keep({ waiting: [tick('a')], refused: [] });
  const other = new Keeper(store, 'p', 'other', () => 999_000);
  expect(other.takeUp().waiting).toEqual([]);
  expect(other.waitingElsewhere()).toBe(1);
  expect(new Keeper(store, 'another plan', 'x', () => 999_000).waitingElsewhere()).toBe(0);
});
