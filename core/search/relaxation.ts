/**
 * The assignment as a linear model for HiGHS. Its relaxation, in which a thing may lie in parts in many places, costs no more
 * than any filling of the room: crowding, pairs and sorts are left out, and none of them is below nothing.
 */
import type { Plan } from '../model/plan.ts';
import type { Problem } from './assignment.ts';
import { LEFT_OUT } from './problem.ts';
import { beginningOf, type SolveOptions } from './solve.ts';

/**
 * The relaxation of what a search is given, as text for HiGHS. With k things left out, no filling costs less than its
 * optimum less k times `leftOut`, in seconds a week.
 */
export function relaxationOf(plan: Plan, options: SolveOptions): { text: string; leftOut: number } {
  return { text: lpText(beginningOf(plan, options).problem, false), leftOut: LEFT_OUT };
}

/** The model in the LP format that HiGHS reads. @param whole whether things must lie whole in one place */
export function lpText(p: Problem, whole: boolean): string {
  const terms: string[] = [];
  const rows: string[] = [];
  const names: string[] = [];
  const rooms: string[][] = Array.from({ length: p.places }, () => []);
  for (let i = 0; i < p.items; i++) {
    const own = [`u${i}`];
    terms.push(`${p.without[i]!.toFixed(5)} u${i}`);
    names.push(`u${i}`);
    for (let j = 0; j < p.places; j++) {
      const at = i * p.places + j;
      if (p.cost[at] === Infinity || p.size[at]! > p.capacity[j]!) continue;
      const name = `x${i}_${j}`;
      names.push(name);
      own.push(name);
      terms.push(`${p.cost[at]!.toFixed(5)} ${name}`);
      rooms[j]!.push(`${p.size[at]!.toFixed(5)} ${name}`);
    }
    rows.push(` a${i}: ${own.join(' + ')} = 1`);
  }
  rooms.forEach((list, j) => {
    if (list.length > 0) rows.push(` r${j}: ${list.join(' + ')} <= ${p.capacity[j]!.toFixed(5)}`);
  });
  return `Minimize\n obj: ${terms.join(' + ')}\nSubject To\n${rows.join('\n')}\nBounds\n${names.map((n) => ` 0 <= ${n} <= 1`).join('\n')}\n${whole ? `Binary\n ${names.join(' ')}\n` : ''}End`;
}
