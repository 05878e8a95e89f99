/** One move of the move: what is carried from where to where. */
import type { Load } from './loads.ts';
import type { MoveKind } from './order.ts';

export interface Move {
  id: string;
  kind: MoveKind;
  load: Load;
  /** Compartments for the drawing; null for the floor, the shop, or out of the room. */
  from: string | null;
  to: string | null;
  fromName: string;
  toName: string;
  /** Seconds, before the correction by earlier sittings; in the same trip as the move before it only laying it down. */
  seconds: number;
  /** Minutes a week that it wins. */
  saving: number;
  /** Litres on the floor after it. */
  floor: number;
  /** In the same trip as the move before it. */
  sameTrip: boolean;
}
