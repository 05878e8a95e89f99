/** Rounds that belong to the move besides carrying: deciding and buying before it, cleaning and labelling within it. */
import { formatSize } from '../model/measure.ts';
import { constantsOf } from '../model/constants.ts';
import type { Report } from '../report/evaluate.ts';
import { byName, type Plan } from '../model/plan.ts';
import { openingOf } from '../scene/scene.ts';
import type { Move } from './move.ts';
import type { Load } from './loads.ts';

export interface Round {
  kind: 'decide' | 'buy' | 'clean' | 'label';
  /** One line for each thing to do. */
  lines: string[];
  /** Compartments where it is done; empty for the whole room. */
  places: string[];
  /** With the correction; buying is not counted. */
  seconds: number;
}

/** What comes before the first sitting. */
export function roundsBefore(plan: Plan, report: Report, pace: number): Round[] {
  const constants = constantsOf(plan.meta.constants);
  const undecided = byName(plan.supplies).filter((s) => s.decision === 'undecided');
  const rounds: Round[] = [];
  if (undecided.length > 0)
    rounds.push({
      kind: 'decide',
      lines: undecided.map((s) => s.name),
      places: [],
      seconds: undecided.length * constants.moveDecide * pace,
    });
  const { wanted, containers, things } = report.shopping;
  const buy = [
    ...wanted.map((w) => w.name),
    ...things.map((t) => (t.count > 1 ? `${t.count} ${t.name}` : t.name)),
    ...containers.map(
      (c) => `${c.count > 1 ? `${c.count} ` : ''}${c.names[0] ?? c.kind}, ${formatSize(c.size, plan.meta.units)}`,
    ),
  ];
  if (buy.length > 0) rounds.push({ kind: 'buy', lines: buy, places: [], seconds: 0 });
  return rounds;
}

/**
 * Places that are empty for a moment in a sitting are wiped, and places that are as planned at its end get their labels.
 * @param done loads that have arrived when the sitting is over
 */
export function roundsIn(
  plan: Plan,
  report: Report,
  moves: readonly Move[],
  loads: readonly Load[],
  done: ReadonlySet<string>,
  pace: number,
): Round[] {
  const constants = constantsOf(plan.meta.constants);
  const entered = new Set(
    moves.flatMap((m) => (m.kind !== 'lift out' && m.load.parks !== 'in' && m.to !== null ? [openingOf(m.to)] : [])),
  );
  const byPlace = report.compartments.filter((c) => c.container === null && entered.has(c.id));
  const into = (id: string) => loads.filter((l) => l.to === id && l.parks !== 'in');
  const outOf = (id: string) => loads.filter((l) => l.from === id && !l.staged && l.parks !== 'out');
  const emptied = byPlace.filter((c) => {
    const out = outOf(c.id);
    return out.length > 0 && out.length >= c.contents.today.length && moves.some((m) => m.load.from === c.id);
  });
  const ready = byPlace.filter(
    (c) => into(c.id).length > 0 && [...into(c.id), ...outOf(c.id)].every((l) => done.has(l.id)),
  );
  const rounds: Round[] = [];
  const add = (kind: Round['kind'], places: typeof byPlace, each: number) => {
    if (places.length > 0)
      rounds.push({
        kind,
        lines: places.map((c) => c.name),
        places: places.map((c) => c.id),
        seconds: places.length * each * pace,
      });
  };
  add('clean', emptied, constants.moveWipe);
  add('label', ready, constants.moveLabel);
  return rounds;
}
