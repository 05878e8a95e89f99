/** A room being furnished: each piece goes to the best of the spots at which nothing suffers, or is left out with the reason. */
import { checkAreas } from '../checks/areasFree.ts';
import { checkClearance } from '../checks/clearance.ts';
import { walledIn } from '../checks/placementFindings.ts';
import { checkRoom } from '../checks/roomErrors.ts';
import { checkSeats, narrowWaysIn } from '../checks/seatsAndWalkways.ts';
import { allCompartments } from '../furniture/compartments.ts';
import { footprint } from '../furniture/footprint.ts';
import { distance, overlapDepth } from '../geometry/geometry.ts';
import { applyChanges, set, type Change } from '../model/change.ts';
import type { Finding } from '../model/finding.ts';
import { STANDING_DEFAULTS, type Plan, type Station, type Unit } from '../model/plan.ts';
import { settledUnits, standing } from '../room/standing.ts';
import { walksOf } from '../room/walks.ts';
import { sceneOf } from '../scene/scene.ts';
import { freeName, seatBefore, seatIn } from './newUnit.ts';
import { newInsert } from './sameAgain.ts';
import { unfoldedArea } from './unfolds.ts';
import { metresOff, spotsFor, type Wanted } from './wantedSpots.ts';

/** A piece for which there is no room, and why. */
export interface LeftOut {
  name: string;
  reason: string;
}

/** How many spots are tried for a piece. */
const SPOTS = 30;
/** The narrowest top one works at, mm; smaller ones get no seat. Common practice, no source. */
const WORK_TOP = 750;

/** What must not be in a furnished room besides errors. */
const NEVER = new Set([
  'cannot open',
  'no room before it',
  'door meets it',
  'door blocked',
  'window meets it',
  'seat cannot roll back',
  'in the way',
  'cannot open then',
  'seat in the way',
  'top covered',
  'hangs in the air',
]);

const CHECKS = [checkRoom, checkClearance, checkSeats, checkAreas] as const;
/** What is wrong with a room that no piece is worth, by one of the checks. */
const hardFaults = (plan: Plan, check: (typeof CHECKS)[number]): Finding[] =>
  check(plan).filter((f) => f.severity === 'error' || NEVER.has(f.code));
const countFaults = (plan: Plan): number[] => CHECKS.map((check) => hardFaults(plan, check).length);

/** What a hand reaches without getting up, from the middle of the sitter, mm. Common practice, no source. */
const AT_HAND = 800;
/** Places that are neither walked to from a seat nor at hand there; what is reached over something counts as open until all stands. */
function walled(plan: Plan): number {
  const places = allCompartments({ units: settledUnits(plan) });
  const walks = walksOf(standing(plan), places);
  const shut = (station: Station) =>
    places.filter((c) => walks.get(station.id)!.get(c.id)!.reason !== null && distance(station, c.access3) > AT_HAND)
      .length;
  return Object.values(plan.stations).reduce((sum, station) => sum + shut(station), 0);
}

/** Pieces of a furnished room that cannot be got at from a seat. */
export const outOfReach = (plan: Plan): number => walledIn(sceneOf(plan)).length;

/** Cautions that remain, and ways that are narrower than wanted. */
export const softFaults = (plan: Plan): number =>
  [...checkClearance(plan), ...checkSeats(plan), ...checkAreas(plan)].filter(
    (f) => f.severity !== 'error' && !NEVER.has(f.code),
  ).length + narrowWaysIn(plan);

/** A piece that stands, with all that came with it. */
interface Placed {
  wanted: Wanted;
  unit: string;
  changes: Change[];
}

/** One room, piece by piece. */
export class Furnishing {
  private placed: Placed[] = [];
  /** Who sits there: the first seat brings its person along, who stays. */
  private people: Change[] = [];
  private out: Array<LeftOut & { wanted: Wanted }> = [];
  private hard: number[];
  private walled: number;

  plan: Plan;

  constructor(
    private readonly empty: Plan,
    private readonly newId: () => string,
    private readonly jitter: () => number,
    private readonly settle: (plan: Plan) => Change[],
  ) {
    this.plan = empty;
    this.hard = countFaults(empty);
    this.walled = walled(empty);
  }

  get changes(): Change[] {
    return [...this.people, ...this.placed.flatMap((p) => p.changes)];
  }

  get left(): LeftOut[] {
    return this.out.map(({ name, reason }) => ({ name, reason }));
  }

  /** How far its pieces are from where they are wanted, metres; what belongs under a table and stands elsewhere counts more. */
  get off(): number {
    const { settled } = this;
    const stand = this.placed.filter(({ wanted }) => MOVABLE.has(wanted.manner) && wanted.shape.kind !== 'table');
    const units = stand.map((p) => settled.units[p.unit]!);
    const astray = stand.filter((p) => p.wanted.manner === 'under' && !this.isUnder(p.unit)).length;
    return metresOff(settled, units) + ASTRAY * astray;
  }

  private isUnder(unit: string): boolean {
    const own = footprint(this.plan.units[unit]!);
    return Object.values(this.plan.units).some((t) => t.kind === 'table' && overlapDepth(footprint(t), own) > 1);
  }

  /** Pieces that can be taken out again; what stands on or in another goes with that. */
  get movable(): string[] {
    return this.placed.filter(({ wanted }) => MOVABLE.has(wanted.manner)).map((p) => p.unit);
  }

  /** The same room without some of its pieces, and what has to be found a place: these, and what was left out. */
  without(some: ReadonlySet<string>, jitter: () => number): { room: Furnishing; wanted: Wanted[] } {
    const room = new Furnishing(this.empty, this.newId, jitter, this.settle);
    const units = new Set([...some, ...this.placed.filter((p) => this.restsOn(p, some)).map((p) => p.unit)]);
    room.people = this.people;
    room.placed = this.placed.filter((p) => !units.has(p.unit));
    room.plan = applyChanges(this.empty, room.changes).plan;
    [room.hard, room.walled] = [countFaults(room.plan), walled(room.plan)];
    const wanted = [...this.placed.filter((p) => units.has(p.unit)), ...this.out].map((p) => p.wanted);
    return { room, wanted };
  }

  /** Whether a piece stands on, in or under one of some. */
  private restsOn({ unit, wanted }: Placed, some: ReadonlySet<string>): boolean {
    const own = this.plan.units[unit]!;
    if (own.host !== null) return some.has(own.host);
    if (wanted.manner !== 'under' && wanted.manner !== 'top') return false;
    return [...some].some((id) => overlapDepth(footprint(this.plan.units[id]!), footprint(own)) > 1);
  }

  /** The room with what is done at each of its seats. */
  get settled(): Plan {
    return applyChanges(this.plan, this.settle(this.plan)).plan;
  }

  /** Puts a piece where it is wanted most of all spots at which nothing suffers; leaves it out where there is none. */
  add(wanted: Wanted, { manner } = wanted): void {
    if (manner === 'insert') return this.insert(wanted);
    const { plan } = this;
    const unit: Unit = {
      ...STANDING_DEFAULTS,
      id: this.newId(),
      ...wanted.shape,
      name: freeName(plan, wanted.shape.name),
      x: 0,
      y: 0,
      turn: 0,
    };
    let reason = 'there is no free stretch of wall for it';
    let last: { x: number; y: number; turn: number } | null = null;
    let tried = 0;
    for (const at of spotsFor(unit, manner, this.settled, this.jitter)) {
      // Beside the spot looked at last it is hardly better.
      if (last && at.turn === last.turn && Math.hypot(at.x - last.x, at.y - last.y) < 90) continue;
      last = at;
      const trial = this.trial({ ...unit, ...at }, wanted);
      const fault = this.suffers(trial);
      if (fault === null) {
        return this.take(wanted, unit.id, trial);
      }
      reason = fault;
      if (++tried === SPOTS) break;
    }
    if (manner === 'under') return this.add(wanted, { ...wanted, manner: 'floor' });
    if (manner === 'top') reason = 'no table has room on it';
    this.out.push({ wanted, name: unit.name, reason });
  }

  private take(wanted: Wanted, unit: string, changes: Change[]): void {
    const own = changes.filter((c) => c.table !== 'people');
    this.people = [...this.people, ...changes.filter((c) => c.table === 'people')];
    this.placed.push({ wanted, unit, changes: own });
    this.plan = applyChanges(this.plan, changes).plan;
  }

  private insert(wanted: Wanted): void {
    const { shape } = wanted;
    const made = newInsert(this.plan, shape, this.newId);
    if (made) this.take(wanted, made.unit.id, made.changes);
    else this.out.push({ wanted, name: shape.name, reason: 'no cube opening is free for it' });
  }

  private trial(unit: Unit, { unfolds, sits }: Wanted): Change[] {
    const { plan, newId } = this;
    const changes = [set('units', unit.id, unit)];
    const seats = Object.keys(plan.stations).length;
    if (unit.kind === 'table' && unit.bottom < 300 && unit.width >= WORK_TOP && seats < 3)
      changes.push(...seatBefore(plan, unit, newId));
    if (sits) changes.push(...seatIn(plan, unit, newId));
    if (unfolds) changes.push(unfoldedArea(unit, unfolds, newId));
    return changes;
  }

  /** Why a trial is worse than the room without it; null where it is not. */
  private suffers(changes: readonly Change[]): string | null {
    const tried = applyChanges(this.plan, [...changes]).plan;
    const hard: number[] = [];
    for (const [i, check] of CHECKS.entries()) {
      const found = hardFaults(tried, check);
      if (found.length > this.hard[i]!) return found.at(-1)!.message;
      hard.push(found.length);
    }
    const shut = walled(tried);
    if (shut > this.walled) return 'something could no longer be walked to';
    [this.hard, this.walled] = [hard, shut];
    return null;
  }
}

/** What it counts that drawers made for a desk stand elsewhere, metres. Our constant, no source. */
const ASTRAY = 3;

/** In which manners a piece stands that is moved on its own. */
const MOVABLE: ReadonlySet<Wanted['manner']> = new Set(['floor', 'wall', 'under']);
