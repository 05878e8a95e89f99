/** How the name of a unit is written on it from above. */
import type { Unit } from '@heronstone/core/model/plan.ts';
import { boxRound, type Box } from './wordBoxes.ts';

/** Height of letters, at most and at least, pixels. */
const LETTER = 12.5;
const LEAST = 7;

/**
 * Height of the letters, mm, whether they run upwards, and the box round them; null where there is no room for words, or where the
 * unit hangs over others or stands in one.
 * @param on whether the unit is chosen: then what hangs high has its name, too
 * @param px mm in a pixel of the screen
 */
export function unitWords(
  unit: Unit,
  label: string,
  on: boolean,
  px: number,
): { letter: number; upright: boolean; box: Box } | null {
  if (unit.depth <= 60 || unit.host !== null || (unit.bottom > 900 && !on)) return null;
  const across = Math.abs(Math.cos((unit.turn * Math.PI) / 180)) > 0.7;
  const [w, d] = across ? [unit.width, unit.depth] : [unit.depth, unit.width];
  const upright = w < d && w < label.length * LETTER * px * 0.55;
  const room = (upright ? d : w) - 8 * px;
  const letter = Math.min(LETTER * px, (room / Math.max(label.length, 4)) * 1.85);
  if (letter <= LEAST * px) return null;
  const [long, high] = [label.length * letter * 0.29, letter * 0.6];
  return { letter, upright, box: boxRound(unit, upright ? { x: high, y: long } : { x: long, y: high }) };
}

/** What is said of a unit to whoever does not see the drawing; its kind only where its name does not say it. */
export function spokenUnit(unit: Pick<Unit, 'name' | 'kind' | 'pinned'>, bad: boolean, figure?: string): string {
  const named = unit.name.toLowerCase().includes(unit.kind);
  return [
    unit.name,
    ...(named ? [] : [unit.kind]),
    ...(figure === undefined ? [] : [figure]),
    ...(bad ? ['has a problem'] : []),
    ...(unit.pinned ? ['locked'] : []),
  ].join(', ');
}
