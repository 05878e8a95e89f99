/**
 * Fills the compartments. Start: cube-per-order index (Heskett 1963): what takes little room and is fetched often
 * chooses first, and things are split where they must. Then the parts are assigned anew by the search of assign.ts,
 * with what looking through a full place costs. Same plan and seed, same result.
 */
import { fit, volume } from '../fit/fit.ts';
import { stripWidth, type Lie } from '../fit/lies.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Change } from '../model/change.ts';
import { remove, set } from '../model/change.ts';
import { byName, type Placement, type Plan, type Supply } from '../model/plan.ts';
import { compartmentId, fetchesAWeek, sceneOf, type Scene } from '../scene.ts';
import { placeCost, searchSeconds } from './cost.ts';
import { Fitter } from './feasible.ts';
import { goesAway, mayLieIn } from './rules.ts';
import { fitsTightly } from './tighten.ts';
import { assign, type Problem } from './assign.ts';

export interface SolveOptions {
  seed: number;
  /** Planned placements that stay in this run as if they were locked. */
  keep?: (placement: Placement) => boolean;
  /** Moves tried for each part; without it as many as the number of places asks for (see assign.ts). */
  moves?: number;
  /** Asked now and then; true ends the search with the best so far. */
  stop?: () => boolean;
}

export interface Progress {
  phase: 'placing' | 'improving';
  /** 0 to 1 */
  share: number;
  /** Seconds a week of what is placed so far; hunting for the rest included. */
  seconds: number;
}

export interface Solution {
  placements: Placement[];
  /** How many of each supply found no place. */
  unplaced: Array<{ supply: string; count: number }>;
  seconds: number;
  ended: 'nothing better found' | 'stopped';
}

/** A part of a supply that lies together. */
interface Part {
  supply: Supply;
  count: number;
  at: number;
  lie: Lie;
  width: number;
}

/** A supply that has a compartment to itself. */
const ALONE = { lines: 1, share: 0 };
/** At most so many places for one line of supply; more would mean looking everywhere (D17). */
const MOST_PARTS = 4;

/** The state of a search: what lies where, how much width is taken, and what fetching costs. */
class Search {
  readonly parts: Part[] = [];
  readonly taken: number[];
  readonly lines: number[];
  /** Fetches a week out of each compartment. */
  readonly traffic: number[];
  private readonly base = new Map<string, Float64Array>();
  private readonly partsOf = new Map<string, Part[]>();
  readonly scene: Scene;
  readonly fitter: Fitter;

  constructor(scene: Scene) {
    this.scene = scene;
    this.fitter = new Fitter(scene.compartments, scene.plan.meta.roomToGrow);
    const zero = () => scene.compartments.map(() => 0);
    this.traffic = zero();
    // A container is a thing to look past, too.
    this.lines = scene.compartments.map((c) => scene.standing.planned.get(c.id)?.length ?? 0);
    // Containers stand where they stand; strips begin beside them.
    this.taken = scene.compartments.map((c) =>
      (scene.standing.planned.get(c.id) ?? []).reduce((x, s) => Math.max(x, s.rect ? s.rect.x + s.rect.w : 0), 0),
    );
  }

  /** Seconds a week of a supply alone in each compartment. */
  costs(supply: Supply): Float64Array {
    let row = this.base.get(supply.id);
    if (!row) {
      row = Float64Array.from(this.scene.compartments, (c) => {
        const cost = placeCost(this.scene, supply, c, ALONE, 'planned');
        return cost.fetching + cost.penalty;
      });
      this.base.set(supply.id, row);
    }
    return row;
  }

  fetches(part: { supply: Supply; count: number }): number {
    return (fetchesAWeek(this.scene, part.supply.id) * part.count) / part.supply.count;
  }

  /** Seconds a week that a part adds to a compartment, the looking of the others there included. */
  added(part: { supply: Supply; count: number }, at: number): number {
    const own = this.fetches(part);
    const [before, after] = [this.lines[at]!, this.lines[at]! + 1].map((n) =>
      searchSeconds(n, this.scene.constants),
    ) as [number, number];
    return (
      (this.costs(part.supply)[at]! * part.count) / part.supply.count +
      own * after +
      this.traffic[at]! * (after - before)
    );
  }

  /** How many of a supply fit into a compartment beside what is there. */
  fits(supply: Supply, count: number, at: number) {
    if (this.bars(supply, at)) return null;
    return this.fitter.into(supply, count, at, this.taken[at]!);
  }

  /** Whether a supply may not lie in a compartment: nobody can get at it, it is gone in the plan, or a decision says so. */
  bars(supply: Supply, at: number): boolean {
    const compartment = this.scene.compartments[at]!;
    return (
      compartment.only === 'today' ||
      this.scene.shut.has(compartment.id) ||
      !mayLieIn(this.scene.plan, supply, compartment)
    );
  }

  /** Whether another part of the same supply lies there: parts of one supply do not share a compartment. */
  hasAlready(part: Pick<Part, 'supply'>, at: number): boolean {
    return (this.partsOf.get(part.supply.id) ?? []).some((p) => p !== part && p.at === at);
  }

  /** Takes a part out altogether. */
  drop(part: Part): void {
    this.parts.splice(this.parts.indexOf(part), 1);
    this.partsOf.set(
      part.supply.id,
      this.partsOf.get(part.supply.id)!.filter((p) => p !== part),
    );
    this.count(part, -1);
  }

  put(part: Part): void {
    this.parts.push(part);
    this.partsOf.set(part.supply.id, [...(this.partsOf.get(part.supply.id) ?? []), part]);
    this.count(part, 1);
  }

  count(part: Omit<Part, 'lie'>, sign: 1 | -1): void {
    this.taken[part.at]! += sign * part.width;
    this.lines[part.at]! += sign;
    this.traffic[part.at]! += sign * this.fetches(part);
  }
}

/**
 * Solves a plan. A generator, so that a worker can report progress and be stopped between steps.
 * Locked placements of the plan stay as they are and take their room; all others are planned anew.
 */
export function* solve(plan: Plan, options: SolveOptions): Generator<Progress, Solution> {
  const scene = sceneOf(plan);
  const search = new Search(scene);
  const index = new Map(scene.compartments.map((c, i) => [c.id, i]));
  const locked = Object.values(plan.placements).filter(
    (p) => p.arrangement === 'planned' && (p.locked || options.keep?.(p) === true),
  );
  const left = new Map(Object.values(plan.supplies).map((s) => [s.id, goesAway(plan, s) ? 0 : s.count]));

  for (const placement of locked) {
    left.set(placement.supply, left.get(placement.supply)! - placement.count);
    const at = index.get(compartmentId(placement));
    if (at === undefined) continue;
    const supply = plan.supplies[placement.supply]!;
    const compartment = scene.compartments[at]!;
    const whole = fit(supply, placement.count, compartment, Infinity, placement.orientation);
    search.count(
      {
        supply,
        count: placement.count,
        at,
        width: whole.lie ? stripWidth(whole.lie, placement.count) : compartment.inside.width,
      },
      1,
    );
  }

  let unplaced: Solution['unplaced'] = [];
  const items = inOrder(search).filter((s) => left.get(s.id)! > 0);
  for (const [i, supply] of items.entries()) {
    const missing = placeOne(search, supply, left.get(supply.id)!);
    if (missing > 0) unplaced.push({ supply: supply.id, count: missing });
    if (i % 25 === 0) yield { phase: 'placing', share: i / items.length, seconds: total(search, unplaced) };
  }

  unplaced = makeRoom(search, unplaced);
  yield { phase: 'improving', share: 0, seconds: total(search, unplaced) };

  let ended: Solution['ended'] = 'nothing better found';
  const { problem, parts } = problemOf(search, locked, unplaced);
  const run = assign(
    problem,
    options.seed,
    Int32Array.from(parts, (part) => part.at),
    options.moves,
  );
  let step = run.next();
  while (!step.done) {
    const { share, cost, best } = step.value;
    const out = best.reduce((n, at) => n + (at < 0 ? 1 : 0), 0);
    yield { phase: 'improving', share, seconds: cost - out * LEFT_OUT };
    if (options.stop?.()) {
      ended = 'stopped';
      break;
    }
    step = run.next();
  }
  const answer = step.done ? step.value.at : step.value.best;
  unplaced = takeOver(search, parts, answer);
  unplaced = tighten(search, locked, unplaced);
  return {
    placements: [...locked, ...asPlacements(scene, search.parts, locked)],
    unplaced,
    seconds: total(search, unplaced),
    ended,
  };
}

/**
 * The order in which supplies choose: those that only few places can hold first (D10), then by cube-per-order, litres
 * for each fetch a week, least first; what nobody fetches comes last, bulky things first.
 */
function inOrder(search: Search): Supply[] {
  const { scene } = search;
  const few = Math.max(2, scene.compartments.length * 0.12);
  const keys = new Map(
    Object.values(scene.plan.supplies).map((s) => {
      const fetches = fetchesAWeek(scene, s.id);
      const litres = volume(s, s.count);
      const homes = scene.compartments.reduce((n, _, at) => n + (search.fitter.ways(s, at).length > 0 ? 1 : 0), 0);
      return [s.id, fetches > 0 ? (homes <= few ? -1e9 / Math.max(homes, 1) : 0) + litres / fetches : 1e9 - litres];
    }),
  );
  return byName(scene.plan.supplies).sort((a, b) => keys.get(a.id)! - keys.get(b.id)!);
}

/**
 * Makes room for what found none: takes things out of a place that could hold it, if all of them find another place.
 * @returns what still has no place
 */
function makeRoom(search: Search, unplaced: Solution['unplaced']): Solution['unplaced'] {
  return unplaced.filter(({ supply: id, count }) => {
    const supply = search.scene.plan.supplies[id]!;
    const homes = search.scene.compartments
      .map((_, at) => at)
      .filter((at) => !search.bars(supply, at) && search.fitter.into(supply, count, at, 0)?.count === count)
      .sort((a, b) => search.costs(supply)[a]! - search.costs(supply)[b]!);
    return !homes.some((at) => pushInto(search, supply, count, at));
  });
}

/** Puts what is left where an exact layout has room for it, cheapest place first. @returns what still has no place */
function tighten(search: Search, locked: readonly Placement[], unplaced: Solution['unplaced']): Solution['unplaced'] {
  const { scene } = search;
  const { plan } = scene;
  return unplaced.filter(({ supply: id, count }) => {
    const supply = plan.supplies[id]!;
    const cheapest = scene.compartments
      .map((_, at) => at)
      .filter((at) => !search.bars(supply, at) && search.fitter.ways(supply, at).length > 0)
      .filter((at) => !search.hasAlready({ supply }, at))
      .sort((a, b) => search.costs(supply)[a]! - search.costs(supply)[b]!);
    return !cheapest.some((at) => {
      const place = scene.compartments[at]!;
      const there = [
        ...locked
          .filter((p) => compartmentId(p) === place.id)
          .map((p) => ({ supply: plan.supplies[p.supply]!, count: p.count, only: p.orientation })),
        ...search.parts
          .filter((p) => p.at === at)
          .map((p) => ({ supply: p.supply, count: p.count, only: p.lie.orientation })),
      ];
      const fixed = (scene.standing.planned.get(place.id) ?? []).flatMap((s) => (s.rect ? [s.rect] : []));
      const orientation = fitsTightly(place, there, supply, count, fixed, plan.meta.roomToGrow);
      if (orientation === null) return false;
      const lie = search.fitter.ways(supply, at).find((l) => l.orientation === orientation)!;
      search.put({ supply, count, at, lie, width: 0 });
      return true;
    });
  });
}

/** Puts a supply into a compartment, moving others out to other places. @returns false, with all as before, where that fails */
function pushInto(search: Search, supply: Supply, count: number, at: number): boolean {
  if (search.hasAlready({ supply }, at)) return false;
  const out: Part[] = [];
  const back = () => {
    for (const part of out) search.put(part);
    return false;
  };
  const there = search.parts.filter((p) => p.at === at).sort((a, b) => search.fetches(a) - search.fetches(b));
  for (const part of there) {
    if (search.fits(supply, count, at)?.count === count) break;
    search.drop(part);
    out.push(part);
  }
  const room = search.fits(supply, count, at);
  if (room?.count !== count) return back();
  const made = { supply, count, at, lie: room.lie, width: room.width };
  search.put(made);
  const moved: Part[] = [];
  for (const part of out) {
    const place = bestPlace(search, part.supply, part.count, at);
    if (!place) {
      for (const m of moved) search.drop(m);
      search.drop(made);
      return back();
    }
    const next = { ...part, ...place };
    search.put(next);
    moved.push(next);
  }
  return true;
}

/** The cheapest place that holds a whole count, or null. @param except a compartment that does not count */
function bestPlace(
  search: Search,
  supply: Supply,
  count: number,
  except: number,
): Pick<Part, 'at' | 'lie' | 'width'> | null {
  let best: (Pick<Part, 'at' | 'lie' | 'width'> & { cost: number }) | null = null;
  for (let at = 0; at < search.scene.compartments.length; at++) {
    if (at === except || search.hasAlready({ supply }, at)) continue;
    const fits = search.fits(supply, count, at);
    if (fits?.count !== count) continue;
    const cost = search.added({ supply, count }, at);
    if (!best || cost < best.cost) best = { at, lie: fits.lie, width: fits.width, cost };
  }
  return best && { at: best.at, lie: best.lie, width: best.width };
}

/** Places a supply, whole where it can be, else in as few parts as it can. @returns how many found no place */
function placeOne(search: Search, supply: Supply, wanted: number): number {
  let missing = wanted;
  const unused = fetchesAWeek(search.scene, supply.id) === 0;
  for (let part = 0; part < MOST_PARTS && missing > 0; part++) {
    let best: { at: number; count: number; cost: number; lie: Lie; width: number } | null = null;
    search.scene.compartments.forEach((compartment, at) => {
      const fits = search.fits(supply, missing, at);
      if (!fits) return;
      // What nobody fetches goes where a fetch takes longest, and leaves the good places free.
      const cost = unused
        ? -farness(search.scene, compartment)
        : search.added({ supply, count: fits.count }, at) / fits.count;
      if (!best || fits.count > best.count || (fits.count === best.count && cost < best.cost))
        best = { at, count: fits.count, cost, lie: fits.lie, width: fits.width };
    });
    if (!best) break;
    const { at, count, lie, width } = best as { at: number; count: number; lie: Lie; width: number };
    const made = { supply, count, at, lie, width };
    if (part > 0 && search.hasAlready(made, at)) break; // what is left does not fit beside it
    search.put(made);
    missing -= count;
  }
  return missing;
}

/** Mean walking and handling seconds to a compartment over all stations. */
function farness(scene: Scene, compartment: Compartment): number {
  let sum = 0;
  for (const ways of scene.ways.values()) {
    const way = ways.get(compartment.id)!;
    for (const e of way.there) sum += e.seconds;
    for (const e of way.back) sum += e.seconds;
  }
  return sum;
}

/** A part to be assigned; one that has no place yet is at -1. */
type Movable = Pick<Part, 'supply' | 'count' | 'at'>;
/** Leaving something out costs more than any place, s a week. */
const LEFT_OUT = 1e5;
/** How little it counts that what nobody fetches lies far: less than any second of what is fetched. */
const FAR_IS_BETTER = 1e-4;

/** What the search of assign.ts is given: all parts that may move, and what has found no place yet. */
function problemOf(
  search: Search,
  locked: readonly Placement[],
  unplaced: Solution['unplaced'],
): { problem: Problem; parts: Movable[] } {
  const { scene, fitter } = search;
  const places = scene.compartments;
  const parts: Movable[] = [
    ...search.parts,
    ...unplaced.map(({ supply, count }) => ({ supply: scene.plan.supplies[supply]!, count, at: -1 })),
  ];
  const n = places.length;
  const cost = new Float64Array(parts.length * n).fill(Infinity);
  const size = new Float64Array(parts.length * n);
  const mine = new Set<Movable>(search.parts);
  // Room and looking that is taken by what does not move: locked things and containers.
  const taken = Float64Array.from(search.taken);
  const lines = Float64Array.from(search.lines);
  const fetches = Float64Array.from(search.traffic);
  for (const part of search.parts) {
    taken[part.at]! -= part.width;
    lines[part.at]! -= 1;
    fetches[part.at]! -= search.fetches(part);
  }
  const far = places.map((c) => farness(scene, c));
  const farthest = Math.max(0, ...far);
  const groups = new Map(Object.keys(scene.plan.supplies).map((id, i) => [id, i]));
  const lockedAt = new Set(locked.map((p) => `${p.supply} ${compartmentId(p)}`));
  parts.forEach((part, i) => {
    const used = search.fetches(part) > 0;
    const row = search.costs(part.supply);
    for (let j = 0; j < n; j++) {
      if (search.bars(part.supply, j) || lockedAt.has(`${part.supply.id} ${places[j]!.id}`)) continue;
      const alone = fitter.into(part.supply, part.count, j, 0);
      if (alone?.count !== part.count) continue;
      size[i * n + j] = alone.width;
      cost[i * n + j] = used ? (row[j]! * part.count) / part.supply.count : FAR_IS_BETTER * (farthest - far[j]!);
    }
  });
  return {
    parts,
    problem: {
      items: parts.length,
      places: n,
      cost,
      size,
      capacity: Float64Array.from(fitter.usable, (room, j) => Math.max(0, room - taken[j]!)),
      without: Float64Array.from(
        parts,
        (part) => LEFT_OUT + search.fetches(part) * scene.constants.hunt - (mine.has(part) ? 0 : 1),
      ),
      traffic: Float64Array.from(parts, (part) => search.fetches(part)),
      look: searchSeconds(1 + 1, scene.constants) / 1.5,
      lines,
      fetches,
      group: Int32Array.from(parts, (part) => groups.get(part.supply.id)!),
      pairs: [],
    },
  };
}

/** Puts the parts where an answer has them. @returns what has no place */
function takeOver(search: Search, parts: readonly Movable[], answer: ArrayLike<number>): Solution['unplaced'] {
  for (const part of [...search.parts]) search.drop(part);
  const without: Solution['unplaced'] = [];
  parts.forEach(({ supply, count }, i) => {
    const at = answer[i] ?? -1;
    const fits = at < 0 ? null : search.fitter.into(supply, count, at, 0);
    if (fits) search.put({ supply, count, at, lie: fits.lie, width: fits.width });
    else {
      const before = without.find((w) => w.supply === supply.id);
      if (before) before.count += count;
      else without.push({ supply: supply.id, count });
    }
  });
  return without;
}

function total(search: Search, unplaced: Solution['unplaced']): number {
  let seconds = 0;
  for (const part of search.parts) {
    seconds +=
      (search.costs(part.supply)[part.at]! * part.count) / part.supply.count +
      search.fetches(part) * searchSeconds(search.lines[part.at]!, search.scene.constants);
  }
  for (const { supply, count } of unplaced) {
    seconds +=
      fetchesAWeek(search.scene, supply) *
      (count / search.scene.plan.supplies[supply]!.count) *
      search.scene.constants.hunt;
  }
  return seconds;
}

function asPlacements(scene: Scene, parts: readonly Part[], locked: readonly Placement[]): Placement[] {
  const used = new Set(locked.map((p) => p.id));
  for (const p of Object.values(scene.plan.placements)) if (p.arrangement === 'today') used.add(p.id);
  return parts.map((part) => {
    const c = scene.compartments[part.at]!;
    let n = 1;
    while (used.has(placedId(part.supply.id, n))) n++;
    const id = placedId(part.supply.id, n);
    used.add(id);
    return {
      id,
      arrangement: 'planned',
      supply: part.supply.id,
      unit: c.unit,
      slot: c.slot,
      container: c.container,
      count: part.count,
      orientation: part.lie.orientation,
      locked: false,
    };
  });
}

const placedId = (supply: string, n: number) => `${supply.slice(0, 56)}_p${n}`;

/** Runs the solver to its end. */
export function solveAll(plan: Plan, options: SolveOptions): Solution {
  const run = solve(plan, options);
  for (;;) {
    const step = run.next();
    if (step.done) return step.value;
  }
}

/** The changes that make a solution the plan's own: only rows that differ. */
export function changesTo(plan: Plan, solution: Solution): Change[] {
  const wanted = new Map(solution.placements.map((p) => [p.id, p]));
  const changes: Change[] = [];
  for (const p of Object.values(plan.placements)) {
    if (p.arrangement === 'planned' && !wanted.has(p.id)) changes.push(remove('placements', p.id));
  }
  for (const p of solution.placements) {
    if (JSON.stringify(plan.placements[p.id]) !== JSON.stringify(p)) changes.push(set('placements', p.id, p));
  }
  return changes;
}
