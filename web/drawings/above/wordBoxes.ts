/** Upright boxes of words in a drawing, mm, so that no word is written over another. */
import type { Point } from '@heronstone/core/geometry/geometry.ts';

export interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** @param half half of the width and half of the height, mm */
export const boxRound = ({ x, y }: Point, half: { x: number; y: number }): Box => ({
  left: x - half.x,
  right: x + half.x,
  top: y - half.y,
  bottom: y + half.y,
});

/** Area that two boxes have in common, mm²; 0 when they do not meet. */
export function common(a: Box, b: Box): number {
  const wide = Math.min(a.right, b.right) - Math.max(a.left, b.left);
  const high = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
  return wide > 0 && high > 0 ? wide * high : 0;
}

/** What is outside a frame, as boxes in which nothing is to be written. */
export function beyond({ left, right, top, bottom }: Box): Box[] {
  const [least, most] = [-1e7, 1e7];
  return [
    { left: least, right: left, top: least, bottom: most },
    { left: right, right: most, top: least, bottom: most },
    { left, right, top: least, bottom: top },
    { left, right, top: bottom, bottom: most },
  ];
}

/**
 * The first of the points round which words cover nothing; where there is none, the one where they cover least.
 * @param half half of the width and of the height of the words, mm
 */
export function freePoint(points: readonly Point[], half: Point, taken: readonly Box[]): Point {
  let best = { over: Infinity, at: points[0]! };
  for (const at of points) {
    const box = boxRound(at, half);
    const over = taken.reduce((sum, other) => sum + common(box, other), 0);
    if (over < best.over) best = { over, at };
  }
  return best.at;
}
