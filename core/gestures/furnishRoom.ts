/**
 * A room furnished at once: the tables first, then every piece where its maker wants such a piece, near the seat or far from
 * it, as long as it takes from nobody the room to walk, to sit and to open. Several rooms are tried; the one in which a usual
 * stock costs the fewest minutes is taken, and the next best are kept to choose from. A piece for which there is no room is
 * left out, with the reason.
 */
import { checkAreas } from '../checks/areasFree.ts';
import { checkClearance } from '../checks/clearance.ts';
import { walledIn } from '../checks/placementFindings.ts';
import { checkRoom } from '../checks/roomErrors.ts';
import { checkSeats } from '../checks/seatsAndWalkways.ts';
import { seeded } from '../geometry/seeded.ts';
import { applyChanges, set, type Change } from '../model/change.ts';
import type { Finding } from '../model/finding.ts';
import { STANDING_DEFAULTS, type Plan, type Unit } from '../model/plan.ts';
import { sceneOf } from '../scene/scene.ts';
import { freeName, seatBefore, seatIn } from './newUnit.ts';
import { newInsert } from './sameAgain.ts';
import { unfoldedArea } from './unfolds.ts';
import { minutesOfUsualStock } from './usualStock.ts';
import { isNear, spotsFor, type Wanted } from './wantedSpots.ts';

export type { Wanted } from './wantedSpots.ts';

/** A piece for which there is no room, and why. */
export interface LeftOut {
  name: string;
  reason: string;
}

export interface Furnished {
  changes: Change[];
  left: LeftOut[];
  /** Cautions about fronts and seats that remain. */
  faults: number;
  /** Minutes a week of a usual stock. */
  minutes: number;
}

/** How many rooms are tried, how many spots for a piece, and how many of the best are kept. */
const ROOMS = 16;
const SPOTS = 30;
const KEPT = 4;
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
]);

/** What is wrong with a room that no piece is worth, by what it is about. */
function hardFaults(plan: Plan): Finding[] {
  return [...checkRoom(plan), ...checkClearance(plan), ...checkSeats(plan), ...checkAreas(plan)].filter(
    (f) => f.severity === 'error' || NEVER.has(f.code),
  );
}

/** Pieces that cannot be got at from a seat. */
const walled = (plan: Plan): number => walledIn(sceneOf(plan)).length;

/** Cautions that remain. How wide the ways are is left to the Report: in a crowded room it takes longer than all the rest. */
const softFaults = (plan: Plan): number =>
  [...checkClearance(plan), ...checkSeats(plan)].filter((f) => f.severity !== 'error' && !NEVER.has(f.code)).length;

/** In which order kinds of pieces come: tables, what goes under them, seats, what is wanted near, the rest, what hangs, what stands in or on others. */
const rankOf = ({ shape, manner }: Wanted, nearFirst: boolean): number => {
  if (manner === 'insert' || manner === 'top') return 0;
  if (manner === 'wall') return 1;
  if (manner === 'under') return 5;
  if (shape.kind === 'table') return 6;
  if (shape.kind === 'seat') return 4;
  return nearFirst && isNear(shape) ? 3 : 2;
};

/** Within that by size, shuffled by a seed; every other room begins with what is wanted near its seat. */
function inOrder(wanted: readonly Wanted[], random: (() => number) | null, n: number): Wanted[] {
  const wobble = new Map(wanted.map((w) => [w, random ? 0.4 + 1.2 * random() : 1]));
  const area = (w: Wanted) => w.shape.width * w.shape.depth * wobble.get(w)!;
  const rank = (w: Wanted) => rankOf(w, n % 2 === 0);
  return [...wanted].sort((a, b) => rank(b) - rank(a) || area(b) - area(a));
}

/** One room, piece by piece. */
class Furnishing {
  readonly changes: Change[] = [];
  readonly left: LeftOut[] = [];
  private hard: number;
  private walled: number;

  constructor(
    public plan: Plan,
    private readonly newId: () => string,
    private readonly jitter: () => number,
    private readonly settle: (plan: Plan) => Change[],
  ) {
    this.hard = hardFaults(plan).length;
    this.walled = walled(plan);
  }

  /** The room with what is done at each of its seats. */
  get settled(): Plan {
    return applyChanges(this.plan, this.settle(this.plan)).plan;
  }

  /** Puts a piece where it is wanted most of all spots at which nothing suffers; leaves it out where there is none. */
  add(wanted: Wanted): void {
    if (wanted.manner === 'insert') return this.insert(wanted);
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
    for (const at of spotsFor(unit, wanted, this.settled, this.jitter)) {
      // Beside the spot looked at last it is hardly better.
      if (last && at.turn === last.turn && Math.hypot(at.x - last.x, at.y - last.y) < 90) continue;
      last = at;
      const trial = this.trial({ ...unit, ...at }, wanted);
      const fault = this.suffers(trial);
      if (fault === null) {
        this.changes.push(...trial);
        this.plan = applyChanges(plan, trial).plan;
        return;
      }
      reason = fault;
      if (++tried === SPOTS) break;
    }
    if (wanted.manner === 'under') return this.add({ ...wanted, manner: 'floor' });
    if (wanted.manner === 'top') reason = 'no table has room on it';
    this.left.push({ name: unit.name, reason });
  }

  private insert({ shape }: Wanted): void {
    const made = newInsert(this.plan, shape, this.newId);
    if (!made) {
      this.left.push({ name: shape.name, reason: 'no cube opening is free for it' });
      return;
    }
    this.changes.push(...made.changes);
    this.plan = applyChanges(this.plan, made.changes).plan;
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
    const found = hardFaults(tried);
    if (found.length > this.hard) return found.at(-1)!.message;
    const shut = walled(tried);
    if (shut > this.walled) return 'something could no longer be walked to';
    [this.hard, this.walled] = [found.length, shut];
    return null;
  }
}

/**
 * Tries rooms.
 * @param settle says at which of the seats of a room what is done
 * @param tries how many rooms are tried
 * @returns after each room how far it is; at the end the rooms found, the best first
 */
export function* furnishRoom(
  plan: Plan,
  wanted: readonly Wanted[],
  newId: () => string,
  seed: number,
  settle: (plan: Plan) => Change[] = () => [],
  tries = ROOMS,
): Generator<{ share: number }, Furnished[]> {
  const random = seeded(seed);
  const rooms: Furnished[] = [];
  for (let n = 0; n < tries; n++) {
    const room = new Furnishing(plan, newId, n === 0 ? () => 0 : random, settle);
    for (const piece of inOrder(wanted, n === 0 ? null : random, n)) {
      room.add(piece);
      yield { share: (n + room.changes.length / (2 * wanted.length + 2)) / tries };
    }
    const faults = softFaults(room.plan);
    rooms.push({ changes: room.changes, left: room.left, faults, minutes: minutesOfUsualStock(room.settled) });
  }
  return rooms.sort((a, b) => costOf(a) - costOf(b)).slice(0, KEPT);
}

/** What a piece left out and a fault that remains weigh, minutes a week. */
const LEFT = 60;
const FAULT = 4;
const costOf = (room: Furnished): number => room.left.length * LEFT + room.faults * FAULT + room.minutes;
