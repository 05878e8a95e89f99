import { readFileSync } from 'node:fs';
import { readPlanFile } from '../formats/planFile.ts';
import { applyChanges, set, setMeta } from '../model/change.ts';
import { sceneOf } from '../scene/scene.ts';
import { colourRank } from '../scene/insideOrder.ts';
import { runsOf } from '../zones/neighbours.ts';
import { compartmentId } from '../scene/scene.ts';
import { changesTo, solveAll } from './solve.ts';

const read = readPlanFile(readFileSync(new URL('../../demo/plan.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error(read.findings[0]!.message);
const demo = read.plan;

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
