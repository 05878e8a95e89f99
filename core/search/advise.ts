/**
 * What would help most: each idea is made, things stay where they are planned or the room is filled again from there, and the
 * minutes are compared with those of the plan in hand, so that who follows it has them.
 */
import { groupBy, toEnd } from '../model/groups.ts';
import { evaluate } from '../report/evaluate.ts';
import { applyChanges, type Change } from '../model/change.ts';
import type { Placement, Plan, TableName } from '../model/plan.ts';
import type { Idea, UnitType } from './ideas/idea.ts';
import { ideasFor } from './ideas/ideas.ts';
import { changesTo, solveAll } from './solve.ts';

/** An idea with what it saves. */
export interface Help extends Pick<Idea, 'id' | 'kind' | 'title' | 'price' | 'basis'> {
  /** Minutes a week that it saves against the plan in hand, all together as the week of the report has them. */
  saves: number;
  /** How many of them filling again would save without it. */
  again: number;
  /** Minutes a week with it. */
  minutes: number;
  /** Supplies that find a place by it, and such that lose theirs (negative). */
  places: number;
  /** How many supplies lie elsewhere than in the plan. */
  moves: number;
  /** Money for a minute a week of its own; null when the price is not known. */
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
  /** How many lines lie in the one run of their home. */
  together: number;
}

/** A plan as it is, some changes made. */
function made(plan: Plan, changes: Change[]): Filled {
  const after = applyChanges(plan, changes).plan;
  const { week, errors, names } = evaluate(after);
  const { minutes, without } = week.planned;
  return { plan: after, changes, minutes, without, errors, together: names.planned.linesTogether };
}

/** The same filled again, beginning with where things are planned. */
function filledAgain(from: Filled, { seed, moves = MOVES }: AdviseOptions): Filled {
  const { plan } = from;
  const start = Object.values(plan.placements).filter((p) => p.arrangement === 'planned');
  const solution = solveAll(plan, { seed, moves, ...(start.length > 0 ? { start } : {}) });
  const again = made(plan, changesTo(plan, solution));
  return { ...again, changes: [...from.changes, ...again.changes] };
}

/** The plan in hand, what filling it again comes to, and from which of the two ideas begin. */
interface Base {
  inHand: Filled;
  from: Filled;
  /** Minutes a week that filling again saves. */
  again: number;
  places: ReadonlyMap<string, string>;
}

function baseOf(plan: Plan, options: AdviseOptions): Base {
  const inHand = made(plan, []);
  const again = filledAgain(inHand, options);
  const better =
    again.minutes < inHand.minutes - LEAST &&
    again.errors <= inHand.errors &&
    again.without <= inHand.without &&
    again.together >= inHand.together;
  const from = better ? again : inHand;
  return { inHand, from, again: inHand.minutes - from.minutes, places: placesOf(plan) };
}

/** Filling again as an idea of its own, where it saves something. */
const REFILL: Pick<Idea, 'id' | 'kind' | 'title' | 'price' | 'basis'> = {
  ...{ id: 'again', kind: 'again', title: 'Put a few things elsewhere, with the furniture as it is' },
  ...{ price: 0, basis: 'planned' },
};

/**
 * Tries one idea after another. A generator, so that a worker can show what was found and be stopped.
 * @returns what helps, most minutes saved first
 */
export function* advise(plan: Plan, options: AdviseOptions): Generator<Advising, Help[]> {
  const ideas = ideasFor(plan, options.types);
  const base = baseOf(plan, options);
  const today = evaluate(plan).week.today;
  const found: Help[] = base.again > 0 ? [helpOf(plan, base, REFILL, base.from)] : [];
  const tries: Array<{ idea: Idea; help: Help }> = [];
  const at = (done: number, title: string): Advising => ({ done, of: ideas.length, title, found: rank(found) });
  for (const [done, idea] of ideas.entries()) {
    yield at(done, idea.title);
    if (options.stop?.()) break;
    const help = idea.basis === 'today' ? labelled(plan, idea, today.minutes) : tried(plan, base, idea, options);
    if (!help) continue;
    if (idea.basis === 'planned') tries.push({ idea, help });
    if (isWorth(help)) found.push(help);
  }
  for (const [n, idea] of pairsOf(tries).entries()) {
    yield at(ideas.length, idea.title);
    if (options.stop?.() || n >= PAIRS) break;
    const help = tried(plan, base, idea, options);
    const alone = Math.max(0, ...tries.filter((t) => idea.of.includes(t.idea.id)).map((t) => ownOf(t.help)));
    // Only what they do together that neither does by itself.
    if (help && ownOf(help) > 1.2 * Math.max(LEAST, alone) + LEAST) found.push(help);
  }
  return rank(found);
}

/** Minutes a week that an idea saves itself, beyond filling again. */
export const ownOf = ({ saves, again }: Pick<Help, 'saves' | 'again'>): number => saves - again;

/** Whether an idea is worth a line; of a table at which nothing is done it is enough that its going costs nothing. */
function isWorth(help: Help): boolean {
  const own = ownOf(help);
  return own > LEAST || help.places > 0 || (help.kind === 'unused' && own > -LEAST && help.places >= 0);
}

/** Two ideas at once: of those that help little by themselves, the most promising pairs that change different rows. */
function pairsOf(tries: ReadonlyArray<{ idea: Idea; help: Help }>): Array<Idea & { of: string[] }> {
  const rows = (idea: Idea) => new Set(idea.changes.map((c) => `${c.table} ${c.id}`));
  const near = [...tries]
    .filter((t) => ownOf(t.help) > -1 && PAIRED.has(t.idea.kind))
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

/** An idea made: with things where they are planned, or filled again from there where that saves more. */
function tried(plan: Plan, base: Base, idea: Idea, options: AdviseOptions): Help | null {
  const { from } = base;
  const done = made(from.plan, idea.changes);
  const again = filledAgain(done, options);
  const fine = (f: Filled) => f.errors <= base.inHand.errors;
  const after =
    fine(done) && done.without <= again.without && (done.minutes <= again.minutes + LEAST || !fine(again))
      ? done
      : again;
  return fine(after) ? helpOf(plan, base, idea, { ...after, changes: [...from.changes, ...after.changes] }) : null;
}

function helpOf(plan: Plan, base: Base, idea: Omit<Idea, 'changes'>, after: Filled): Help {
  const { id, kind, title, price, basis } = idea;
  const { inHand, again, places } = base;
  const saves = inHand.minutes - after.minutes;
  return {
    ...{ id, kind, title, price, basis, saves, again: kind === 'again' ? 0 : again, minutes: after.minutes },
    places: inHand.without - after.without,
    moves: [...placesOf(after.plan)].filter(([supply, at]) => places.has(supply) && places.get(supply) !== at).length,
    moneyAMinute: moneyAMinute(price, saves - again),
    changes: merged(plan, after.changes),
  };
}

function labelled(plan: Plan, idea: Idea, minutes: number): Help {
  const after = evaluate(applyChanges(plan, idea.changes).plan).week.today.minutes;
  const { id, kind, title, price, basis, changes } = idea;
  const saves = minutes - after;
  return {
    id,
    kind,
    title,
    price,
    basis,
    changes,
    saves,
    again: 0,
    minutes: after,
    places: 0,
    moves: 0,
    moneyAMinute: 0,
  };
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
