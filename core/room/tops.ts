/** What is free on tops and on the floor under tables: as high as the room over them is, and as wide as what stands there leaves it. */
import { TOP, UNDER, type Compartment } from '../furniture/compartments.ts';
import { footprint, inRoom } from '../furniture/footprint.ts';
import { overlapDepth, type Point } from '../geometry/geometry.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { lowest } from './overhead.ts';

/** What reaches less far over a top is no bar to things on it: a board on the wall behind it, mm. */
const OVER = 50;
/** What begins so little over a top stands on it, mm. */
const ON = 20;

/**
 * The compartments of a room with the true room on tops.
 * @param units as they stand
 * @param openings of these units
 */
export function withTrueTops(
  plan: Pick<Plan, 'meta' | 'corners' | 'overheads'>,
  units: Plan['units'],
  openings: readonly Compartment[],
): Compartment[] {
  return openings.map((c) => (c.slot === TOP || c.slot === UNDER ? trueTop(plan, units, c) : c));
}

function trueTop(
  plan: Pick<Plan, 'meta' | 'corners' | 'overheads'>,
  units: Plan['units'],
  c: Compartment,
): Compartment {
  const unit = units[c.unit]!;
  const { width, depth } = c.inside;
  const strip = (left: number, right: number): Point[] =>
    [
      [left, 0],
      [right, 0],
      [right, depth],
      [left, depth],
    ].map(([x, y]) => inRoom(unit, x!, y!));
  const z = c.front.bottom;
  let height = Math.min(
    c.inside.height,
    (unit.elsewhere === null ? lowest(plan, strip(0, width)).height : plan.meta.ceiling) - z,
  );
  const taken: Array<[number, number]> = [];
  for (const other of Object.values(units)) {
    if (other.id === unit.id || other.host !== null || other.elsewhere !== unit.elsewhere) continue;
    const bottom = undersideOf(other);
    if (other.bottom + other.height <= z + 1 || overlapDepth(footprint(other), strip(0, width)) <= OVER) continue;
    if (bottom > z + ON) height = Math.min(height, bottom - z);
    else taken.push(alongOf(unit, other));
  }
  const free = widest(taken, width);
  return {
    ...c,
    // Where nothing is free the place is there, and nothing fits.
    inside: { width: Math.max(1, free.right - free.left), depth, height: Math.max(1, height) },
    front: { ...c.front, left: free.left, right: Math.max(free.left + 1, free.right) },
  };
}

/** Where the solid part of a unit that hangs or stands over another begins, mm over the floor. */
const undersideOf = (unit: Unit): number =>
  unit.kind === 'table' ? unit.bottom + unit.height - unit.board : unit.bottom;

/** From where to where along a unit another one stands on it, mm from its left side. */
function alongOf(unit: Unit, other: Unit): [number, number] {
  const turn = (unit.turn * Math.PI) / 180;
  const along = footprint(other).map(
    (p) => (p.x - unit.x) * Math.cos(turn) + (p.y - unit.y) * Math.sin(turn) + unit.width / 2,
  );
  return [Math.min(...along), Math.max(...along)];
}

/** The widest stretch that nothing takes, mm from the left. */
function widest(taken: ReadonlyArray<readonly [number, number]>, width: number): { left: number; right: number } {
  let best = { left: 0, right: 0 };
  let left = 0;
  for (const [from, to] of [...taken].sort((a, b) => a[0] - b[0]).concat([[width, width]])) {
    if (Math.min(from, width) - left > best.right - best.left) best = { left, right: Math.min(from, width) };
    left = Math.max(left, to);
  }
  return best;
}
