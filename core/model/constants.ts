/**
 * Every constant of the models of time, reach and load that a maker may change, with its published or first value, unit
 * and source. A plan keeps only those that were changed (meta.constants); taking one out is the way back.
 */
import { once } from './memo.ts';
import { z } from 'zod';
import { amount } from './fields.ts';

export interface Constant {
  value: number;
  unit: string;
  /** What it is, as a person reads it. */
  words: string;
  source: string;
  group: 'Motions' | 'My own factors' | 'Costs' | 'Places' | 'Body' | 'Reach' | 'Load';
  least: number;
  most: number;
}

const MTM = 'MTM-1, Maynard, Stegemerten & Schwab 1948 (value from memory)';
const BODY = 'Drillis & Contini 1966, in Winter, Biomechanics and Motor Control of Human Movement (value from memory)';
const OWN = 'our constant, no source';
const STUDY = 'your own factor; 1 is the published time';

type Kind = Omit<Constant, 'value' | 'words'>;
const MOTION: Kind = { unit: 'TMU', source: MTM, group: 'Motions', least: 0.1, most: 200 };
const FACTOR: Kind = { unit: '×', source: STUDY, group: 'My own factors', least: 0.1, most: 10 };
const WEEKLY: Kind = { unit: 's a week', source: OWN, group: 'Costs', least: 0, most: 3600 };
const SHARE: Kind = { unit: 'of height', source: BODY, group: 'Body', least: 0.05, most: 1.5 };
const REACH: Kind = { unit: '°', source: OWN, group: 'Reach', least: 0, most: 180 };
const PLACE: Kind = { unit: '', source: 'common practice, no source', group: 'Places', least: 0, most: 100 };

const tmu = (value: number, words: string): Constant => ({ ...MOTION, value, words });
const factor = (words: string): Constant => ({ ...FACTOR, value: 1, words });
const weekly = (value: number, words: string): Constant => ({ ...WEEKLY, value, words });
const cost = (value: number, unit: string, words: string, most: number): Constant => ({
  ...WEEKLY,
  value,
  unit,
  words,
  most,
});
const share = (value: number, words: string, source = BODY): Constant => ({ ...SHARE, value, words, source });
const reach = (value: number, words: string, least: number, most: number): Constant => ({
  ...REACH,
  value,
  words,
  least,
  most,
});
const load = (value: number, unit: string, words: string, source: string, most: number): Constant => ({
  ...{ value, unit, words, source, group: 'Load', least: 0, most },
});
const held = (value: number, unit: string, words: string, most: number): Constant => ({
  ...{ ...PLACE, value, unit, words, least: value < 1 ? 0.01 : 1, most },
});
const EN = 'EN 312 and EN 622-5 for boards; solid wood and plywood usual values (from memory)';
const MEAN = 'mean of boards as sold, half as much again as EN 312 P2 and EN 622-5 ask of the weakest (from memory)';
const CREEP = 'EN 1995-1-1, k_def, service class 1 (value from memory)';

export const CONSTANTS = {
  look: tmu(7.3, 'one look (eye focus), and each thing looked at'),
  eyeTravel: {
    ...tmu(15.2, 'the eye travels over things, times width by distance (18 in), at most 20 TMU'),
    unit: 'TMU × width/distance',
  },
  grasp: tmu(2, 'grasp, easy'),
  jumble: tmu(9.1, 'grasp out of a jumble'),
  release: tmu(2, 'release'),
  press: tmu(16.2, 'apply pressure with a new grasp: a snap of a lid'),
  turn: tmu(18.6, 'turn the body by a quarter and go on (case 1)'),
  turnRound: tmu(37.2, 'turn the body by a quarter and stand, both feet down (case 2)'),
  sideStep: tmu(17, 'side step or roll, the first foot'),
  sideStepInch: { ...tmu(0.6, 'side step or roll, for each further inch'), unit: 'TMU an inch', least: 0 },
  standUp: tmu(43.4, 'stand up'),
  sitDown: tmu(34.7, 'sit down'),
  walk: { ...tmu(15, 'walk, a pace, nothing in the way'), unit: 'TMU a pace' },
  betweenFurniture: { ...tmu(2, 'a pace between furniture takes so much more'), unit: 'TMU a pace', least: 0 },
  bend: tmu(29, 'bend'),
  straighten: tmu(31.9, 'arise from a bend'),
  kneel: tmu(29, 'kneel on one knee'),
  rise: tmu(31.9, 'arise from one knee'),
  reach: { ...factor('reaching, of the table of MTM-1 (case B)'), source: MTM, group: 'Motions' },
  move: { ...factor('moving with a thing in the hand, of the table of MTM-1 (case B)'), source: MTM, group: 'Motions' },
  walking: factor('walking, turning, rolling'),
  bending: factor('bending, kneeling, steps'),
  rising: factor('getting up and sitting down'),
  opening: factor('opening, closing, moving aside'),
  looking: factor('looking and searching'),
  handling: factor('reaching, grasping, carrying'),
  steps: {
    ...cost(0, 's', 'get the steps, climb, come down, put them back, as you timed it; 0 adds up its motions', 300),
    source: 'your own time',
  },
  stepsAway: { ...cost(3, 'paces', 'from a high place to where the steps are kept', 50), least: 0 },
  treads: { ...cost(2, '', 'treads of the steps that you climb', 10), least: 1 },
  hunt: cost(60, 's', 'looking for a thing with no home, each time', 3600),
  heavyFrom: cost(2, 'kg', 'a piece is heavy from', 50),
  heavyPerKilo: cost(5, 's', 'each kilogram above that, from a bad height, adds to a fetch', 60),
  childNear: cost(4, 's', 'a thing that a child must not get, within its reach, adds to a fetch', 120),
  sunNear: cost(3, 's', 'a thing to keep out of light in the open near a window adds to a fetch', 120),
  homeExtra: weekly(30, 'a thing in a further run of places, apart from where most of its home lies'),
  lockedUp: weekly(30, 'a harmless thing in a locked cupboard, among what is locked away'),
  mixed: weekly(5, 'each further home in one place; in a cubby, slot or bin three times as much'),
  strangers: weekly(15, 'each further zone whose things lie in one place'),
  tangled: weekly(350, 'each home too many in a place to name it; a thing of a kit outside of its box'),
  borrowed: weekly(60, 'a thing of one zone in a place that is wished to be another’s'),
  wrongSide: weekly(60, 'a thing whose home is not on the side, or not in the place, where it was asked to be'),
  outOfLine: weekly(90, 'a thing at the wrong end of the rainbow or the alphabet'),
  apart: weekly(60, 'two things that belong together and do not lie together'),
  wrongShow: weekly(60, 'a thing that is hidden and should be seen, or the other way round'),
  ownHolder: weekly(
    240,
    'sheets beside the slots, rolls beside the rods, steel beside the magnet, where there are some',
  ),
  disturb: cost(2, 's a week', 'how much better another place must be before a thing moves', 600),
  moveSettle: cost(20, 's', 'laying a thing into its new place in the move', 600),
  moveWipe: cost(60, 's', 'wiping out an emptied place', 1800),
  moveLabel: cost(45, 's', 'writing and putting on a label', 1800),
  moveDecide: cost(40, 's', 'deciding about an undecided thing', 1800),
  armful: { ...cost(15, 'l', 'carried in one trip', 200), least: 1 },
  armfulMass: { ...cost(8, 'kg', 'carried in one trip, as a weight', 50), least: 0.5 },
  split: weekly(30, 'each further place of one thing, spares not counted'),
  heatNear: cost(5, 's', 'a flammable thing, or one to keep from heat, near a heater adds to a fetch', 120),
  hotFar: cost(6, 's', 'a tool that gets hot, far from a socket, adds to a fetch', 120),
  sunReach: cost(1500, 'mm', 'how far from a window the sun counts', 10_000),
  heatReach: cost(1000, 'mm', 'how far from a heater the heat counts', 5000),
  staysOut: {
    ...held(
      5,
      '× a week',
      'a thing may stay out on a table when it is fetched so often; machines and what is kept in view always may',
      100,
    ),
    least: 0,
  },
  onATable: { ...held(5, 'lines', 'so many sorts of things stay out on one table or top, at most', 50), least: 1 },
  homesInPlace: {
    ...held(2, 'homes', 'a drawer or shelf can be named with so many homes in it, at most', 20),
    source: OWN,
    least: 1,
  },
  handInDrawer: held(10, 'mm', 'kept free under the frame above a drawer', 100),
  handOnShelf: held(20, 'mm', 'kept free over things on a shelf, for the hand', 200),
  handInCell: held(2, 'mm', 'kept free over a thing in a cell made to measure', 50),
  slotUsed: held(0.75, 'of the slot', 'of a slot for sheets is used, so that a sheet still slides', 1),
  stackHigh: held(300, 'mm', 'stiff things lie on each other up to this height', 2000),
  stackMany: held(4, '', 'stiff things lie on each other, at most', 100),
  stackOnTop: held(2, '', 'stiff things lie on each other on an open top, at most', 100),
  stackThin: held(60, 'mm', 'thin flat things (under 12 mm) lie on each other up to this height', 2000),
  stackSheets: held(150, 'mm', 'sheets lie on each other up to this height', 2000),
  stackSheetsOnTop: held(60, 'mm', 'sheets lie on each other on an open top up to this height', 2000),
  stackCloth: held(250, 'mm', 'cloth and soft things lie on each other up to this height', 2000),
  rollsOnShelf: held(
    3,
    '',
    'round things lie on each other on a shelf, at most; in a drawer or box up to its rim',
    100,
  ),
  handful: held(60, 'mm', 'of a stack that one lifts off at once, to get at what lies below', 500),
  flicks: held(6, '', 'things filed on edge are flicked through, at most: they stand roughly in order', 200),
  stockLength: {
    ...held(1000, 'mm', 'card or board for dividers and spacers is sold in this length', 6000),
    least: 100,
  },
  stockPrice: { ...held(0, '', 'one such length costs, in your money; 0 when not known', 1000), least: 0 },
  hook: held(2, 'kg', 'a hook carries', 50),
  stands: held(0.18, 'of its height', 'a thing that stands free is at least so thick', 1),
  flameReach: cost(1200, 'mm', 'how far flammable things keep from a station whose work gives flame or heat', 10_000),
  eye: share(0.936, 'eye height'),
  shoulder: share(0.818, 'shoulder height'),
  elbow: share(0.63, 'elbow height'),
  knee: share(0.285, 'knee height'),
  knuckle: share(0.432, 'knuckle height', 'derived in Winter’s proportions (value from memory)'),
  grip: share(0.386, 'shoulder to grip', 'upper arm 0.186 + forearm 0.146 + half a hand 0.054'),
  forearm: share(0.2, 'elbow to grip', 'forearm 0.146 + half a hand 0.054'),
  overhead: share(1.204, 'overhead grip reach', 'shoulder 0.818 + grip 0.386'),
  halfBreadth: share(0.129, 'half the breadth of the shoulders'),
  seatedShoulder: share(0.338, 'shoulder above the seat'),
  seatedElbow: share(0.15, 'elbow above the seat'),
  seatedEye: share(0.456, 'eye above the seat'),
  pace: { ...reach(864, 'a pace (never more than half the height)', 200, 1200), unit: 'mm', source: `${MTM}: 34 in` },
  swivelStep: { ...reach(600, 'how far you roll or step after turning, at most', 0, 2000), unit: 'mm' },
  side: reach(100, 'how far to the side a hand works without turning the seat', 30, 180),
  seatedBend: reach(60, 'how far you bend down from your seat, at most', 0, 90),
  sideBend: reach(40, 'how far you bend to the side from your seat, at most', 0, 60),
  lean: { ...reach(500, 'how far you lean over a table, at most', 0, 1200), unit: 'mm' },
  view: reach(110, 'how far to either side you see by turning your head', 30, 180),
  lift: load(23, 'kg', 'load constant of the lifting equation', 'Waters, Putz-Anderson, Garg & Fine 1993', 40),
  sagLimit: load(300, 'of the span', 'a shelf may sag one part in', 'common practice for furniture, no source', 2000),
  eParticleboard: load(2400, 'N/mm²', 'stiffness of particleboard', MEAN, 20000),
  eMdf: load(2800, 'N/mm²', 'stiffness of MDF', MEAN, 20000),
  ePine: load(9000, 'N/mm²', 'stiffness of solid pine', EN, 20000),
  ePlywood: load(6000, 'N/mm²', 'stiffness of plywood', EN, 20000),
  creepBoard: load(1.5, '', 'creep of particleboard and MDF', `${CREEP}: that of P6 and P7`, 10),
  creepPine: load(0.6, '', 'creep of solid wood', CREEP, 10),
  creepPlywood: load(0.8, '', 'creep of plywood', CREEP, 10),
  pull: load(23, 'kg', 'weight that pulls on the front edge of a drawer', 'after ASTM F2057 (value from memory)', 100),
} as const satisfies Record<string, Constant>;

export type ConstantKey = keyof typeof CONSTANTS;
export const CONSTANT_KEYS = Object.keys(CONSTANTS) as ConstantKey[];
export type Constants = Readonly<Record<ConstantKey, number>>;
export type ChangedConstants = Readonly<Partial<Record<ConstantKey, number>>>;

/** Those that a plan changes. */
/** What earlier versions could change and none asks for any more: plans that have it still open. */
const FORMER: readonly string[] = ['kindsInPlace'];

const ChangedSchema = z.strictObject(
  Object.fromEntries(
    CONSTANT_KEYS.map((key) => {
      const { words, least, most } = CONSTANTS[key];
      return [key, amount(`“${words}”`, least, most).optional()];
    }),
  ) as unknown as Record<ConstantKey, z.ZodOptional<z.ZodNumber>>,
);

export const ConstantsSchema = z.preprocess(
  (given) =>
    typeof given === 'object' && given !== null && !Array.isArray(given)
      ? Object.fromEntries(Object.entries(given).filter(([key]) => !FORMER.includes(key)))
      : given,
  ChangedSchema,
);

const all = once(
  (changed: ChangedConstants) =>
    Object.fromEntries(CONSTANT_KEYS.map((key) => [key, changed[key] ?? CONSTANTS[key].value])) as Constants,
);

/** All constants, with those that were changed. */
export const constantsOf = (changed: ChangedConstants = NONE): Constants => all(changed);
const NONE: ChangedConstants = {};
/** As published, nothing changed. */
export const PUBLISHED = constantsOf(NONE);
