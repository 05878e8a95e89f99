/**
 * The elements a fetch is made of, with their times in two systems of predetermined times.
 * MTM-1: Maynard, Stegemerten & Schwab, Methods-Time Measurement, 1948; 1 TMU = 0.036 s (values from memory).
 * MODAPTS: Heyde 1966; 1 MOD = 0.129 s (values from memory); the independent check.
 */

export const TMU = 0.036;
export const MOD = 0.129;

export type ElementKind =
  | 'look'
  | 'search'
  | 'reach'
  | 'grasp'
  | 'pick from a jumble'
  | 'move'
  | 'put down'
  | 'turn'
  | 'turn round'
  | 'roll'
  | 'stand up'
  | 'sit down'
  | 'walk'
  | 'go elsewhere'
  | 'bend'
  | 'straighten'
  | 'kneel'
  | 'rise'
  | 'step up'
  | 'move aside'
  | 'open drawer'
  | 'close drawer'
  | 'open door'
  | 'close door'
  | 'open lid'
  | 'close lid';

/** One element of a fetch: what, how much of it (mm, paces, looks), and what it takes. */
export interface Element {
  kind: ElementKind;
  quantity: number;
  seconds: number;
}

/** Reach, case B (to a single thing), TMU by distance in mm: 6, 12, 18, 24, 30 inches. */
const REACH: ReadonlyArray<[number, number]> = [
  [0, 2.0],
  [152.4, 8.6],
  [304.8, 12.9],
  [457.2, 17.2],
  [609.6, 21.5],
  [762, 25.8],
];
/** Move, case B (to an approximate place). */
const MOVE: ReadonlyArray<[number, number]> = [
  [0, 2.0],
  [152.4, 8.9],
  [304.8, 13.4],
  [457.2, 17.0],
  [609.6, 20.6],
  [762, 24.3],
];

/** Value of a table at a distance, in between by straight lines, beyond its end by its last slope. */
function along(table: ReadonlyArray<[number, number]>, mm: number): number {
  let i = 1;
  while (i < table.length - 1 && table[i]![0] < mm) i++;
  const [[x0, y0], [x1, y1]] = [table[i - 1]!, table[i]!];
  return y0 + ((y1 - y0) * (mm - x0)) / (x1 - x0);
}

interface Timing {
  /** TMU for a quantity. */
  tmu: (quantity: number) => number;
  /** MOD for the same. */
  mod: (quantity: number) => number;
  unit: 'mm' | 'paces' | 'looks' | 'times' | 'seconds';
  source: string;
}

/** Seconds to fetch the steps, climb, come down and put them back: a maker's constant (methods.md: 12 s to begin with). */
export const STEPS_SECONDS = 12;

const MTM = 'MTM-1, Maynard, Stegemerten & Schwab 1948 (value from memory)';
/** MODAPTS classes of an arm movement, by the length that is nearest: hand 2 in, forearm 6, arm 12, extended arm 18, with the trunk 30 in. */
const arm = (mm: number) => (mm <= 101.6 ? 2 : mm <= 228.6 ? 3 : mm <= 381 ? 4 : mm <= 609.6 ? 5 : 7);

/** Every element with its two times and the source of the first. The one table of constants of a fetch. */
export const TIMES: Readonly<Record<ElementKind, Timing>> = {
  look: { tmu: (n) => 7.3 * n, mod: (n) => 2 * n, unit: 'looks', source: `${MTM}: eye focus 7.3` },
  search: {
    tmu: (n) => 7.3 * n,
    mod: (n) => 2 * n,
    unit: 'looks',
    source: `${MTM}: eye focus 7.3 for each thing looked at`,
  },
  reach: { tmu: (mm) => along(REACH, mm), mod: arm, unit: 'mm', source: `${MTM}: reach, case B` },
  grasp: { tmu: (n) => 2.0 * n, mod: (n) => n, unit: 'times', source: `${MTM}: grasp, easy` },
  'pick from a jumble': {
    tmu: (n) => 9.1 * n,
    mod: (n) => 3 * n,
    unit: 'times',
    source: `${MTM}: grasp from a jumble`,
  },
  move: { tmu: (mm) => along(MOVE, mm), mod: arm, unit: 'mm', source: `${MTM}: move, case B` },
  'put down': { tmu: (n) => 2.0 * n, mod: () => 0, unit: 'times', source: `${MTM}: release` },
  turn: { tmu: (n) => 18.6 * n, mod: (n) => 5 * n, unit: 'times', source: `${MTM}: turn body, case 1` },
  'turn round': { tmu: (n) => 37.2 * n, mod: (n) => 10 * n, unit: 'times', source: `${MTM}: turn body, case 2` },
  roll: {
    tmu: (mm) => 17.0 + (0.6 * mm) / 25.4,
    mod: (mm) => (mm > 300 ? 8 : 5),
    unit: 'mm',
    source: `${MTM}: side step 17.0 + 0.6 an inch, also for a rolling seat`,
  },
  'stand up': { tmu: (n) => 43.4 * n, mod: (n) => 15 * n, unit: 'times', source: `${MTM}: stand` },
  'sit down': { tmu: (n) => 34.7 * n, mod: (n) => 15 * n, unit: 'times', source: `${MTM}: sit` },
  walk: { tmu: (paces) => 15 * paces, mod: (paces) => 5 * paces, unit: 'paces', source: `${MTM}: 15.0 a pace` },
  'go elsewhere': {
    tmu: (seconds) => seconds / TMU,
    mod: (seconds) => seconds / MOD,
    unit: 'seconds',
    source: 'the time to that room, as entered by the maker',
  },
  bend: { tmu: (n) => 29.0 * n, mod: (n) => 8.5 * n, unit: 'times', source: `${MTM}: bend` },
  straighten: { tmu: (n) => 31.9 * n, mod: (n) => 8.5 * n, unit: 'times', source: `${MTM}: arise from bend` },
  kneel: { tmu: (n) => 29.0 * n, mod: (n) => 8.5 * n, unit: 'times', source: `${MTM}: kneel on one knee` },
  rise: { tmu: (n) => 31.9 * n, mod: (n) => 8.5 * n, unit: 'times', source: `${MTM}: arise from one knee` },
  'step up': {
    tmu: (n) => (STEPS_SECONDS / TMU) * n,
    mod: (n) => (STEPS_SECONDS / MOD) * n,
    unit: 'times',
    source: `maker's constant, ${STEPS_SECONDS} s: get the steps, climb, come down, put them back`,
  },
  'move aside': {
    tmu: (n) => (2.0 + along(MOVE, 304.8) + 2.0) * n,
    mod: (n) => (1 + 4) * n,
    unit: 'times',
    source: `${MTM}: grasp, move 12 in, release`,
  },
  'open drawer': {
    tmu: () => along(REACH, 304.8) + 2.0 + along(MOVE, 457.2),
    mod: () => 4 + 1 + 5,
    unit: 'times',
    source: `${MTM}: reach 12 in, grasp, pull 18 in`,
  },
  'close drawer': {
    tmu: () => along(MOVE, 457.2) + 2.0,
    mod: () => 5,
    unit: 'times',
    source: `${MTM}: push 18 in, release`,
  },
  'open door': {
    tmu: () => along(REACH, 304.8) + 2.0 + along(MOVE, 609.6),
    mod: () => 4 + 1 + 5,
    unit: 'times',
    source: `${MTM}: reach 12 in, grasp, swing 24 in`,
  },
  'close door': {
    tmu: () => along(MOVE, 609.6) + 2.0,
    mod: () => 5,
    unit: 'times',
    source: `${MTM}: swing 24 in, release`,
  },
  'open lid': {
    tmu: () => along(REACH, 304.8) + 2.0 + along(MOVE, 304.8),
    mod: () => 4 + 1 + 4,
    unit: 'times',
    source: `${MTM}: reach 12 in, grasp, lift 12 in`,
  },
  'close lid': {
    tmu: () => along(REACH, 304.8) + 2.0 + along(MOVE, 304.8),
    mod: () => 4 + 1 + 4,
    unit: 'times',
    source: `${MTM}: reach 12 in, grasp, lower 12 in`,
  },
};

/** An element of a kind and quantity with its seconds by MTM. */
export function element(kind: ElementKind, quantity = 1): Element {
  return { kind, quantity, seconds: TIMES[kind].tmu(quantity) * TMU };
}

/** Sum of the seconds of some elements. */
export function totalSeconds(elements: readonly Element[]): number {
  return elements.reduce((sum, e) => sum + e.seconds, 0);
}

/** The same elements timed by MODAPTS, seconds: the second opinion that checks the first. */
export function secondsByModapts(elements: readonly Element[]): number {
  return elements.reduce((sum, e) => sum + TIMES[e.kind].mod(e.quantity), 0) * MOD;
}
