/** Where the names and measures of the walls are written, so that none is over another. */
import { formatLength, type UnitSystem } from '@heronstone/core/model/measure.ts';
import type { Wall } from '@heronstone/core/room/walls.ts';
import { boxRound, common, type Box } from './wordBoxes.ts';
import { WALL } from './svgPath.ts';

export interface WallWords {
  text: string;
  /** Middle of the text, mm. */
  x: number;
  y: number;
  /** Written upwards. */
  upright: boolean;
  /** Round them, mm. */
  box: Box;
}

/** Width of a letter and height of a line, pixels. */
const LETTER = 6.4;
const LINE = 16;
/** Free space round the words, pixels. */
const APART = 4;

/**
 * The words of each wall by its id: name and measure where there is room, else the measure alone; outside the wall, else inside.
 * Long walls come first. A wall without room for either has none.
 * @param px mm in a pixel of the screen
 */
export function wallWords(walls: readonly Wall[], system: UnitSystem, px: number): ReadonlyMap<string, WallWords> {
  const taken: Box[] = [];
  const words = new Map<string, WallWords>();
  for (const wall of [...walls].sort((a, b) => b.length - a.length)) {
    const measure = formatLength(wall.length, system);
    const upright = Math.abs(wall.along.y) > 0.7;
    const tries = [`${wall.name} · ${measure}`, measure].flatMap((text) =>
      text.length * LETTER * px < wall.length ? [-WALL - 26 * px, 14 * px].map((out) => ({ text, out })) : [],
    );
    for (const { text, out } of tries) {
      const x = wall.from.x + (wall.along.x * wall.length) / 2 + wall.inward.x * out;
      const y = wall.from.y + (wall.along.y * wall.length) / 2 + wall.inward.y * out;
      const [long, high] = [((text.length * LETTER) / 2 + APART) * px, (LINE / 2 + APART) * px];
      const box = boxRound({ x, y }, upright ? { x: high, y: long } : { x: long, y: high });
      if (taken.some((t) => common(t, box) > 0)) continue;
      taken.push(box);
      words.set(wall.id, { text, x, y, upright, box });
      break;
    }
  }
  return words;
}
