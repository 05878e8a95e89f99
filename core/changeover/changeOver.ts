/**
 * The move from today to the plan (methods: a move needs its destination free; least volume on the floor; most
 * saving first), as moves that can be ticked, cut into sittings that each leave the room usable.
 */
import { groupBy } from '../model/groups.ts';
import { ALONE, fetchElements, returnElements } from '../fetch/fetch.ts';
import { totalSeconds } from '../fetch/elements.ts';
import { layOut } from '../fit/layOut.ts';
import { outline } from '../fit/containers.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Report } from '../report/evaluate.ts';
import { mainSeat } from '../ask/alternatives.ts';
import type { Container, Plan } from '../model/plan.ts';
import { openingOf, sceneOf, type Scene } from '../scene/scene.ts';
import { becoming } from '../report/countMoves.ts';
import { huntingOf } from '../report/week.ts';
import { loadsOf, type Load, type Loads } from './loads.ts';
import { orderMoves, type Free, type Piece, type MoveKind } from './order.ts';
import type { Move } from './move.ts';
import { orderWithParking } from './parking.ts';
import { roundsBefore, roundsIn, type Round } from './rounds.ts';
import { cutIntoSittings, type Cut } from './sessions.ts';

export interface SittingPlan {
  moves: Move[];
  /** Cleaning and labelling that belong to it. */
  rounds: Round[];
  /** With the correction. */
  seconds: number;
  saving: number;
  /** Litres that stand on the floor at its end; 0 when the room is as usable as ever. */
  floor: number;
}

export interface ChangeOver {
  /** What is left to do before anything is carried: deciding and buying. */
  before: Round[];
  sittings: SittingPlan[];
  moves: number;
  /** With the correction. */
  seconds: number;
  /** Minutes a week, today and as planned; what is won already since the first sitting. */
  today: number;
  planned: number;
  won: number;
  /** The most that stands on the floor at any time, litres; and all that is carried, which a naive move lays out. */
  peak: number;
  everything: number;
  exact: boolean;
  /** What sittings took over what they were thought to take; 1 before the first. */
  pace: number;
  /** Litres on the floor now. */
  floorNow: number;
}

/** What was taken over what was thought, over the sittings so far; 1 without any. */
export function paceOf(plan: Pick<Plan, 'sittings'>): number {
  let [took, thought] = [0, 0];
  for (const s of Object.values(plan.sittings)) {
    if (s.took === null || s.estimated <= 0 || s.took <= 0) continue;
    took += s.took;
    thought += s.estimated;
  }
  return thought > 0 ? Math.min(5, Math.max(0.2, took / thought)) : 1;
}

/** Minutes a week won since the first sitting began; 0 before it. */
export function wonSince(plan: Pick<Plan, 'sittings'>, report: Pick<Report, 'week'>): number {
  const [first] = Object.values(plan.sittings).sort((a, b) =>
    a.day === b.day ? b.before - a.before : a.day < b.day ? -1 : 1,
  );
  return first ? first.before - report.week.today.minutes : 0;
}

/**
 * All moves from today to the plan.
 * @param minutes length of a sitting
 */
export function changeOver(plan: Plan, report: Report, minutes: number): ChangeOver {
  const scene = sceneOf(plan);
  const all = loadsOf(plan);
  const savingOfAll = savingsOf(scene, report, all.loads);
  const widths = new Map<string, number>();
  const order = (list: readonly Load[]) => {
    const pieces: Piece[] = list.map((l) => ({
      id: l.id,
      litres: l.litres,
      // What comes out of a place that is only lent has nobody waiting for it to leave.
      from: l.staged || l.parks === 'out' ? null : l.from,
      to: l.to,
      staged: l.staged,
      after: l.after,
      awaits: l.awaits,
    }));
    // What is given away goes first: it makes room for everything else. What is still to be bought comes last.
    const rank = new Map(
      list.map((l) => [
        l.id,
        l.away === 'given away'
          ? 1e6
          : isToBuy(plan, l)
            ? -1
            : (savingOfAll.get(l.id) ?? 0) / Math.max(1, secondsOf(scene, l)),
      ]),
    );
    return orderMoves(pieces, besideOf(scene, { loads: list, stays: all.stays }, widths), (id) => rank.get(id)!);
  };
  const { loads, ordered } = orderWithParking(scene, all.loads, order);
  const seconds = new Map(loads.map((l) => [l.id, secondsOf(scene, l)]));
  const saving = new Map(loads.map((l) => [l.id, savingOfAll.get(l.id) ?? 0]));
  const pace = paceOf(plan);
  const moves = movesOf(scene, loads, ordered.steps, seconds, saving);
  // Wiping out and labelling a place are shared by what goes into it.
  const into = new Map<string, number>();
  for (const m of moves) if (m.to !== null) into.set(openingOf(m.to), (into.get(openingOf(m.to)) ?? 0) + 1);
  const { moveWipe, moveLabel } = scene.constants;
  const extra = (m: Move) =>
    m.to === null || m.load.parks === 'in' ? 0 : (moveWipe + moveLabel) / into.get(openingOf(m.to))!;
  const cuts = cutIntoSittings(
    moves.map((m): Cut => ({
      piece: m.load.id,
      kind: m.kind,
      from: m.load.staged || m.load.parks === 'out' ? null : m.load.from,
      to: m.load.to,
      after: m.load.after,
      awaits: m.load.awaits,
      seconds: (m.seconds + extra(m)) * pace,
      saving: m.saving,
      litres: m.load.litres,
    })),
    minutes * 60,
  );
  const floorNow = loads.reduce((sum, l) => sum + (l.staged ? l.litres : 0), 0);
  let floor = floorNow;
  const done = new Set<string>();
  const sittings = cuts.map((indices): SittingPlan => {
    const own = indices.map((i) => moves[i]!);
    own.forEach((m, i) => {
      floor += m.kind === 'lift out' ? m.load.litres : m.kind === 'put in' ? -m.load.litres : 0;
      m.floor = Math.max(0, floor);
      const before = own[i - 1];
      m.sameTrip = before !== undefined && sameTrip(scene, before, m);
      if (m.sameTrip) m.seconds = scene.constants.moveSettle;
    });
    own.forEach((m) => m.kind !== 'lift out' && done.add(m.load.id));
    const carried = own.reduce((sum, m) => sum + m.seconds, 0) * pace;
    const rounds = roundsIn(plan, report, own, loads, done, pace);
    return {
      moves: own,
      rounds,
      seconds: carried + rounds.reduce((sum, r) => sum + r.seconds, 0),
      saving: own.reduce((sum, m) => sum + m.saving, 0),
      floor: Math.max(0, floor) < 1e-9 ? 0 : floor,
    };
  });
  return {
    before: roundsBefore(plan, report, pace),
    sittings,
    moves: moves.length,
    seconds: sittings.reduce((sum, s) => sum + s.seconds, 0),
    today: report.week.today.minutes,
    planned: report.week.planned.minutes,
    won: wonSince(plan, report),
    peak: ordered.peak,
    everything: all.loads.reduce((sum, l) => sum + l.litres, 0),
    exact: ordered.exact,
    pace,
    floorNow,
  };
}

/** Whether a load is of things that are nowhere yet, since they are still to be bought. */
const isToBuy = (plan: Plan, l: Load): boolean =>
  l.from === null && !l.staged && l.parts.some((p) => plan.supplies[p.supply]!.toBuy > 0);

/** One trip carries several loads between the same places, up to an armful. */
function sameTrip(scene: Scene, before: Move, move: Move): boolean {
  return (
    before.from === move.from &&
    before.to === move.to &&
    before.kind === move.kind &&
    before.load.litres + move.load.litres <= scene.constants.armful
  );
}

/** Minutes a week that each load wins: what its supplies cost today less what they cost as planned, by their count. */
function savingsOf(scene: Scene, report: Report, loads: readonly Load[]): Map<string, number> {
  const cost = { today: new Map<string, number>(), planned: new Map<string, number>() };
  for (const p of Object.values(report.placements))
    cost[p.arrangement].set(p.supply, (cost[p.arrangement].get(p.supply) ?? 0) + p.minutesPerWeek + p.penaltyMinutes);
  const moved = new Map<string, number>();
  for (const l of loads) for (const p of l.parts) moved.set(p.supply, (moved.get(p.supply) ?? 0) + p.count);
  const whole = (supply: string) => {
    const s = report.supplies[supply]!;
    const hunting = huntingOf(scene, s, 'today') - huntingOf(scene, s, 'planned');
    return (cost.today.get(supply) ?? 0) - (cost.planned.get(supply) ?? 0) + hunting;
  };
  return new Map(
    loads.map((l) => [l.id, l.parts.reduce((sum, p) => sum + (whole(p.supply) * p.count) / moved.get(p.supply)!, 0)]),
  );
}

/** Two fetches, in as many trips as it takes, and settling it in its place. */
function secondsOf(scene: Scene, load: Load): number {
  const constants = scene.constants;
  const supply = load.parts[0]?.supply;
  const seat = supply === undefined ? scene.stations[0]?.id : mainSeat(scene, supply);
  const ways = seat === undefined ? undefined : scene.approaches.get(seat);
  const at = (key: string | null) => (key === null ? undefined : ways?.get(compartmentOf(scene, key) ?? ''));
  const [from, to] = [at(load.from), at(load.to)];
  const trips = Math.max(
    1,
    Math.ceil(load.litres / constants.armful),
    Math.ceil(load.mass / 1000 / constants.armfulMass),
  );
  const there = from ? totalSeconds(fetchElements(from, ALONE)) : 0;
  const into = to ? totalSeconds(fetchElements(to, ALONE)) + totalSeconds(returnElements(to)) : 0;
  return trips * (there + into) + constants.moveSettle;
}

/** The compartment of the report for a place of a load; a container that is not there yet is its planned one. */
export function compartmentOf(scene: Scene, key: string): string | null {
  if (!key.startsWith('#')) return scene.compartment.has(key) ? key : null;
  const id = key.slice(1);
  const own = scene.plan.containers[id];
  if (own && own.arrangement !== 'staged') return `${own.unit}/${own.slot}#${id}`;
  for (const [planned, now] of becoming(scene.plan))
    if (now === id) {
      const row = scene.plan.containers[planned]!;
      return `${row.unit}/${row.slot}#${planned}`;
    }
  return null;
}

/**
 * Whether something has room beside what is still to leave: when all of it lies side by side across the place. That holds
 * for every part of it too, so that a place that is free stays free when less is in it.
 * @param widths of what was laid out before, by place, supply and count
 */
function besideOf(
  scene: Scene,
  { loads, stays }: { loads: readonly Load[]; stays: Loads['stays'] },
  widths: Map<string, number>,
): Free {
  const { plan } = scene;
  const of = new Map(loads.map((l) => [l.id, l]));
  const places = new Map(loads.map((l) => [l.id, l.to === null ? null : compartmentOf(scene, l.to)]));
  const moving = new Set(loads.flatMap((l) => l.containers));
  const boxes = groupBy(
    Object.values(plan.containers).filter((b) => b.arrangement === 'today' && b.parent === null && !moving.has(b.id)),
    (b) => `${b.unit}/${b.slot}`,
  );
  const width = (supply: string, count: number, place: string): number => {
    const key = `${place} ${supply} ${count}`;
    let w = widths.get(key);
    if (w === undefined) {
      const c = scene.compartment.get(place)!;
      const laid = layOut(c, [{ supply: plan.supplies[supply]!, count, only: null }], [], 0);
      w = laid.laid[0]!.fits === count && laid.laid[0]!.block ? laid.laid[0]!.block.w : Infinity;
      widths.set(key, w);
    }
    return w;
  };
  // A container may come to stand turned by a quarter: its longer side counts.
  const side = (b: Container, c: Compartment) => {
    const { w, d } = outline(b, c.access);
    return c.access === 'peg' ? w : Math.max(w, d);
  };
  const wide = (load: Load, place: string) => {
    const c = scene.compartment.get(place)!;
    const boxes = load.containers.map((id) => plan.containers[id]!);
    const loose = load.kind === 'things' ? load.parts : [];
    return (
      boxes.reduce((sum, b) => sum + side(b, c), 0) + loose.reduce((sum, p) => sum + width(p.supply, p.count, place), 0)
    );
  };
  return (id, { leaving, arrived }) => {
    const load = of.get(id)!;
    const place = places.get(id)!;
    const c = place === null ? undefined : scene.compartment.get(place);
    // Drawers change as a whole, and a new container has no room of its own before it stands.
    const all = [load, ...leaving.map((l) => of.get(l)!), ...arrived.map((l) => of.get(l)!)];
    if (!place || !c || all.some((l) => l.kind === 'drawer' || l.kind === 'new container')) return false;
    const standing = (boxes.get(load.to!) ?? []).reduce((sum, b) => sum + side(b, c), 0);
    const there = (stays.get(load.to!) ?? []).reduce((sum, p) => sum + width(p.supply, p.count, place), standing);
    return there + all.reduce((sum, l) => sum + wide(l, place), 0) <= c.inside.width + 1e-6;
  };
}

function movesOf(
  scene: Scene,
  loads: readonly Load[],
  steps: ReadonlyArray<{ piece: string; kind: MoveKind }>,
  seconds: ReadonlyMap<string, number>,
  saving: ReadonlyMap<string, number>,
): Move[] {
  const of = new Map(loads.map((l) => [l.id, l]));
  const name = (key: string | null, otherwise: string) => {
    const id = key === null ? null : compartmentOf(scene, key);
    return (id && scene.compartment.get(id)?.name) ?? otherwise;
  };
  return steps.map(({ piece, kind }): Move => {
    const load = kind === 'put in' ? { ...of.get(piece)!, staged: true } : of.get(piece)!;
    const from = load.from === null || load.staged ? null : compartmentOf(scene, load.from);
    const to = load.to === null ? null : compartmentOf(scene, load.to);
    const out =
      load.away === 'given away'
        ? 'Out: given away'
        : load.away === 'empty'
          ? 'Put aside, empty'
          : 'Set aside: no place yet';
    return {
      id: `${kind} ${piece}`,
      kind,
      load,
      from: kind === 'put in' ? null : from,
      to: kind === 'lift out' ? null : to,
      fromName:
        kind === 'put in' || load.staged
          ? 'The floor or table'
          : name(
              load.from,
              load.kind === 'new container'
                ? 'New, empty'
                : isToBuy(scene.plan, load)
                  ? 'To be bought'
                  : 'Not noted yet',
            ),
      toName: kind === 'lift out' ? 'The floor or table' : name(load.to, out),
      // A lift and the putting in share the time of the whole.
      seconds: seconds.get(piece)! * (kind === 'carry' ? 1 : 0.6),
      saving: kind === 'lift out' ? 0 : saving.get(piece)!,
      floor: 0,
      sameTrip: false,
    };
  });
}
