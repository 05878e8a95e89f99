/**
 * Where furniture could stand: every unit with its back to a wall, seats with their tables, what stands on a unit with it.
 * What an arrangement costs is the way a week from the seats to what is fetched; what it may not do is said by the checks
 * of the room. propose.ts searches among these.
 */
import { compartmentsOf } from '../furniture/compartments.ts';
import { footprint, inRoom, solidSpan } from '../furniture/footprint.ts';
import { set, type Change } from '../model/change.ts';
import type { Finding } from '../model/finding.ts';
import { byName, type Arrangement, type Plan, type Station, type Unit } from '../model/plan.ts';
import type { Report } from '../report.ts';
import { areaOutline, checkAreas } from './areas.ts';
import { isLoose } from './arrange.ts';
import { doorSweep, checkClearance } from './clearance.ts';
import { distance, inside, overlapDepth, turned, type Point } from './geometry.ts';
import { roomFindings } from './findings.ts';
import { rollBack } from './seats.ts';
import { ridersOf } from './standing.ts';
import { outlineOf, wallsOf } from './walls.ts';

/** Where a unit stands. */
export type Stand = Pick<Unit, 'x' | 'y' | 'turn'>;

/** Distance within which one need not walk, mm: about an arm's length; and one within which one need not get up from a seat. */
const AT_HAND = 600;
const SWIVEL = 1000;
/** Getting up and sitting down take as long as so many metres of walking (MTM-1: 78 TMU beside 17 TMU for a pace of 864 mm). */
const RISE = 4;
/** Where one stands before a front, mm from it. */
const BEFORE = 400;

/** Fetches a week between each station and each unit. */
export type Trips = ReadonlyMap<string, ReadonlyMap<string, number>>;

/** How often a week somebody goes from a seat to a piece of furniture, there and back; putting back counts as a way of its own. */
export function tripsOf(plan: Plan, report: Report, arrangement: Arrangement): Trips {
  const trips = new Map<string, Map<string, number>>();
  for (const p of Object.values(report.placements)) {
    if (p.arrangement !== arrangement) continue;
    const { unit } = plan.placements[p.id]!;
    const times = plan.supplies[p.supply]!.goesBack ? 2 : 1;
    for (const use of p.from) {
      const to = trips.get(use.station) ?? new Map<string, number>();
      to.set(unit, (to.get(unit) ?? 0) + use.fetches * times);
      trips.set(use.station, to);
    }
  }
  return trips;
}

/** Units that may be moved: loose, not fixed to the wall, in the room, and not standing on another. */
export function movable(plan: Plan): Unit[] {
  const riders = new Set(Object.values(plan.units).flatMap((u) => ridersOf(plan, u).map((r) => r.id)));
  return byName(plan.units).filter((u) => isLoose(u) && !u.fixed && u.elsewhere === null && !riders.has(u.id));
}

/** A unit that is to be placed, with the places it could have; the first is where it stands today. */
export interface Choice {
  unit: Unit;
  stands: Stand[];
  /** Seats that go with it. */
  seats: Station[];
}

/**
 * The places of every unit, flush against a wall in steps, and where it stands today. Places in which it alone would break a
 * clearance (a door, a socket, the fuse board, the ceiling) are left out, today's as well unless nothing else is left.
 * @param step mm
 */
export function choicesOf(plan: Plan, units: readonly Unit[], step: number): Choice[] {
  const walls = wallsOf(plan);
  return units.map((unit) => {
    const seats = byName(plan.stations).filter((s) => s.unit === unit.id);
    const today = { x: unit.x, y: unit.y, turn: unit.turn };
    const all: Stand[] = [today];
    for (const wall of walls) {
      const room = wall.length - unit.width;
      if (room < 0) continue;
      const starts = new Set([room]);
      for (let start = 0; start < room; start += step) starts.add(start);
      for (const start of [...starts].sort((a, b) => a - b)) {
        const along = start + unit.width / 2;
        const out = unit.depth / 2;
        all.push({
          x: tidy(wall.from.x + wall.along.x * along + wall.inward.x * out),
          y: tidy(wall.from.y + wall.along.y * along + wall.inward.y * out),
          turn: wall.turn,
        });
      }
    }
    const good = all.filter((stand) => aloneIsFine(plan, unit, stand, seats));
    return { unit, seats, stands: good.length > 0 ? good : [today] };
  });
}

const tidy = (mm: number) => Math.round(mm * 10) / 10;

/** Whether a unit with its seats would be fine there, were it alone in the room. */
function aloneIsFine(plan: Plan, unit: Unit, stand: Stand, seats: readonly Station[]): boolean {
  const at = { ...unit, ...stand };
  const outline = outlineOf(plan);
  const covers = Object.values(plan.openings).some((o) => {
    if (o.kind === 'window' ? o.sill >= unit.bottom + unit.height - 0.5 : false) return false;
    const wall = wallsOf(plan).find((w) => w.id === o.corner);
    if (!wall) return false;
    const span = footprint(at).map((p) => (p.x - wall.from.x) * wall.along.x + (p.y - wall.from.y) * wall.along.y);
    const out = Math.min(
      ...footprint(at).map((p) => (p.x - wall.from.x) * wall.inward.x + (p.y - wall.from.y) * wall.inward.y),
    );
    return out < 100 && Math.max(...span) > o.offset + 1 && Math.min(...span) < o.offset + o.width - 1;
  });
  if (covers) return false;
  if (seats.some((s) => !inside(seatAt(s, unit, stand), outline, -200))) return false;
  const own = Object.values(plan.areas).filter((a) => a.unit === unit.id);
  const areas = Object.fromEntries(own.map((a) => [a.id, a]));
  const alone: Plan = { ...plan, units: { [unit.id]: at }, stations: {}, spots: {}, areas, hosts: {} };
  if (checkAreas(alone).some((f) => f.target?.table === 'areas')) return false;
  return [...checkClearance(alone), ...roomFindings(alone).filter((f) => f.severity === 'error')].every(
    (f) => f.target?.id !== unit.id || f.code === 'fix to the wall',
  );
}

/** Where a seat is when its table stands elsewhere. */
export function seatAt(seat: Pick<Station, 'x' | 'y' | 'facing'>, from: Stand, to: Stand): Point & { facing: number } {
  const by = to.turn - from.turn;
  const off = turned({ x: seat.x - from.x, y: seat.y - from.y }, by);
  return { x: tidy(to.x + off.x), y: tidy(to.y + off.y), facing: (((seat.facing + by) % 360) + 360) % 360 };
}

/** Changes that put units where they are to stand, with seats, what stands on them, and places of carts at those seats. */
export function standChanges(plan: Plan, units: readonly Unit[], at: readonly Stand[]): Change[] {
  const changes: Change[] = [];
  units.forEach((unit, i) => {
    const to = at[i]!;
    if (Math.abs(to.x - unit.x) < 0.05 && Math.abs(to.y - unit.y) < 0.05 && to.turn === unit.turn) return;
    changes.push(set('units', unit.id, to));
    for (const rider of ridersOf(plan, unit)) {
      const moved = seatAt({ ...rider, facing: rider.turn }, unit, to);
      changes.push(set('units', rider.id, { x: moved.x, y: moved.y, turn: moved.facing }));
    }
    for (const seat of Object.values(plan.stations).filter((s) => s.unit === unit.id)) {
      changes.push(set('stations', seat.id, seatAt(seat, unit, to)));
      for (const spot of Object.values(plan.spots).filter((s) => s.station === seat.id)) {
        const moved = seatAt({ ...spot, facing: spot.turn }, unit, to);
        changes.push(set('spots', spot.id, { x: moved.x, y: moved.y, turn: moved.facing }));
      }
    }
  });
  return changes;
}

/** Faults of a room: what it breaks of room to move, seats, ways and modes. */
export function faultsOf(plan: Plan): Finding[] {
  return roomFindings(plan).filter((f) => !NOT_OF_PLACE.has(f.code));
}
const NOT_OF_PLACE: ReadonlySet<string> = new Set(['fix to the wall', 'not carried in', 'shelf sags']);

/** Everything that is quick to work out about an arrangement: the way a week, and how far things are in each other's way. */
export class Arranging {
  readonly choices: readonly Choice[];
  private readonly shapes: Shape[][];
  /** Trouble of each place by itself, and of pairs of places as they come up. */
  private readonly alone: number[][];
  private readonly pairs = new Map<number, number>();
  private readonly most: number;
  private readonly ways: Way[];
  /** Ways that begin or end at each unit. */
  private readonly waysOf: Way[][];

  constructor(plan: Plan, trips: Trips, choices: readonly Choice[]) {
    this.choices = choices;
    this.most = Math.max(1, ...choices.map((c) => c.stands.length));
    const moving = new Set(choices.map((c) => c.unit.id));
    for (const c of choices) for (const r of ridersOf(plan, c.unit)) moving.add(r.id);
    const seatsAt = (id: string | null) => Object.values(plan.stations).filter((s) => s.unit === id);
    const fixed = Object.values(plan.units)
      .filter((u) => !moving.has(u.id) && u.elsewhere === null && u.host === null)
      .map((u) => shapeOf(plan, u, seatsAt(u.id)));
    fixed.push(nothingBut(plan, seatsAt(null)));
    const walls = wallsOf(plan);
    const sweeps = Object.values(plan.openings).flatMap((o) => {
      const wall = walls.find((w) => w.id === o.corner);
      return o.kind === 'door' && o.swing === 'in' && wall ? [doorSweep(o, wall)] : [];
    });
    this.shapes = choices.map((c) =>
      c.stands.map((stand) =>
        shapeOf(
          plan,
          { ...c.unit, ...stand },
          c.seats.map((s) => ({ ...s, ...seatAt(s, c.unit, stand) })),
        ),
      ),
    );
    this.alone = this.shapes.map((list) =>
      list.map(
        (s) =>
          sweeps.reduce((sum, sweep) => sum + (s.bottom < 1900 ? over(overlapDepth(s.feet, sweep)) : 0), 0) +
          fixed.reduce((sum, other) => sum + between(s, other), 0),
      ),
    );
    const front = (unit: Unit) => inRoom(unit, unit.width / 2, unit.depth + BEFORE);
    const fronts = choices.map((c) => c.stands.map((stand) => front({ ...c.unit, ...stand })));
    const index = new Map(choices.map((c, i) => [c.unit.id, i]));
    this.ways = [...trips].flatMap(([station, to]) => {
      const seat = plan.stations[station];
      if (!seat) return [];
      const table = index.get(seat.unit ?? '') ?? -1;
      const seats = table < 0 ? [seat] : choices[table]!.stands.map((s) => seatAt(seat, choices[table]!.unit, s));
      return [...to].flatMap(([id, times]): Way[] => {
        const unit = plan.units[id];
        const host = unit && unit.host !== null ? plan.units[unit.host] : unit;
        if (!host || host.elsewhere !== null) return [];
        const at = index.get(host.id) ?? -1;
        const rise = seat.posture === 'seated' ? RISE : 0;
        return [{ table, seats, unit: at, fronts: at < 0 ? [front(host)] : fronts[at]!, times, rise }];
      });
    });
    this.waysOf = choices.map((_, i) => this.ways.filter((w) => w.table === i || w.unit === i));
  }

  /** Where units stand when each has the place of that number. */
  at(places: ArrayLike<number>): Stand[] {
    return this.choices.map((c, i) => c.stands[places[i]!]!);
  }

  /** Metres a week from the seats to what is fetched, in straight lines, without what is at hand; getting up counts as metres. */
  metres(places: ArrayLike<number>): number {
    return this.ways.reduce((sum, way) => sum + metresOf(way, places), 0);
  }

  /** How far things are in each other's way, mm over all pairs; 0 where nothing is. */
  trouble(places: ArrayLike<number>): number {
    let sum = 0;
    for (let i = 0; i < this.choices.length; i++) {
      sum += this.alone[i]![places[i]!]!;
      for (let j = i + 1; j < this.choices.length; j++) sum += this.pair(i, places[i]!, j, places[j]!);
    }
    return sum;
  }

  /** The metres and the trouble that one unit has part in, without what it shares with another. */
  of(i: number, places: ArrayLike<number>, without = -1): { metres: number; trouble: number } {
    let [metres, trouble] = [0, this.alone[i]![places[i]!]!];
    for (const way of this.waysOf[i]!)
      if (without < 0 || (way.table !== without && way.unit !== without)) metres += metresOf(way, places);
    for (let j = 0; j < this.choices.length; j++)
      if (j !== i && j !== without)
        trouble += i < j ? this.pair(i, places[i]!, j, places[j]!) : this.pair(j, places[j]!, i, places[i]!);
    return { metres, trouble };
  }

  private pair(i: number, a: number, j: number, b: number): number {
    const key = ((i * this.most + a) * this.choices.length + j) * this.most + b;
    let trouble = this.pairs.get(key);
    if (trouble === undefined) this.pairs.set(key, (trouble = between(this.shapes[i]![a]!, this.shapes[j]![b]!)));
    return trouble;
  }
}

/** A way from a seat to a front; -1 for a table or a unit that stays, which has one place. */
interface Way {
  table: number;
  seats: readonly Point[];
  unit: number;
  fronts: readonly Point[];
  times: number;
  /** Metres that getting up counts. */
  rise: number;
}

function metresOf({ table, seats, unit, fronts, times, rise }: Way, places: ArrayLike<number>): number {
  const from = seats[table < 0 ? 0 : places[table]!]!;
  const to = fronts[unit < 0 ? 0 : places[unit]!]!;
  const far = distance(from, to);
  return times * ((2 * Math.max(0, far - AT_HAND)) / 1000 + (far > SWIVEL ? rise : 0));
}

/** Floor, or air, that must be free of what stands there. */
interface Zone {
  outline: Point[];
  bottom: number;
  top: number;
  mode: string;
}

/** A unit as others meet it: its body, and what must be free before it, behind its seats and in its modes. */
interface Shape {
  feet: Point[];
  bottom: number;
  top: number;
  clear: Zone[];
  /** Modes in which it is rolled away. */
  away: ReadonlySet<string>;
}

const over = (depth: number) => (depth > 0.5 ? depth : 0);
const LOW: Pick<Zone, 'bottom' | 'top' | 'mode'> = { bottom: 0, top: 1200, mode: '' };

/** A unit's shape; the floor before a front as the check of room to move wants it. */
function shapeOf(plan: Plan, unit: Unit, seats: readonly Seat[]): Shape {
  const clear = seats.map(seatZone);
  const list = compartmentsOf(unit);
  if (unit.kind !== 'table' && unit.kind !== 'cart' && unit.bottom === 0 && list.length > 0) {
    const pulled = list.filter((c) => c.access === 'drawer' || c.access === 'pull-out').map((c) => c.inside.depth);
    const deep = pulled.length > 0 ? Math.max(...pulled) + 300 : 600;
    const corner = (x: number, y: number) => inRoom(unit, x, unit.depth + y);
    const outline = [corner(1, 1), corner(1, deep), corner(unit.width - 1, deep), corner(unit.width - 1, 1)];
    clear.push({ outline, ...LOW });
  }
  const spots = Object.values(plan.spots).filter((s) => s.unit === unit.id && s.mode !== '');
  return {
    feet: footprint(unit),
    ...solidSpan(unit),
    clear: [...clear, ...areasOf(plan, unit)],
    away: new Set(spots.map((s) => s.mode)),
  };
}

/** What must be free without a unit: areas of the room, and places where one stands or sits. */
function nothingBut(plan: Plan, seats: readonly Seat[]): Shape {
  return {
    feet: [],
    bottom: 0,
    top: 0,
    clear: [...seats.map(seatZone), ...areasOf(plan, null)],
    away: new Set(),
  };
}

function areasOf(plan: Plan, unit: Unit | null): Zone[] {
  return Object.values(plan.areas)
    .filter((a) => a.unit === (unit?.id ?? null))
    .map((a) => ({
      outline: areaOutline(a, unit ? { [unit.id]: unit } : {}),
      bottom: a.bottom,
      top: a.bottom + a.height,
      mode: a.mode,
    }));
}

type Seat = Pick<Station, 'x' | 'y' | 'facing' | 'posture'>;

const seatZone = (s: Seat): Zone => ({ outline: s.posture === 'seated' ? rollBack(s) : around(s), ...LOW });

/** A body that stands, from above. */
const around = (p: Point): Point[] =>
  [
    [-250, -250],
    [250, -250],
    [250, 250],
    [-250, 250],
  ].map(([x, y]) => ({ x: p.x + x!, y: p.y + y! }));

function between(a: Shape, b: Shape): number {
  let sum = 0;
  if (a.feet.length > 0 && b.feet.length > 0 && Math.min(a.top, b.top) > Math.max(a.bottom, b.bottom))
    sum += over(overlapDepth(a.feet, b.feet));
  for (const [one, other] of [
    [a, b],
    [b, a],
  ] as const)
    for (const zone of one.clear)
      if (other.feet.length > 0 && other.bottom < zone.top && other.top > zone.bottom && !other.away.has(zone.mode))
        sum += over(overlapDepth(zone.outline, other.feet));
  return sum;
}
