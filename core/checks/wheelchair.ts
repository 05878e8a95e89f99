/**
 * What a wheelchair needs, for the stations of people who use one. Every row from the 2010 ADA Standards for Accessible
 * Design (numbers beside the rows); local code and an occupational therapist decide what a home needs.
 */
import TinyQueue from 'tinyqueue';
import { compartmentsOf } from '../furniture/compartments.ts';
import { footprint, inRoom } from '../furniture/footprint.ts';
import { caution, type Finding, type Said } from '../model/finding.ts';
import { formatLength } from '../model/measure.ts';
import { byName, type Plan, type Unit } from '../model/plan.ts';
import { reachableSeatedInChair } from '../reach/access.ts';
import { obstaclesOf, reachesOver } from '../reach/around.ts';
import { boxOf, freeBefore, inSpan, NOISE } from '../room/free.ts';
import { distanceToSegment, inside, overlapDepth, subtract, type Point } from '../geometry/geometry.ts';
import { blocksWalking } from '../room/floor.ts';
import { standing } from '../room/standing.ts';
import { outlineOf } from '../room/walls.ts';

/** mm; section of the Standards beside each. */
export const ADA = {
  /** 304.3.1 */
  turning: 1525,
  /** 305.3 */
  clearFloor: { wide: 760, deep: 1220 },
  /** 306.3 */
  knees: { high: 685, wide: 760 },
  /** 902.3 */
  surface: { low: 710, high: 865 },
  /** 308.2.1, 308.3.1 */
  reach: { low: 380, high: 1220 },
} as const;

/** How exactly the largest free circle is found, mm. */
const EXACT = 0.1;

/** Findings for stations of people who use a wheelchair. */
export function checkWheelchair(plan: Plan): Finding[] {
  const here = standing(plan);
  const stations = byName(here.stations).filter((s) => here.people[s.person]!.wheelchair);
  if (stations.length === 0 || outlineOf(here).length < 3) return [];
  const say = (mm: number) => formatLength(Math.floor(mm), plan.meta.units);
  const obstacles = obstaclesOf(here);
  const findings: Finding[] = [];
  // Roughly first: most rooms have clearly room enough, and the exact figure takes longest where much is alike.
  const rough = largestCircle(here, 4);
  const circle = 2 * rough.radius > ADA.turning + 20 ? rough : largestCircle(here);
  if (2 * circle.radius < ADA.turning - NOISE)
    findings.push(
      caution('no turning circle', 'units', {
        message: `The largest free circle on the floor is ${say(2 * circle.radius)} across; a wheelchair turns in ${say(ADA.turning)}.`,
        targets: [{ table: 'meta', id: plan.meta.id }],
        by: ADA.turning - 2 * circle.radius - 3 * EXACT,
      }),
    );
  for (const unit of byName(here.units)) {
    if (unit.kind === 'table' || unit.bottom > 0) continue;
    const out = beforeIt(unit, here);
    if (out) findings.push(out);
  }
  for (const unit of byName(here.units)) {
    const list = compartmentsOf(unit);
    const far = list.filter((c) => c.access3.z > ADA.reach.high + NOISE || c.access3.z < ADA.reach.low - NOISE);
    const over = list
      .filter((c) => !far.includes(c))
      .map((c) => ({ c, deep: reachesOver(c, obstacles) }))
      .filter(({ c, deep }) => deep > 0 && !reachableOver(c.access3.z, deep));
    if (over[0])
      findings.push(
        caution('out of reach', `units.${unit.id}.x`, {
          message: `${over.length} of ${list.length} ${list.length === 1 ? 'place' : 'places'} of ${unit.name} lie ${say(over[0].deep)} behind the edge of what stands before ${over.length === 1 ? 'it' : 'them'}, at ${say(over[0].c.access3.z)}: too far or too high to reach over from a wheelchair.`,
          by: Math.max(1, over[0].deep - 610),
        }),
      );
    if (far.length > 0)
      findings.push(
        caution('out of reach', `units.${unit.id}.x`, {
          message: `${far.length} of ${list.length} ${list.length === 1 ? 'place' : 'places'} of ${unit.name} lie lower than ${say(ADA.reach.low)} or higher than ${say(ADA.reach.high)}: out of reach from a wheelchair.`,
          by: Math.max(...far.map((c) => Math.max(c.access3.z - ADA.reach.high, ADA.reach.low - c.access3.z))),
        }),
      );
  }
  for (const station of stations) {
    const table = station.unit === null ? undefined : here.units[station.unit];
    if (table) findings.push(...atTable(here, table, station, say));
  }
  return findings;
}

/** Forward or to the side, over something of this depth (308.2.2, 308.3.2). */
function reachableOver(z: number, deep: number): boolean {
  return reachableSeatedInChair(z, 'forward', deep) || reachableSeatedInChair(z, 'side', deep);
}

/** Clear floor before a unit, approached forward. */
function beforeIt(unit: Unit, plan: Plan): Finding | null {
  const { wide, deep } = ADA.clearFloor;
  const middle = unit.width / 2;
  const across = { left: middle - wide / 2 - 0.5, right: middle + wide / 2 + 0.5 };
  const free = freeBefore(unit, plan, { bottom: 0, top: 1000 }, deep + 1, across);
  if (free >= deep - NOISE) return null;
  const say = (mm: number) => formatLength(Math.floor(mm), plan.meta.units);
  return caution('no clear floor', `units.${unit.id}.x`, {
    message: `Before ${unit.name} ${say(free)} are free on ${say(wide)} of width; a wheelchair needs ${say(deep)}.`,
    by: deep - free,
  });
}

function atTable(plan: Plan, table: Unit, station: Point, say: (mm: number) => string): Finding[] {
  const findings: Finding[] = [];
  const top = table.bottom + table.height;
  const add = (code: string, said: Said) => findings.push(caution(code, `units.${table.id}.height`, said));
  const under = top - table.board;
  if (under < ADA.knees.high - NOISE)
    add('no room for knees', {
      message: `Under ${table.name} ${say(under)} are free; knees in a wheelchair need ${say(ADA.knees.high)}.`,
      by: ADA.knees.high - under,
    });
  const beside = kneeWidth(plan, table, station);
  if (beside < ADA.knees.wide - NOISE)
    add('no room for knees', {
      message: `Under ${table.name} the knees have ${say(beside)} of width at the seat; they need ${say(ADA.knees.wide)}.`,
      by: ADA.knees.wide - beside,
    });
  if (top < ADA.surface.low - NOISE || top > ADA.surface.high + NOISE)
    add('surface height', {
      message: `${table.name} is ${say(top)} high; a work surface for a wheelchair is ${say(ADA.surface.low)} to ${say(ADA.surface.high)}.`,
      by: Math.max(ADA.surface.low - top, top - ADA.surface.high),
    });
  return findings;
}

/** Free width under a table at the seat, mm: between what stands under it to the left and right. */
function kneeWidth(plan: Plan, table: Unit, seat: Point): number {
  const axis = subtract(inRoom(table, 1, 0), inRoom(table, 0, 0));
  const along = (p: Point) => p.x * axis.x + p.y * axis.y;
  const [from, to] = [along(inRoom(table, 0, 0)), along(inRoom(table, table.width, 0))];
  const at = Math.min(to, Math.max(from, along(seat)));
  let [left, right] = [from, to];
  const feet = footprint(table);
  for (const other of Object.values(plan.units)) {
    const box = boxOf(other);
    if (other.id === table.id || inSpan(box, { bottom: 0, top: ADA.knees.high }) <= 1) continue;
    if (overlapDepth(box.feet, feet) <= NOISE) continue;
    const ends = box.feet.map(along);
    const [low, high] = [Math.min(...ends), Math.max(...ends)];
    if (high <= at) left = Math.max(left, high);
    else if (low >= at) right = Math.min(right, low);
    else return 0;
  }
  return right - left;
}

/**
 * The largest circle on the free floor: squares are cut in four where they may still hold a larger one, the most
 * promising first (pole of inaccessibility by quadtree, Garcia-Castellanos & Lombardo 2007 in idea).
 * @param exact how far from the largest it may be, mm
 */
export function largestCircle(plan: Pick<Plan, 'corners' | 'units'>, exact = EXACT): Point & { radius: number } {
  const outline = outlineOf(plan);
  const solids = Object.values(plan.units)
    .filter(blocksWalking)
    .map((u) => footprint(u));
  const free = (p: Point): number => {
    const walls = Math.min(...outline.map((a, i) => distanceToSegment(p, a, outline[(i + 1) % outline.length]!)));
    if (!inside(p, outline)) return -walls;
    let least = walls;
    for (const s of solids) {
      const edge = Math.min(...s.map((a, i) => distanceToSegment(p, a, s[(i + 1) % s.length]!)));
      least = Math.min(least, inside(p, s) ? -edge : edge);
    }
    return least;
  };
  const xs = outline.map((p) => p.x);
  const ys = outline.map((p) => p.y);
  const size = Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
  let best = { x: xs[0]!, y: ys[0]!, radius: 0 };
  const queue = new TinyQueue<{ x: number; y: number; half: number; most: number }>([], (a, b) => b.most - a.most);
  const look = (x: number, y: number, half: number) => {
    const radius = free({ x, y });
    if (radius > best.radius) best = { x, y, radius };
    const most = radius + half * Math.SQRT2;
    if (most > best.radius + exact) queue.push({ x, y, half, most });
  };
  look(Math.min(...xs) + size / 2, Math.min(...ys) + size / 2, size / 2);
  while (queue.length > 0) {
    const { x, y, half, most } = queue.pop()!;
    if (most <= best.radius + exact) break;
    const h = half / 2;
    for (const [dx, dy] of [
      [-h, -h],
      [h, -h],
      [-h, h],
      [h, h],
    ] as const)
      look(x + dx, y + dy, h);
  }
  return best;
}
