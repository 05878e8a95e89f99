/** What is packed, and where it came to lie. */
import type { Rect } from './freeSpace.ts';

/** A rectangle to pack: outside sizes across and from front to back, mm. */
export interface Box {
  id: string;
  w: number;
  d: number;
  /** Whether it may be turned by a quarter; true when not said. */
  turns?: boolean;
}

export interface Packed extends Rect {
  id: string;
  turned: boolean;
}
