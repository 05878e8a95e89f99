/** Where the distances of a piece from the walls are written, so that none lies over a name, a mark or another distance. */
import type { Point } from '@heronstone/core/geometry/geometry.ts';
import { boxRound, freePoint, type Box } from './wordBoxes.ts';

/** Half of the width of a letter and half of the height of the words with their ground, pixels. */
const HALF_LETTER = 3.6;
const HALF_HIGH = 9;
/** Where along the line the words may stand, and how far beside it, pixels; what is best first. */
const ALONG = [0.5, 0.36, 0.64, 0.22, 0.78, 0.1, 0.9];
const BESIDE = [0, 1, -1];

export interface DistanceWords extends Point {
  text: string;
  /** Half of the width and of the height, mm. */
  half: Point;
}

/**
 * The words of each line: in its middle, else further along it, else beside it; where nothing is free, where they cover least.
 * @param lines from the piece to the wall, mm
 * @param taken boxes of what is written already
 * @param px mm in a pixel of the screen
 */
export function distanceWords(
  lines: ReadonlyArray<{ from: Point; to: Point; text: string }>,
  taken: readonly Box[],
  px: number,
): DistanceWords[] {
  const written = [...taken];
  return lines.map(({ from, to, text }) => {
    const half = { x: Math.max(text.length, 3) * HALF_LETTER * px, y: HALF_HIGH * px };
    const [dx, dy] = [to.x - from.x, to.y - from.y];
    const long = Math.hypot(dx, dy) || 1;
    const aside = Math.abs(dx) > Math.abs(dy) ? half.y * 2 : half.x + 4 * px;
    const points = BESIDE.flatMap((beside) =>
      ALONG.map((along) => ({
        x: from.x + dx * along - (dy / long) * beside * aside,
        y: from.y + dy * along + (dx / long) * beside * aside,
      })),
    );
    const at = freePoint(points, half, written);
    written.push(boxRound(at, half));
    return { text, half, ...at };
  });
}
