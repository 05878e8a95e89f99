/** Where a piece of a new room could stand, the best for it first: by how far from the seats such a piece is wanted. */
import { onRule } from '../model/measure.ts';
import { footprint, inRoom } from '../furniture/footprint.ts';
import { distanceToSegment, overlapDepth } from '../geometry/geometry.ts';
import { byName, type Plan, type Shape, type Station, type Unit } from '../model/plan.ts';
import type { Rest } from '../room/snap.ts';
import { wallsOf, type Wall } from '../room/walls.ts';
import type { Unfolds } from './unfolds.ts';
import { seatsOf } from '../scene/scene.ts';
import { freeSpots, spotOnTable, stands } from '../room/spot.ts';

/** How a piece is to stand: along a wall, hung, under a table, on one, or in the cube opening of another piece. */
export type Manner = 'floor' | 'wall' | 'under' | 'top' | 'insert';

export interface Wanted {
  shape: Shape;
  manner: Manner;
  unfolds?: Unfolds;
  /** It is a seat to work in: an armchair to knit in. */
  sits?: boolean;
}

/** How far from its seat the front of a piece is wanted, mm, by what is fetched from it: drawers at once, chests last. Common practice, no source. */
const AWAY: ReadonlyArray<readonly [test: (s: Shape) => boolean, mm: number]> = [
  [(s) => s.kind === 'seat', 2500],
  [(s) => s.kind === 'drawer unit' && s.height <= 800, 700],
  [(s) => s.kind === 'cart', 500],
  [(s) => s.kind === 'pegboard' || s.kind === 'rail' || s.kind === 'wall shelf' || s.bottom > 300, 700],
  [(s) => s.kind === 'drawer unit', 900],
  [(s) => s.kind === 'cabinet' && s.height <= 900, 900],
  [(s) => s.height <= 900, 1300],
  [(s) => s.kind === 'cube shelf', 1500],
  [(s) => s.kind === 'bookcase', 1800],
];
const FAR = 2600;

const wantedAway = (shape: Shape): number => AWAY.find(([test]) => test(shape))?.[1] ?? FAR;
/** Whether a piece is wanted within a step of its seat. */
export const isNear = (shape: Shape): boolean => wantedAway(shape) <= NEAR;

/** Room at each side of the knees under a table that stays free, and between what stands there and the leg, mm. Common practice, no source. */
const KNEES = 600;
const LEG = 20;

/** Spots for a piece, in the order in which they are tried; empty where there is none. @param jitter 0 to 1, from a seed */
export function spotsFor(
  unit: Unit,
  manner: Manner,
  plan: Plan,
  jitter: () => number,
): Array<Rest & { bottom?: number }> {
  if (manner === 'under') return underTables(unit, plan);
  if (manner === 'top') {
    const top = spotOnTable(unit, plan);
    return top ? [top] : [];
  }
  const seats = Object.values(plan.stations);
  const worked = workedAt(plan);
  const served = (s: Station) => servedBy(plan, s) / Math.max(0.25, worked(s.id));
  const near = isNear(unit);
  const rank = (at: Rest) => {
    if (seats.length === 0) return jitter() * 1000;
    const off = (s: Station) => offBy({ ...unit, ...at }, s, worked) + (near ? SERVED * served(s) : 0);
    return Math.min(...seats.map(off)) + jitter() * JITTER;
  };
  const table = unit.kind === 'table' && unit.bottom < 300;
  const before = table ? SEAT_ROOM : undefined;
  const walls = wallsOf(plan);
  const list = [
    ...besideSeats(unit, plan).map((roomy) => ({ roomy, tight: undefined })),
    ...freeSpots(unit, plan, before),
    ...besideTables(unit, plan).map((roomy) => ({ roomy, tight: undefined })),
    ...(near && unit.kind !== 'table' ? underTables(unit, plan) : []).map((roomy) => ({ roomy, tight: undefined })),
  ];
  return list
    .flatMap(({ roomy, tight }) => {
      const at = roomy ?? tight;
      if (!stands({ ...unit, ...at }, plan) || (table && covers({ ...unit, ...at }, plan))) return [];
      if (unit.height > ISLAND && unit.kind !== 'cart' && !backed({ ...unit, ...at }, walls)) return [];
      const narrow = roomy ? 0 : TIGHT;
      return [{ at, rank: (table ? jitter() * 3000 + nearSeats(at, seats) : rank(at)) + narrow }];
    })
    .sort((a, b) => a.rank - b.rank)
    .map(({ at }) => at);
}

/** What is higher than this has its back at a wall, so that it neither falls nor cuts the room in two, and how near, mm. Common practice, no source. */
const ISLAND = 950;
const AT_WALL = 60;

/** Whether the middle of the back of a piece is at a wall; in a room without walls anything is. */
function backed(unit: Unit, walls: readonly Wall[]): boolean {
  const back = inRoom(unit, unit.width / 2, 0);
  return walls.length === 0 || walls.some((w) => distanceToSegment(back, w.from, w.to) <= AT_WALL);
}

/** How far the front of a piece is from where it is wanted before a seat, mm; a seat at which little is done counts as farther. */
function offBy(unit: Unit, seat: Station, worked: (seat: string) => number): number {
  const front = inRoom(unit, unit.width / 2, unit.depth);
  return Math.abs(Math.hypot(seat.x - front.x, seat.y - front.y) - wantedAway(unit)) + IDLE * (1 - worked(seat.id));
}

/** How much more it counts for what is wanted near: drawers and carts are there to be reached from the seat. Our constant, no source. */
const NEAR_COUNTS = 2;

/** How far all pieces of a room are from where they are wanted before their seats, metres; what is wanted near counts more. */
export function metresOff(plan: Plan, units: readonly Unit[]): number {
  const seats = Object.values(plan.stations);
  const worked = workedAt(plan);
  if (seats.length === 0) return 0;
  const off = (unit: Unit) => (isNear(unit) ? NEAR_COUNTS : 1) * Math.min(...seats.map((s) => offBy(unit, s, worked)));
  return units.reduce((sum, unit) => sum + off(unit), 0) / 1000;
}

/** Whether a table would stand over something that stands on the floor. */
const covers = (table: Unit, plan: Plan): boolean =>
  Object.values(plan.units).some(
    (u) =>
      u.id !== table.id && u.bottom < 300 && u.elsewhere === null && overlapDepth(footprint(u), footprint(table)) > 1,
  );

/** How much of the work is done at each seat, the one with most is 1. */
function workedAt(plan: Plan): (seat: string) => number {
  const hours = new Map<string, number>();
  for (const a of Object.values(plan.activities))
    for (const seat of seatsOf(plan, a)) hours.set(seat, (hours.get(seat) ?? 0) + a.sessionsPerWeek);
  const most = Math.max(0, ...hours.values());
  return (seat) => (most === 0 ? 1 : (hours.get(seat) ?? 0) / most);
}
/** How many pieces with things serve a seat already, within a step of it. */
const servedBy = (plan: Plan, seat: Station): number =>
  Object.values(plan.units).filter((u) => {
    if (u.kind === 'table' || u.kind === 'seat' || u.bottom > 300) return false;
    const front = inRoom(u, u.width / 2, u.depth);
    return Math.hypot(front.x - seat.x, front.y - seat.y) <= STEP;
  }).length;
/** Pieces that are wanted as near as this go where few others are; how much one there counts, and how near it serves, mm. */
const NEAR = 1000;
const SERVED = 350;
const STEP = 1200;

/** How much farther a seat counts at which nothing is done, mm. */
const IDLE = 900;

/** How much a seed shuffles spots that are about as good, and how much worse one without room before it is, mm. */
const JITTER = 300;
const TIGHT = 2500;
/** From the edge of a table back to where its sitter rolls to, mm. */
const SEAT_ROOM = 900;

/** A second table stands near the first, so that one swivels from one to the other. */
const nearSeats = (at: Rest, seats: readonly { x: number; y: number }[]): number =>
  Math.min(0, ...seats.map((s) => Math.hypot(s.x - at.x, s.y - at.y) - 1500));

/** A cart at the elbow of a seat, its front to the sitter: beside the chair at a table, with room to get up between, or beside an armchair. */
function besideSeats(unit: Unit, plan: Plan): Rest[] {
  if (unit.kind !== 'cart') return [];
  return byName(plan.stations).flatMap((s) => {
    const at = s.unit === null ? undefined : plan.units[s.unit];
    if (at?.kind !== 'table' && at?.kind !== 'seat') return [];
    const [aside, out] =
      at.kind === 'table' ? [ELBOW, at.depth + LEG + unit.width / 2] : [at.width / 2 + LEG, at.depth - unit.width / 2];
    return [1, -1].map((side) => ({
      ...round(inRoom(at, at.width / 2 + side * (aside + unit.depth / 2), out), plan),
      turn: (at.turn + (side > 0 ? 90 : 270)) % 360,
    }));
  });
}

/** From the middle of a sitter to a cart beside the chair, mm. Common practice, no source. */
const ELBOW = 480;

/** Flush with the ends of the tables, which the steps along a wall may miss by a few centimetres. */
function besideTables(unit: Unit, plan: Plan): Rest[] {
  if (unit.bottom > 0) return [];
  return byName(plan.units)
    .filter((t) => t.kind === 'table' && t.bottom < 300)
    .flatMap((t) =>
      [-unit.width / 2, t.width + unit.width / 2].map((across) => ({
        ...round(inRoom(t, across, unit.depth / 2), plan),
        turn: t.turn,
      })),
    );
}

/** Under a table, at its right and left end, the knees between them free; further ones beside those. */
function underTables(unit: Unit, plan: Plan): Rest[] {
  return byName(plan.units)
    .filter(
      (t) => t.kind === 'table' && t.bottom < 300 && t.height - t.board >= unit.height - 0.5 && t.depth >= unit.depth,
    )
    .flatMap((t) => {
      const most = Math.max(0, (t.width - KNEES) / 2);
      const steps = [];
      for (let in_ = LEG; in_ + unit.width <= most + 1; in_ += 50)
        steps.push(t.width - in_ - unit.width / 2, in_ + unit.width / 2);
      return steps.map((across) => ({
        ...round(inRoom(t, across, t.depth - LEG - unit.depth / 2), plan),
        turn: t.turn,
      }));
    })
    .filter((at) => stands({ ...unit, ...at }, plan));
}

const round = ({ x, y }: { x: number; y: number }, { meta }: Plan) => ({
  x: onRule(x, meta.units, 32),
  y: onRule(y, meta.units, 32),
});
