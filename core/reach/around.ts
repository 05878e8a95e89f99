/** What is in the way of a hand, an eye and a rolling seat: furniture as upright prisms, table tops as slabs, open doors, walls. */
import { footprint, inRoom } from '../furniture/footprint.ts';
import { openedOf, type Opened } from '../furniture/opened.ts';
import { compartmentsOf, type Compartment } from '../furniture/compartments.ts';
import type { Plan, Unit } from '../model/plan.ts';
import { distance, distanceToSegment, inside, type Point } from '../geometry/geometry.ts';
import { blocksWalking } from '../room/floor.ts';
import { outlineOf } from '../room/walls.ts';
import type { Around, Point3 } from './body.ts';

/** Something solid: its outline from above, clockwise, and the heights between which it is. */
export interface Prism {
  unit: string;
  name: string;
  shape: readonly Point[];
  bottom: number;
  top: number;
}

/** One looks and reaches through these. */
const SEE_THROUGH: ReadonlySet<Unit['kind']> = new Set(['rail', 'rack', 'pegboard']);
/** What a line may cut into a solid before that counts, mm: the reach of a hand round an edge. */
const GRAZE = 20;
/** Thickness of an open door leaf, mm. Common practice, no source. */
const LEAF = 20;

/** The solids of a room: closed furniture whole, tables by their tops, wall shelves by their boards. */
export function prismsOf(plan: Pick<Plan, 'units'>): Prism[] {
  return Object.values(plan.units)
    .filter((u) => !SEE_THROUGH.has(u.kind))
    .map((u) => ({
      unit: u.id,
      name: u.name,
      shape: footprint(u),
      bottom: u.kind === 'table' ? u.bottom + u.height - u.board : u.bottom,
      top: u.bottom + u.height,
    }));
}

/** The leaf of a door before a whole unit, swung open: a thing on the hinge side is reached from the other side only. */
export function openLeaves(unit: Unit): Prism[] {
  if (unit.doors !== 'left' && unit.doors !== 'right' && unit.doors !== 'pair') return [];
  const behind = compartmentsOf(unit).filter((c) => c.access === 'door');
  if (behind.length === 0) return [];
  const left = Math.min(...behind.map((c) => c.front.left));
  const right = Math.max(...behind.map((c) => c.front.right));
  const out = unit.doors === 'pair' ? (right - left) / 2 : right - left;
  const leaf = (from: number): Prism => ({
    unit: unit.id,
    name: `the open door of ${unit.name}`,
    shape: [
      inRoom(unit, from, unit.depth),
      inRoom(unit, from + LEAF, unit.depth),
      inRoom(unit, from + LEAF, unit.depth + out),
      inRoom(unit, from, unit.depth + out),
    ],
    bottom: Math.min(...behind.map((c) => c.front.bottom)),
    top: Math.max(...behind.map((c) => c.front.top)),
  });
  return [...(unit.doors === 'right' ? [] : [leaf(left)]), ...(unit.doors === 'left' ? [] : [leaf(right - LEAF)])];
}

/** Where a straight line enters and leaves a prism, as shares of its length; null when it does not meet it. */
function spanInside(a: Point3, b: Point3, prism: Prism): [from: number, to: number] | null {
  let [from, to] = [0, 1];
  const cut = (start: number, slope: number) => {
    // start + t * slope must not be above 0.
    if (Math.abs(slope) < 1e-12) {
      if (start > 0) to = -1;
    } else if (slope > 0) to = Math.min(to, -start / slope);
    else from = Math.max(from, -start / slope);
  };
  const [dx, dy, dz] = [b.x - a.x, b.y - a.y, b.z - a.z];
  cut(a.z - prism.top, dz);
  cut(prism.bottom - a.z, -dz);
  const { shape } = prism;
  for (let i = 0; i < shape.length; i++) {
    const [p, q] = [shape[i]!, shape[(i + 1) % shape.length]!];
    // Outward normal of an edge of a clockwise shape (y down).
    const [nx, ny] = [q.y - p.y, p.x - q.x];
    cut((a.x - p.x) * nx + (a.y - p.y) * ny, dx * nx + dy * ny);
  }
  return to <= from ? null : [from, to];
}

/** Length of a straight line inside a prism, mm. */
export function lengthInside(a: Point3, b: Point3, prism: Prism): number {
  const span = spanInside(a, b, prism);
  return span === null ? 0 : (span[1] - span[0]) * Math.hypot(b.x - a.x, b.y - a.y, b.z - a.z);
}

/** The first solid that a straight line runs into, or null. @param but units that do not count */
export function inTheWay(a: Point3, b: Point3, prisms: readonly Prism[], but: ReadonlySet<string>): Prism | null {
  const [x0, x1] = [Math.min(a.x, b.x), Math.max(a.x, b.x)];
  const [y0, y1] = [Math.min(a.y, b.y), Math.max(a.y, b.y)];
  const [z0, z1] = [Math.min(a.z, b.z), Math.max(a.z, b.z)];
  for (const prism of prisms) {
    if (but.has(prism.unit) || prism.bottom >= z1 || prism.top <= z0) continue;
    if (!prism.shape.some((p) => p.x > x0) || !prism.shape.some((p) => p.x < x1)) continue;
    if (!prism.shape.some((p) => p.y > y0) || !prism.shape.some((p) => p.y < y1)) continue;
    // A line that only just goes through a thin board goes through it all the same.
    const thin = Math.min(GRAZE, (prism.top - prism.bottom) / 2);
    if (lengthInside(a, b, prism) > thin) return prism;
  }
  return null;
}

/** Whether a straight line leaves the room through a wall. The last millimetres may lie in one (a board on it). */
export function throughWall(a: Point, b: Point, outline: readonly Point[]): boolean {
  if (outline.length < 3) return false;
  const far = Math.hypot(b.x - a.x, b.y - a.y);
  if (far < 1e-6) return false;
  const short = Math.max(0, 1 - 5 / far);
  const end = { x: a.x + (b.x - a.x) * short, y: a.y + (b.y - a.y) * short };
  const side = (p: Point, q: Point, r: Point) => (q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x);
  return outline.some((p, i) => {
    const q = outline[(i + 1) % outline.length]!;
    return side(p, q, a) * side(p, q, end) < 0 && side(a, end, p) * side(a, end, q) < 0;
  });
}

/** Room and furniture as they stand, ready to be asked. */
export interface Obstacles {
  prisms: readonly Prism[];
  leaves: ReadonlyMap<string, readonly Prism[]>;
  outline: readonly Point[];
  floor: ReadonlyArray<{ unit: string; shape: readonly Point[] }>;
  /** What opens of each unit. */
  opened: ReadonlyMap<string, readonly Opened[]>;
  /** Units that are one with another: inserts in its openings. */
  together: ReadonlyMap<string, string>;
}

/** @param plan as it stands (see room/standing) */
export function obstaclesOf(plan: Pick<Plan, 'units' | 'corners'>): Obstacles {
  const units = Object.values(plan.units);
  return {
    prisms: prismsOf(plan),
    leaves: new Map(units.map((u) => [u.id, openLeaves(u)])),
    outline: outlineOf(plan),
    opened: new Map(units.map((u) => [u.id, openedOf(u)])),
    floor: units.filter(blocksWalking).map((u) => ({ unit: u.id, shape: footprint(u) })),
    together: new Map(units.flatMap((u) => (u.host === null ? [] : [[u.id, u.host] as const]))),
  };
}

/** Units that are not in the way of a compartment: its own, and the one in whose opening that stands. */
export function ownUnits(compartment: Pick<Compartment, 'unit'>, { together }: Obstacles): Set<string> {
  const own = new Set([compartment.unit]);
  const host = together.get(compartment.unit);
  if (host !== undefined) own.add(host);
  return own;
}

/** What is around somebody who reaches for a compartment. Knees go under a table; who rolls does not go through it. */
export function aroundFor(
  compartment: Pick<Compartment, 'unit' | 'slot' | 'access' | 'mouth' | 'stand'>,
  obstacles: Obstacles,
): Around {
  const opens = opensBefore(compartment, obstacles);
  const own = ownUnits(compartment, obstacles);
  const leaves = compartment.access === 'door' ? (obstacles.leaves.get(compartment.unit) ?? []) : [];
  return {
    hand: (a, b) =>
      inTheWay(a, b, obstacles.prisms, own) === null &&
      inTheWay(a, b, leaves, NONE) === null &&
      !throughWall(a, b, obstacles.outline),
    body: (a, b) =>
      !throughWall(a, b, obstacles.outline) &&
      obstacles.floor.every(
        ({ shape }) =>
          inside(a, shape) ||
          !(inside(b, shape) || shape.some((p, i) => crosses(a, b, p, shape[(i + 1) % shape.length]!))),
      ),
    ...(opens ? { clearOf: (at: Point) => clearOf(at, opens, compartment) } : {}),
  };
}

/** What opens with a compartment and takes floor before it: its drawer, or the door before it. */
function opensBefore(
  compartment: Pick<Compartment, 'unit' | 'slot' | 'access'>,
  { opened }: Obstacles,
): Opened[] | null {
  const all = (opened.get(compartment.unit) ?? []).filter((o) => o.kind !== 'lid');
  const own =
    compartment.access === 'door'
      ? all.filter((o) => o.kind === 'door')
      : all.filter((o) => o.kind === 'drawer' && o.slot === compartment.slot);
  return own.length > 0 ? own : null;
}

/** Half the breadth of somebody who sits, mm; what opens may come so near to the middle. Common practice, no source. */
export const SITTER = 200;
/** How far one rolls back from what opens, at most, and in what steps it is looked for, mm. */
const [BACK, BACK_STEP] = [600, 50];

/** Whether a shape from above comes over somebody at a point. */
export function comesOver(shape: readonly Point[], at: Point): boolean {
  return (
    inside(at, shape) || shape.some((p, i) => distanceToSegment(at, p, shape[(i + 1) % shape.length]!) < SITTER - 1)
  );
}

function clearOf(at: Point, opens: readonly Opened[], c: Pick<Compartment, 'mouth' | 'stand'>): Point | null {
  const free = (p: Point) => !opens.some((o) => comesOver(o.shape, p));
  if (free(at)) return at;
  const far = distance(c.mouth, c.stand) || 1;
  const out = { x: (c.stand.x - c.mouth.x) / far, y: (c.stand.y - c.mouth.y) / far };
  for (let mm = BACK_STEP; mm <= BACK; mm += BACK_STEP) {
    const p = { x: at.x + out.x * mm, y: at.y + out.y * mm };
    if (free(p)) return p;
  }
  return null;
}
const NONE: ReadonlySet<string> = new Set();

function crosses(a: Point, b: Point, p: Point, q: Point): boolean {
  const side = (s: Point, t: Point, r: Point) => (t.x - s.x) * (r.y - s.y) - (t.y - s.y) * (r.x - s.x);
  return side(p, q, a) * side(p, q, b) < 0 && side(a, b, p) * side(a, b, q) < 0;
}

/** What is lower than this one rolls or steps up to, mm: it is no obstruction to a reach. Common practice, no source. */
const OVER = 500;

/** How far the front edge of what stands before a place (a table, a counter) lies from it, mm; 0 when nothing does. */
export function reachesOver(
  c: Pick<Compartment, 'unit' | 'access3' | 'mouth' | 'stand'>,
  obstacles: Obstacles,
): number {
  const own = ownUnits(c, obstacles);
  const { x, y, z } = c.access3;
  const far = Math.hypot(c.stand.x - c.mouth.x, c.stand.y - c.mouth.y) || 1;
  const [dx, dy] = [(c.stand.x - c.mouth.x) / far, (c.stand.y - c.mouth.y) / far];
  const look = 1500;
  let deepest = 0;
  for (const prism of obstacles.prisms) {
    if (own.has(prism.unit) || prism.top > z || prism.top < OVER) continue;
    const level = (prism.top + prism.bottom) / 2;
    const span = spanInside({ x, y, z: level }, { x: x + dx * look, y: y + dy * look, z: level }, prism);
    if (span && (span[1] - span[0]) * look > GRAZE) deepest = Math.max(deepest, span[1] * look);
  }
  return deepest;
}
