/** What is laid into a place, and how it lies there; lengths in mm, from above: x from the left, y from the front. */
import type { Rect } from '../geometry/pack/freeSpace.ts';
import type { Orientation, Supply } from '../model/plan.ts';
import type { Pose, Stagger } from './poses.ts';

/** What is to be laid into a place. */
export interface Item {
  supply: Supply;
  count: number;
  only: Orientation | null;
  /** It lies there although it should not lie so. */
  anyhow?: boolean;
  /** The first part of a divided place in which it is to lie, from 1. */
  part?: number | null;
}

export interface Packed {
  /** How many of the wanted count lie there. */
  fits: number;
  block: Rect | null;
  lie: Pose | null;
  rows: number;
  stagger: Stagger | null;
  /** Whether even one could lie in the empty place. */
  possible: boolean;
  /** Floor that the whole count takes at the least, mm². */
  wants: number;
  /** The parts of a divided place that it has, from 0; none elsewhere. Its block is then round all of them. */
  parts?: readonly number[];
  /** In a pile of several lines: height of what lies below and above it, mm. */
  pile?: { below: number; above: number };
}

export interface LaidOut {
  laid: Packed[];
  /** Floor wanted as a share of all; above 1 where something has no room. */
  share: number;
  /** How far from the left what lies there reaches, mm. */
  reach: number;
}
