import { runs } from '@heronstone/testing/runs.ts';
import fc from 'fast-check';
import { SUPPLY_DEFAULTS, type ContainerShape, type Supply } from '../model/plan.ts';
import { CONTAINER_DEFAULTS } from '../model/supply.ts';
import { containerAdvice, costOf, optionsFor, packMix, type By } from './containerAdvice.ts';

const shape = (name: string, width: number, depth: number, height: number, price: number | null): ContainerShape => ({
  ...CONTAINER_DEFAULTS,
  name,
  kind: 'bin',
  width,
  depth,
  height,
  insideWidth: width - 4,
  insideDepth: depth - 4,
  insideHeight: height - 2,
  lid: 'none',
  pulled: false,
  seeThrough: false,
  price,
  mass: null,
});
const supply = (id: string, length: number, width: number, thickness: number, count: number): Supply => ({
  ...SUPPLY_DEFAULTS,
  id,
  name: id,
  category: '',
  form: 'pieces',
  count,
  length,
  width,
  thickness,
  grammage: null,
  mass: null,
  orientations: ['flat', 'edge', 'end'],
  goesBack: true,
  note: '',
});
const drawer = { access: 'drawer' as const, walls: 'all' as const, inside: { width: 320, depth: 430, height: 70 } };
const TYPES = [
  shape('narrow', 76, 152, 50, 2),
  shape('square', 152, 152, 50, 3),
  shape('long', 76, 380, 50, 4),
  shape('wide', 152, 230, 50, 4.5),
  shape('large', 230, 305, 60, 6),
  shape('tall', 200, 200, 150, 1),
];

/** Every combination of one kind of container a supply: the cheapest that can be packed, by looking at all of them. */
function exhaustive(lines: Array<{ supply: Supply; count: number }>, by: By): number | null {
  const options = lines.map((l) => optionsFor(l.supply, l.count, drawer, TYPES, by));
  let best: number | null = null;
  const go = (at: number, chosen: ReturnType<typeof optionsFor>) => {
    if (at === lines.length) {
      const cost = chosen.reduce((sum, o) => sum + costOf(o, by), 0);
      if ((best === null || cost < best) && packMix(chosen, lines, drawer)) best = cost;
      return;
    }
    for (const o of options[at]!) go(at + 1, [...chosen, o]);
  };
  go(0, []);
  return best;
}

test.each(['space', 'price'] as const)('property: by %s it is as good as looking at every combination', (by) => {
  const piece = fc.tuple(
    fc.integer({ min: 20, max: 220 }),
    fc.integer({ min: 8, max: 60 }),
    fc.integer({ min: 4, max: 30 }),
    fc.integer({ min: 1, max: 25 }),
  );
  fc.assert(
    fc.property(fc.array(piece, { minLength: 1, maxLength: 3 }), (rows) => {
      const lines = rows.map(([l, w, t, count], i) => ({ supply: supply(`s${i}`, l, w, t, count), count }));
      const advice = containerAdvice(lines, drawer, TYPES, by);
      // Supplies that fit in no container lie beside them; the exhaustive search knows only containers.
      if (advice.without.length > 0) return;
      const best = exhaustive(lines, by);
      // Where no combination fits, some lie without a container, and it does not say that it is the best.
      if (best === null) expect(advice.mixes.length === 0 || (!advice.exact && advice.mixes[0]!.partly)).toBe(true);
      else {
        expect(advice.exact).toBe(true);
        expect(advice.mixes[0]!.items.reduce((sum, o) => sum + costOf(o, by), 0)).toBeCloseTo(best, 6);
      }
    }),
    { numRuns: runs(60) },
  );
});

test('mixes come best first, are drawn without overlap, and hold all there is', () => {
  const lines = [
    { supply: supply('pens', 140, 12, 12, 30), count: 30 },
    { supply: supply('pads', 75, 50, 18, 12), count: 12 },
  ];
  const { mixes } = containerAdvice(lines, drawer, TYPES, 'space');
  expect(mixes.length).toBeGreaterThan(1);
  const floors = mixes.map((m) => m.items.reduce((sum, o) => sum + o.floor, 0));
  expect([...floors].sort((a, b) => a - b)).toEqual(floors);
  for (const mix of mixes) {
    for (const item of mix.items) expect(item.containers * item.each).toBeGreaterThanOrEqual(item.count);
    expect(mix.placed).toHaveLength(mix.items.reduce((sum, o) => sum + o.containers, 0));
    // A container higher than the drawer is never offered.
    expect(mix.items.every((o) => o.shape!.name !== 'tall')).toBe(true);
  }
  const cheap = containerAdvice(lines, drawer, TYPES, 'price').mixes[0]!;
  expect(cheap.price).toBeLessThanOrEqual(mixes[0]!.price);
});

test('what fits in no container lies beside them; what does not fit at all is named; an empty place has no advice', () => {
  const rule = { supply: supply('rule', 400, 30, 2, 1), count: 1 };
  const pads = { supply: supply('pads', 75, 50, 18, 12), count: 12 };
  const advice = containerAdvice([rule, pads], drawer, TYPES, 'space');
  expect(advice.without).toEqual(['rule']);
  expect(advice.mixes[0]!.items[0]).toMatchObject({ shape: null, how: 'without a container' });
  const huge = { supply: supply('board', 900, 600, 20, 1), count: 1 };
  expect(containerAdvice([huge, pads], drawer, TYPES, 'space').reason).toMatch(/board: not all of it fits here/);
  expect(containerAdvice([], drawer, TYPES, 'space').reason).toMatch(/nothing is to lie here yet/);
  expect(
    containerAdvice(
      [pads],
      drawer,
      TYPES.slice(0, 1).map((t) => ({ ...t, price: null })),
      'price',
    ).mixes[0]!.unpriced,
  ).toBe(1);
});

test('many supplies in a large place: the search in order is cut, and a mix that fits is found all the same', () => {
  const shelf = { access: 'open' as const, walls: 'sides' as const, inside: { width: 764, depth: 320, height: 300 } };
  const sizes = [
    [120, 38, 38, 36],
    [110, 90, 90, 3],
    [250, 200, 15, 12],
    [160, 100, 90, 8],
    [140, 80, 25, 12],
    [200, 30, 22, 5],
  ] as const;
  const lines = sizes.map(([l, w, t, count], i) => ({ supply: supply(`s${i}`, l, w, t, count), count }));
  const types = [
    ...TYPES,
    shape('cube', 160, 310, 150, 6),
    shape('shoe', 200, 300, 120, 4),
    shape('file', 80, 250, 280, 4),
  ];
  const cut = containerAdvice(lines, shelf, types, 'space', { packs: 1, looks: 2 });
  expect(cut.exact).toBe(false);
  expect(cut.mixes).toHaveLength(1);
  const [mix] = cut.mixes;
  expect(mix!.placed).toHaveLength(mix!.items.reduce((sum, o) => sum + Math.max(1, o.containers), 0));
  // Not better than the best, if that is found.
  const best = containerAdvice(lines, shelf, types, 'space');
  if (best.exact && best.mixes.length > 0) expect(mix!.share).toBeGreaterThanOrEqual(best.mixes[0]!.share - 1e-9);
});
