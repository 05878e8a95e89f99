/** What evaluate(plan) says: every figure that a screen, the command line or a printout shows is a field of this Report. */
import type { Guesses } from '../model/guessed.ts';
import type { PlaceForm } from '../zones/placeForms.ts';
import type { SeatSide } from '../zones/sides.ts';
import type { Allotted } from '../zones/allotted.ts';
import type { Order } from '../cost/sortingCost.ts';
import type { Parts } from '../furniture/parts.ts';
import type { Rect } from '../geometry/pack/freeSpace.ts';
import type { Access, Compartment } from '../furniture/compartments.ts';
import type { Finding } from '../model/finding.ts';
import type { Arrangement } from '../model/plan.ts';
import type { Motion } from '../fetch/elements.ts';
import type { Sight } from '../reach/seen.ts';
import type { HeightBand, Ripple } from '../reach/body.ts';
import type { Setup } from './setupTime.ts';
import type { Point } from '../geometry/geometry.ts';
import type { RelationReport } from '../checks/relations.ts';
import type { StripSpan, Wall } from '../room/walls.ts';
import type { Fill, PlacementReport } from '../checks/placementReport.ts';
import type { Strain } from '../checks/strain.ts';

export type { Fill, FillState, PlacementReport, UsedFrom } from '../checks/placementReport.ts';
export type { Strain } from '../checks/strain.ts';

export interface ReachReport {
  ripple: Ripple;
  band: HeightBand;
  /** Walking distance one way, mm, and in paces; 0 from the seat. */
  walk: number;
  /** Corner points of the way over the free floor, mm; null from the seat, and where there is no way. */
  path: Point[] | null;
  paces: number;
  /** One fetch out of the empty, labelled compartment, s. */
  seconds: number;
  /** What is seen of it from there. */
  sight: Sight;
  /** On which side of the seat it is. */
  side: SeatSide;
  /** How far one leans over something, mm; and why the hand does not get there at all, or null. */
  lean: number;
  beyond: string | null;
}

export interface CompartmentReport {
  id: string;
  unit: string;
  slot: string;
  name: string;
  short: string;
  access: Access;
  walls: Compartment['walls'];
  inside: Compartment['inside'];
  /** How it is divided; null for one that is not. */
  parts: Parts | null;
  front: Compartment['front'];
  access3: Compartment['access3'];
  /** From each seat: a station with its own person, or `station@person`. */
  reach: Record<string, ReachReport>;
  fill: Record<Arrangement, Fill>;
  /** Fetching out of it in a week, containers in it included, minutes. */
  minutes: Record<Arrangement, number>;
  /** Placements, most used first. */
  contents: Record<Arrangement, string[]>;
  /** The container that it is, and the compartment in which that stands; null for an opening of furniture. */
  container: string | null;
  within: string | null;
  only: Arrangement | null;
  /** Containers that stand in it. */
  holds: Record<Arrangement, string[]>;
  /** Ids of the homes in it, most lines first; what they are called together, and whether that is a name. */
  homes: Record<Arrangement, string[]>;
  homeName: Record<Arrangement, string>;
  canBeNamed: Record<Arrangement, boolean>;
  /** Zones that have it: those it is given to, or that of most that is planned there. */
  zones: string[];
  /** Their letters, S for storage: “A C”; empty where it is nobody's. */
  letters: string;
  /** To whom the maker gave it. */
  given: Allotted;
}

/** A home, and where it lies: its places as runs of neighbours. */
export interface HomeReport {
  id: string;
  name: string;
  zone: string | null;
  /** The maker made it; else the program formed it. */
  own: boolean;
  set: boolean;
  spares: boolean;
  supplies: string[];
  kinds: string[];
  runs: Record<Arrangement, string[][]>;
  /** Where the places of the plan are full: an empty place beside them, or null; false while there is room. */
  full: { next: string | null } | false;
  /** It is not sorted: its things lie as a heap. */
  unsorted: boolean;
  /** Minutes a week that it costs, or would cost, not to sort it; null where there is nothing to sort. */
  unsortedMinutes: number | null;
}

/** How far the places of an arrangement can be named. */
export interface NamesReport {
  lines: number;
  /** Lines whose home has one answer to where it is: all of it lies in one run of neighbouring places. */
  linesTogether: number;
  places: number;
  placesNamed: number;
  homes: number;
  /** Runs beyond the first, over all homes. */
  furtherRuns: number;
  placesPerHome: number;
  homesPerPlace: number;
  /** Kinds that lie in more than one piece of furniture. */
  kindsSplit: string[];
  setsSplit: Array<{ name: string; supplies: string[]; places: string[] }>;
  apartBroken: Array<{ place: string; a: string; b: string }>;
  /** Collections and kinds that pull at the same things: a collection lies whole, or its kinds do. */
  collections: CollectionReport[];
  /** Minutes a week above the quickest plan, and their share of it, when the room was last filled by homes; null for today. */
  cost: { minutes: number; share: number } | null;
}

/** A collection whose things are of several kinds of which there are more elsewhere: one of the two is torn. */
export interface CollectionReport {
  name: string;
  lines: number;
  /** Runs of neighbouring places in which it lies: it is whole in one. */
  runs: string[][];
  /** Its kinds with more of them outside of it: how many lines in it, and elsewhere in the room. */
  kinds: Array<{ kind: string; inside: number; outside: number }>;
}

/** What a zone asks for of one form of place, and what it has: litres, metres, or lines of long pieces. */
export interface NeedLine {
  form: PlaceForm | 'long';
  /** Within arm's length of a seat of the zone, without getting up; or anywhere. */
  reach: 'arm' | 'any';
  unit: 'l' | 'm' | 'lines';
  asks: number;
  has: number;
}

export interface ZoneReport {
  id: string;
  letter: string;
  order: number;
  name: string;
  /** The program proposes it; it is not in the plan yet. */
  proposed: boolean;
  activities: string[];
  stations: string[];
  homes: string[];
  /** Its furniture: what is given to it, or, while nothing is, what its things are planned in. */
  units: string[];
  given: boolean;
  need: NeedLine[];
  /** What is short most, and open furniture that has such places, the quickest for it first: seconds of a fetch, on the average. */
  gap: { need: NeedLine; closedBy: Array<{ unit: string; seconds: number }> } | null;
  /** Share of its fetches that stay inside it; null where nothing is fetched. */
  purity: Record<Arrangement, number | null>;
}

/** Fetches a week that a zone makes in the places of another one, or of none (storage). */
export interface ZoneFlow {
  from: string;
  to: string | null;
  fetches: number;
  /** Those for which somebody walks. */
  walked: number;
}

/** A container in its place. */
export interface ContainerReport {
  id: string;
  /** The compartment that it is, and the one in which it stands; null where that is not there. */
  place: string | null;
  within: string;
  /** Its outline there, mm; null where it has no room. */
  rect: Rect | null;
  turned: boolean;
  reason: string | null;
}

export interface SupplyReport {
  id: string;
  massEach: number | null;
  massTotal: number | null;
  litres: number;
  fetchesPerWeek: number;
  /** How many of it a week uses up; 0 for a tool. */
  usedPerWeek: number;
  /** Spares are opened, or fewer are left than the reorder point. */
  reorder: boolean;
  /** Share of its fetches that find nothing in a place, spares not counted. */
  missing: Record<Arrangement, number>;
  /** How many have no place in an arrangement, and why. */
  without: Record<Arrangement, number>;
  reason: string | null;
}

export interface Week {
  /** Fetching and putting back, minutes a week. */
  fetching: number;
  /** Looking for things with no home. */
  hunting: number;
  penalties: number;
  /** Rolling carts up, fetching kits, going between the stations of one session. */
  setup: number;
  /** All of them. */
  minutes: number;
  placed: number;
  /** Supplies of which something has no place. */
  without: number;
  /** Supplies of which nobody has said yet where they are, or all of them; 0 for a plan. */
  notNoted: number;
  /** Fetching and setting up by kind of motion, minutes. */
  motions: Record<Motion, number>;
  /** Times somebody gets up, and metres walked, to fetch and put back. */
  ups: number;
  metres: number;
  /** Most minutes first. */
  activities: ActivityWeek[];
  places: Array<{ compartment: string; minutes: number }>;
  supplies: SupplyWeek[];
}

/** A week of one supply, minutes. */
export interface SupplyWeek {
  supply: string;
  /** How often it is wanted: fetched, or looked for in vain. */
  fetches: number;
  /** Fetching and putting back, of spares, too. */
  minutes: number;
  hunting: number;
  penalties: number;
}

/** What the minutes of a week are made of. */
export type WeekPart = 'fetching' | 'hunting' | 'penalties' | 'setup';

/** The same supplies and the same fetches today and as planned, minutes a week; and what is in one of the two weeks only. */
export interface Compared {
  supplies: number;
  /** Whether the two weeks are of the same things: nothing leaves the room, and all is noted. */
  whole: boolean;
  /** How many others there are that stay: nobody has noted yet where they are. */
  left: number;
  /** How often the same supplies are wanted. */
  fetches: number;
  today: number;
  planned: number;
  /** What the two are made of. */
  parts: Record<WeekPart, { today: number; planned: number }>;
  /** The rest of the two weeks: what leaves the room, and what is not noted today, or the part of it that is not. */
  apart: Record<'leaving' | 'notNoted', { supplies: number; today: number; planned: number }>;
}

/** A week of one activity. */
export interface ActivityWeek {
  activity: string;
  /** Fetching and putting back, minutes. */
  minutes: number;
  fetches: number;
  /** Rolling carts up, fetching kits, going between stations, minutes. */
  setup: number;
  /** Looking for things of it that have no home, and penalties, minutes. */
  hunting: number;
  penalties: number;
  /** The sum of them. */
  total: number;
  motions: Record<Motion, number>;
  /** In one session: times of getting up, bends and kneels, steps, metres walked. */
  perSession: { ups: number; bends: number; steps: number; metres: number };
}

/** One of the worst: its figure in the unit of its list. */
export interface Worst {
  placement: string;
  figure: number;
  words: string;
}
/** slow: minutes a week; heavy: lifting index; child: mm below a child's highest reach; unseen: fetches a week. */
export type WorstLists = Record<'slow' | 'heavy' | 'child' | 'unseen', Worst[]>;

export interface UnitReport {
  id: string;
  litres: number;
  mass: number;
  /** Fetching out of all its places in a week, minutes. */
  minutes: Record<Arrangement, number>;
  span: StripSpan | null;
}

/** Furniture as money: what is there and what is wanted. */
export interface Shopping {
  /** Units that are wanted, by name. */
  wanted: Array<{ unit: string; name: string; price: number | null }>;
  /** Planned containers that are not owned, the same ones together; price of one. */
  containers: Array<{
    kind: string;
    /** Outside width, depth, height, mm. */
    size: number[];
    lid: boolean;
    count: number;
    price: number | null;
    places: string[];
    names: string[];
  }>;
  /** Things that are still to be bought. */
  things: Array<{ supply: string; name: string; count: number }>;
  /** Sum of the prices that are known, and how many are not. */
  cost: number;
  unpriced: number;
  /** The same of what is owned. */
  owned: { count: number; worth: number; unpriced: number };
}

/** A divider or a spacer to cut. */
export interface CutPiece {
  compartment: string;
  place: string;
  kind: 'divider' | 'spacer';
  /** Long side and height (divider), or width and depth (spacer), mm. */
  length: number;
  breadth: number;
  count: number;
  /** What for, in words. */
  why: string;
}

/** Lengths of stock of one breadth, for the pieces of the cut list. */
export interface StockLine {
  breadth: number;
  /** Of one as it is sold, mm. */
  length: number;
  pieces: number;
  count: number;
  /** Of one; null when not known. */
  price: number | null;
}

export interface Report {
  plan: string;
  /** Floor area in m²; closing error of the walls as taped, mm, null unless all were taped. */
  room: { name: string; area: number; ceiling: number; closingError: number | null; walls: Wall[] };
  units: Record<string, UnitReport>;
  compartments: CompartmentReport[];
  placements: Record<string, PlacementReport>;
  supplies: Record<string, SupplyReport>;
  containers: Record<string, ContainerReport>;
  compared: Compared;
  guesses: Guesses;
  week: Record<Arrangement, Week>;
  /** How far each arrangement is from the wished order; not part of the minutes of its week. */
  order: Record<Arrangement, Order>;
  zones: ZoneReport[];
  homes: HomeReport[];
  names: Record<Arrangement, NamesReport>;
  /** What zones fetch from each other, most first. */
  flows: Record<Arrangement, ZoneFlow[]>;
  worst: Record<Arrangement, WorstLists>;
  strain: Record<Arrangement, Strain>;
  /** Supplies whose planned places differ from today's. */
  moves: number;
  /** Named modes of the room ("guest"), with what rolls away in each. */
  modes: Array<{ mode: string; rolls: Array<{ unit: string; by: number }> }>;
  relations: RelationReport[];
  setups: Setup[];
  shopping: Shopping;
  /** Dividers and spacers to cut for the planned places, and the stock that they are cut from. */
  cuts: CutPiece[];
  stock: StockLine[];
  findings: Finding[];
  errors: number;
  cautions: number;
  /** What is still open at each step of the work. */
  open: Record<WorkStep, number>;
}

/** The arrangements of which every figure is said. */
export const ARRANGEMENTS: readonly Arrangement[] = ['today', 'planned'];

export const STEPS = [
  'measure',
  'activities',
  'sort',
  'furnish',
  'zones',
  'place',
  'move',
  'label',
  'find',
  'keep',
] as const;
export type WorkStep = (typeof STEPS)[number];
