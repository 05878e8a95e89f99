/** Whole fetches by two independent systems of predetermined times, and single elements against their tables. */
import { SEAT_DEFAULTS } from '../model/plan.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { element, secondsByModapts, totalSeconds } from '../fetch/elements.ts';
import { fetchElements, returnElements, approachOf, type Lookup } from '../fetch/fetch.ts';

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

function at(x: number, y: number, z: number, access: Compartment['access'] = 'open'): Compartment {
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
    inside: { width: 1, depth: 1, height: 1 },
    front: { left: 0, right: 1, bottom: z, top: z },
    access3: { x, y, z },
    mouth: { x: 0, y: 0 },
    stand: { x: x * short, y: y * short },
    container: null,
    within: null,
    only: null,
  };
}

// MTM-1: Maynard, Stegemerten & Schwab 1948. MODAPTS: Heyde 1966. Both tables from memory (methods.md 2).
const FETCHES: ReadonlyArray<[string, 'seated' | 'standing', Compartment, Partial<Lookup>]> = [
  ['a brush in hand reach', 'seated', at(150, -350, 760), {}],
  ['scissors at arm’s length', 'seated', at(300, -550, 900), {}],
  ['a drawer within a swivel', 'seated', at(-700, -200, 800, 'drawer'), {}],
  ['a bin behind the seat', 'seated', at(0, 850, 900), {}],
  ['a shelf two paces away', 'seated', at(1500, -900, 1100), {}],
  ['a drawer near the floor across the room', 'seated', at(2500, 600, 200, 'drawer'), {}],
  ['a low cubby, bending', 'seated', at(2200, -1500, 600), {}],
  ['a shelf above the shoulder', 'seated', at(-2400, 800, 1700), {}],
  ['from standing, across the room', 'standing', at(2600, -400, 1000), {}],
  ['from standing, a trunk with a lid', 'standing', at(2000, 1500, 500, 'lid'), {}],
  ['beads out of a jumble', 'seated', at(250, -500, 850), { loose: true }],
  ['one of six lines on a shelf', 'seated', at(1800, -700, 1200), { lines: 6 }],
  ['an unlabelled drawer of five', 'seated', at(1800, -700, 900, 'drawer'), { known: false, alike: 5 }],
  ['from an over-full shelf', 'seated', at(1800, -700, 1200), { lines: 4, aside: 1.5 }],
  ['a pull-out in the next corner', 'standing', at(-1400, -600, 700, 'pull-out'), {}],
  ['a cupboard with a door, at shoulder height', 'seated', at(1300, 900, 1300, 'door'), {}],
  ['a board on the wall, a step to the side', 'standing', at(700, -500, 1350, 'peg'), {}],
  ['a tray behind the seat', 'seated', at(0, 700, 750), { lines: 3 }],
  ['a long way down to the floor', 'standing', at(3800, 2600, 120), {}],
  ['something behind two others', 'standing', at(1500, -1100, 900), { aside: 2 }],
];

test('there are twenty whole fetches', () => expect(FETCHES).toHaveLength(20));

test.each(FETCHES)('%s: MTM and MODAPTS within 30 %%', (_, posture, compartment, more) => {
  const way = approachOf(seat(posture), maker, compartment);
  const fetch = fetchElements(way, { ...find, ...more });
  for (const elements of [fetch, [...fetch, ...returnElements(way)]]) {
    const [mtm, modapts] = [totalSeconds(elements), secondsByModapts(elements)];
    expect(mtm).toBeGreaterThan(0.5);
    expect(Math.abs(modapts / mtm - 1)).toBeLessThan(0.3);
  }
});

test('bend and arise: 60.9 TMU and 17 MOD are both 2.19 s', () => {
  const both = [element('bend'), element('straighten')];
  expect(totalSeconds(both)).toBeCloseTo(2.19, 2);
  expect(secondsByModapts(both)).toBeCloseTo(2.19, 2);
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
