/** What would help most: each idea is made, the room is filled again from what is there, and the minutes are compared. */
import { groupBy, toEnd } from '../model/groups.ts';
import { evaluate } from '../report/evaluate.ts';
import { applyChanges, type Change } from '../model/change.ts';
import type { Placement, Plan, TableName } from '../model/plan.ts';
import type { Idea, UnitType } from './ideas/idea.ts';
import { ideasFor } from './ideas/ideas.ts';
import { changesTo, solveAll } from './solve.ts';

/** An idea with what it saves. */
export interface Help extends Pick<Idea, 'id' | 'kind' | 'title' | 'price' | 'basis'> {
  /** Minutes a week that it saves, all together as the week of the report has them. */
  saves: number;
  /** Minutes a week with it. */
  minutes: number;
  /** Supplies that find a place by it, and such that lose theirs (negative). */
  places: number;
  /** How many supplies lie elsewhere than in the plan, the room filled again. */
  moves: number;
  /** Money for a minute a week; null when the price is not known. */
  moneyAMinute: number | null;
  /** Everything that it changes, the new places of things included. */
  changes: Change[];
}

export interface AdviseOptions {
  seed: number;
  types: readonly UnitType[];
  /** Moves tried for each part in each try. */
  moves?: number;
  stop?: () => boolean;
}

export interface Advising {
  done: number;
  of: number;
  title: string;
  /** What was found so far, best first. */
  found: Help[];
  /** The week of the plan with which everything is compared: filled again with the same effort. */
  base: number;
}

/** Moves for each part: a start is there already. */
const MOVES = 400;
/** What saves less is not worth a line, minutes a week. */
const LEAST = 0.05;
/** The most pairs of ideas that are tried, and of which kinds: those that take room from each other. */
const PAIRS = 4;
const PAIRED: ReadonlySet<Idea['kind']> = new Set([
  'zone',
  'home',
  'swap',
  'shelf height',
  'cart',
  'another unit',
  'out',
]);

interface Filled {
  plan: Plan;
  changes: Change[];
  minutes: number;
  without: number;
  errors: number;
}

/** Fills a plan again, beginning with where things are planned. */
function fill(plan: Plan, { seed, moves = MOVES }: AdviseOptions): Filled {
  const start = Object.values(plan.placements).filter((p) => p.arrangement === 'planned');
  const solution = solveAll(plan, { seed, moves, ...(start.length > 0 ? { start } : {}) });
  const changes = changesTo(plan, solution);
  const filled = applyChanges(plan, changes).plan;
  const { week, errors } = evaluate(filled);
  const { minutes, without } = week.planned;
  return { plan: filled, changes, minutes, without, errors };
}

/**
 * Tries one idea after another. A generator, so that a worker can show what was found and be stopped.
 * @returns what helps, most minutes saved first
 */
export function* advise(plan: Plan, options: AdviseOptions): Generator<Advising, Help[]> {
  const ideas = ideasFor(plan, options.types);
  const base = fill(plan, options);
  const today = evaluate(plan).week.today;
  const found: Help[] = [];
  const tries: Array<{ idea: Idea; help: Help }> = [];
  const before = placesOf(plan);
  for (const [done, idea] of ideas.entries()) {
    yield { done, of: ideas.length, title: idea.title, found: rank(found), base: base.minutes };
    if (options.stop?.()) break;
    const help =
      idea.basis === 'today' ? labelled(plan, idea, today.minutes) : tried(plan, base, idea, options, before);
    if (!help) continue;
    if (idea.basis === 'planned') tries.push({ idea, help });
    if (isWorth(help)) found.push(help);
  }
  for (const [n, idea] of pairsOf(tries).entries()) {
    yield { done: ideas.length, of: ideas.length, title: idea.title, found: rank(found), base: base.minutes };
    if (options.stop?.() || n >= PAIRS) break;
    const help = tried(plan, base, idea, options, before);
    const alone = Math.max(0, ...tries.filter((t) => idea.of.includes(t.idea.id)).map((t) => t.help.saves));
    // Only what they do together that neither does by itself.
    if (help && help.saves > 1.2 * Math.max(LEAST, alone) + LEAST) found.push(help);
  }
  return rank(found);
}

/** Whether an idea is worth a line; of a table at which nothing is done it is enough that its going costs nothing. */
const isWorth = ({ kind, saves, places }: Help): boolean =>
  saves > LEAST || places > 0 || (kind === 'unused' && saves > -LEAST && places >= 0);

/** Two ideas at once: of those that help little by themselves, the most promising pairs that change different rows. */
function pairsOf(tries: ReadonlyArray<{ idea: Idea; help: Help }>): Array<Idea & { of: string[] }> {
  const rows = (idea: Idea) => new Set(idea.changes.map((c) => `${c.table} ${c.id}`));
  const near = [...tries]
    .filter((t) => t.help.saves > -1 && PAIRED.has(t.idea.kind))
    .sort((a, b) => b.help.saves - a.help.saves)
    .slice(0, 5);
  return near.flatMap((a, i) =>
    near.slice(i + 1).flatMap((b) => {
      const own = rows(a.idea);
      if ([...rows(b.idea)].some((r) => own.has(r))) return [];
      return [
        {
          id: `pair ${a.idea.id} ${b.idea.id}`.slice(0, 200),
          kind: 'pair' as const,
          title: `${a.idea.title}, and ${b.idea.title.charAt(0).toLowerCase()}${b.idea.title.slice(1)}`,
          changes: [...a.idea.changes, ...b.idea.changes],
          price: a.idea.price === null || b.idea.price === null ? null : a.idea.price + b.idea.price,
          basis: 'planned' as const,
          of: [a.idea.id, b.idea.id],
        },
      ];
    }),
  );
}

function tried(
  plan: Plan,
  base: Filled,
  idea: Idea,
  options: AdviseOptions,
  before: ReadonlyMap<string, string>,
): Help | null {
  const changed = applyChanges(base.plan, idea.changes).plan;
  const after = fill(changed, options);
  if (after.errors > base.errors) return null;
  const saves = base.minutes - after.minutes;
  const { id, kind, title, price, basis } = idea;
  return {
    id,
    kind,
    title,
    price,
    basis,
    saves,
    minutes: after.minutes,
    places: base.without - after.without,
    moves: [...placesOf(after.plan)].filter(([supply, at]) => before.has(supply) && before.get(supply) !== at).length,
    moneyAMinute: moneyAMinute(price, saves),
    changes: merged(plan, [...base.changes, ...idea.changes, ...after.changes]),
  };
}

function labelled(plan: Plan, idea: Idea, minutes: number): Help {
  const after = evaluate(applyChanges(plan, idea.changes).plan).week.today.minutes;
  const { id, kind, title, price, basis, changes } = idea;
  const saves = minutes - after;
  return { id, kind, title, price, basis, changes, saves, minutes: after, places: 0, moves: 0, moneyAMinute: 0 };
}

/** Money for each minute a week that is saved; null when the price is not known, or nothing is saved. */
export function moneyAMinute(price: number | null, saves: number): number | null {
  return price === null || saves <= 0 ? null : price / saves;
}

/** Runs all of it. */
export function adviseAll(plan: Plan, options: AdviseOptions): Help[] {
  return toEnd(advise(plan, options));
}

/** Most minutes saved first. */
function rank(found: readonly Help[]): Help[] {
  return [...found].sort((a, b) => b.saves - a.saves || (a.id < b.id ? -1 : 1));
}

/** Where each supply is planned. */
function placesOf(plan: Plan): Map<string, string> {
  const rows = Object.values(plan.placements).filter((p) => p.arrangement === 'planned');
  const at = (p: Placement) => `${p.unit}/${p.slot}/${p.container ?? ''} ${p.count}`;
  return new Map([...groupBy(rows, (p) => p.supply)].map(([supply, list]) => [supply, list.map(at).sort().join()]));
}

/** One change for each row: what was said last, with what was said before where that is not said again. */
function merged(plan: Plan, changes: readonly Change[]): Change[] {
  const rows = new Map<string, Change>();
  for (const change of changes) {
    const key = `${change.table} ${change.id}`;
    const before = rows.get(key);
    rows.delete(key);
    rows.set(
      key,
      before && 'set' in before && 'set' in change ? { ...change, set: { ...before.set, ...change.set } } : change,
    );
  }
  return [...rows.values()].filter((c) => 'set' in c || plan[c.table as TableName][c.id] !== undefined);
}
