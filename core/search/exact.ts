/** Small problems to the end: every assignment that could still be better than the best so far, by branch and bound (Land & Doig 1960). */
import { costOf, NOISE, type Problem } from './assignment.ts';

/** The most items, and the most steps: a part of a second. */
const FEW = 8;
const STEPS = 60_000;

/**
 * Looks for a better answer than one that is known. What a thing costs in a place by itself is the least it can cost there, since
 * crowding, pairs and homes only add to it.
 * @param known an answer @returns a better one, or null when there is none or it would take too long to know
 */
export function better(p: Problem, known: ArrayLike<number>, cost: number): Int32Array | null {
  if (p.items === 0 || p.items > FEW) return null;
  const choices = Array.from({ length: p.items }, (_, i) => {
    const own: Array<{ at: number; cost: number }> = [{ at: -1, cost: p.without[i]! }];
    for (let j = 0, k = i * p.places; j < p.places; j++, k++)
      if (p.cost[k]! < Infinity && p.size[k]! <= p.capacity[j]! + NOISE) own.push({ at: j, cost: p.cost[k]! });
    return own.sort((a, b) => a.cost - b.cost);
  });
  // The hardest choice first: where a second best costs most.
  const order = choices
    .map((list, i) => ({ i, regret: (list[1]?.cost ?? Infinity) - list[0]!.cost }))
    .sort((a, b) => b.regret - a.regret || a.i - b.i)
    .map(({ i }) => i);
  const rest = new Float64Array(p.items + 1);
  for (let n = p.items - 1; n >= 0; n--) rest[n] = rest[n + 1]! + choices[order[n]!]![0]!.cost;
  const at = Int32Array.from(known);
  at.fill(-2);
  const left = Float64Array.from(p.capacity);
  let [best, least, steps]: [Int32Array | null, number, number] = [null, cost - 1e-7, 0];
  const may = (i: number, j: number) => {
    const not = p.conflicts.get(i);
    for (let k = 0; k < p.items; k++)
      if (at[k] === j && ((p.group[i]! >= 0 && p.group[i] === p.group[k]) || not?.has(k))) return false;
    return true;
  };
  const go = (n: number, so: number): void => {
    if (steps++ > STEPS) return;
    if (n === p.items) {
      const whole = costOf(p, at);
      if (whole < least) [least, best] = [whole, Int32Array.from(at)];
      return;
    }
    const i = order[n]!;
    for (const { at: j, cost: own } of choices[i]!) {
      if (so + own + rest[n + 1]! >= least) break;
      const size = j < 0 ? 0 : p.size[i * p.places + j]!;
      if (j >= 0 && (size > left[j]! + NOISE || !may(i, j))) continue;
      at[i] = j;
      if (j >= 0) left[j]! -= size;
      go(n + 1, so + own);
      if (j >= 0) left[j]! += size;
      at[i] = -2;
    }
  };
  go(0, 0);
  return best;
}
