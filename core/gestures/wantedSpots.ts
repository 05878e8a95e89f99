/** Where a piece of a new room could stand, the best for it first: by how far from the seats such a piece is wanted. */
import { inRoom } from '../furniture/footprint.ts';
import { byName, type Plan, type Shape, type Station, type Unit } from '../model/plan.ts';
import type { Rest } from '../room/snap.ts';
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
  wanted: Wanted,
  plan: Plan,
  jitter: () => number,
): Array<Rest & { bottom?: number }> {
  if (wanted.manner === 'under') return underTables(unit, plan);
  if (wanted.manner === 'top') {
    const top = spotOnTable(unit, plan);
    return top ? [top] : [];
  }
  const seats = Object.values(plan.stations);
  const worked = workedAt(plan);
  const served = (s: Station) => servedBy(plan, s) / Math.max(0.25, worked(s.id));
  const away = wantedAway(unit);
  const rank = (at: Rest) => {
    if (seats.length === 0) return jitter() * 1000;
    const front = inRoom({ ...unit, ...at }, unit.width / 2, unit.depth);
    // A seat at which little is done counts as farther.
    const off = seats.map(
      (s) =>
        Math.abs(Math.hypot(s.x - front.x, s.y - front.y) - away) +
        IDLE * (1 - worked(s.id)) +
        (away <= NEAR ? SERVED * served(s) : 0),
    );
    return Math.min(...off) + jitter() * JITTER;
  };
  const table = unit.kind === 'table' && unit.bottom < 300;
  const before = table ? SEAT_ROOM : undefined;
  const list = [
    ...besideSeats(unit, plan).map((roomy) => ({ roomy, tight: undefined })),
    ...freeSpots(unit, plan, before),
    ...besideTables(unit, plan).map((roomy) => ({ roomy, tight: undefined })),
  ];
  return list
    .flatMap(({ roomy, tight }) => {
      const at = roomy ?? tight;
      if (!stands({ ...unit, ...at }, plan)) return [];
      const narrow = roomy ? 0 : TIGHT;
      return [{ at, rank: (table ? jitter() * 3000 + nearSeats(at, seats) : rank(at)) + narrow }];
    })
    .sort((a, b) => a.rank - b.rank)
    .map(({ at }) => at);
}

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

/** A cart at the elbow of a seat: beside the chair, its front to the sitter, with room to get up between. */
function besideSeats(unit: Unit, plan: Plan): Rest[] {
  if (unit.kind !== 'cart') return [];
  return byName(plan.stations)
    .filter((s) => s.unit !== null && plan.units[s.unit]?.kind === 'table')
    .flatMap((s) => {
      const table = plan.units[s.unit!]!;
      return [1, -1].map((side) => {
        const across = table.width / 2 + side * (ELBOW + unit.depth / 2);
        const at = inRoom(table, across, table.depth + LEG + unit.width / 2);
        return { ...round(at), turn: (table.turn + (side > 0 ? 90 : 270)) % 360 };
      });
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
        ...round(inRoom(t, across, unit.depth / 2)),
        turn: t.turn,
      })),
    );
}

/** Under a table, at its right and left end, the knees between them free; further ones beside those. */
function underTables(unit: Unit, plan: Plan): Rest[] {
  return byName(plan.units)
    .filter((t) => t.kind === 'table' && t.bottom < 300 && t.height - t.board >= unit.height && t.depth >= unit.depth)
    .flatMap((t) => {
      const most = Math.max(0, (t.width - KNEES) / 2);
      const steps = [];
      for (let in_ = LEG; in_ + unit.width <= most + 1; in_ += 50)
        steps.push(t.width - in_ - unit.width / 2, in_ + unit.width / 2);
      return steps.map((across) => ({ ...round(inRoom(t, across, t.depth - LEG - unit.depth / 2)), turn: t.turn }));
    })
    .filter((at) => stands({ ...unit, ...at }, plan));
}

const round = ({ x, y }: { x: number; y: number }) => ({ x: Math.round(x * 10) / 10, y: Math.round(y * 10) / 10 });
