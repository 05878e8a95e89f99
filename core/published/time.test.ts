/**
 * Whole fetches by two systems of predetermined times, each timing a list of its own: the program's elements by MTM-1, and
 * lists in MODAPTS codes (Heyde 1966; 1 MOD = 0.129 s; from memory) written down by hand from what somebody does. A motion
 * that the program leaves out shows. docs/fetches.md has the same twenty.
 */
import { SEAT_DEFAULTS } from '../model/plan.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { approachOf } from '../fetch/approach.ts';
import { element, totalSeconds } from '../fetch/elements.ts';
import { fetchElements, fetchSeconds, returnElements, type Lookup } from '../fetch/fetch.ts';

const maker = { id: 'p', name: 'Maker', stature: 1660 };
const seat = (posture: 'seated' | 'standing') => ({
  id: 's',
  name: 'Seat',
  unit: null,
  person: 'p',
  x: 0,
  y: 0,
  facing: 0,
  posture,
  seatHeight: 450,
  ...SEAT_DEFAULTS,
});
const find: Lookup = { lines: 1, known: true, alike: 1, loose: false, aside: 0 };

function at(x: number, y: number, z: number, access: Compartment['access'] = 'open', depth = 300): Compartment {
  const far = Math.hypot(x, y);
  const short = Math.max(0, far - 400) / Math.max(far, 1);
  return {
    id: 'c',
    unit: 'u',
    slot: 's1',
    name: '',
    short: '',
    access,
    walls: 'sides',
    inside: { width: 300, depth, height: 200 },
    front: { left: 0, right: 1, bottom: z, top: z },
    access3: { x, y, z },
    mouth: { x: 0, y: 0 },
    stand: { x: x * short, y: y * short },
    container: null,
    within: null,
    only: null,
  };
}
/** In a furnished room: straight to where one stands before it, 400 mm off. */
const wayTo = (posture: 'seated' | 'standing', c: Compartment) =>
  approachOf(seat(posture), maker, c, { path: [{ x: 0, y: 0 }, c.stand] });

/** Seconds of a list of MODAPTS codes: the digits of each are its MODs; "(…)*2" is done twice. */
function byModapts(codes: string): number {
  let rest = codes;
  let mods = 0;
  rest = rest.replace(/\(([^)]*)\)\*([\d.]+)/g, (_, list: string, n: string) => {
    mods += Number(n) * sum(list);
    return '';
  });
  return (mods + sum(rest)) * 0.129;
}
const sum = (list: string) =>
  [...list.matchAll(/[A-Z](\d+)(?:\*([\d.]+))?/g)].reduce((s, m) => s + Number(m[1]) * Number(m[2] ?? 1), 0);

// M: move of the hand by finger 1, hand 2, forearm 3, arm 4, arm stretched 5, with the trunk 7. G: get by touch 0, grasp 1, from a
// jumble 3. P0: put. E2: look. W5: a pace, and each step of a turn. B17: bend, or kneel, and arise. S30: stand up and sit down again,
// the chair moved. L1: a load. A pace is 0.83 m and whole ones are counted.
const [OPEN, CLOSE, LID, ASIDE] = ['M4G1M5P0', 'M4G1M5P0', 'M4G1M4P0', 'M4G1M4P0'];
/** Steps that stand three paces away: turn, go, bend down to them, grasp, come, turn, bend to put them down; or the other way round. */
const STEPS = 'W5W5*3B17G1W5*3W5B17';
const FETCHES: ReadonlyArray<[string, 'seated' | 'standing', Compartment, Partial<Lookup>, string, string]> = [
  ['a brush in hand reach', 'seated', at(150, -350, 760), {}, 'E2 M2G1 M2P0', 'M4G1 E2 M2P0'],
  ['scissors at arm’s length', 'seated', at(300, -550, 900), {}, 'E2 M4G1 M4P0', 'M4G1 E2 M4P0'],
  [
    'a drawer beside the seat',
    ...(['seated', at(-700, -200, 800, 'drawer', 400), {}] as const),
    `E2 ${OPEN} M7G1 M7P0 ${CLOSE}`,
    `M4G1 ${OPEN} E2 M7P0 ${CLOSE}`,
  ],
  ['a bin behind the seat', 'seated', at(0, 850, 900), {}, 'E2 W5*2 M7G1 M7P0 W5*2', 'M4G1 W5*2 E2 M7P0 W5*2'],
  [
    'a shelf two paces away',
    ...(['seated', at(1500, -900, 1100), {}] as const),
    'E2 S30 W5 W5*2 M5G1 M5P0 W5*2 W5*2 W5*2 M4P0',
    'M4G1 S30 W5 W5*2 E2 M5P0 W5*2 W5*2 W5*2',
  ],
  [
    'a drawer near the floor across the room',
    ...(['seated', at(2500, 600, 200, 'drawer', 400), {}] as const),
    `E2 S30 W5*2 W5*3 B17 ${OPEN} M5G1 M5P0 ${CLOSE} W5*2 W5*3 W5*2 M4P0`,
    `M4G1 S30 W5*2 W5*3 B17 ${OPEN} E2 M5P0 ${CLOSE} W5*2 W5*3 W5*2`,
  ],
  [
    'a low cubby, bending',
    ...(['seated', at(2200, -1500, 600), {}] as const),
    'E2 S30 W5 W5*3 B17 M5G1 M5P0 W5*2 W5*3 W5*2 M4P0',
    'M4G1 S30 W5 W5*3 B17 E2 M5P0 W5*2 W5*3 W5*2',
  ],
  [
    'a shelf above the shoulder',
    ...(['seated', at(-2400, 800, 1700), {}] as const),
    'E2 S30 W5*2 W5*3 M5G1 M5P0 W5*2 W5*3 W5*2 M4P0',
    'M4G1 S30 W5*2 W5*3 E2 M5P0 W5*2 W5*3 W5*2',
  ],
  [
    'from standing, across the room',
    ...(['standing', at(2600, -400, 1000), {}] as const),
    'E2 W5 W5*3 M5G1 M5P0 W5*2 W5*3 W5*2 M4P0',
    'M4G1 W5 W5*3 E2 M5P0 W5*2 W5*3 W5*2',
  ],
  [
    'from standing, a trunk with a lid',
    ...(['standing', at(2000, 1500, 500, 'lid'), {}] as const),
    `E2 W5*2 W5*3 B17 ${LID} M5G1 M5P0 ${LID} W5*2 W5*3 W5*2 M4P0`,
    `M4G1 W5*2 W5*3 B17 ${LID} E2 M5P0 ${LID} W5*2 W5*3 W5*2`,
  ],
  ['beads out of a jumble', 'seated', at(250, -500, 850), { loose: true }, 'E2 M3G3 M3P0', 'M4G1 E2 M3P0'],
  [
    'one of six lines on a shelf',
    ...(['seated', at(1800, -700, 1200), { lines: 6 }] as const),
    'E2 S30 W5 W5*2 E2*3.5 M5G1 M5P0 W5*2 W5*2 W5*2 M4P0',
    'M4G1 S30 W5 W5*2 E2 M5P0 W5*2 W5*2 W5*2',
  ],
  [
    'an unlabelled drawer of five',
    ...(['seated', at(1800, -700, 900, 'drawer', 400), { known: false, alike: 5 }] as const),
    `E2 S30 W5 W5*2 (${OPEN} E2 ${CLOSE})*2 ${OPEN} M5G1 M5P0 ${CLOSE} W5*2 W5*2 W5*2 M4P0`,
    `M4G1 S30 W5 W5*2 ${OPEN} E2 M5P0 ${CLOSE} W5*2 W5*2 W5*2`,
  ],
  [
    'from an over-full shelf',
    ...(['seated', at(1800, -700, 1200), { lines: 4, aside: 2 }] as const),
    `E2 S30 W5 W5*2 E2*2.5 (${ASIDE})*2 M5G1 M5P0 (${ASIDE})*2 W5*2 W5*2 W5*2 M4P0`,
    'M4G1 S30 W5 W5*2 E2 M5P0 W5*2 W5*2 W5*2',
  ],
  [
    'a pull-out in the next corner',
    ...(['standing', at(-1400, -600, 700, 'pull-out', 500), {}] as const),
    `E2 W5 W5*2 B17 ${OPEN} M5G1 M5P0 ${CLOSE} W5*2 W5*2 W5*2 M4P0`,
    `M4G1 W5 W5*2 B17 ${OPEN} E2 M5P0 ${CLOSE} W5*2 W5*2 W5*2`,
  ],
  [
    'a cupboard with a door, at shoulder height',
    ...(['seated', at(1300, 900, 1300, 'door'), {}] as const),
    `E2 S30 W5*2 W5*2 ${OPEN} M5G1 M5P0 ${CLOSE} W5*2 W5*2 W5*2 M4P0`,
    `M4G1 S30 W5*2 W5*2 ${OPEN} E2 M5P0 ${CLOSE} W5*2 W5*2 W5*2`,
  ],
  [
    'the bottom drawer of a chest behind the seat',
    ...(['seated', at(-500, 150, 250, 'drawer', 400), {}] as const),
    `E2 W5*2 B17 ${OPEN} M5G1 M5P0 ${CLOSE} W5*2`,
    `M4G1 W5*2 B17 ${OPEN} E2 M5P0 ${CLOSE} W5*2`,
  ],
  [
    'on steps, above overhead reach',
    ...(['seated', at(1800, -700, 2100), {}] as const),
    `E2 S30 W5 W5*2 ${STEPS} W5*2 M5G1 M5P0 W5*2 ${STEPS} W5*2 W5*2 W5*2 M4P0`,
    `M4G1 S30 W5 W5*2 ${STEPS} W5*2 E2 M5P0 W5*2 ${STEPS} W5*2 W5*2 W5*2`,
  ],
  [
    'a machine of 12 kg off a low shelf',
    ...(['seated', at(2200, -600, 650), { kilograms: 12 }] as const),
    'E2 S30 W5 W5*2 B17 M5G1L1 M5P0 W5*2 W5*3 W5*2 M4P0',
    'M4G1L1 S30 W5 W5*3 B17 E2 M5P0 W5*2 W5*2 W5*2',
  ],
  [
    'something behind two others',
    ...(['standing', at(1500, -1100, 900), { aside: 2 }] as const),
    `E2 W5 W5*2 (${ASIDE})*2 M5G1 M5P0 (${ASIDE})*2 W5*2 W5*2 W5*2 M4P0`,
    'M4G1 W5 W5*2 E2 M5P0 W5*2 W5*2 W5*2',
  ],
];

test('there are twenty whole fetches', () => expect(FETCHES).toHaveLength(20));

test.each(FETCHES)('%s: MTM and a list in MODAPTS within 15 %%', (_, posture, compartment, more, there, back) => {
  const way = wayTo(posture, compartment);
  const [fetch, putBack] = [fetchElements(way, { ...find, ...more }), returnElements(way, { ...find, ...more })];
  expect(Math.abs(totalSeconds(fetch) / byModapts(there) - 1)).toBeLessThan(0.15);
  expect(Math.abs(totalSeconds(putBack) / byModapts(back) - 1)).toBeLessThan(0.15);
});

test('on the whole the two do not lean to one side', () => {
  const ratios = FETCHES.map(([, posture, c, more, there]) => {
    return totalSeconds(fetchElements(wayTo(posture, c), { ...find, ...more })) / byModapts(there);
  });
  expect(Math.abs(ratios.reduce((a, b) => a + b, 0) / ratios.length - 1)).toBeLessThan(0.05);
});

test('bend and arise: 60.9 TMU and 17 MOD are both 2.19 s; standing up and sitting down, the chair moved: 30 MOD, 3.87 s', () => {
  expect(element('bend').seconds + element('straighten').seconds).toBeCloseTo(2.19, 2);
  expect(byModapts('B17')).toBeCloseTo(2.19, 2);
  const rising = (['push the chair back', 'stand up', 'sit down', 'draw the chair up'] as const).map((k) => element(k));
  expect(Math.abs(totalSeconds(rising) / byModapts('S30') - 1)).toBeLessThan(0.02);
});

test.each([
  [152.4, 8.6, 8.9],
  [304.8, 12.9, 13.4],
  [457.2, 17.2, 17.0],
  [609.6, 21.5, 20.6],
  [762, 25.8, 24.3],
])('reach and move of %d mm: %d and %d TMU', (mm, reach, move) => {
  expect(element('reach', mm).seconds / 0.036).toBeCloseTo(reach, 9);
  expect(element('move', mm).seconds / 0.036).toBeCloseTo(move, 9);
});

// The weight allowance of MTM-1: static constant and factor by pounds on a hand, at the middle of each row of its table (from memory).
test.each([
  [5, 2.2, 1.06],
  [10, 3.9, 1.11],
  [15, 5.6, 1.17],
  [20, 7.4, 1.22],
  [25, 9.1, 1.28],
  [30, 10.8, 1.33],
  [35, 12.5, 1.39],
  [40, 14.3, 1.44],
])('a move of 12 in with %d lb on a hand', (pounds, constant, factor) => {
  // Above 2 kg both hands carry, each with half of it.
  const kilograms = pounds * 2 * 0.45359237;
  const tmu = element('move', 304.8, undefined, kilograms).seconds / 0.036;
  expect(Math.abs(tmu - (constant + factor * 13.4))).toBeLessThan(0.25);
});

test('a machine of 15 kg takes longer to move and to carry than a thing of 5 g', () => {
  const way = wayTo('standing', at(2600, -400, 1000));
  const [light, heavy] = [0.005, 15].map((kilograms) => fetchSeconds(way, { ...find, kilograms }, true));
  // By hand: 15 kg are 16.53 lb on each hand: 6.18 TMU more for each of three moves, 1.184 times their 17.54, 13.4 and 17.54 TMU;
  // and paces of 30 instead of 34 in on both loaded ways, each of 2.69 paces of 17 TMU.
  const moves = 3 * 6.18 + 0.184 * (2 * 17.55 + 13.4);
  const walking = 2 * 2.687 * 17 * (34 / 30 - 1);
  expect((heavy! - light!) / 0.036).toBeCloseTo(moves + walking, 0);
});

test('a drawer is pulled by its own depth and pushed back from its handle: by hand from the tables', () => {
  const open = (deep: number) => element('open drawer', deep).seconds / 0.036;
  expect(open(457.2)).toBeCloseTo(12.9 + 2 + 17, 9);
  expect(open(304.8)).toBeCloseTo(12.9 + 2 + 13.4, 9);
  expect(element('close drawer', 304.8).seconds / 0.036).toBeCloseTo(12.9 + 2 + 13.4 + 2, 9);
});

test('a roll of a foot is 17 TMU, each further inch 0.6', () => {
  expect(element('roll', 304.8).seconds / 0.036).toBeCloseTo(17, 9);
  expect(element('roll', 304.8 + 254).seconds / 0.036).toBeCloseTo(17 + 6, 9);
});

test('a pedestal beside the seat: its bottom drawer is had by bending down, not by getting up', () => {
  // Before: stand up, turn, walk, kneel and all back: 12.3 s. A seated bend and arise with the drawer is about half.
  const way = approachOf(seat('seated'), maker, at(440, -80, 260, 'drawer', 400));
  expect(way.ripple).toBe(3);
  expect(way.go.map((e) => e.kind)).toEqual(['bend']);
  const seconds = totalSeconds(fetchElements(way, find));
  // By hand: look 7.3, bend 29, open 12.9 + 2 + 15.65, reach 17.9, grasp 2, move 17.6, close 32.55, arise 31.9, release 2.
  expect(seconds / 0.036).toBeGreaterThan(160);
  expect(seconds / 0.036).toBeLessThan(175);
});

test('what was moved aside is moved back, before the place is shut and left', () => {
  const kinds = fetchElements(wayTo('seated', at(1800, -700, 600, 'drawer')), { ...find, aside: 2 }).map((e) => e.kind);
  expect(kinds).toEqual([
    ...['look', 'push the chair back', 'stand up', 'turn', 'walk round furniture', 'bend', 'open drawer'],
    ...['move aside', 'reach', 'grasp', 'move', 'move back', 'close drawer', 'straighten'],
    ...['turn', 'walk round furniture', 'turn', 'turn round', 'sit down', 'draw the chair up', 'move', 'put down'],
  ]);
});
