/**
 * The elements a fetch is made of, with their times in two systems of predetermined times.
 * MTM-1: Maynard, Stegemerten & Schwab, Methods-Time Measurement, 1948; 1 TMU = 0.036 s (values from memory).
 * MODAPTS: Heyde 1966; 1 MOD = 0.129 s (values from memory); the independent check.
 */

import { PUBLISHED, type ConstantKey, type Constants } from '../model/constants.ts';

export const TMU = 0.036;
const MOD = 0.129;

export type ElementKind =
  | 'look'
  | 'search'
  | 'look over'
  | 'flick through'
  | 'lift off'
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
  | 'close lid'
  | 'undo the snaps'
  | 'snap it shut'
  | 'take out'
  | 'put back'
  | 'shut the room door'
  | 'open the room door';

/** Kinds of motion, for a week in the room and for the factors of a time study. */
export const MOTIONS = ['walking', 'rising', 'bending', 'opening', 'looking', 'handling'] as const;
export type Motion = (typeof MOTIONS)[number];
/** As a person reads them. */
export const MOTION_WORD: Readonly<Record<Motion, string>> = {
  walking: 'walking and turning',
  rising: 'getting up and sitting down',
  bending: 'bending, kneeling, steps',
  opening: 'opening and moving aside',
  looking: 'looking and searching',
  handling: 'reaching and carrying',
};

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

/** How far things that are looked over are from the eye, 18 in, and what width is seen without moving it, mm. */
const EYE_DISTANCE = 457.2;
const SEEN_AT_ONCE = 200;

interface Timing {
  /** TMU for a quantity. */
  tmu: (quantity: number, constants: Constants) => number;
  /** MOD for the same, as published. */
  mod: (quantity: number) => number;
  unit: 'mm' | 'paces' | 'looks' | 'times' | 'seconds';
  motion: Motion;
  source: string;
  /** The constants it is made of. */
  of: readonly ConstantKey[];
}

const MTM = 'MTM-1, Maynard, Stegemerten & Schwab 1948 (value from memory)';
/** MODAPTS classes of an arm movement, by the length that is nearest: hand 2 in, forearm 6, arm 12, extended arm 18, with the trunk 30 in. */
const arm = (mm: number) => (mm <= 101.6 ? 2 : mm <= 228.6 ? 3 : mm <= 381 ? 4 : mm <= 609.6 ? 5 : 7);

/** An element that is one constant times its quantity. */
const plain = (
  of: ConstantKey,
  mod: number,
  motion: Motion,
  source: string,
  unit: Timing['unit'] = 'times',
): Timing => ({
  tmu: (n, k) => k[of] * n,
  mod: (n) => mod * n,
  unit,
  motion,
  source: `${MTM}: ${source}`,
  of: [of],
});
/** Reach to it, grasp, and move it so far; and the other way: move and let go. Distances in mm. */
const pull = (mm: number, mod: number, source: string): Timing => ({
  tmu: (n, k) => n * (k.reach * along(REACH, 304.8) + k.grasp + k.move * along(MOVE, mm)),
  mod: (n) => n * mod,
  unit: 'times',
  motion: 'opening',
  source: `${MTM}: ${source}`,
  of: ['reach', 'grasp', 'move'],
});
const push = (mm: number, source: string): Timing => ({
  tmu: (n, k) => n * (k.move * along(MOVE, mm) + k.release),
  mod: (n) => n * 5,
  unit: 'times',
  motion: 'opening',
  source: `${MTM}: ${source}`,
  of: ['move', 'release'],
});
const lift = (mm: number, mod: number, source: string): Timing => ({
  tmu: (n, k) => n * (k.grasp + k.move * along(MOVE, mm) + k.release),
  mod: (n) => n * mod,
  unit: 'times',
  motion: 'opening',
  source: `${MTM}: ${source}`,
  of: ['grasp', 'move', 'release'],
});

/** Every element with its two times and the source of the first. The one table of a fetch. */
export const TIMES: Readonly<Record<ElementKind, Timing>> = {
  look: plain('look', 2, 'looking', 'eye focus 7.3', 'looks'),
  search: plain('look', 2, 'looking', 'eye focus 7.3 for each thing looked at', 'looks'),
  'look over': {
    tmu: (mm, k) => Math.min(20, (k.eyeTravel * mm) / EYE_DISTANCE),
    // An eye focus for each so much of width that is seen at once.
    mod: (mm) => 2 * Math.max(1, Math.ceil(mm / SEEN_AT_ONCE)),
    unit: 'mm',
    motion: 'looking',
    source: `${MTM}: eye travel 15.2 T/D, at most 20`,
    of: ['eyeTravel'],
  },
  'flick through': {
    tmu: (n, k) => n * (k.reach * along(REACH, 25.4) + k.move * along(MOVE, 50.8) + k.look),
    mod: (n) => n * 4,
    unit: 'times',
    motion: 'looking',
    source: `${MTM}: reach 1 in, move 2 in, eye focus`,
    of: ['reach', 'move', 'look'],
  },
  'lift off': {
    tmu: (n, k) => n * (2 * (k.grasp + k.move * along(MOVE, 304.8) + k.release) + k.reach * along(REACH, 304.8)),
    mod: (n) => n * 14,
    unit: 'times',
    motion: 'opening',
    source: `${MTM}: grasp, move 12 in, release; reach 12 in and the same back`,
    of: ['grasp', 'move', 'release', 'reach'],
  },
  reach: {
    tmu: (mm, k) => k.reach * along(REACH, mm),
    mod: arm,
    unit: 'mm',
    motion: 'handling',
    source: `${MTM}: reach, case B`,
    of: ['reach'],
  },
  grasp: plain('grasp', 1, 'handling', 'grasp, easy'),
  'pick from a jumble': plain('jumble', 3, 'handling', 'grasp from a jumble'),
  move: {
    tmu: (mm, k) => k.move * along(MOVE, mm),
    mod: arm,
    unit: 'mm',
    motion: 'handling',
    source: `${MTM}: move, case B`,
    of: ['move'],
  },
  'put down': plain('release', 0, 'handling', 'release'),
  turn: plain('turn', 5, 'walking', 'turn body, case 1'),
  'turn round': plain('turnRound', 10, 'walking', 'turn body, case 2'),
  roll: {
    tmu: (mm, k) => k.sideStep + (k.sideStepInch * mm) / 25.4,
    mod: (mm) => (mm > 300 ? 8 : 5),
    unit: 'mm',
    motion: 'walking',
    source: `${MTM}: side step 17.0 + 0.6 an inch, also for a rolling seat`,
    of: ['sideStep', 'sideStepInch'],
  },
  'stand up': plain('standUp', 15, 'rising', 'stand'),
  'sit down': plain('sitDown', 15, 'rising', 'sit'),
  walk: plain('walk', 5, 'walking', '15.0 a pace', 'paces'),
  'go elsewhere': {
    tmu: (seconds) => seconds / TMU,
    mod: (seconds) => seconds / MOD,
    unit: 'seconds',
    motion: 'walking',
    source: 'the time to that room, as entered by the maker',
    of: [],
  },
  bend: plain('bend', 8.5, 'bending', 'bend'),
  straighten: plain('straighten', 8.5, 'bending', 'arise from bend'),
  kneel: plain('kneel', 8.5, 'bending', 'kneel on one knee'),
  rise: plain('rise', 8.5, 'bending', 'arise from one knee'),
  'step up': {
    tmu: (n, k) => (k.steps / TMU) * n,
    mod: (n) => (PUBLISHED.steps / MOD) * n,
    unit: 'times',
    motion: 'bending',
    source: 'maker’s constant: get the steps, climb, come down, put them back',
    of: ['steps'],
  },
  'move aside': lift(304.8, 5, 'grasp, move 12 in, release'),
  'open drawer': pull(457.2, 10, 'reach 12 in, grasp, pull 18 in'),
  'close drawer': push(457.2, 'push 18 in, release'),
  'open door': pull(609.6, 10, 'reach 12 in, grasp, swing 24 in'),
  'close door': push(609.6, 'swing 24 in, release'),
  'open lid': pull(304.8, 9, 'reach 12 in, grasp, lift 12 in'),
  'close lid': pull(304.8, 9, 'reach 12 in, grasp, lower 12 in'),
  // A lid has two snaps.
  'undo the snaps': plain('press', 4, 'opening', 'apply pressure, each of two snaps'),
  'snap it shut': plain('press', 4, 'opening', 'apply pressure, each of two snaps'),
  'take out': lift(457.2, 6, 'grasp a bin, move 18 in, release'),
  'put back': lift(457.2, 6, 'grasp a bin, move 18 in, release'),
  'shut the room door': pull(762, 12, 'reach 12 in, grasp, swing 30 in'),
  'open the room door': pull(762, 12, 'reach 12 in, grasp, swing 30 in'),
};

/** An element of a kind and quantity with its seconds, by the constants and the factor of its motion. */
export function element(kind: ElementKind, quantity = 1, constants: Constants = PUBLISHED): Element {
  const timing = TIMES[kind];
  return { kind, quantity, seconds: timing.tmu(quantity, constants) * TMU * constants[timing.motion] };
}

/** Seconds of some elements by kind of motion. */
export function byMotion(elements: readonly Element[]): Record<Motion, number> {
  const sums = noMotion();
  for (const e of elements) sums[TIMES[e.kind].motion] += e.seconds;
  return sums;
}
export const noMotion = (): Record<Motion, number> => ({
  walking: 0,
  rising: 0,
  bending: 0,
  opening: 0,
  looking: 0,
  handling: 0,
});

/** Sum of the seconds of some elements. */
export function totalSeconds(elements: readonly Element[]): number {
  return elements.reduce((sum, e) => sum + e.seconds, 0);
}

/** The same elements timed by MODAPTS, seconds: the second opinion that checks the first. */
export function secondsByModapts(elements: readonly Element[]): number {
  return elements.reduce((sum, e) => sum + TIMES[e.kind].mod(e.quantity), 0) * MOD;
}
