/** Where something hangs on a piece of furniture from outside: on its sides, its front edge, and the inside of its doors. */
import type { Unit } from '../model/plan.ts';

export interface Mount {
  /** As the slot of a unit names it. */
  slot: 'left' | 'right' | 'edge' | 'doorl' | 'doorr';
  name: string;
  /** Room for what hangs there, mm; a side has no bound to its depth. */
  inside: { width: number; depth: number; height: number };
}

/** How far something may stand out from a side, mm. Common practice, no source. */
const OUT = 250;

/**
 * How far something may stand out from the front edge of a top or a shelf, and hang down from it, mm: a strip, a few hooks, a
 * clamp. Common practice, no source.
 */
const EDGE = { out: 100, down: 300 };
/** Whether a piece has an edge in front under which there is nothing: a table top, a shelf on the wall. */
const hasEdge = (unit: Pick<Unit, 'kind'>): boolean => unit.kind === 'table' || unit.kind === 'wall shelf';

/** Whether something on a piece is on one of its sides or doors, not in an opening. */
export const isMount = (slot: string): slot is Mount['slot'] =>
  slot === 'left' || slot === 'right' || slot === 'edge' || slot === 'doorl' || slot === 'doorr';
/** Whether it hangs on a leaf: it swings along, and bars nothing. */
export const onLeaf = (unit: Pick<Unit, 'hostSlot' | 'onDoor'>): boolean =>
  unit.onDoor !== null || unit.hostSlot === 'doorl' || unit.hostSlot === 'doorr';

/** Whether a piece has doors on whose inside something may hang: leaves that swing, with room behind them. */
const hasLeaves = (unit: Pick<Unit, 'doors' | 'doorGap'>): boolean =>
  unit.doors !== 'none' && unit.doors !== 'sliding' && unit.doorGap > 0;

/** The sides, the front edge and the doors of a piece on which something may hang. */
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
  if (hasEdge(unit))
    sides.push({
      slot: 'edge',
      name: `${unit.name}, front edge`,
      inside: { width: unit.width, depth: EDGE.out, height: Math.min(EDGE.down, unit.bottom + unit.height) },
    });
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

/** Where the middle of one of several things on a front edge is, mm from its left end: side by side, with equal gaps. */
function alongEdge(width: number, unit: Pick<Unit, 'id'>, edge: ReadonlyArray<Pick<Unit, 'id' | 'width'>>): number {
  const all = [...edge].sort((a, b) => (a.id < b.id ? -1 : 1));
  const gap = (width - all.reduce((sum, u) => sum + u.width, 0)) / (all.length + 1);
  let left = gap;
  for (const u of all) {
    if (u.id === unit.id) return left + u.width / 2;
    left += u.width + gap;
  }
  return width / 2;
}

/**
 * Where what hangs on a side or door stands: mm across and out of its host, and how it is turned against it. A leaf is taken
 * as shut; what hangs on it is reached where the door opens, before the host.
 */
export function mountedAt(
  host: Unit,
  unit: Unit,
  slot: Mount['slot'],
  edge: ReadonlyArray<Pick<Unit, 'id' | 'width'>> = [unit],
): { across: number; out: number; turn: number } {
  const { width, depth } = host;
  if (slot === 'left') return { across: -unit.depth / 2, out: depth / 2, turn: 90 };
  if (slot === 'right') return { across: width + unit.depth / 2, out: depth / 2, turn: -90 };
  if (slot === 'edge') return { across: alongEdge(width, unit, edge), out: depth + unit.depth / 2, turn: 0 };
  const middle = host.doors === 'pair' ? (slot === 'doorl' ? width / 4 : (3 * width) / 4) : width / 2;
  return { across: middle, out: depth - unit.depth / 2, turn: 0 };
}
