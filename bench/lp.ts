/** The assignment as a linear model for HiGHS, crowding, pairs and sorts left out: what the search is held against. */
import type { Problem } from '@heronstone/core/search/assignment.ts';

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
