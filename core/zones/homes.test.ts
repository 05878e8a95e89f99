import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { wishfulPlan } from '@heronstone/testing/wishfulPlan.ts';
import { applyChanges, set, setMeta, type Change } from '../model/change.ts';
import { sceneOf } from '../scene/scene.ts';
import { apartFrom } from './separations.ts';
import { homesOf } from './homes.ts';
import { heldBy, isOut, namesOf } from './named.ts';
import { neighboursOf, runsOf } from './neighbours.ts';
import { isAsked, sideOf } from './sides.ts';
import { zonesOf } from './zonesOfPlan.ts';

const demo = withFewThings(
  demoPlan(),
  ['acrylics-bottled', 'card-a3-white', 'gouache-tubes', 'gouges', 'pins', 'rasps', 'sewing-machine'],
  3,
);
const having = (...changes: Change[]) => applyChanges(demo, changes).plan;
const home = (plan: typeof demo, supply: string) => homesOf(sceneOf(plan)).of.get(supply)!;
const HOME = { set: false, inside: [], unit: null, slot: '', firm: false, side: null, station: null, other: null };

test('property: every supply is in exactly one home, its spares in another; nothing that lies apart is joined', () => {
  fc.assert(
    fc.property(wishfulPlan(24), (plan) => {
      const scene = sceneOf(plan);
      const { all, of, sparesOf } = homesOf(scene);
      const lines = all.filter((h) => !h.spares).flatMap((h) => h.supplies);
      expect([...lines].sort()).toEqual(Object.keys(plan.supplies).sort());
      for (const id of lines) expect(of.get(id)!.supplies).toContain(id);
      for (const [id, h] of sparesOf) expect(h.spares && h.supplies.includes(id)).toBe(true);
      expect(new Set(all.map((h) => h.id)).size).toBe(all.length);
      const apart = apartFrom(plan);
      // What the program joins of several kinds is never what the maker keeps apart.
      for (const h of all)
        if (h.row === null && !h.set && !h.spares && h.kinds.length > 1 && plan.meta.sorting.way === 'home')
          for (const a of h.supplies) for (const b of h.supplies) expect(apart.get(a)?.has(b) ?? false).toBe(false);
    }),
    { numRuns: runs(60, 3000) },
  );
});

test('homes are kinds of a zone; machines are homes of their own, spares lie apart, tiny ones are joined', () => {
  expect(home(demo, 'acrylics-bottled').name).toBe('Paints');
  expect(home(demo, 'acrylics-bottled').supplies).toContain('gouache-tubes');
  expect(home(demo, 'sewing-machine').supplies).toEqual(['sewing-machine']);
  const { all, sparesOf } = homesOf(sceneOf(demo));
  expect(sparesOf.get('acrylics-bottled')).toMatchObject({ name: 'Spare paints', supplies: ['acrylics-bottled'] });
  for (const h of all.filter((x) => x.row === null && !x.set)) expect(h.kinds.length).toBeLessThanOrEqual(2);
  // The same kind in two zones says of which it is.
  const names = all.map((h) => h.name);
  expect(new Set(names).size).toBe(names.length);
});

test('a large kind is cut by colour, in the order of the maker’s own where there is one', () => {
  const colours = ['red', 'yellow', 'green', 'blue'];
  const row = demo.supplies['card-a3-white']!;
  const cards = Array.from({ length: 20 }, (_, n) =>
    set('supplies', `card${n}`, {
      ...row,
      id: `card${n}`,
      name: `Card ${n}`,
      category: 'card',
      colour: colours[n % 4]!,
    }),
  );
  const parts = (plan: typeof demo) =>
    homesOf(sceneOf(plan)).all.flatMap((h) => (h.kinds[0] === 'card' ? [h.name.replace('Card, ', '')] : []));
  const plain = having(...cards);
  expect(parts(plain).sort()).toEqual(['green to blue', 'red to yellow']);
  const own = applyChanges(plain, [
    setMeta(plain, { sorting: { ...plain.meta.sorting, colours: ['blue', 'red', 'green', 'yellow'] } }),
  ]).plan;
  expect(parts(own).sort()).toEqual(['blue to red', 'green to yellow']);
});

test('a home of one’s own takes what is given to it, and a set is told from it', () => {
  const plan = having(
    set('homes', 'h', { id: 'h', name: 'Fine work', zone: null, ...HOME, set: true }),
    set('supplies', 'gouges', { home: 'h' }),
    set('supplies', 'pins', { home: 'h' }),
  );
  expect(home(plan, 'gouges')).toMatchObject({ name: 'Fine work', set: true });
  expect(homesOf(sceneOf(plan)).sets.get('Fine work')).toEqual(expect.arrayContaining(['gouges', 'pins']));
  expect(home(plan, 'rasps').supplies).not.toContain('gouges');
});

test('zones: what is done at one seat goes together, what clashes does not, every activity is in one', () => {
  const zones = zonesOf(sceneOf(demo));
  expect(zones.flatMap((z) => z.activities).sort()).toEqual(Object.keys(demo.activities).sort());
  const zone = (a: string) => zones.find((z) => z.activities.includes(a))!;
  expect(zone('carving')).toBe(zone('stringing'));
  expect(zone('sewing')).not.toBe(zone('carving'));
  expect(zones.every((z) => z.proposed)).toBe(true);
  expect(zones.map((z) => z.letter)).toEqual(['A', 'B', 'C']);
  const own = having(
    set('zones', 'x', { id: 'x', name: 'Cloth', letter: 'K', order: 0 }),
    set('activities', 'sewing', { zone: 'x' }),
  );
  expect(zonesOf(sceneOf(own))).toMatchObject([{ id: 'x', letter: 'K', proposed: false, activities: ['sewing'] }]);
});

test('neighbours: the next shelf up and down, the cubby beside, boxes of one opening; runs are runs of neighbours', () => {
  const near = neighboursOf(sceneOf(demo));
  expect([...near.get('books/s2')!].sort()).toEqual(['books/s1', 'books/s3']);
  expect(near.get('cubes/c1r2')).toEqual(expect.arrayContaining(['cubes/c2r2', 'cubes/c1r1', 'cubes/c1r3']));
  expect(near.get('cubes/c1r2')).not.toContain('cubes/c2r3');
  expect(near.get('cubes/c1r1#bin-left')).toContain('cubes/c1r1#bin-right');
  const ids = [...near.keys()];
  fc.assert(
    fc.property(fc.subarray(ids), (some) => {
      const made = runsOf(sceneOf(demo), some);
      expect(made.flat().sort()).toEqual([...some].sort());
      for (const run of made) {
        // Each place of a run is reached from its first over others of it, and none of another run is beside it.
        const reached = new Set([run[0]!]);
        for (const at of reached) for (const next of near.get(at)!) if (run.includes(next)) reached.add(next);
        expect(reached.size).toBe(run.length);
        for (const other of made)
          if (other !== run) for (const a of run) for (const b of other) expect(near.get(a)).not.toContain(b);
      }
    }),
    { numRuns: runs(30, 2000) },
  );
});

test('a place can be named by two homes, the top of a table by the work of five lines; not by more', () => {
  const scene = sceneOf(demo);
  // One thing of each of some homes.
  const things = homesOf(scene)
    .all.filter((h) => !h.spares && h.supplies.length > 0 && h.label === h.id)
    .map((h) => ({ supply: h.supplies[0]!, spare: false }));
  const lines = Object.keys(demo.supplies).map((supply) => ({ supply, spare: false }));
  expect([2, 3, 5].map((n) => heldBy(scene, 'tall/d1', things.slice(0, n)))).toEqual([0, 1, 3]);
  expect(
    [2, 5, 6].map((n) => heldBy(scene, scene.compartments.find((c) => isOut(scene, c))!.id, lines.slice(0, n))),
  ).toEqual([0, 0, 1]);
  const rows = Object.values(demo.placements).filter((p) => p.arrangement === 'planned');
  const { places, homes } = namesOf(scene, rows);
  expect([...places.values()].reduce((n, p) => n + p.lines, 0)).toBe(rows.length);
  for (const h of homes.values()) expect(h.runs.flat().sort()).toEqual([...h.places].sort());
});

test('sides of a seat: a quarter of the way round each, whatever way one looks; between two stations; near the door', () => {
  const seat = { x: 0, y: 0, facing: 0 };
  const at = (x: number, y: number) => ({ x, y });
  expect([at(0, -9), at(9, 0), at(0, 9), at(-9, 0)].map((p) => sideOf(seat, p))).toEqual([
    'before',
    'right',
    'behind',
    'left',
  ]);
  expect(sideOf({ ...seat, facing: 90 }, at(9, 0))).toBe('before');
  expect(sideOf({ ...seat, facing: 270 }, at(0, -9))).toBe('right');
  const scene = sceneOf(demo);
  const row = { id: 'h', name: 'H', zone: null, ...HOME };
  const asked = (wish: object) => scene.compartments.filter((c) => isAsked(scene, { ...row, ...wish } as never, c));
  expect(asked({}).length).toBe(scene.compartments.length);
  const left = asked({ side: 'left', station: 'seat-sewing' });
  const right = asked({ side: 'right', station: 'seat-sewing' });
  expect(left.length).toBeGreaterThan(0);
  expect(left.filter((c) => right.includes(c))).toEqual([]);
  const between = asked({ side: 'between', station: 'seat-sewing', other: 'seat-bench' });
  expect(between.length).toBeLessThan(scene.compartments.length);
  expect(asked({ side: 'near the door' }).every((c) => demo.units[c.unit]!.elsewhere === null)).toBe(true);
});
