/** Where a unit that is being dragged comes to rest: flush with walls and with its neighbours. */
import { centreFrom, footprint } from '../furniture/footprint.ts';
import { onRule } from '../model/measure.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { angleBetween, dot, subtract } from '../geometry/geometry.ts';
import { wallsOf } from './walls.ts';

export interface Rest {
  x: number;
  y: number;
  turn: number;
}

/**
 * Snaps a unit.
 * @param unit where the hand has it now
 * @param within how near a wall or neighbour must be to pull, mm
 * @returns position in whole mm; a unit that comes near a wall with its back turns to stand flush with it
 */
export function snapUnit(unit: Unit, plan: Plan, within: number): Rest {
  let rest: Unit = { ...unit, ...toBackWall(unit, plan, within) };
  // Sides: against walls first, then against neighbours, along each direction of the floor once.
  for (const axis of [
    { x: 1, y: 0 },
    { x: 0, y: 1 },
  ]) {
    const edges = [...wallEdges(plan, axis), ...neighbourEdges(rest, plan, axis, within)];
    const own = span(footprint(rest), axis);
    let best = within;
    let by = 0;
    for (const shift of equalGaps(rest, plan, axis)) if (Math.abs(shift) < best) [best, by] = [Math.abs(shift), shift];
    for (const edge of edges) {
      for (const side of own) {
        const gap = edge - side;
        if (Math.abs(gap) < best) [best, by] = [Math.abs(gap), gap];
      }
    }
    rest = { ...rest, x: rest.x + axis.x * by, y: rest.y + axis.y * by };
  }
  const { units: system } = plan.meta;
  return { x: onRule(rest.x, system), y: onRule(rest.y, system), turn: rest.turn };
}

/** A corner of the room that is being dragged, in line with other corners where it comes near that, whole mm. */
export function alignCorner(
  plan: Plan,
  id: string,
  at: { x: number; y: number },
  within: number,
): { x: number; y: number } {
  const others = Object.values(plan.corners).filter((c) => c.id !== id);
  const near = (value: number, all: number[]) =>
    all.reduce((best, v) => (Math.abs(v - value) < Math.abs(best - value) ? v : best), Infinity);
  const [x, y] = [
    near(
      at.x,
      others.map((c) => c.x),
    ),
    near(
      at.y,
      others.map((c) => c.y),
    ),
  ];
  return {
    x: Math.abs(x - at.x) < within ? x : onRule(Math.round(at.x), plan.meta.units),
    y: Math.abs(y - at.y) < within ? y : onRule(Math.round(at.y), plan.meta.units),
  };
}

/** Turns a unit with its back to a wall that its middle has come near to. */
function toBackWall(unit: Unit, plan: Plan, within: number): Partial<Rest> {
  if (unit.kind === 'cart') return {};
  for (const wall of wallsOf(plan)) {
    const from = subtract(unit, wall.from);
    const [along, out] = [dot(from, wall.along), dot(from, wall.inward)];
    const near = Math.abs(out - unit.depth / 2) < within * (angleBetween(unit.turn, wall.turn) < 1 ? 1 : 2.5);
    if (!near || along < 0 || along > wall.length) continue;
    const turned = { ...unit, turn: wall.turn };
    const start = along - unit.width / 2;
    const at = centreFrom(turned, { x: wall.from.x + wall.along.x * start, y: wall.from.y + wall.along.y * start });
    return { x: at.x, y: at.y, turn: wall.turn };
  }
  return {};
}

function span(points: ReadonlyArray<{ x: number; y: number }>, axis: { x: number; y: number }): [number, number] {
  const along = points.map((p) => dot(p, axis));
  return [Math.min(...along), Math.max(...along)];
}

function wallEdges(plan: Plan, axis: { x: number; y: number }): number[] {
  return wallsOf(plan)
    .filter((wall) => Math.abs(dot(wall.along, axis)) < 0.01)
    .map((wall) => dot(wall.from, axis));
}

/** Shifts that leave equal gaps: in the middle between what stands to both sides, or going on with the gap between two others. */
function equalGaps(unit: Unit, plan: Plan, axis: { x: number; y: number }): number[] {
  const across = { x: axis.y, y: axis.x };
  const [own, band] = [span(footprint(unit), axis), span(footprint(unit), across)];
  const beside = Object.values(plan.units)
    .filter((other) => other.id !== unit.id && other.host === null && other.elsewhere === null)
    .map((other) => footprint(other))
    .filter((feet) => {
      const theirs = span(feet, across);
      return theirs[0] < band[1] && theirs[1] > band[0];
    })
    .map((feet) => span(feet, axis))
    .sort((a, b) => a[0] - b[0]);
  const shifts: number[] = [];
  const middle = (own[0] + own[1]) / 2;
  const walls = wallEdges(plan, axis);
  const nearest = (edges: number[], low: boolean) =>
    low
      ? Math.max(-Infinity, ...edges.filter((e) => e <= middle))
      : Math.min(Infinity, ...edges.filter((e) => e >= middle));
  const [lowUnit, highUnit] = [
    nearest(
      beside.map((s) => s[1]),
      true,
    ),
    nearest(
      beside.map((s) => s[0]),
      false,
    ),
  ];
  const [lowWall, highWall] = [nearest(walls, true), nearest(walls, false)];
  // Between two walls alone there is no row that it could be part of.
  if (lowUnit > lowWall || highUnit < highWall)
    shifts.push((Math.max(lowUnit, lowWall) + Math.min(highUnit, highWall)) / 2 - middle);
  beside.slice(1).forEach((b, i) => {
    const a = beside[i]!;
    const gap = b[0] - a[1];
    if (gap > 1) shifts.push(b[1] + gap - own[0], a[0] - gap - own[1]);
  });
  return shifts;
}

function neighbourEdges(unit: Unit, plan: Plan, axis: { x: number; y: number }, within: number): number[] {
  const across = { x: axis.y, y: axis.x };
  const own = span(footprint(unit), across);
  return Object.values(plan.units)
    .filter((other) => other.id !== unit.id)
    .flatMap((other) => {
      const feet = footprint(other);
      const theirs = span(feet, across);
      // Only what stands beside it pulls.
      return theirs[0] < own[1] + within && theirs[1] > own[0] - within ? span(feet, axis) : [];
    });
}
