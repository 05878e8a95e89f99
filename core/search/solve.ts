/**
 * Fills the compartments. Start: cube-per-order index (Heskett 1963): what takes little room and is fetched often
 * chooses first, and things are split where they must. Then the parts are assigned again by the search of assign.ts, with
 * what looking through a full place costs and what the wished order weighs. Same plan and seed, same result.
 */
import { groupBy, toEnd } from '../model/groups.ts';
import { fit } from '../fit/fit.ts';
import { stripWidth } from '../fit/poses.ts';
import type { Change } from '../model/change.ts';
import { remove, set, setMeta } from '../model/change.ts';
import type { Placement, Plan } from '../model/plan.ts';
import { compartmentId, fetchesAWeek, sceneOf, type Scene } from '../scene/scene.ts';
import { assign, type Annealing, type Answer } from './assign.ts';
import { assignByHomes, type NamedAnswer } from './namesCost.ts';
import { costOf, type Problem } from './assignment.ts';
import { leftOut, problemOf, type Movable } from './problem.ts';
import { goesAway } from '../cost/rules.ts';
import { improveExact } from './improveExact.ts';
import { keepApart } from './separateHot.ts';
import { gather, inOrder, makeRoom, placeOne, Filling, tighten, type Left, type Part, type Thing } from './filling.ts';
import { reorient } from './reorient.ts';
import { ReportCost } from './reportCost.ts';
import { orderRuns } from './runOrder.ts';
import { unmix } from './untangle.ts';
import { homesOf } from '../zones/homes.ts';
import { sparesOf } from '../zones/spares.ts';

export interface SolveOptions {
  seed: number;
  /** Planned placements that stay in this run as if they were pinned. */
  keep?: (placement: Placement) => boolean;
  /** Placements to begin from; what fits stays near them. Without it the room is filled from nothing. */
  start?: readonly Placement[];
  /** Compartments into which things may be moved; all others keep what they have. It begins from the plan as it is. */
  only?: ReadonlySet<string>;
  /** Compartments that are to be left alone or emptied. */
  not?: ReadonlySet<string>;
  /** Moves tried for each part; without it as many as the number of places asks for (see assign.ts). */
  moves?: number;
  /** Asked now and then; true ends the search with the best so far. */
  stop?: () => boolean;
}

export interface Progress {
  phase: 'placing' | 'improving';
  /** 0 to 1 */
  share: number;
  /** Seconds a week of what is placed so far, with hunting for the rest and what the wished order weighs. */
  seconds: number;
  /** How many parts have no place. */
  out: number;
  /** The best so far as placements. */
  best: () => Placement[];
}

export interface Solution {
  placements: Placement[];
  /** How many of each supply found no place. */
  unplaced: Array<{ supply: string; count: number }>;
  seconds: number;
  ended: 'nothing better found' | 'stopped';
  /** What the names cost against the quickest plan, where all of it was filled by homes; null elsewhere. */
  namesCost: Plan['meta']['namesCost'];
}

/** How hot a search begins that has a good start. */
const WARM = 0.3;

/** Exact layouts that are still tried for what has no place when a search was stopped: about half a second. */
const LAYOUTS_WHEN_STOPPED = 60;

/** An answer with what an exact layout adds to it. */
interface Finished {
  answer: ArrayLike<number>;
  /** Seconds a week. */
  seconds: number;
  /** Whether the exact layout found a place for something. */
  tightened: boolean;
}

/** What is to be done: the state before the search, what does not move, and what found no place. */
interface Begun {
  search: Filling;
  pinned: Placement[];
  unplaced: Left[];
}

/**
 * Solves a plan. A generator, so that a worker can report progress and be stopped between steps.
 * Locked placements of the plan stay as they are and take their room; all others are planned again.
 */
export function* solve(plan: Plan, options: SolveOptions): Generator<Progress, Solution> {
  const begun = yield* begin(plan, options);
  const { search, pinned: pinned } = begun;
  const { scene } = search;
  let { unplaced } = begun;
  let ended: Solution['ended'] = 'nothing better found';
  const warm = options.start !== undefined || options.only !== undefined;
  const { problem, parts, exactly } = problemOf(search, pinned, unplaced, warm ? scene.constants.disturb : 0);
  const start = Int32Array.from(parts, (part) => part.at);
  // A part of a room is planned beside the rest as it is: only the whole has a yardstick.
  const whole = !warm && options.keep === undefined && options.not === undefined;
  const run: Generator<Annealing, Answer & Partial<NamedAnswer>> = whole
    ? assignByHomes(problem, options.seed, start, options.moves)
    : assign(problem, options.seed, start, options.moves, ...(warm ? [WARM] : []));
  let step = run.next();
  const first = step.done ? step.value.at : Int32Array.from(step.value.best);
  while (!step.done) {
    const { share, cost, best } = step.value;
    const without = parts.filter((_, i) => best[i]! < 0);
    yield {
      phase: 'improving',
      share,
      seconds: cost - without.reduce((sum, part) => sum + leftOut(part), 0),
      out: without.length,
      best: () => [...pinned, ...asPlacements(scene, partsAt(search, parts, best).placed, pinned)],
    };
    if (options.stop?.()) {
      ended = 'stopped';
      break;
    }
    step = run.next();
  }
  let tries = 0;
  const goOn = () => !options.stop?.() || tries++ < LAYOUTS_WHEN_STOPPED;
  const finish = function* (answer: ArrayLike<number>): Generator<Progress, Finished> {
    unplaced = withTheRest(search, takeOver(search, parts, answer));
    const [before, cost] = [unplaced.length, total(search, unplaced)];
    const best = () => [...pinned, ...asPlacements(scene, partsAt(search, parts, answer).placed, pinned)];
    // Last, since it puts things where only an exact layout sees the room.
    const run = tighten(search, pinned, unplaced, goOn);
    for (let look = run.next(); ; look = run.next()) {
      if (look.done) {
        unplaced = look.value;
        const seconds = total(search, unplaced) + belongingOf(problem, answer);
        return { answer, seconds, tightened: unplaced.length < before };
      }
      yield { phase: 'improving', share: 1, seconds: cost, out: before, best };
    }
  };
  const found = yield* finish(step.done ? step.value.at : step.value.best);
  // The exact layout may find more room in the first answer than in the last one: the better one counts.
  if (!options.stop?.() && (found.tightened || unplaced.length > 0)) {
    const early = yield* finish(first);
    if (found.seconds <= early.seconds) yield* finish(found.answer);
  }
  if (whole) orderRuns(search);
  const shown = (): Progress => ({
    ...{ phase: 'improving', share: 1, seconds: total(search, unplaced), out: unplaced.length },
    best: () => [...pinned, ...asPlacements(scene, search.parts, pinned)],
  });
  const weighed = { ...(step.done ? (step.value.weighed ?? problem) : problem), cost: exactly };
  const reported = new ReportCost(search, pinned);
  unplaced = withTheirOwn(search, reported, unplaced, goOn);
  const judging = improveExact(search, weighed, itemsOf(parts), unplaced, reported, goOn);
  for (let look = judging.next(); ; look = judging.next()) {
    if (look.done) {
      unplaced = look.value;
      break;
    }
    yield shown();
  }
  keepApart(search, pinned);
  if (problem.naming) unmix(search, pinned);
  const relaying = reorient(search, reported, goOn);
  for (let look = relaying.next(); !look.done; look = relaying.next()) yield shown();
  if (options.stop?.()) ended = 'stopped';
  const left = new Map<string, number>();
  for (const { supply, count } of unplaced) left.set(supply.id, (left.get(supply.id) ?? 0) + count);
  return {
    placements: [...pinned, ...asPlacements(scene, search.parts, pinned)],
    unplaced: [...left].map(([supply, count]) => ({ supply, count })),
    seconds: total(search, unplaced),
    ended,
    namesCost: costOfNames(step.done ? step.value.times : null),
  };
}

function costOfNames(times: NamedAnswer['times'] | undefined): Solution['namesCost'] {
  // Where hardly anything is fetched there is nothing to compare.
  if (!times || times.quickest < 1) return null;
  const more = times.named - times.quickest;
  return {
    minutes: Math.round(more / 0.6) / 100,
    share: Math.min(1000, Math.round((1e4 * more) / times.quickest) / 1e4),
  };
}

/** Puts in what stays, and fills in the rest for a beginning. */
function* begin(plan: Plan, options: SolveOptions): Generator<Progress, Begun> {
  const scene = sceneOf(plan);
  const planned = Object.values(plan.placements).filter((p) => p.arrangement === 'planned');
  const pinned = planned.filter((p) => p.pinned || options.keep?.(p) === true);
  const own = new Set(planned.map((p) => `${p.supply} ${compartmentId(p)}`));
  const open = (compartment: string, supply: string) =>
    !options.not?.has(compartment) &&
    (options.only === undefined || options.only.has(compartment) || own.has(`${supply} ${compartment}`));
  // Spares that are to lie with the rest of their home are none to the search.
  const apart = homesOf(scene).sparesOf;
  const spares = new Map(
    Object.values(plan.supplies).flatMap((s) => (apart.has(s.id) ? [[s.id, sparesOf(s)] as const] : [])),
  );
  for (const p of pinned)
    if (!p.spare && spares.has(p.supply)) {
      // What is kept together stays together.
      const s = plan.supplies[p.supply]!;
      if (p.count > s.count - s.backstock) spares.set(p.supply, Math.max(0, s.count - p.count));
    }
  const search = new Filling(scene, spares, open, pinned);
  const index = new Map(scene.compartments.map((c, i) => [c.id, i]));
  const left = new Map<string, Thing>();
  for (const supply of Object.values(plan.supplies)) {
    if (goesAway(plan, supply)) continue;
    const apart = spares.get(supply.id) ?? 0;
    left.set(`${supply.id} false`, { supply, spare: false, count: supply.count - apart });
    if (apart > 0) left.set(`${supply.id} true`, { supply, spare: true, count: apart });
  }
  const lessen = (p: Pick<Placement, 'supply' | 'spare' | 'count'>) => {
    let { count } = p;
    for (const spare of [p.spare, !p.spare]) {
      const thing = left.get(`${p.supply} ${spare}`);
      if (!thing || count <= 0) continue;
      const taken = Math.min(count, thing.count);
      left.set(`${p.supply} ${spare}`, { ...thing, count: thing.count - taken });
      count -= taken;
    }
  };
  for (const placement of pinned) {
    lessen(placement);
    const at = index.get(compartmentId(placement));
    if (at === undefined) continue;
    const { count, spare } = placement;
    const supply = plan.supplies[placement.supply]!;
    const compartment = scene.compartments[at]!;
    const whole = fit(supply, count, compartment, Infinity, placement.orientation);
    const width = whole.lie ? stripWidth(whole.lie, count) : compartment.inside.width;
    search.count({ supply, spare, count, at, width }, 1);
  }
  const start = options.start ?? (options.only ? planned : []);
  for (const p of start.filter((s) => !pinned.some((l) => l.id === s.id))) {
    const thing = left.get(`${p.supply} ${p.spare}`);
    const at = index.get(compartmentId(p));
    if (!thing || at === undefined || thing.count < 1) continue;
    const count = Math.min(p.count, thing.count);
    const fits = search.hasAlready(thing, at) ? null : search.fits(thing.supply, count, at);
    if (fits?.count !== count) continue;
    search.put({ ...thing, count, at, lie: fits.lie, width: fits.width });
    lessen({ ...p, count });
  }
  const unplaced: Left[] = [];
  const things = inOrder(
    search,
    [...left.values()].filter((t) => t.count > 0),
  );
  const best = () => [...pinned, ...asPlacements(scene, search.parts, pinned)];
  for (const [i, thing] of things.entries()) {
    const missing = placeOne(search, thing);
    if (missing > 0) unplaced.push({ ...thing, count: missing });
    if (i % 25 === 0)
      yield {
        phase: 'placing',
        share: i / things.length,
        seconds: total(search, unplaced),
        out: unplaced.length + things.length - i,

        best,
      };
  }
  const run = makeRoom(
    search,
    gather(search, unplaced, () => total(search, [])),
    () => !options.stop?.(),
  );
  let look = run.next();
  for (; !look.done; look = run.next())
    yield { phase: 'placing', share: 1, seconds: total(search, unplaced), out: unplaced.length, best };
  const rest = look.value;
  yield { phase: 'improving', share: 0, seconds: total(search, rest), out: rest.length, best };
  return { search, pinned: pinned, unplaced: rest };
}

/** Parts as an answer has them, and what has no place in it. */
function partsAt(
  search: Filling,
  parts: readonly Movable[],
  answer: ArrayLike<number>,
): { placed: Part[]; without: Left[] } {
  const placed: Part[] = [];
  const without: Left[] = [];
  parts.forEach(({ supply, spare, count }, i) => {
    const at = answer[i] ?? -1;
    const fits = at < 0 ? null : search.fitter.into(supply, count, at, search.standing[at]!);
    if (fits) placed.push({ supply, spare, count, at, lie: fits.lie, width: fits.width });
    else without.push({ supply, spare, count });
  });
  return { placed, without };
}

/** Which item a part or what is left is: by its supply and count. */
function itemsOf(parts: readonly Movable[]): (thing: Left) => number | undefined {
  const key = ({ supply, spare, count }: Left) => `${supply.id} ${spare} ${count}`;
  const items = groupBy(parts.keys(), (i) => key(parts[i]!));
  return (thing) => items.get(key(thing))?.shift();
}

/** What it weighs in an answer that things of a sort, or of a set, do not lie together; s a week. */
const belongingOf = (p: Problem, answer: ArrayLike<number>): number =>
  costOf(p, answer) - costOf({ ...p, pairs: [], naming: null }, answer);

/** Puts the parts where an answer has them. @returns what has no place */
function takeOver(search: Filling, parts: readonly Movable[], answer: ArrayLike<number>): Left[] {
  for (const part of [...search.parts]) search.drop(part);
  const { placed, without } = partsAt(search, parts, answer);
  for (const part of placed) search.put(part);
  return without;
}

/** Spares that have no place of their own lie with the working stock where there is room for both. @returns what has none */
function withTheRest(search: Filling, unplaced: readonly Left[]): Left[] {
  return unplaced.filter(({ supply, spare, count }) => {
    const part = spare && search.parts.find((p) => p.supply.id === supply.id && !p.spare);
    if (!part) return true;
    search.drop(part);
    const both = search.fits(supply, part.count + count, part.at);
    const fits = both?.count === part.count + count;
    search.put(fits ? { ...part, count: both.count, lie: both.lie, width: both.width } : part);
    return !fits;
  });
}

/** What has no place lies with the rest of its supply where an exact layout has room for both. @returns what has none */
function withTheirOwn(search: Filling, reported: ReportCost, unplaced: readonly Left[], goOn: () => boolean): Left[] {
  return unplaced.filter(({ supply, spare, count }) => {
    for (const part of search.parts.filter((p) => p.supply === supply && p.spare === spare)) {
      if (search.fitter.limited(part.at) || !goOn()) continue;
      const both = { supply, spare, count: part.count + count };
      const others = search.parts.filter((p) => p.at === part.at && p !== part);
      const lying = others.map((p) => ({ thing: p, only: p.lie.orientation }));
      const ways = reported.ways(part.at, [...lying, { thing: both, only: null }]);
      if (!ways) continue;
      search.drop(part);
      search.put({ ...both, at: part.at, lie: ways.at(-1)!, width: 0 });
      return false;
    }
    return true;
  });
}

function total(search: Filling, unplaced: readonly Left[]): number {
  let seconds = 0;
  for (const part of search.parts)
    seconds +=
      search.costs(part.supply)[part.at]! * search.share(part) +
      search.order(part, part.at) +
      search.digging(part, part.at, part.lie) +
      search.looking(part);
  for (const { supply, count } of unplaced)
    seconds += fetchesAWeek(search.scene, supply.id) * (count / supply.count) * search.scene.constants.hunt;
  return seconds;
}

function asPlacements(scene: Scene, parts: readonly Part[], pinned: readonly Placement[]): Placement[] {
  const used = new Set(pinned.map((p) => p.id));
  // What stays where it is planned stays the same placement, and keeps its part of a divided place.
  const stays = new Map<string, Placement>();
  for (const p of Object.values(scene.plan.placements))
    if (p.arrangement === 'today') used.add(p.id);
    else if (!used.has(p.id)) stays.set(`${p.supply} ${compartmentId(p)} ${p.spare}`, p);
  const same = parts.map((part) => {
    const key = `${part.supply.id} ${scene.compartments[part.at]!.id} ${part.spare}`;
    const p = stays.get(key);
    stays.delete(key);
    if (p) used.add(p.id);
    return p;
  });
  return parts.map((part, i) => {
    const c = scene.compartments[part.at]!;
    let n = 1;
    while (!same[i] && used.has(placedId(part.supply.id, n))) n++;
    const id = same[i]?.id ?? placedId(part.supply.id, n);
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
      part: same[i]?.part ?? null,
      pinned: false,
      spare: part.spare,
      returns: null,
    };
  });
}

const placedId = (supply: string, n: number) => `${supply.slice(0, 56)}_p${n}`;

/** Runs the solver to its end. */
export function solveAll(plan: Plan, options: SolveOptions): Solution {
  return toEnd(solve(plan, options));
}

/** The changes that make a solution the plan's own: only rows that differ. */
export function changesTo(
  plan: Plan,
  solution: Pick<Solution, 'placements'> & Partial<Pick<Solution, 'namesCost'>>,
): Change[] {
  const wanted = new Map(solution.placements.map((p) => [p.id, p]));
  const changes: Change[] = [];
  for (const p of Object.values(plan.placements)) {
    if (p.arrangement === 'planned' && !wanted.has(p.id)) changes.push(remove('placements', p.id));
  }
  for (const p of solution.placements) {
    if (JSON.stringify(plan.placements[p.id]) !== JSON.stringify(p)) changes.push(set('placements', p.id, p));
  }
  const { namesCost } = solution;
  if (namesCost && JSON.stringify(namesCost) !== JSON.stringify(plan.meta.namesCost))
    changes.push(setMeta(plan, { namesCost }));
  return changes;
}
