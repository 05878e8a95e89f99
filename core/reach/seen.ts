/** What somebody at a seat sees of a place without opening anything. */
import type { Compartment } from '../furniture/compartments.ts';
import { inRoom } from '../furniture/footprint.ts';
import type { Constants } from '../model/constants.ts';
import type { Station, Unit } from '../model/plan.ts';
import { angleBetween, bearing, type Point } from '../geometry/geometry.ts';
import { inTheWay, ownUnits, throughWall, type Obstacles } from './around.ts';
import type { Body, Point3 } from './body.ts';

export interface Sight {
  /** Whether what lies there is seen, only a front on which a label may be, or nothing. */
  state: 'things' | 'front' | 'nothing';
  /** Why no more, in words; empty when the things are seen. */
  words: string;
}

/** Fronts that show nothing of what is behind them. */
const CLOSED: ReadonlySet<string> = new Set(['drawer', 'pull-out', 'door', 'lid']);
/** From this angle off its front on nobody sees into an opening, degrees. Common practice, no source. */
const SKEW = 75;

/**
 * What somebody sees of a place.
 * @param seeThrough a container through whose sides one sees
 */
export function sightOf(
  station: Pick<Station, 'x' | 'y' | 'facing'>,
  body: Pick<Body, 'eye'>,
  unit: Unit,
  compartment: Compartment,
  obstacles: Obstacles,
  constants: Constants,
  seeThrough = false,
): Sight {
  const { front, access } = compartment;
  const top = access === 'top' || access === 'lid' || unit.kind === 'cart' || unit.kind === 'caddy';
  const middle = inRoom(
    unit,
    (front.left + front.right) / 2,
    access === 'top' || access === 'lid' ? unit.depth / 2 : unit.depth,
  );
  // A low open side shows what is on its floor; a top is looked at from above.
  const at: Point3 = {
    ...middle,
    z: access === 'top' || access === 'lid' ? front.top : (front.bottom + front.top) / 2,
  };
  const eye: Point3 = { x: station.x, y: station.y, z: body.eye };
  const off = angleBetween(bearing(station, middle), station.facing);
  if (off > constants.view) return { state: 'nothing', words: 'behind the back' };
  if (throughWall(station, middle, obstacles.outline)) return { state: 'nothing', words: 'round a corner' };
  const before = inTheWay(eye, at, obstacles.prisms, ownUnits(compartment, obstacles));
  if (before) return { state: 'nothing', words: `hidden by ${before.name}` };
  if (!top) {
    const skew = angleBetween(bearing(middle, station), bearing(middle, outward(unit, middle)));
    if (skew > 90) return { state: 'nothing', words: 'seen from behind or the side' };
    if (skew > SKEW) return { state: 'front', words: 'seen too much from the side to look in' };
  }
  if (seeThrough) return { state: 'things', words: '' };
  if (compartment.container !== null)
    return eye.z > front.top && (access === 'box' || access === 'open') && top
      ? { state: 'things', words: '' }
      : { state: 'front', words: access === 'lid' ? 'in a closed box' : 'in a box: only its side is seen' };
  if (CLOSED.has(access)) {
    const shut = {
      drawer: 'in a closed drawer',
      'pull-out': 'in a closed pull-out',
      door: 'behind a door',
      lid: 'under a lid',
    };
    return { state: 'front', words: shut[access as keyof typeof shut] };
  }
  if ((access === 'top' || top) && eye.z <= front.bottom + 20) return { state: 'front', words: 'above the eye' };
  return { state: 'things', words: '' };
}

/** A point straight before a point of a unit's front. */
function outward(unit: Unit, p: Point): Point {
  const [a, b] = [inRoom(unit, 0, 0), inRoom(unit, 0, 100)];
  return { x: p.x + b.x - a.x, y: p.y + b.y - a.y };
}
