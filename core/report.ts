/** What evaluate(plan) says: every figure that a screen, the command line or a printout shows is a field of this Report. */
import type { CutPiece } from './fit/cutting.ts';
import type { Lie, Stagger } from './fit/lies.ts';
import type { Rect } from './fit/pack/freeSpace.ts';
import type { Access, Compartment } from './furniture/compartments.ts';
import type { Finding } from './model/finding.ts';
import type { Arrangement } from './model/plan.ts';
import type { Penalty } from './place/cost.ts';
import type { HeightBand, Ripple } from './reach/body.ts';
import type { Setup } from './fetch/setup.ts';
import type { Point } from './room/geometry.ts';
import type { RelationReport } from './room/relations.ts';
import type { StripSpan, Wall } from './room/walls.ts';

export type FillState = 'free' | 'comfortable' | 'full' | 'over';

export interface Fill {
  /** Share of the floor that is taken, 0 to 1; above 1 where something has no room. */
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
  /** Placements, most used first. */
  contents: Record<Arrangement, string[]>;
  /** The container that it is, and the compartment in which that stands; null for an opening of furniture. */
  container: string | null;
  within: string | null;
  only: Arrangement | null;
  /** Containers that stand in it. */
  holds: Record<Arrangement, string[]>;
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
  /** What one sees of them, in words. */
  seen: string;
  /** Whether even one of them can lie in the empty compartment. */
  possible: boolean;
  /** Why not all of them fit. */
  reason: string | null;
  /** Where they lie: from the left and from the front inside (on a board from the top), mm; null where none fits. */
  block: Rect | null;
  /** Pieces or stacks from front to back in a column, and how rows are staggered. */
  rows: number;
  stagger: Stagger | null;
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
  /** Spares are opened, or fewer are left than the reorder point. */
  reorder: boolean;
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
  /** Rolling carts up and fetching kits. */
  setup: number;
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

/** Furniture as money: what is there and what is wanted. */
export interface Shopping {
  /** Units that are wanted, by name. */
  wanted: Array<{ unit: string; name: string; price: number | null }>;
  /** Planned containers that are not in the house, the same ones together; price of one. */
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
  /** Sum of the prices that are known, and how many are not. */
  cost: number;
  unpriced: number;
  /** The same of what is owned. */
  owned: { count: number; worth: number; unpriced: number };
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
  week: Record<Arrangement, Week>;
  /** Supplies whose planned places differ from today's. */
  moves: number;
  /** Named modes of the room ("guest"), with what rolls away in each. */
  modes: Array<{ mode: string; rolls: Array<{ unit: string; by: number }> }>;
  relations: RelationReport[];
  setups: Setup[];
  shopping: Shopping;
  /** Dividers and spacers to cut for the planned places. */
  cuts: CutPiece[];
  findings: Finding[];
  errors: number;
  cautions: number;
  /** What is still open at each step of the work. */
  open: Record<Step, number>;
}

export const STEPS = ['measure', 'activities', 'sort', 'furnish', 'place', 'label', 'find'] as const;
export type Step = (typeof STEPS)[number];
