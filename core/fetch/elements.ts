/**
 * The elements a fetch is made of, with their times by MTM-1: Maynard, Stegemerten & Schwab, Methods-Time Measurement,
 * 1948; 1 TMU = 0.036 s (values from memory). A second system, MODAPTS, times lists of its own in published/time.test.ts.
 */

import { PUBLISHED, type ConstantKey, type Constants } from '../model/constants.ts';

export const TMU = 0.036;

/** Kinds of motion, for a week in the room and for a maker's own factors. */
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

/** How far things that are looked over are from the eye: 18 in, mm. */
const EYE_DISTANCE = 457.2;

interface Timing {
  /** TMU for a quantity, with a load in the hands, kg. */
  tmu: (quantity: number, constants: Constants, kilograms: number) => number;
  unit: 'mm' | 'paces' | 'looks' | 'times' | 'seconds';
  motion: Motion;
  source: string;
  /** The constants it is made of. */
  of: readonly ConstantKey[];
}

const MTM = 'MTM-1, Maynard, Stegemerten & Schwab 1948 (value from memory)';

/** An element that is one constant times its quantity. */
const plain = (of: ConstantKey, motion: Motion, source: string, unit: Timing['unit'] = 'times'): Timing => ({
  tmu: (n, k) => k[of] * n,
  unit,
  motion,
  source: `${MTM}: ${source}`,
  of: [of],
});
/** An element made of several motions of the tables. */
const made = (
  of: readonly ConstantKey[],
  tmu: Timing['tmu'],
  source: string,
  motion: Motion = 'opening',
  unit: Timing['unit'] = 'times',
): Timing => ({ tmu, unit, motion, source: `${MTM}: ${source}`, of });

const FOOT = 304.8;
const reachFor = (k: Constants, mm: number) => k.reach * along(REACH, mm);
const moveFor = (k: Constants, mm: number) => k.move * along(MOVE, mm);
const [PULLING, PUSHING] = [['reach', 'grasp', 'move'] as const, ['reach', 'grasp', 'move', 'release'] as const];
/** Reach to a handle, grasp it, and move it a distance. */
const pull = (k: Constants, mm: number) => reachFor(k, FOOT) + k.grasp + moveFor(k, mm);
/** The same, and let go. */
const push = (k: Constants, mm: number) => pull(k, mm) + k.release;
/** Grasp a thing, move it a distance and let go. */
const lift = (k: Constants, mm: number) => k.grasp + moveFor(k, mm) + k.release;

const POUND = 0.45359237;
/** The heaviest weight that makes no difference, lb. */
const LIGHT = 2.5;
/** From this weight on a thing is carried with both hands, each with half of it, kg. Common practice, no source. */
const BOTH_HANDS = 2;

/**
 * Moving with a weight: MTM-1 adds a static constant before and multiplies the move, 0.475 + 0.345 and 1 + 0.01114 for each pound
 * on a hand (the straight lines behind its table; values from memory); up to 2.5 lb nothing.
 */
function moveWeighed(k: Constants, mm: number, kilograms: number): number {
  const pounds = kilograms / (kilograms > BOTH_HANDS ? 2 : 1) / POUND;
  const move = moveFor(k, mm);
  return pounds <= LIGHT ? move : k.move * (0.475 + 0.345 * pounds) + move * (1 + 0.01114 * pounds);
}

/** A pace between furniture. */
const PACE = ['walk', 'betweenFurniture'] as const;
const pacing = (k: Constants) => k.walk + k.betweenFurniture;
/** Getting a pair of steps: turn, go there, bend, grasp, straighten, come with them, bend, put down, straighten. */
const stepsCarried = (k: Constants) =>
  2 * k.turn + 2 * k.stepsAway * pacing(k) + 2 * (k.bend + k.straighten) + k.grasp + k.release;
const CARRIED = ['turn', 'stepsAway', 'walk', 'betweenFurniture', 'bend', 'straighten', 'grasp', 'release'] as const;

/** Every element with its time and source. The one table of a fetch. */
export const TIMES = {
  look: plain('look', 'looking', 'eye focus 7.3', 'looks'),
  search: plain('look', 'looking', 'eye focus 7.3 for each thing looked at', 'looks'),
  'look over': made(
    ['eyeTravel'],
    (mm, k) => Math.min(20, (k.eyeTravel * mm) / EYE_DISTANCE),
    'eye travel 15.2 T/D, at most 20',
    'looking',
    'mm',
  ),
  'flick through': made(
    ['reach', 'move', 'look'],
    (n, k) => n * (reachFor(k, 25.4) + moveFor(k, 50.8) + k.look),
    'reach 1 in, move 2 in, eye focus',
    'looking',
  ),
  'lift off': made(
    ['grasp', 'move', 'release', 'reach'],
    (n, k) => n * (2 * lift(k, FOOT) + reachFor(k, FOOT)),
    'grasp, move 12 in, release; reach 12 in and the same back',
  ),
  reach: made(['reach'], (mm, k) => reachFor(k, mm), 'reach, case B', 'handling', 'mm'),
  grasp: plain('grasp', 'handling', 'grasp, easy'),
  'pick from a jumble': plain('jumble', 'handling', 'grasp from a jumble'),
  move: made(
    ['move'],
    (mm, k, kilograms) => moveWeighed(k, mm, kilograms),
    'move, case B, with the allowance for its weight',
    'handling',
    'mm',
  ),
  'put down': plain('release', 'handling', 'release'),
  turn: plain('turn', 'walking', 'turn body, case 1: a quarter turn, going on'),
  'turn round': plain('turnRound', 'walking', 'turn body, case 2: a quarter turn, both feet down'),
  // The first step of a foot is in the 17.
  roll: made(
    ['sideStep', 'sideStepInch'],
    (mm, k) => k.sideStep + (k.sideStepInch * Math.max(0, mm - FOOT)) / 25.4,
    'side step 17.0 up to 12 in, 0.6 for each further inch, also for a rolling seat',
    'walking',
    'mm',
  ),
  'push the chair back': made(['move'], (n, k) => n * moveFor(k, FOOT), 'move 12 in, the hands on it', 'rising'),
  'stand up': plain('standUp', 'rising', 'stand'),
  'sit down': plain('sitDown', 'rising', 'sit'),
  'draw the chair up': made(
    ['grasp', 'move'],
    (n, k) => n * (k.grasp + moveFor(k, FOOT)),
    'grasp, move 12 in',
    'rising',
  ),
  walk: plain('walk', 'walking', '15.0 a pace, nothing in the way', 'paces'),
  'walk round furniture': made(PACE, (n, k) => n * pacing(k), '17.0 a pace, obstructed', 'walking', 'paces'),
  'go elsewhere': {
    tmu: (seconds) => seconds / TMU,
    unit: 'seconds',
    motion: 'walking',
    source: 'the time to that room, as entered by the maker',
    of: [],
  },
  bend: plain('bend', 'bending', 'bend'),
  straighten: plain('straighten', 'bending', 'arise from bend'),
  kneel: plain('kneel', 'bending', 'kneel on one knee'),
  rise: plain('rise', 'bending', 'arise from one knee'),
  'use the steps': {
    tmu: (n, k) => (k.steps / TMU) * n,
    unit: 'times',
    motion: 'bending',
    source: 'your own time for getting the steps, climbing, coming down and putting them back',
    of: ['steps'],
  },
  'get the steps': made(CARRIED, (n, k) => n * stepsCarried(k), 'turn, walk, bend, grasp; back; put down', 'bending'),
  climb: made(PACE, (n, k) => n * pacing(k), 'an obstructed pace for each tread', 'bending'),
  'climb down': made(PACE, (n, k) => n * pacing(k), 'an obstructed pace for each tread', 'bending'),
  'put the steps away': made(CARRIED, (n, k) => n * stepsCarried(k), 'as getting them', 'bending'),
  'move aside': made(['grasp', 'move', 'release'], (n, k) => n * lift(k, FOOT), 'grasp, move 12 in, release'),
  'move back': made(
    ['reach', 'grasp', 'move', 'release'],
    (n, k) => n * (reachFor(k, FOOT) + lift(k, FOOT)),
    'reach 12 in, grasp, move 12 in, release',
  ),
  'open drawer': made(PULLING, (mm, k) => pull(k, mm), 'reach 12 in, grasp, pull by its depth', 'opening', 'mm'),
  'close drawer': made(
    PUSHING,
    (mm, k) => push(k, mm),
    'reach 12 in, grasp, push by its depth, release',
    'opening',
    'mm',
  ),
  'open door': made(PULLING, (mm, k) => pull(k, mm), 'reach 12 in, grasp, swing 24 in', 'opening', 'mm'),
  'close door': made(PUSHING, (mm, k) => push(k, mm), 'reach 12 in, grasp, swing 24 in, release', 'opening', 'mm'),
  'open lid': made(PULLING, (n, k) => n * pull(k, FOOT), 'reach 12 in, grasp, lift 12 in'),
  'close lid': made(PUSHING, (n, k) => n * push(k, FOOT), 'reach 12 in, grasp, lower 12 in, release'),
  // A lid has two snaps.
  'undo the snaps': plain('press', 'opening', 'apply pressure, each of two snaps'),
  'snap it shut': plain('press', 'opening', 'apply pressure, each of two snaps'),
  'take out': made(['grasp', 'move', 'release'], (n, k) => n * lift(k, 457.2), 'grasp a bin, move 18 in, release'),
  'put back': made(
    ['reach', 'grasp', 'move', 'release'],
    (n, k) => n * (reachFor(k, FOOT) + lift(k, 457.2)),
    'reach 12 in, grasp a bin, move 18 in, release',
  ),
  'shut the room door': made(PUSHING, (n, k) => n * push(k, 762), 'reach 12 in, grasp, swing 30 in, release'),
  'open the room door': made(PUSHING, (n, k) => n * push(k, 762), 'reach 12 in, grasp, swing 30 in, release'),
} as const satisfies Record<string, Timing>;
export type ElementKind = keyof typeof TIMES;

/**
 * An element of a kind and quantity with its seconds, by the constants and the factor of its motion.
 * @param kilograms what is in the hands
 */
export function element(kind: ElementKind, quantity = 1, constants: Constants = PUBLISHED, kilograms = 0): Element {
  const timing: Timing = TIMES[kind];
  return { kind, quantity, seconds: timing.tmu(quantity, constants, kilograms) * TMU * constants[timing.motion] };
}

/** The same element several times over. */
export const times = (n: number, e: Element): Element => ({ ...e, quantity: e.quantity * n, seconds: e.seconds * n });

/** Seconds of some elements by kind of motion. */
export function byMotion(elements: readonly Element[]): Record<Motion, number> {
  const sums = noMotion();
  for (const e of elements) sums[TIMES[e.kind].motion] += e.seconds;
  return sums;
}
export const noMotion = () => Object.fromEntries(MOTIONS.map((m) => [m, 0])) as Record<Motion, number>;

/** Sum of the seconds of some elements. */
export function totalSeconds(elements: readonly Element[]): number {
  return elements.reduce((sum, e) => sum + e.seconds, 0);
}
