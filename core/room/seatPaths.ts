/** Ways from a seat: they begin behind the chair where the seat itself is pushed in under its table, or hemmed in. */
import type { Station } from '../model/plan.ts';
import { inside, turned, type Point } from '../geometry/geometry.ts';
import { pathsFrom, type NoPath, type Path } from '../geometry/path.ts';
import { distanceBetween, type Floor } from '../geometry/sight.ts';

/** How far a chair is pushed back before one walks off, in steps, mm. Common practice, no source. */
const PUSHED_BACK = [100, 200, 300, 400, 500, 600] as const;

type Seat = Pick<Station, 'x' | 'y' | 'facing'>;

/** A point behind a seat, mm. */
function behind(seat: Seat, by: number): Point {
  const back = turned({ x: 0, y: by }, seat.facing);
  return { x: seat.x + back.x, y: seat.y + back.y };
}

/** Whether a chair goes straight back to a point: in the room, and through nothing in which it does not stand already. */
function rollsTo(floor: Floor, seat: Seat, to: Point): boolean {
  return (
    inside(to, floor.outline) &&
    floor.solids.every(
      (s) =>
        distanceBetween(to, to, s.points) > 0 &&
        (distanceBetween(seat, seat, s.points) === 0 || distanceBetween(seat, to, s.points) > 0),
    )
  );
}

/**
 * Shortest ways from a seat to goals. Where none of them can be reached from the seat itself, they begin behind the chair, with
 * the chair's way back as their first piece.
 * @returns for each goal a path, or why there is none
 */
export function pathsFromSeat(floor: Floor, seat: Seat, goals: readonly Point[]): Array<Path | NoPath> {
  const paths = pathsFrom(floor, seat, goals);
  if (goals.length === 0 || paths.some((p) => typeof p !== 'string')) return paths;
  for (const by of PUSHED_BACK) {
    const start = behind(seat, by);
    if (!rollsTo(floor, seat, start)) continue;
    const from = pathsFrom(floor, start, goals);
    if (from.every((p) => typeof p === 'string')) continue;
    return from.map((p) =>
      typeof p === 'string' ? p : { length: by + p.length, points: [{ x: seat.x, y: seat.y }, ...p.points] },
    );
  }
  return paths;
}
