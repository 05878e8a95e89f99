/** Left, right, before, behind: on which side of a seat a place is, and whether it is where a home was asked to be. */
import type { Compartment } from '../furniture/compartments.ts';
import { distance, type Point } from '../geometry/geometry.ts';
import type { Home, Plan, Station } from '../model/plan.ts';
import { wallsOf } from '../room/walls.ts';
import { zonesOf } from './zonesOfPlan.ts';
import type { Scene } from '../scene/scene.ts';

export type SeatSide = 'before' | 'left' | 'right' | 'behind';

/** Degrees clockwise from where one looks at which a place lies, -180 to 180. */
function bearing(station: Pick<Station, 'x' | 'y' | 'facing'>, to: Point): number {
  const towards = (Math.atan2(to.x - station.x, station.y - to.y) * 180) / Math.PI;
  return ((((towards - station.facing + 180) % 360) + 360) % 360) - 180;
}

/** The side of a seat on which a place lies: a quarter of the way round each. */
export function sideOf(station: Pick<Station, 'x' | 'y' | 'facing'>, place: Point): SeatSide {
  const angle = bearing(station, place);
  if (Math.abs(angle) <= 45) return 'before';
  if (Math.abs(angle) >= 135) return 'behind';
  return angle < 0 ? 'left' : 'right';
}

/** By how much a way over a place is longer than the straight one when it still lies between two stations, and how near a door is near, mm. */
const DETOUR = 1.2;
const NEAR_DOOR = 1500;

function doorsOf(plan: Plan): Point[] {
  const walls = wallsOf(plan);
  return Object.values(plan.openings).flatMap((o) => {
    const wall = o.kind === 'door' ? walls.find((w) => w.id === o.corner) : undefined;
    if (!wall) return [];
    const along = o.offset + o.width / 2;
    return [{ x: wall.from.x + wall.along.x * along, y: wall.from.y + wall.along.y * along }];
  });
}

/** Whether a place is on the side where a home is asked to be; true where nothing is asked, or nobody can say. */
export function isAsked(scene: Scene, home: Home, c: Compartment): boolean {
  const { plan } = scene;
  if (home.side === null) return true;
  if (plan.units[c.unit]?.elsewhere != null) return false;
  if (home.side === 'near the door') {
    const doors = doorsOf(plan);
    return doors.length === 0 || doors.some((d) => distance(d, c.access3) <= NEAR_DOOR);
  }
  const seat =
    plan.stations[home.station ?? ''] ??
    plan.stations[zonesOf(scene).find((z) => z.id === home.zone)?.stations[0] ?? ''];
  if (!seat) return true;
  if (home.side !== 'between') return sideOf(seat, c.access3) === home.side;
  const other = plan.stations[home.other ?? ''];
  if (!other) return true;
  return distance(seat, c.access3) + distance(c.access3, other) <= DETOUR * distance(seat, other) + 300;
}
