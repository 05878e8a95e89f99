/** What a search is asked, what it says meanwhile, and what it comes to. */
import type { Placement, Plan } from '../model/plan.ts';

export interface SolveOptions {
  seed: number;
  /** Planned placements that stay in this run as if they were pinned. */
  keep?: (placement: Placement) => boolean;
  /** Placements to begin from; what fits stays near them. Without it the room is filled from nothing. */
  start?: readonly Placement[];
  /** Compartments into which things may be moved; all others keep what they have. It begins from the plan as it is. */
  only?: ReadonlySet<string>;
  /** Compartments that are to be left alone or emptied. */
  not?: ReadonlySet<string>;
  /** Moves tried for each part; without it as many as the number of places asks for (see assign.ts). */
  moves?: number;
  /** Settles an answer at every price of a torn home, not only as far as the one that costs little enough: the whole curve. */
  curve?: boolean;
  /** Asked now and then; true ends the search with the best so far. */
  stop?: () => boolean;
}

export interface Progress {
  phase: 'placing' | 'improving';
  /** 0 to 1 */
  share: number;
  /** Seconds a week of what is placed so far, with hunting for the rest and what the wished order weighs. */
  seconds: number;
  /** How many parts have no place. */
  out: number;
  /** The best so far as placements. */
  best: () => Placement[];
}

export interface Solution {
  placements: Placement[];
  /** How many of each supply found no place. */
  unplaced: Array<{ supply: string; count: number }>;
  seconds: number;
  ended: 'nothing better found' | 'stopped';
  /** What the names cost against the quickest plan, where all of it was filled by homes; null elsewhere. */
  namesCost: Plan['meta']['namesCost'];
  /** All answers that were settled, the quickest first, where the whole room was filled. */
  points: Array<{ placements: Placement[]; chosen: boolean }>;
}
