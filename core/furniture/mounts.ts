/** Where something hangs on a piece of furniture from outside: on its sides, and on the inside of its doors. */
import type { Unit } from '../model/plan.ts';

export interface Mount {
  /** As the slot of a unit names it. */
  slot: 'left' | 'right' | 'doorl' | 'doorr';
  name: string;
  /** Room for what hangs there, mm; a side has no bound to its depth. */
  inside: { width: number; depth: number; height: number };
}

/** How far something may stand out from a side, mm. Common practice, no source. */
const OUT = 250;

/** Whether something on a piece is on one of its sides or doors, not in an opening. */
export const isMount = (slot: string): slot is Mount['slot'] =>
  slot === 'left' || slot === 'right' || slot === 'doorl' || slot === 'doorr';
/** Whether it hangs on a leaf: it swings along, and bars nothing. */
export const onLeaf = (unit: Pick<Unit, 'hostSlot' | 'onDoor'>): boolean =>
  unit.onDoor !== null || unit.hostSlot === 'doorl' || unit.hostSlot === 'doorr';

/** Whether a piece has doors on whose inside something may hang: leaves that swing, with room behind them. */
const hasLeaves = (unit: Pick<Unit, 'doors' | 'doorGap'>): boolean =>
  unit.doors !== 'none' && unit.doors !== 'sliding' && unit.doorGap > 0;

/** The sides and doors of a piece on which something may hang. */
export function mountsOf(unit: Unit): Mount[] {
  if (unit.host !== null || unit.kind === 'carousel' || unit.kind === 'corner cabinet') return [];
  const side = { width: unit.depth, depth: OUT, height: unit.height };
  const sides: Mount[] =
    unit.height < 100
      ? []
      : [
          { slot: 'left', name: `${unit.name}, left side`, inside: side },
          { slot: 'right', name: `${unit.name}, right side`, inside: side },
        ];
  if (!hasLeaves(unit)) return sides;
  const leaves = unit.doors === 'pair' ? 2 : 1;
  const leaf = {
    width: unit.width / leaves - 2 * unit.board,
    depth: unit.doorGap,
    height: unit.height - 2 * unit.board,
  };
  const door = (slot: Mount['slot'], name: string): Mount => ({ slot, name: `${unit.name}, ${name}`, inside: leaf });
  if (unit.doors === 'pair')
    return [...sides, door('doorl', 'inside of the left door'), door('doorr', 'inside of the right door')];
  return [...sides, door(unit.doors === 'left' ? 'doorl' : 'doorr', 'inside of the door')];
}

/**
 * Where what hangs on a side or door stands: mm across and out of its host, and how it is turned against it. A leaf is taken
 * as shut; what hangs on it is reached where the door opens, before the host.
 */
export function mountedAt(host: Unit, unit: Unit, slot: Mount['slot']): { across: number; out: number; turn: number } {
  const { width, depth } = host;
  if (slot === 'left') return { across: -unit.depth / 2, out: depth / 2, turn: 90 };
  if (slot === 'right') return { across: width + unit.depth / 2, out: depth / 2, turn: -90 };
  const middle = host.doors === 'pair' ? (slot === 'doorl' ? width / 4 : (3 * width) / 4) : width / 2;
  return { across: middle, out: depth - unit.depth / 2, turn: 0 };
}
