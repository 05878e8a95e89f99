import { volume } from '../fit/fit.ts';
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { applyChanges, set, setMeta } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { SORTING, WAYS, type Sorting, type SortingWay } from '../model/sorting.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { fetchesAWeek, sceneOf, mainStationOf } from '../scene/scene.ts';
import { RAINBOW, rainbowRank } from '../scene/insideOrder.ts';
import { isShown } from './rules.ts';
import { sortOf, wayOfSorting } from '../zones/sortOrder.ts';
import { orderOf, wantedOf } from './sortingCost.ts';
import { sparesOf } from '../zones/spares.ts';
import { shareOf } from './stock.ts';
import { holdsFor, sortingBy, takeWay } from '../search/ways.ts';

const demo = withFewThings(demoPlan(), ['gouges', 'pins'], 3);
const sortedBy = (sorting: Partial<Sorting>, plan: Plan = demo) =>
  applyChanges(plan, [setMeta(plan, { sorting: { ...SORTING, way: 'quickest', ...sorting } })]).plan;
const planned = (plan: Plan) => Object.values(plan.placements).filter((p) => p.arrangement === 'planned');

describe('the sort of a thing', () => {
  const words = (way: SortingWay, supply: string, plan = demo) =>
    sortOf(sceneOf(sortedBy({ way }, plan)), plan.supplies[supply]!)?.words ?? null;

  test.each([
    ['quickest', 'gouges', null],
    ['kind', 'gouges', 'carving tools'],
    ['colour', 'gouges', null],
    ['alphabet', 'gouges', 'G'],
    ['size', 'gouges', 'as long as a hand'],
    ['activity', 'gouges', 'Carving heads and hands'],
  ] as const)('%s: %s is “%s”', (way, supply, expected) => {
    expect(words(way, supply)).toBe(expected);
  });

  test('colours stand as in a rainbow, and white, grey, brown and black after it', () => {
    const ranks = ['red', 'orange', 'yellow', 'green', 'blue', 'violet'].map(rainbowRank);
    expect([...ranks].sort((a, b) => a - b)).toEqual(ranks);
    expect(rainbowRank('black')).toBeGreaterThan(rainbowRank('violet'));
    expect(new Set(RAINBOW).size).toBe(RAINBOW.length);
  });

  test('a part may be sorted in a way of its own: by kind, or by the station where it is used most', () => {
    const plan = sortedBy({
      way: 'colour',
      mixtures: [
        { station: null, kind: 'paints', way: 'alphabet' },
        { station: mainStationOf(sceneOf(demo), 'pins')!, kind: null, way: 'kind' },
      ],
    });
    const scene = sceneOf(plan);
    const of = (id: string) => wayOfSorting(scene, plan.supplies[id]!);
    const paint = Object.values(plan.supplies).find((s) => s.category === 'paints')!;
    expect(of(paint.id)).toBe('alphabet');
    expect(new Set(Object.keys(plan.supplies).map(of))).toEqual(new Set(['alphabet', 'kind', 'colour']));
    expect(of('gouges')).toBe('colour');
  });
});

describe('how far a room is from the wished order', () => {
  const plan = sortedBy({ way: 'kind' });
  const scene = sceneOf(plan);
  const two = Object.values(plan.supplies)
    .filter((s) => s.category === 'paints')
    .slice(0, 2);
  const row = (supply: string, unit: string, slot: string) => ({
    ...planned(plan)[0]!,
    id: `t-${supply}`,
    supply,
    unit,
    slot,
    container: null,
    count: 1,
    spare: false,
  });

  /** What one of a thing's room is worth in a place, minutes a week. */
  const rentOf = (supply: string, place: string) => {
    const s = plan.supplies[supply]!;
    return wantedOf(scene).rent({ supply: s, count: 1, spare: false }, scene.compartment.get(place)!) / 60;
  };
  test('room within reach is worth something, and the more of it the more; farther room nothing', () => {
    const near = scene.compartments.filter((c) =>
      scene.stations.some((st) => scene.approaches.get(st.id)!.get(c.id)!.ripple <= 2),
    );
    const far = scene.compartments.filter((c) =>
      scene.stations.every((st) => scene.approaches.get(st.id)!.get(c.id)!.ripple > 3),
    );
    expect([near.length > 0, far.length > 0]).toEqual([true, true]);
    const supply = Object.values(plan.supplies).find((s) => fetchesAWeek(scene, s.id) >= 1 && s.count > 1)!;
    const rent = (count: number, place: Compartment, spare = false) =>
      wantedOf(scene).rent({ supply, count, spare }, place);
    expect(rent(supply.count, near[0]!)).toBeCloseTo(2 * volume(supply, supply.count), 9);
    expect(rent(1, near[0]!)).toBeCloseTo(rent(supply.count, near[0]!) / supply.count, 6);
    expect(rent(supply.count, far[0]!)).toBe(0);
    // Spares lie before what is in use: they count more there, and nothing farther off.
    expect(rent(1, near[0]!, true)).toBeGreaterThan(rent(1, near[0]!));
    expect(rent(1, far[0]!, true)).toBe(0);
  });

  test('two of a kind in two units are one further home, in one unit none', () => {
    const apart = orderOf(scene, [row(two[0]!.id, 'books', 's1'), row(two[1]!.id, 'tall', 'd1')]);
    const together = orderOf(scene, [row(two[0]!.id, 'books', 's1'), row(two[1]!.id, 'books', 's2')]);
    expect([apart.furtherHomes, together.furtherHomes]).toEqual([1, 0]);
    const rent = rentOf(two[1]!.id, 'tall/d1') - rentOf(two[1]!.id, 'books/s2');
    expect(apart.minutes - together.minutes - rent).toBeCloseTo(scene.constants.homeExtra / 60, 9);
  });

  test('two kinds in one place are a mixture, in two places none', () => {
    const other = Object.values(plan.supplies).find((s) => s.category === 'tapes')!;
    const mixed = orderOf(scene, [row(two[0]!.id, 'books', 's1'), row(other.id, 'books', 's1')]);
    const apart = orderOf(scene, [row(two[0]!.id, 'books', 's1'), row(other.id, 'books', 's2')]);
    expect([mixed.mixed, apart.mixed]).toEqual([1, 0]);
    expect(mixed.minutes - apart.minutes).toBeCloseTo(scene.constants.mixed / 60, 9);
  });

  test('what belongs together weighs nothing in one place, a quarter in the next, half in one unit, all in two', () => {
    const set2 = applyChanges(sortedBy({}), [
      ...Object.values(demo.supplies)
        .filter((s) => s.together !== '')
        .map((s) => set('supplies', s.id, { together: '' })),
      ...two.map((s) => set('supplies', s.id, { together: 'pair' })),
    ]).plan;
    const at = (a: [string, string], b: [string, string]) =>
      orderOf(sceneOf(set2), [row(two[0]!.id, ...a), row(two[1]!.id, ...b)]);
    const one = sceneOf(set2).constants.apart / 60;
    expect(at(['books', 's1'], ['books', 's1'])).toMatchObject({ apart: 0, minutes: 0 });
    expect(at(['books', 's1'], ['books', 's2']).minutes).toBeCloseTo(one / 4, 9);
    expect(at(['books', 's1'], ['books', 's4']).minutes).toBeCloseTo(one / 2, 9);
    expect(at(['books', 's1'], ['tall', 'd1']).minutes).toBeCloseTo(one, 9);
  });

  test('shown and hidden: an open shelf is seen, a drawer is not', () => {
    const seen = sceneOf(sortedBy({ shown: 'in view' }));
    const wanted = wantedOf(seen);
    const supply = demo.supplies.gouges!;
    const [open, drawer] = ['books/s1', 'tall/d1'].map((id) => seen.compartment.get(id)!);
    expect([isShown(seen, open!), isShown(seen, drawer!)]).toEqual([true, false]);
    expect(wanted.shown(supply, open!)).toBe(0);
    expect(wanted.shown(supply, drawer!)).toBe(seen.constants.wrongShow);
    expect(wantedOf(sceneOf(sortedBy({ shown: 'hidden' }))).shown(supply, open!)).toBe(seen.constants.wrongShow);
  });

  test('the row of the alphabet runs along the walls: A at its beginning costs less than Z there', () => {
    const row2 = sceneOf(sortedBy({ way: 'alphabet' }));
    const { line } = wantedOf(row2);
    const names = Object.values(demo.supplies).sort((a, b) => a.name.localeCompare(b.name, 'en'));
    const costs = row2.compartments.map((c) => [line(names[0]!, c), line(names.at(-1)!, c)] as const);
    const first = costs.reduce((a, b) => (b[0] < a[0] ? b : a));
    const last = costs.reduce((a, b) => (b[1] < a[1] ? b : a));
    expect(first[1]).toBeGreaterThan(first[0]);
    expect(last[0]).toBeGreaterThan(last[1]);
  });
});

test('spares are fetched once for each time that the working stock is used up', () => {
  const supply = { ...demo.supplies.gouges!, count: 10, backstock: 6, goesBack: false };
  expect(sparesOf(supply)).toBe(6);
  const [working, spare] = [
    shareOf(supply, { count: 4, spare: false }, 6),
    shareOf(supply, { count: 6, spare: true }, 6),
  ];
  expect(working).toBe(1);
  expect(spare).toBeCloseTo(0.25, 9);
  // The spares of a tool that goes back are not fetched.
  expect(shareOf({ ...supply, goesBack: true }, { count: 6, spare: true }, 6)).toBe(0);
});

test('the order inside a place goes with the way, and what was tried holds as long as only what may move is moved', () => {
  expect(sortingBy(demo, 'colour').inside).toBe('rainbow');
  expect(sortingBy(demo, 'kind').inside).toBe('most used');
  for (const way of WAYS) expect(holdsFor(demo, sortedBy({ way }))).toBe(true);
  const [p] = planned(demo);
  expect(holdsFor(demo, applyChanges(demo, [{ table: 'placements', id: p!.id, remove: true }]).plan)).toBe(true);
  expect(holdsFor(demo, applyChanges(demo, [set('placements', p!.id, { pinned: true })]).plan)).toBe(false);
  expect(holdsFor(demo, applyChanges(demo, [set('units', 'books', { name: 'Old bookcase' })]).plan)).toBe(false);
  const other = { ...p!, id: 'by-hand' };
  const found = {
    changes: [setMeta(demo, { sorting: { ...SORTING, way: 'quickest' } }), set('placements', p!.id, p!)],
    placements: [p!.id],
  };
  const now = applyChanges(demo, [set('placements', other.id, other)]).plan;
  expect(planned(applyChanges(now, takeWay(now, found)).plan)).toEqual([p]);
});
