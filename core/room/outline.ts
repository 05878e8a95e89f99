/** Changes of the outline: a room made from a walk along its walls, corners put in and taken out. */
import { remove, set, type Change } from '../model/change.ts';
import { cornersInOrder, type Plan } from '../model/plan.ts';
import type { Point } from '../geometry/geometry.ts';
import { wallsOf } from './walls.ts';

/** Name of a wall by where it faces, for somebody inside: the wall of a rectangle to the north is the north wall. */
function wallName(from: Point, to: Point): string {
  const turn = ((Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI + 360) % 360;
  return [
    'North wall',
    'North-east wall',
    'East wall',
    'South-east wall',
    'South wall',
    'South-west wall',
    'West wall',
    'North-west wall',
  ][Math.round(turn / 45) % 8]!;
}

/** Names for all walls; what faces the same way is numbered. */
export function wallNames(points: readonly Point[]): string[] {
  const plain = points.map((p, i) => wallName(p, points[(i + 1) % points.length]!));
  const many = new Set(plain.filter((n, i) => plain.indexOf(n) !== i));
  const seen = new Map<string, number>();
  return plain.map((n) => {
    if (!many.has(n)) return n;
    seen.set(n, (seen.get(n) ?? 0) + 1);
    return `${n} ${seen.get(n)}`;
  });
}

/**
 * Changes that make an outline the room's.
 * @param points corners, clockwise, mm
 * @param taped what was read off the tape for each wall, mm; null when it was not taped
 */
export function makeOutline(
  points: readonly Point[],
  taped: ReadonlyArray<number | null>,
  newId: () => string,
): Change[] {
  const names = wallNames(points);
  const tidy = (mm: number) => Math.round(mm * 10) / 10;
  return points.map((p, order) => {
    const id = newId();
    return set('corners', id, {
      id,
      order,
      x: tidy(p.x),
      y: tidy(p.y),
      wall: names[order]!,
      taped: taped[order] ?? null,
    });
  });
}

/** Puts a corner into the middle of a wall; what is fixed to the farther half goes to the new wall. */
export function splitWall(plan: Plan, corner: string, id: string): Change[] {
  const wall = wallsOf(plan).find((w) => w.id === corner);
  if (!wall) return [];
  const half = wall.length / 2;
  const { order, wall: name } = plan.corners[corner]!;
  const at = { x: wall.from.x + wall.along.x * half, y: wall.from.y + wall.along.y * half };
  const changes: Change[] = cornersInOrder(plan)
    .filter((c) => c.order > order)
    .map((c) => set('corners', c.id, { order: c.order + 1 }));
  changes.push(
    set('corners', corner, { taped: null }),
    set('corners', id, { id, order: order + 1, ...at, wall: `${name}, far part`.slice(0, 120), taped: null }),
  );
  for (const table of ['openings', 'fixtures'] as const) {
    for (const row of Object.values<{ id: string; corner: string; offset: number }>(plan[table])) {
      if (row.corner === corner && row.offset >= half)
        changes.push(set(table, row.id, { corner: id, offset: row.offset - half }));
    }
  }
  return changes;
}

/** Takes a corner out: its two walls become one, with what is fixed to both. A room keeps three corners. */
export function removeCorner(plan: Plan, corner: string): Change[] {
  const walls = wallsOf(plan);
  const index = walls.findIndex((w) => w.id === corner);
  if (index < 0 || walls.length <= 3) return [];
  const before = walls.at(index - 1)!;
  const changes: Change[] = [set('corners', before.id, { taped: null })];
  for (const table of ['openings', 'fixtures'] as const) {
    for (const row of Object.values<{ id: string; corner: string; offset: number }>(plan[table])) {
      if (row.corner === corner)
        changes.push(set(table, row.id, { corner: before.id, offset: row.offset + before.length }));
    }
  }
  changes.push(remove('corners', corner));
  return changes;
}
