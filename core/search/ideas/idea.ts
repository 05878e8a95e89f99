/** What one idea is, and what all of them ask: where most is fetched from, and whether the room has no more faults after it. */
import { footprint } from '../../furniture/footprint.ts';
import { type Change } from '../../model/change.ts';
import { byName, type Plan, type Shape } from '../../model/plan.ts';
import { distance, distanceToSegment, inside, type Point } from '../../geometry/geometry.ts';
import { roomFindings } from '../../checks/roomFindings.ts';
import { outlineOf } from '../../room/walls.ts';
import { sceneOf, usesOf } from '../../scene/scene.ts';
import { applyChanges } from '../../model/change.ts';

export const IDEA_KINDS = [
  'again',
  'another unit',
  'cart',
  'seat',
  'swap',
  'shelf height',
  'lids',
  'labels',
  'duplicate',
  'backstock',
  'out',
  'lock',
  'zone',
  'home',
  'unused',
  'pair',
] as const;

type IdeaKind = (typeof IDEA_KINDS)[number];

export interface Idea {
  id: string;
  kind: IdeaKind;
  /** What is to be done, in words. */
  title: string;
  changes: Change[];
  /** In the maker's money; 0 for free, null when it costs something that is not known. */
  price: number | null;
  /** Labels help as things lie today; everything else is judged by the plan. */
  basis: 'planned' | 'today';
}

/** A kind of furniture that can be bought, or made up by the maker. */
export interface UnitType {
  title: string;
  shape: Shape;
}

/** Room for a body on its seat, from its middle, mm. Common practice, no source. */
const SEAT = 300;

/** How many of each kind are looked into. */
export const MOST = 6;

/** Whether changes leave the room with no more faults than it has. */
export function harmless(plan: Plan, changes: readonly Change[]): boolean {
  const { plan: after } = applyChanges(plan, changes);
  if (!seatsFree(after, changes)) return false;
  const faults = (p: Plan) =>
    roomFindings(p).filter((f) => f.code !== 'fix to the wall' && f.code !== 'not carried in');
  return faults(after).length <= faults(plan).length;
}

/** Whether nothing that changes comes to stand where somebody sits or stands. */
function seatsFree(plan: Plan, changes: readonly Change[]): boolean {
  const moved = changes.flatMap((c) => (c.table === 'units' && plan.units[c.id] ? [plan.units[c.id]!] : []));
  return moved.every((u) => {
    if (u.elsewhere !== null || u.bottom > 1200) return true;
    const feet = footprint(u);
    return Object.values(plan.stations).every(
      (s) =>
        s.unit === u.id ||
        (!inside(s, feet) &&
          feet.every((_, i) => distanceToSegment(s, feet[i]!, feet[(i + 1) % feet.length]!) >= SEAT)),
    );
  });
}

/** Where most is fetched from: seats with their fetches a week. */
export function busy(plan: Plan): Array<{ at: Point; name: string; fetches: number }> {
  const scene = sceneOf(plan);
  const fetches = new Map<string, number>();
  for (const id of Object.keys(plan.supplies))
    for (const use of usesOf(scene, id)) fetches.set(use.station, (fetches.get(use.station) ?? 0) + use.fetches);
  return byName(plan.stations)
    .map((s) => ({ at: s, name: s.name, fetches: fetches.get(s.id) ?? 0 }))
    .sort((a, b) => b.fetches - a.fetches);
}

/** Nearness of a point to all seats, fetches a week counting; mm. */
export function farFrom(seats: ReturnType<typeof busy>, p: Point): number {
  const all = seats.reduce((sum, s) => sum + s.fetches, 0) || 1;
  return seats.reduce((sum, s) => sum + (s.fetches / all) * distance(s.at, p), 0);
}

/** Points of a grid over the floor, nearest to the busy seats first. */
export function floorPoints(plan: Plan, step: number): Point[] {
  const outline = outlineOf(plan);
  const [xs, ys] = [outline.map((p) => p.x), outline.map((p) => p.y)];
  const points: Point[] = [];
  for (let x = Math.min(...xs) + step / 2; x < Math.max(...xs); x += step)
    for (let y = Math.min(...ys) + step / 2; y < Math.max(...ys); y += step)
      if (inside({ x, y }, outline)) points.push({ x, y });
  const seats = busy(plan);
  return points.sort((a, b) => farFrom(seats, a) - farFrom(seats, b));
}
