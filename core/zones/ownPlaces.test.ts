/** Odds and ends, kits, heaps and spares: homes with a place or a way of their own, filled and reported. */
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { putKit } from '../gestures/kitBoxes.ts';
import { keepCollection } from '../gestures/zoneGestures.ts';
import { applyChanges, set, type Change } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { evaluate } from '../report/evaluate.ts';
import { sceneOf } from '../scene/scene.ts';
import { changesTo, solveAll } from '../search/solve.ts';
import { homesOf } from './homes.ts';

const demo = demoPlan();
let next = 0;
const newId = () => `own${next++}`;
const having = (...changes: Change[]) => applyChanges(demo, changes).plan;
const filled = (whole: Plan) => {
  const asked = Object.keys(whole.supplies).filter(
    (id) => id.startsWith('odd') || id === 'acrylics-bottled' || packed(id),
  );
  const plan = withFewThings(whole, asked);
  return applyChanges(plan, changesTo(plan, solveAll(plan, { seed: 1, moves: 20 }))).plan;
};
/** What is used for packing, for which there is a kit. */
const packed = (supply: string) =>
  Object.values(demo.uses).some((u) => u.supply === supply && u.activity === 'packing');
const planned = (plan: Plan) => Object.values(plan.placements).filter((p) => p.arrangement === 'planned');

test('what has no kind goes to the place kept for odds and ends, up to its bound, and nothing else does', () => {
  const row = demo.supplies['pins']!;
  const odd = (n: number): Change =>
    set('supplies', `odd${n}`, {
      ...row,
      ...{ id: `odd${n}`, name: `Odd thing ${n}`, category: n === 0 ? 'Bits and bobs' : '', form: 'pieces' },
      ...{ count: 1, length: 90, width: 50, thickness: 30, together: '', home: null, backstock: 0, traits: [] },
    });
  const keep = {
    id: 'odds',
    unit: 'tall',
    slot: 'd5',
    container: null,
    for: 'odds' as const,
    things: [],
    lines: 4,
    litres: null,
  };
  const plan = filled(having(...[0, 1, 2, 3, 4, 5].map(odd), set('keeps', 'odds', keep)));
  const there = planned(plan).filter((p) => p.unit === 'tall' && p.slot === 'd5');
  expect(there.length).toBe(4);
  for (const p of there) expect(p.supply).toMatch(/^odd/);
  const report = evaluate(plan);
  expect(report.compartments.find((c) => c.id === 'tall/d5')).toMatchObject({
    homeName: { planned: expect.stringMatching(/^Odds and ends/) as string },
    canBeNamed: { planned: true },
  });
  // The others have places, too: the bound is one, not a wall.
  expect(planned(plan).filter((p) => /^odd/.test(p.supply)).length).toBe(6);
});

test('a kit with a box holds what only its activity needs, is fetched once, and all of it is at hand then', () => {
  const kit = demo.kits['fair']!;
  const boxed = having(...putKit(demo, kit, { unit: 'books', slot: 's1' }, newId));
  const box = boxed.kits['fair']!.box!;
  const plan = filled(boxed);
  const within = planned(plan).filter((p) => p.container === box);
  expect(within.length).toBeGreaterThan(0);
  const scene = sceneOf(plan);
  for (const p of within) {
    const uses = scene.uses.get(p.supply) ?? [];
    const own = uses.filter((u) => u.activity === 'packing').reduce((n, u) => n + u.fetches, 0);
    expect(own).toBeGreaterThanOrEqual(0.8 * uses.reduce((n, u) => n + u.fetches, 0));
  }
  const report = evaluate(plan);
  // Nobody gets up for what stands open on the table; the box itself is fetched, once a session.
  for (const p of within)
    for (const use of report.placements[p.id]!.from.filter((f) => f.activity === 'packing')) {
      expect(use.ripple).toBeLessThanOrEqual(2);
      expect(use.times.ups).toBe(0);
    }
  expect(report.setups.find((s) => s.what === 'fair')!.seconds).toBeGreaterThan(10);
  // Carried elsewhere, its contents go along.
  const moved = applyChanges(plan, putKit(plan, plan.kits['fair']!, { unit: 'cubes', slot: 'c1r3' }, newId)).plan;
  for (const p of within) expect(moved.placements[p.id]).toMatchObject({ unit: 'cubes', slot: 'c1r3', container: box });
});

const HOME = {
  ...{ zone: null, set: false, inside: [], unit: null, slot: '', firm: false, side: null, station: null, other: null },
  ...{ unsorted: false, sparesWith: false },
};

test('not worth sorting: half of the heap is looked at where one certain piece is wanted, fewer where several will do', () => {
  // 20 gouges and 39 pins: one certain gouge turns up after (59 + 1) / (1 + 1) = 30 looks, and one gives up after 20; along two
  // lines it is 1.5. Of the pins any will do: (59 + 1) / (39 + 1) = 1.5 looks, no more than along the lines.
  const count = { gouges: 20, pins: 39 };
  const at = (s: string) => planned(demo).find((p) => p.supply === s)!.id;
  const made = (unsorted: boolean) =>
    having(
      set('homes', 'h', { id: 'h', name: 'Fine tools', ...HOME, unsorted }),
      ...Object.entries(count).flatMap(([s, n]) => [
        set('supplies', s, { home: 'h', count: n, alike: s === 'pins' ? 'alike' : 'different' }),
        set('placements', at(s), { count: n }),
      ]),
    );
  const [sorted, heap] = [evaluate(made(false)), evaluate(made(true))];
  const more = (s: string) => heap.placements[at(s)]!.secondsPerFetch - sorted.placements[at(s)]!.secondsPerFetch;
  // MTM-1: a look is 7.3 TMU of 0.036 s; a grasp is 2.0, one out of a jumble 9.1 (elements.ts has the sources).
  const TMU = 0.036;
  expect(more('gouges')).toBeCloseTo(TMU * (18.5 * 7.3 + 9.1 - 2), 9);
  // Pins are loose: they are picked out of a jumble anyway.
  expect(more('pins')).toBeCloseTo(0, 9);
  const [a, b] = [sorted, heap].map((r) => r.homes.find((h) => h.name === 'Fine tools')!);
  expect([a!.unsorted, b!.unsorted, b!.unsortedMinutes]).toEqual([false, true, a!.unsortedMinutes]);
  // The price that is said beforehand is what the week then costs more.
  expect(heap.week.planned.fetching - sorted.week.planned.fetching).toBeCloseTo(a!.unsortedMinutes!, 6);
});

test('spares that lie with the rest are no line apart; left apart they are', () => {
  const made = (sparesWith: boolean) =>
    filled(
      having(
        set('homes', 'h', { id: 'h', name: 'Bottles', ...HOME, sparesWith }),
        set('supplies', 'acrylics-bottled', { home: 'h' }),
      ),
    );
  const rows = (plan: Plan) => planned(plan).filter((p) => p.supply === 'acrylics-bottled');
  expect(demo.supplies['acrylics-bottled']!.backstock).toBeGreaterThan(0);
  expect(rows(made(false)).some((p) => p.spare)).toBe(true);
  const together = made(true);
  expect(rows(together).some((p) => p.spare)).toBe(false);
  expect(rows(together).reduce((n, p) => n + p.count, 0)).toBe(demo.supplies['acrylics-bottled']!.count);
  expect(homesOf(sceneOf(together)).sparesOf.has('acrylics-bottled')).toBe(false);
});

test('a collection of several kinds against its kinds: which is torn is said, and it can be kept whole', () => {
  const of = ['gouges', 'pins', 'acrylics-bottled', 'gouache-tubes'];
  const plan = having(...of.map((s) => set('supplies', s, { collection: 'Woodland' })));
  const said = evaluate(plan).names.planned.collections.find((c) => c.name === 'Woodland');
  expect(said).toMatchObject({ lines: 4 });
  expect(said!.runs.length).toBeGreaterThan(1);
  for (const { kind, inside, outside } of said!.kinds) {
    const all = Object.values(plan.supplies).filter((s) => s.category.toLowerCase() === kind);
    expect(inside).toBe(all.filter((s) => s.collection === 'Woodland').length);
    expect(outside).toBeGreaterThan(0);
  }
  const whole = applyChanges(plan, keepCollection(plan, evaluate(plan), 'woodland', newId)).plan;
  const home = homesOf(sceneOf(whole)).of.get('gouges')!;
  expect(home).toMatchObject({ name: 'woodland', set: true });
  expect([...home.supplies].sort()).toEqual([...of].sort());
});
