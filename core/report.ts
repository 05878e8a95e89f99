/** What evaluate(plan) says: every figure that a screen, the command line or a printout shows is a field of this Report. */
import type { Lie } from './fit/fit.ts';
import type { Access, Compartment } from './furniture/compartments.ts';
import type { Finding } from './model/finding.ts';
import type { Arrangement } from './model/plan.ts';
import type { Penalty } from './place/cost.ts';
import type { HeightBand, Ripple } from './reach/body.ts';
import type { Point } from './room/geometry.ts';
import type { StripSpan, Wall } from './room/walls.ts';

export type FillState = 'free' | 'comfortable' | 'full' | 'over';

export interface Fill {
  /** Share of the inside width that is taken, 0 to 1 and beyond. */
  share: number;
  state: FillState;
  /** Mass of the contents, g, as far as it is known. */
  mass: number;
}

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
}

export interface CompartmentReport {
  id: string;
  unit: string;
  slot: string;
  name: string;
  short: string;
  access: Access;
  inside: Compartment['inside'];
  front: Compartment['front'];
  access3: Compartment['access3'];
  /** From each station. */
  reach: Record<string, ReachReport>;
  fill: Record<Arrangement, Fill>;
  /** Placements from left to right. */
  contents: Record<Arrangement, string[]>;
}

export interface UsedFrom {
  activity: string;
  station: string;
  fetches: number;
  ripple: Ripple;
  band: HeightBand;
  /** A fetch, and back where the thing goes back, s. */
  seconds: number;
}

export interface PlacementReport {
  id: string;
  arrangement: Arrangement;
  supply: string;
  compartment: string;
  place: string;
  count: number;
  /** How many of them fit. */
  fits: number;
  lie: Lie | null;
  how: string;
  /** Whether even one of them can lie in the empty compartment. */
  possible: boolean;
  /** Why not all of them fit. */
  reason: string | null;
  /** Where the strip lies: mm from the left inside. */
  left: number;
  width: number;
  locked: boolean;
  /** Use by use; figures below are over all uses. */
  from: UsedFrom[];
  ripple: Ripple | null;
  band: HeightBand | null;
  fetchesPerWeek: number;
  secondsPerFetch: number;
  penalties: Array<Penalty & { station: string }>;
  /** Fetching only; penalties apart. */
  minutesPerWeek: number;
  penaltyMinutes: number;
}

export interface SupplyReport {
  id: string;
  massEach: number | null;
  massTotal: number | null;
  litres: number;
  fetchesPerWeek: number;
  /** How many have no place in an arrangement, and why. */
  without: Record<Arrangement, number>;
  reason: string | null;
}

export interface Week {
  /** Fetching and putting back, minutes a week. */
  fetching: number;
  /** Hunting for what has no place. */
  hunting: number;
  penalties: number;
  /** All of them. */
  minutes: number;
  placed: number;
  /** Supplies of which something has no place. */
  without: number;
}

export interface UnitReport {
  id: string;
  litres: number;
  mass: number;
  span: StripSpan | null;
}

export interface Report {
  plan: string;
  /** Floor area in m²; closing error of the walls as taped, mm, null unless all were taped. */
  room: { name: string; area: number; ceiling: number; closingError: number | null; walls: Wall[] };
  units: Record<string, UnitReport>;
  compartments: CompartmentReport[];
  placements: Record<string, PlacementReport>;
  supplies: Record<string, SupplyReport>;
  week: Record<Arrangement, Week>;
  /** Supplies whose planned places differ from today's. */
  moves: number;
  findings: Finding[];
  errors: number;
  cautions: number;
  /** What is still open at each step of the work. */
  open: Record<Step, number>;
}

export const STEPS = ['measure', 'activities', 'sort', 'furnish', 'place', 'label', 'find'] as const;
export type Step = (typeof STEPS)[number];
