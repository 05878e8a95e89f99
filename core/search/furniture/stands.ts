/**
 * Where furniture could stand: every unit with its back to a wall, seats with their tables, what stands on a unit with it.
 * What an arrangement costs is the way a week from the seats to what is fetched; what it may not do is said by the checks
 * of the room. propose.ts searches among these.
 */
import { onRule } from '../../model/measure.ts';
import { constantsOf } from '../../model/constants.ts';
import { bodyAt, levelReach, type Point3 } from '../../reach/body.ts';
import { compartmentsOf } from '../../furniture/compartments.ts';
import { footprint, inRoom, solidSpan } from '../../furniture/footprint.ts';
import type { Change } from '../../model/change.ts';
import type { Finding } from '../../model/finding.ts';
import { byName, type Arrangement, type Plan, type Station, type Unit } from '../../model/plan.ts';
import type { Report } from '../../report/report.ts';
import { areaOutline } from '../../room/areas.ts';
import { checkAreas } from '../../checks/areasFree.ts';
import { isLoose } from '../../room/arrange.ts';
import { doorSweep } from '../../room/doorSweep.ts';
import { checkClearance } from '../../checks/clearance.ts';
import { distance, inside, overlapDepth, type Point } from '../../geometry/geometry.ts';
import { roomFindings } from '../../checks/roomFindings.ts';
import { rollBack } from '../../checks/seatsAndWalkways.ts';
import { carried, putDown } from '../../room/putDown.ts';
import { ridersOf } from '../../room/standing.ts';
import { outlineOf, wallsOf } from '../../room/walls.ts';

/** Where a unit stands. */
export type Stand = Pick<Unit, 'x' | 'y' | 'turn'>;

/** Getting up and sitting down, in metres of walking (MTM-1: 78 TMU beside 17 TMU for a pace of 864 mm). */
const RISE = 4;
/** Where one stands before a front, mm from it. */
const BEFORE = 400;

/** How often a week somebody reaches from a seat into a place of a piece of furniture, and where that place is now. */
export interface Trip {
  station: string;
  unit: string;
  at: Point3;
  times: number;
}

/** All trips of an arrangement by seat and opening; putting back counts as a trip of its own. */
export function tripsOf(plan: Plan, report: Report, arrangement: Arrangement): Trip[] {
  const trips = new Map<string, Trip>();
  const places = new Map(report.compartments.map((c) => [c.id, c]));
  for (const p of Object.values(report.placements)) {
    if (p.arrangement !== arrangement) continue;
    const { unit } = plan.placements[p.id]!;
    const times = plan.supplies[p.supply]!.goesBack ? 2 : 1;
    for (const use of p.from) {
      const key = `${use.station} ${p.compartment}`;
      const trip = trips.get(key) ?? { station: use.station, unit, at: places.get(p.compartment)!.access3, times: 0 };
      trips.set(key, { ...trip, times: trip.times + use.fetches * times });
    }
  }
  return [...trips.values()];
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
          x: onRule(wall.from.x + wall.along.x * along + wall.inward.x * out, plan.meta.units),
          y: onRule(wall.from.y + wall.along.y * along + wall.inward.y * out, plan.meta.units),
          turn: wall.turn,
        });
      }
    }
    const good = all.filter((stand) => aloneIsFine(plan, unit, stand, seats));
    return { unit, seats, stands: good.length > 0 ? good : [today] };
  });
}

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
  const alone: Plan = { ...plan, units: { [unit.id]: at }, stations: {}, spots: {}, areas, helpers: {} };
  if (checkAreas(alone).some((f) => f.targets[0]?.table === 'areas')) return false;
  return [...checkClearance(alone), ...roomFindings(alone).filter((f) => f.severity === 'error')].every(
    (f) => f.targets[0]?.id !== unit.id || f.code === 'fix to the wall',
  );
}

/** Changes that put units where they are to stand; what goes along with them does. */
export function standChanges(plan: Plan, units: readonly Unit[], at: readonly Stand[]): Change[] {
  return units.flatMap((unit, i) => {
    const to = at[i]!;
    const same = Math.abs(to.x - unit.x) < 0.05 && Math.abs(to.y - unit.y) < 0.05 && to.turn === unit.turn;
    return same ? [] : putDown(plan, unit, to, '');
  });
}

/** A seat where it is when its table stands elsewhere. */
function seatAt(seat: Station, from: Stand, to: Stand): Station {
  const { x, y, turn } = carried({ x: seat.x, y: seat.y, turn: seat.facing }, from, to);
  return { ...seat, x, y, facing: turn };
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
  /** Trouble of each place by itself, and of pairs of places as they come up; NaN for what was not worked out yet. */
  private readonly alone: number[][];
  private readonly pairs: Float64Array[][];
  private readonly ways: Ways[];
  /** Ways that begin or end at each unit. */
  private readonly waysOf: Ways[][];

  constructor(plan: Plan, trips: readonly Trip[], choices: readonly Choice[]) {
    this.choices = choices;
    const sizeOf = (i: number) => choices[i]?.stands.length ?? 1;
    this.pairs = choices.map((_, i) =>
      choices.map((__, j) => new Float64Array(i < j ? sizeOf(i) * sizeOf(j) : 0).fill(NaN)),
    );
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
          c.seats.map((s) => seatAt(s, c.unit, stand)),
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
    const index = new Map(choices.map((c, i) => [c.unit.id, i]));
    const constants = constantsOf(plan.meta.constants);
    const fronts = new Map<string, Point[]>();
    const ways = trips.flatMap(({ station, unit: id, at, times }): Way[] => {
      const seat = plan.stations[station];
      const unit = plan.units[id];
      const host = unit && unit.host !== null ? plan.units[unit.host] : unit;
      if (!seat || !host || host.elsewhere !== null) return [];
      const table = index.get(seat.unit ?? '') ?? -1;
      const moved = index.get(host.id) ?? -1;
      const stands = moved < 0 ? [host] : choices[moved]!.stands;
      if (!fronts.has(host.id))
        fronts.set(
          host.id,
          stands.map((stand) => front({ ...host, ...stand })),
        );
      const person = plan.people[seat.person];
      const reach = person ? levelReach(bodyAt(seat, person, constants), at.z) : -Infinity;
      return [
        {
          table,
          seats: table < 0 ? [seat] : choices[table]!.stands.map((s) => seatAt(seat, choices[table]!.unit, s)),
          unit: moved,
          fronts: fronts.get(host.id)!,
          points: stands.map((stand) => carried({ ...at, turn: 0 }, host, stand)),
          within: reach + constants.swivelStep,
          times,
          rise: seat.posture === 'seated' ? RISE : 0,
        },
      ];
    });
    const together = new Map<string, Ways>();
    for (const way of ways) {
      const key = `${way.table} ${way.unit}`;
      const size = sizeOf(way.table) * sizeOf(way.unit);
      const known = together.get(key) ?? {
        ...way,
        width: sizeOf(way.unit),
        all: [],
        metres: new Float64Array(size).fill(NaN),
      };
      known.all.push(way);
      together.set(key, known);
    }
    this.ways = [...together.values()];
    this.waysOf = choices.map((_, i) => this.ways.filter((w) => w.table === i || w.unit === i));
  }

  /** Where units stand when each has the place of that number. */
  at(places: ArrayLike<number>): Stand[] {
    return this.choices.map((c, i) => c.stands[places[i]!]!);
  }

  /** Metres a week from the seats to what is fetched, in straight lines, without what is within reach; getting up counts as metres. */
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
    const known = this.pairs[i]![j]!;
    const key = a * this.choices[j]!.stands.length + b;
    if (Number.isNaN(known[key]!)) known[key] = between(this.shapes[i]![a]!, this.shapes[j]![b]!);
    return known[key]!;
  }
}

/** Trips from a seat to a place; -1 for a table or a unit that stays, which has one stand. */
interface Way {
  table: number;
  seats: readonly Point[];
  unit: number;
  /** Where one stands before the unit, and the place itself, at each stand. */
  fronts: readonly Point[];
  points: readonly Point[];
  /** The farthest from the seat that one need not get up, mm. */
  within: number;
  times: number;
  /** Metres that getting up counts. */
  rise: number;
}

/** All trips between one table and one unit; metres a week by their two stands, NaN for what was not worked out yet. */
interface Ways extends Pick<Way, 'table' | 'unit'> {
  all: Way[];
  width: number;
  metres: Float64Array;
}

function metresOf({ table, unit, all, width, metres }: Ways, places: ArrayLike<number>): number {
  const [from, to] = [table < 0 ? 0 : places[table]!, unit < 0 ? 0 : places[unit]!];
  const key = from * width + to;
  if (Number.isNaN(metres[key]!)) metres[key] = all.reduce((sum, way) => sum + metresOfOne(way, from, to), 0);
  return metres[key]!;
}

/** Metres a week: nothing for what is reached by swivelling and rolling, else there and back, and getting up. */
function metresOfOne({ seats, fronts, points, within, times, rise }: Way, from: number, to: number): number {
  const seat = seats[from]!;
  if (distance(seat, points[to]!) <= within) return 0;
  return times * ((2 * distance(seat, fronts[to]!)) / 1000 + rise);
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
/** Depth of a body that stands before something, mm. Common practice, no source. */
const BODY = 500;
const LOW: Pick<Zone, 'bottom' | 'top' | 'mode'> = { bottom: 0, top: 1200, mode: '' };

/** A unit's shape; the floor before a front as the check of room to move wants it. */
function shapeOf(plan: Plan, unit: Unit, seats: readonly Seat[]): Shape {
  const clear = seats.map(seatZone);
  const list = compartmentsOf(unit);
  if (unit.kind !== 'table' && unit.bottom === 0 && list.length > 0) {
    const pulled = list.filter((c) => c.access === 'drawer' || c.access === 'pull-out').map((c) => c.inside.depth);
    // One steps up to a cart; before the others one opens and kneels.
    const deep = unit.kind === 'cart' ? BODY : pulled.length > 0 ? Math.max(...pulled) + 300 : 600;
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
