/**
 * Finding one of n that differ, by how they lie: our seconds against fetches worked out by hand from the elements of MTM-1
 * (Maynard, Stegemerten & Schwab 1948) and of MODAPTS (Heyde 1966), both from memory. How often each motion comes is counted
 * for the case, from what makers do (common practice, no source): half of those above are lifted off, half are flicked through.
 */
import { holds } from '@heronstone/testing/holds.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { element, totalSeconds } from '../fetch/elements.ts';
import { diggingElements } from '../fetch/fetch.ts';
import { diggingOf, NO_DIGGING } from '../fit/digging.ts';
import { fit } from '../fit/fit.ts';
import { PUBLISHED } from '../model/constants.ts';
import type { Orientation, Supply } from '../model/plan.ts';

/** Motions counted by hand. */
interface Counted {
  looks?: number;
  flicks?: number;
  lifts?: number;
  travel?: number;
  jumble?: boolean;
}

/** TMU: eye focus 7.3; eye travel 15.2 T/D at 18 in, at most 20; R1B 2.9, M2B 4.6; G1A 2, M12B 13.4, RL1 2, R12B 12.9; G4 9.1. */
const mtm = ({ looks = 0, flicks = 0, lifts = 0, travel = 0, jumble = false }: Counted) =>
  0.036 *
  (7.3 * looks +
    Math.min(20, (15.2 * travel) / 457) +
    flicks * (2.9 + 4.6 + 7.3) +
    lifts * (2 * (2 + 13.4 + 2) + 12.9) +
    (12.9 + (jumble ? 9.1 : 2) + 13.4));
/** MOD: E2; M1 G0 M1 P0 with E2; M4 G1 M4 P0 and M4 G1; M4 G1 (a jumble G3) M4 P0. */
const modapts = ({ looks = 0, flicks = 0, lifts = 0, travel = 0, jumble = false }: Counted) =>
  0.129 *
  (2 * looks +
    (travel > 0 ? 2 * Math.max(1, Math.round(travel / 200)) : 0) +
    flicks * 4 +
    lifts * 14 +
    (4 + (jumble ? 3 : 1) + 4));

const set = (count: number, length: number, width: number, thickness: number, more: Partial<Supply> = {}): Supply =>
  thing({ form: 'set', alike: 'different', count, length, width, thickness, goesBack: true, ...more });

type Case = [string, Supply, ReturnType<typeof holds>, Orientation, Counted];
const FLAT: Case[] = [
  [
    'four games of 40 mm',
    set(4, 250, 180, 40),
    holds('drawer', 190, 260, 200),
    'flat',
    { travel: 180, looks: 2.5, lifts: 1.5 },
  ],
  [
    'two boxes of 90 mm',
    set(2, 300, 200, 90),
    holds('drawer', 210, 310, 200),
    'flat',
    { travel: 200, looks: 1.5, lifts: 0.5 },
  ],
  [
    'three albums on a shelf',
    set(3, 300, 300, 50),
    holds('open', 310, 320, 200),
    'flat',
    { travel: 300, looks: 2, lifts: 1 },
  ],
  [
    'twelve thin stamp sets of 4 mm',
    set(12, 180, 140, 4),
    holds('drawer', 150, 190, 70),
    'flat',
    { travel: 140, looks: 6.5, lifts: 11 / 12 },
  ],
  [
    'four pads of 25 mm',
    set(4, 210, 150, 25),
    holds('drawer', 160, 220, 130),
    'flat',
    { travel: 150, looks: 2.5, lifts: 1 },
  ],
  [
    'eight books in two stacks',
    set(8, 240, 170, 30),
    holds('open', 350, 250, 150),
    'flat',
    { travel: 340, looks: 2.5, lifts: 1 },
  ],
];
const FILED: Case[] = [4, 6, 8, 10, 12, 200].map((n) => [
  `${n} pouches on edge in a box`,
  set(n, 180, 130, 3),
  holds('box', 620, 190, 150),
  'edge',
  // In order a few are flicked through, however many there are.
  { flicks: Math.min(6, n / 2) },
]);
const ONE_LAYER: Case[] = [
  ['nine ink pads in a shallow drawer', set(9, 95, 60, 18), holds('drawer', 300, 300, 40), 'flat', { travel: 180 }],
  [
    'twelve ink bottles',
    set(12, 60, 40, 40, { form: 'bottles' }),
    holds('drawer', 300, 120, 90),
    'end',
    { travel: 160 },
  ],
  ['six pairs of pliers', set(6, 180, 60, 20), holds('drawer', 400, 200, 34), 'flat', { travel: 360 }],
  [
    'twenty spools of thread',
    set(20, 60, 30, 30, { form: 'rolls' }),
    holds('drawer', 300, 150, 70),
    'end',
    { travel: 120 },
  ],
  ['books with their spines out', set(8, 240, 170, 25), holds('open', 300, 260, 260), 'edge', { travel: 200 }],
  ['five tins', set(5, 90, 90, 30), holds('box', 460, 100, 50), 'flat', { travel: 450 }],
];
const HEAP: Case[] = [3, 5, 8, 12, 20, 39].map((n) => [
  `one of ${n} charms in a heap`,
  set(n, 20, 15, 8, { form: 'loose' }),
  holds('box', 120, 120, 60),
  'flat',
  { looks: Math.min(20, (n + 1) / 2), jumble: true },
]);

describe.each([
  ['in flat stacks', FLAT],
  ['filed on edge', FILED],
  ['in one layer', ONE_LAYER],
  ['in a heap', HEAP],
])('%s', (_, cases) => {
  test('there are six worked fetches', () => expect(cases).toHaveLength(6));
  test.each(cases)('%s', (_name, supply, place, orientation, counted) => {
    const { lie, count } = fit(supply, supply.count, place, place.inside.width, orientation);
    expect(count).toBe(supply.count);
    const digging = diggingOf(supply, lie, count, place);
    const grasp = element(digging.jumble ? 'pick from a jumble' : 'grasp');
    const ours = totalSeconds([
      ...diggingElements(digging, PUBLISHED),
      element('reach', 304.8),
      grasp,
      element('move', 304.8),
    ]);
    expect([ours / mtm(counted), ours / modapts(counted)].map((r) => Math.abs(r - 1) < 0.3)).toEqual([true, true]);
  });
});

test('on edge beats flat for sets, and one layer beats both where there is room', () => {
  const sets = set(40, 180, 130, 4);
  const seconds = (place: ReturnType<typeof holds>, orientation: Orientation) => {
    const { lie, count } = fit(sets, sets.count, place, place.inside.width, orientation);
    expect(count).toBe(sets.count);
    return totalSeconds(diggingElements(diggingOf(sets, lie, count, place), PUBLISHED));
  };
  const flat = seconds(holds('drawer', 300, 400, 60), 'flat');
  const edge = seconds(holds('box', 200, 190, 150), 'edge');
  const spread = seconds(holds('drawer', 1400, 800, 20), 'flat');
  expect(edge).toBeLessThan(flat);
  expect(spread).toBeLessThan(edge);
});

test('of things that are alike, and of a single one, the first is taken', () => {
  const place = holds('drawer', 150, 190, 70);
  for (const supply of [set(12, 180, 140, 4, { alike: 'alike' }), set(1, 180, 140, 4)]) {
    const { lie, count } = fit(supply, supply.count, place);
    expect(diggingOf(supply, lie, count, place)).toEqual(NO_DIGGING);
  }
});

test('in a deep shelf the row behind another costs moving the front one aside; a drawer has no behind', () => {
  const pots = set(6, 90, 60, 60, { form: 'bottles' });
  const lifts = (place: ReturnType<typeof holds>) => {
    const { lie, count } = fit(pots, pots.count, place);
    return diggingOf(pots, lie, count, place).lifts;
  };
  expect(lifts(holds('open', 130, 200, 150))).toBeCloseTo(1, 9); // two columns of three rows
  expect(lifts(holds('drawer', 130, 200, 150))).toBe(0);
});
