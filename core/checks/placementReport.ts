/** What is said of one placement, and how full its place is; the checks read it, the Report shows it. */
import type { Barred } from '../cost/rules.ts';
import type { Crowd } from '../cost/cost.ts';
import type { Penalty } from '../cost/hazards.ts';
import type { Pose, Stagger } from '../fit/poses.ts';
import type { Motion } from '../fetch/elements.ts';
import type { Rect } from '../geometry/pack/freeSpace.ts';
import type { Arrangement } from '../model/plan.ts';
import type { HeightBand, Ripple } from '../reach/body.ts';
import type { Sight } from '../reach/seen.ts';

export type FillState = 'free' | 'comfortable' | 'full' | 'over';

export interface Fill {
  /** Share of the floor that is taken, 0 to 1; above 1 where something has no room. */
  share: number;
  state: FillState;
  /** Mass of the contents, g, as far as it is known. */
  mass: number;
  /** Inside sizes that what lies there needs, with the room for a hand, mm; null where nothing lies. */
  takes: { width: number; depth: number; height: number } | null;
}

export interface UsedFrom {
  activity: string;
  station: string;
  person: string;
  /** Key of the seat whose ways count. */
  seat: string;
  fetches: number;
  ripple: Ripple;
  band: HeightBand;
  /** A fetch, and back where the thing goes back, s. */
  seconds: number;
  /** Penalties of a fetch, s. */
  penalty: number;
  /** The same by kind of motion, s. */
  motions: Record<Motion, number>;
  /** What a fetch asks of the body, the return included: getting up, bends and kneels, steps, mm walked. */
  times: { ups: number; bends: number; steps: number; walk: number };
  sight: Sight;
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
  lie: Pose | null;
  how: string;
  /** What one sees of them, in words. */
  seen: string;
  /** Whether even one of them can lie in the empty compartment. */
  possible: boolean;
  /** Why not all of them fit. */
  /** Why it should not lie there as it does; null when it lies well. */
  badly: string | null;
  reason: string | null;
  /** Where they lie: from the left and from the front inside (on a board from the top), mm; null where none fits. */
  block: Rect | null;
  /** The parts of a divided place that they have, from 0; the block is round all of them. Empty elsewhere. */
  parts: readonly number[];
  /** In a pile of several lines: height of what lies below and above it, mm; null elsewhere. */
  pile: { below: number; above: number } | null;
  /** Pieces or stacks from front to back in a column, and how rows are staggered. */
  rows: number;
  stagger: Stagger | null;
  pinned: boolean;
  /** Spares of what lies elsewhere. */
  spare: boolean;
  /** The rule that this place breaks. */
  barred: Barred | null;
  /** Use by use; figures below are over all uses. */
  from: UsedFrom[];
  ripple: Ripple | null;
  band: HeightBand | null;
  fetchesPerWeek: number;
  secondsPerFetch: number;
  /** What else lies there, as far as it costs time. */
  crowd: Crowd;
  /** From where it is used most; null without a seat. */
  sight: Sight | null;
  /** Fetches a week from seats where neither the thing nor a label of its place is in view. */
  unseenFetches: number;
  penalties: Array<Penalty & { station: string }>;
  /** Fetching only; penalties apart. */
  minutesPerWeek: number;
  penaltyMinutes: number;
}
