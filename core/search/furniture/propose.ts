/**
 * Where should the furniture stand? Two or three arrangements that differ, each within the clearances, by the way a week
 * that they save; today's is the yardstick. Simulated annealing (Kirkpatrick, Gelatt & Vecchi 1983) over places along the
 * walls; every arrangement that is kept has passed all checks of the room.
 */
import { toEnd } from '../../model/groups.ts';
import type { Finding } from '../../model/finding.ts';
import { evaluate } from '../../report/evaluate.ts';
import { allCompartments } from '../../furniture/compartments.ts';
import { applyChanges, type Change } from '../../model/change.ts';
import type { Arrangement, Plan, Unit } from '../../model/plan.ts';
import { seeded } from '../../geometry/seeded.ts';
import { changesTo, solveAll } from '../solve.ts';
import { walledIn } from '../../checks/placementFindings.ts';
import { sceneOf } from '../../scene/scene.ts';
import { reportedArrangement } from '../../report/week.ts';
import { settledUnits, standing } from '../../room/standing.ts';
import { walksOf } from '../../room/walks.ts';
import { Arranging, choicesOf, faultsOf, movable, standChanges, tripsOf, type Stand } from './stands.ts';

export interface ProposeOptions {
  seed: number;
  /** Units that may be moved; all that are loose when it is not given. */
  units?: readonly string[];
  /** Steps along the walls, mm. */
  step?: number;
  /** Moves tried in each search. */
  moves?: number;
  /** How many arrangements are wanted at the most. */
  wanted?: number;
  stop?: () => boolean;
}

export interface Proposal {
  /** Where the furniture stands, and where things lie then: they are placed again, beginning with where they are planned. */
  changes: Change[];
  /** Units that stand elsewhere than today. */
  moved: string[];
  /** How many things lie elsewhere than in the plan. */
  things: number;
  /** Metres a week that the search went by. */
  metres: number;
  /** From the report: minutes a week, and metres walked. */
  minutes: number;
  walked: number;
  /** Faults of the room with it, and today. */
  faults: number;
  faultsToday: number;
  /** The same of the room as it stands, its things placed again with the same effort. */
  minutesToday: number;
  walkedToday: number;
}

export interface Proposing {
  share: number;
  found: Proposal[];
}

/** A step along a wall, mm; a search's moves for each unit; how far an arrangement must differ from another, mm. */
const STEP = 100;
const MOVES = 4000;
const DIFFERS = 400;
/** What a millimetre in each other's way weighs, in metres a week. */
const TROUBLE = 5;
/** How many searches, each from another seed. */
const SEARCHES = 10;
/** How hot a search begins, as a share of the way a week; found by trying on the demo. */
const HEAT = 0.6;
/** Moves tried for each thing when the places are filled again. */
const REFILL = 400;
/** How often in a search arrangements are looked at by all checks, how many each time, and at the end. */
const ROUNDS = 15;
const LOOKS = 4;
const LAST_LOOKS = 30;
/** How many arrangements wait for it at the most. */
const MOST_WAITING = 300;
/** By how much a place is dearer for each time that it failed, as a share of the way a week. */
const BLAME = 0.05;

/** Checks an arrangement. @returns what is wrong in it: ids of units, seats, areas; empty when it passes */
export type Check = (at: ReturnType<Arranging['at']>) => string[];

/** An arrangement that passed all checks. */
interface Found {
  places: Int32Array;
  metres: number;
}

/** The room as it stands, with which proposals are compared. */
interface Today {
  arrangement: Arrangement;
  seed: number;
  minutes: number;
  walked: number;
  faults: number;
}

/** Runs the searches. @returns arrangements in which less is walked than today and no more time is spent, least walked first */
export function* propose(plan: Plan, options: ProposeOptions): Generator<Proposing, Proposal[]> {
  const arrangement = reportedArrangement(plan);
  const report = evaluate(plan);
  const units = movable(plan).filter((u) => !options.units || options.units.includes(u.id));
  if (units.length === 0) return [];
  const choices = choicesOf(plan, units, options.step ?? STEP);
  const arranging = new Arranging(plan, tripsOf(plan, report, arrangement), choices);
  const fine = finer(plan, units);
  const { minutes, metres: walked } = evaluate(refilled(plan, arrangement, options.seed).plan).week[arrangement];
  const today: Today = { arrangement, seed: options.seed, minutes, walked, faults: faultsOf(plan).length };
  const found: Found[] = [];
  const known = new Map<Found, Proposal>();
  let proposals: Proposal[] = [];
  for (let n = 0; n < SEARCHES; n++) {
    const run = search(arranging, options.seed + n * 7919, (options.moves ?? MOVES) * units.length, fine);
    let step = run.next();
    while (!step.done) {
      yield { share: (n + step.value) / SEARCHES, found: proposals };
      if (options.stop?.()) return proposals;
      step = run.next();
    }
    if (!step.value) continue;
    found.push(step.value);
    proposals = apart(arranging, found, options.wanted ?? 3)
      .map((f) => {
        const proposal = known.get(f) ?? proposalOf(plan, units, arranging.at(f.places), f.metres, today);
        known.set(f, proposal);
        return proposal;
      })
      .filter((p) => p.moved.length > 0 && p.walked < p.walkedToday && p.minutes < p.minutesToday)
      .sort((a, b) => a.walked - b.walked);
  }
  return proposals;
}

/** Runs all of it. */
export function proposeAll(plan: Plan, options: ProposeOptions): Proposal[] {
  return toEnd(propose(plan, options));
}

/**
 * Whether an arrangement passes the checks of the room: nothing is wrong about what was moved, its seats or the modes, and
 * nothing is wrong that is not so today.
 */
export function finer(plan: Plan, units: readonly Unit[]): Check {
  const key = (f: Pick<Finding, 'code' | 'targets'>) => `${f.code} ${f.targets[0]?.id}`;
  const today = new Set(faultsOf(plan).map(key));
  const shut = new Set(walledIn(sceneOf(plan)).map(key));
  const moving = new Set(units.map((u) => u.id));
  for (const s of Object.values(plan.stations)) if (s.unit !== null && moving.has(s.unit)) moving.add(s.id);
  return (at) => {
    const after = applyChanges(plan, standChanges(plan, units, at)).plan;
    const failing = faultsOf(after)
      .filter((f) => !today.has(key(f)) || moving.has(f.targets[0]?.id ?? ''))
      .map((f) => f.targets[0]?.id ?? '');
    // Ways to everything take longest to find, so they are looked at last.
    if (failing.length > 0) return failing;
    const walks = walksOf(standing(after), allCompartments({ units: settledUnits(after) }));
    if ([...walks.values()].every((to) => [...to.values()].every((walk) => walk.reason === null))) return [];
    return walledIn(sceneOf(after))
      .filter((f) => !shut.has(key(f)))
      .map((f) => f.targets[0]?.id ?? '');
  };
}

/** One search. Yields its share now and then. @returns the best arrangement that passes, or null */
export function* search(
  arranging: Arranging,
  seed: number,
  moves: number,
  fine: Check,
): Generator<number, Found | null> {
  const random = seeded(seed);
  const { choices } = arranging;
  const places = new Int32Array(choices.length);
  const pick = (i: number) => Math.floor(random() * choices[i]!.stands.length);
  choices.forEach((_, i) => (places[i] = random() < 0.5 ? 0 : pick(i)));
  let [metres, trouble] = [arranging.metres(places), arranging.trouble(places)];
  const passing = new Passing(arranging, fine, metres);
  const cost = (m: number, t: number) => m + TROUBLE * t + passing.blame(places);
  let now = cost(metres, trouble);
  let heat = Math.max(50, metres * HEAT);
  const cooling = Math.pow(1e-3, 1 / Math.max(1, moves));
  const round = Math.max(1, Math.floor(moves / ROUNDS));
  for (let step = 0; step < moves; step++, heat *= cooling) {
    const i = Math.floor(random() * choices.length);
    const other = random() < 0.2 ? Math.floor(random() * choices.length) : i;
    const [was, wasOther] = [places[i]!, places[other]!];
    const before = around(arranging, i, other, places);
    if (other !== i) {
      // Two change places.
      places[i] = nearest(choices[i]!, choices[other]!.stands[wasOther]!);
      places[other] = nearest(choices[other]!, choices[i]!.stands[was]!);
    } else {
      // Near along the wall, or anywhere.
      const near = was + Math.floor(random() * 7) - 3;
      places[i] = random() < 0.4 && near >= 0 && near < choices[i]!.stands.length ? near : pick(i);
    }
    const after = around(arranging, i, other, places);
    const [m, t] = [metres + after.metres - before.metres, trouble + after.trouble - before.trouble];
    const next = cost(m, t);
    if (next <= now || random() < Math.exp((now - next) / heat)) {
      [metres, trouble, now] = [m, t, next];
      if (trouble < 0.5) passing.note(places, metres);
    } else [places[i], places[other]] = [was, wasOther];
    if (step % round === round - 1) {
      passing.look(LOOKS);
      [metres, trouble] = [arranging.metres(places), arranging.trouble(places)]; // no drift
      now = cost(metres, trouble);
      yield step / moves;
    }
  }
  passing.look(LAST_LOOKS);
  return passing.best;
}

/** What one unit, or two together, have part in. */
function around(arranging: Arranging, i: number, j: number, places: ArrayLike<number>) {
  const one = arranging.of(i, places);
  if (i === j) return one;
  const two = arranging.of(j, places, i);
  return { metres: one.metres + two.metres, trouble: one.trouble + two.trouble };
}

/**
 * Arrangements that are free of trouble, the shortest ways first, and which of them passed the checks of the room. The
 * checks take long, so only the most promising are looked at; what failed makes its places dearer for the search.
 */
class Passing {
  best: Found | null = null;
  private readonly arranging: Arranging;
  private readonly fine: Check;
  private readonly waiting = new Map<string, Found>();
  private readonly looked = new Set<string>();
  /** Metres that the places of a unit are dearer for having failed. */
  private readonly blamed: Array<Map<number, number>>;

  private readonly dearer: number;

  constructor(arranging: Arranging, fine: Check, metres: number) {
    this.dearer = BLAME * metres;
    this.arranging = arranging;
    this.fine = fine;
    this.blamed = arranging.choices.map(() => new Map<number, number>());
  }

  note(places: Int32Array, metres: number): void {
    if (this.best && metres >= this.best.metres - 1e-9) return;
    const name = places.join();
    if (this.looked.has(name) || this.waiting.has(name)) return;
    this.waiting.set(name, { places: Int32Array.from(places), metres });
    if (this.waiting.size > 2 * MOST_WAITING) {
      const sorted = [...this.waiting].sort(([, a], [, b]) => a.metres - b.metres);
      this.waiting.clear();
      for (const [key, found] of sorted.slice(0, MOST_WAITING)) this.waiting.set(key, found);
    }
  }

  /** Looks at the most promising, those of which nothing failed yet first. */
  look(times: number): void {
    for (let n = 0; n < times; n++) {
      let next: [string, Found] | null = null;
      let least = this.best?.metres ?? Infinity;
      for (const [name, found] of this.waiting) {
        if (this.best && found.metres >= this.best.metres - 1e-9) this.waiting.delete(name);
        else {
          const worth = found.metres + this.blame(found.places);
          if (worth < least || (next === null && this.best === null)) [next, least] = [[name, found], worth];
        }
      }
      if (!next) return;
      const [name, found] = next;
      this.waiting.delete(name);
      this.looked.add(name);
      const failing = this.fine(this.arranging.at(found.places));
      if (failing.length === 0) this.best = found;
      else
        this.arranging.choices.forEach((c, i) => {
          if (!failing.some((id) => id === c.unit.id || c.seats.some((s) => s.id === id))) return;
          const at = found.places[i]!;
          this.blamed[i]!.set(at, (this.blamed[i]!.get(at) ?? 0) + this.dearer);
        });
    }
  }

  blame(places: ArrayLike<number>): number {
    return this.blamed.reduce((sum, dearer, i) => sum + (dearer.get(places[i]!) ?? 0), 0);
  }
}

/** The place of a unit that is nearest to a stand. */
function nearest(
  choice: { stands: ReadonlyArray<{ x: number; y: number; turn: number }> },
  to: { x: number; y: number; turn: number },
): number {
  let [best, least] = [0, Infinity];
  choice.stands.forEach((s, i) => {
    const far = Math.hypot(s.x - to.x, s.y - to.y) + (s.turn === to.turn ? 0 : 500);
    if (far < least) [best, least] = [i, far];
  });
  return best;
}

/** The best, and others that differ: at least a third of what may move stands elsewhere. */
function apart(arranging: Arranging, found: readonly Found[], wanted: number): Found[] {
  const chosen: Found[] = [];
  for (const f of [...found].sort((a, b) => a.metres - b.metres)) {
    if (chosen.length >= wanted) break;
    const at = arranging.at(f.places);
    const differs = (g: Found) => {
      const other = arranging.at(g.places);
      const n = at.filter((s, i) => Math.hypot(s.x - other[i]!.x, s.y - other[i]!.y) > DIFFERS).length;
      return n >= Math.max(1, at.length / 3);
    };
    if (chosen.every(differs)) chosen.push(f);
  }
  return chosen;
}

/** A plan whose things are placed again, beginning with where they are planned; as it is when nothing is planned. */
function refilled(plan: Plan, arrangement: Arrangement, seed: number): { plan: Plan; changes: Change[] } {
  const start = Object.values(plan.placements).filter((p) => p.arrangement === 'planned');
  if (arrangement === 'today' || start.length === 0) return { plan, changes: [] };
  const changes = changesTo(plan, solveAll(plan, { seed, start, moves: REFILL }));
  return { plan: applyChanges(plan, changes).plan, changes };
}

function proposalOf(
  plan: Plan,
  units: readonly Unit[],
  stands: readonly Stand[],
  metres: number,
  today: Today,
): Proposal {
  const changes = standChanges(plan, units, stands);
  const after = refilled(applyChanges(plan, changes).plan, today.arrangement, today.seed);
  const week = evaluate(after.plan).week[today.arrangement];
  return {
    changes: [...changes, ...after.changes],
    moved: units.filter((u) => changes.some((c) => c.table === 'units' && c.id === u.id)).map((u) => u.id),
    things: new Set(after.changes.map((c) => plan.placements[c.id]?.supply ?? ('set' in c ? c.set.supply : c.id))).size,
    metres,
    minutes: week.minutes,
    walked: week.metres,
    faults: faultsOf(after.plan).length,
    faultsToday: today.faults,
    minutesToday: today.minutes,
    walkedToday: today.walked,
  };
}
