import { demoPlan } from '@heronstone/testing/demo.ts';
import { longTest } from '@heronstone/testing/longTest.ts';
import { applyChanges, set, setMeta } from '../model/change.ts';
import { sceneOf } from '../scene/scene.ts';
import { colourRank } from '../scene/insideOrder.ts';
import { runsOf } from '../zones/neighbours.ts';
import { compartmentId } from '../scene/scene.ts';
import { changesTo, solveAll } from './solve.ts';

const demo = demoPlan();

test('a home in its maker’s order of colours runs on from shelf to shelf, in that order', () => {
  const colours = ['white', 'black', 'red', 'green', 'blue', 'yellow'];
  const cloth = demo.supplies.linen!;
  const rows = Array.from({ length: 18 }, (_, n) =>
    set('supplies', `felt${n}`, {
      ...cloth,
      ...{
        id: `felt${n}`,
        name: `Felt ${n}`,
        category: 'felt',
        colour: colours[n % 6]!,
        count: 4,
        traits: [],
        home: 'felts',
      },
    }),
  );
  const uses = rows.map((_, n) =>
    set('uses', `fu${n}`, { id: `fu${n}`, supply: `felt${n}`, activity: 'sewing', fetches: 1 + (n % 5) }),
  );
  const home = { set: false, slot: '', firm: true, side: null, station: null, other: null };
  const plan = applyChanges(
    {
      ...demo,
      supplies: {},
      uses: {},
      placements: {},
      pulls: {},
      logs: {},
      timings: {},
      photos: {},
      wishes: {},
      bans: {},
    },
    [
      setMeta(demo, { sorting: { ...demo.meta.sorting, way: 'home', colours } }),
      set('homes', 'felts', {
        id: 'felts',
        name: 'Felt',
        zone: null,
        inside: ['rainbow', 'alphabet'],
        unit: 'books',
        ...home,
      }),
      ...rows,
      ...uses,
    ],
  ).plan;
  const after = applyChanges(plan, changesTo(plan, solveAll(plan, { seed: 1 }))).plan;
  const placed = Object.values(after.placements);
  expect(new Set(placed.map((p) => p.supply)).size).toBe(18);
  const slots = [...new Set(placed.map((p) => p.slot))].sort();
  expect(slots.length).toBeGreaterThan(1);
  expect(runsOf(sceneOf(after), new Set(placed.map(compartmentId))).length).toBe(1);
  // No shelf has a colour that comes before one of the shelf above.
  const ranks = slots.map((s) =>
    placed.filter((p) => p.slot === s).map((p) => colourRank(after, after.supplies[p.supply]!.colour)),
  );
  for (const [n, list] of ranks.entries())
    if (n > 0) expect(Math.min(...list)).toBeGreaterThanOrEqual(Math.max(...ranks[n - 1]!));
});

longTest('sorted by colour, each colour has a place of its own, and they stand in the maker’s order', () => {
  const colours = ['white', 'black', 'red', 'green'];
  const card = demo.supplies['card-a4-coloured'] ?? demo.supplies['card-a3-white']!;
  const rows = Array.from({ length: 8 }, (_, n) =>
    set('supplies', `card${n}`, {
      ...card,
      ...{ id: `card${n}`, name: `Card ${n}`, category: 'card', colour: colours[n % 4]!, count: 10, traits: [] },
      ...{ form: 'sheets', length: 297, width: 210, thickness: 0.3, together: '', backstock: 0, home: null },
    }),
  );
  const uses = rows.map((_, n) =>
    set('uses', `cu${n}`, { id: `cu${n}`, supply: `card${n}`, activity: 'theatre', fetches: 1 + (n % 3) }),
  );
  const bare = { placements: {}, pulls: {}, logs: {}, timings: {}, photos: {}, wishes: {}, bans: {} };
  const plan = applyChanges({ ...demo, ...bare, supplies: {}, uses: {} }, [
    setMeta(demo, { sorting: { ...demo.meta.sorting, way: 'colour', colours } }),
    ...rows,
    ...uses,
  ]).plan;
  const after = applyChanges(plan, changesTo(plan, solveAll(plan, { seed: 1, moves: 400 }))).plan;
  const at = new Map<string, Set<string>>();
  for (const p of Object.values(after.placements))
    at.set(compartmentId(p), (at.get(compartmentId(p)) ?? new Set()).add(after.supplies[p.supply]!.colour));
  for (const own of at.values()) expect(own.size).toBe(1);
  const scene = sceneOf(after);
  const runs = runsOf(scene, at.keys());
  expect(Math.max(...runs.map((r) => r.length))).toBeGreaterThan(1);
  for (const run of runs) {
    const ranks = [...run]
      .sort((a, b) => scene.compartment.get(b)!.front.top - scene.compartment.get(a)!.front.top)
      .map((id) => colours.indexOf([...at.get(id)!][0]!));
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
  }
});
