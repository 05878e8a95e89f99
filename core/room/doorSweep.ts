/** What is kept clear before doors, windows and what is on the walls, and the floor that a door sweeps. */
import type { Fixture, Opening } from '../model/plan.ts';
import { atWall } from './free.ts';
import type { Point } from '../geometry/geometry.ts';
import type { Wall } from './walls.ts';

/** What is wanted, mm. Common practice, no source, unless named; local code decides. */
export const CLEAR = {
  /** A person standing before an open front: squeezing in. */
  person: 600,
  /** Working space before a fuse board, wide: 30 in, as in NFPA 70 (NEC) 110.26(A) (value from memory). */
  boardWidth: 762,
} as const;

/** Depth kept clear before what is on the walls when nothing else is typed, mm. The fuse board: 36 in, NFPA 70 110.26(A) (value from memory); the others common practice, no source. */
export const KEEP_CLEAR: Readonly<Record<Fixture['kind'], number>> = {
  socket: 60,
  switch: 60,
  heater: 300,
  vent: 150,
  water: 600,
  'fuse board': 914,
  'fixed thing': 0,
};

/** Depth of floor kept clear before a door that does not swing in, and before a window, mm. Common practice, no source. */
export function usualClear(opening: Pick<Opening, 'kind' | 'swing'>): number {
  return opening.kind === 'door' && (opening.swing === 'out' || opening.swing === 'slide') ? 600 : 0;
}

/** The floor that a door or window sweeps: a quarter of a circle, as a polygon. Empty for those that open outward or slide. */
export function doorSweep(door: Opening, wall: Wall): Point[] {
  if (door.swing !== 'in') return [];
  const hinge = door.hinge === 'left' ? door.offset : door.offset + door.width;
  const side = door.hinge === 'left' ? 1 : -1;
  const arc = Array.from({ length: 13 }, (_, i) => {
    const angle = (i * Math.PI) / 24;
    return atWall(wall, hinge + side * Math.cos(angle) * door.width, Math.sin(angle) * door.width);
  });
  return [atWall(wall, hinge, 0), ...arc];
}
