/** What of today becomes what of the plan: containers that are the same ones, places by their keys, and how many supplies move. */
import { byName, type Container, type Placement, type Plan } from '../model/plan.ts';

type Row = Pick<Placement, 'unit' | 'slot' | 'container'>;
const now = (row: { arrangement: string }) => row.arrangement !== 'planned';

/** The key of the place of a row. */
export const placeKey = (row: Row) => (row.container === null ? `${row.unit}/${row.slot}` : `#${row.container}`);

/** Id that a planned container gets among those of today. */
export function idOfNew(plan: Plan, planned: string): string {
  for (let n = 1; ; n++) {
    const id = `${planned.slice(0, 58)}_n${n}`;
    if (!plan.containers[id]) return id;
  }
}

/** Which container of today becomes which planned one: as settled by an earlier move, else same shape, most in common first. */
export function becoming(plan: Plan): Map<string, string> {
  const shape = (c: Container) =>
    [c.kind, c.width, c.depth, c.height, c.insideWidth, c.insideDepth, c.insideHeight].join();
  /** What lies in a container, one line for a supply however many rows say it. */
  const inside = (id: string) => {
    const sums = new Map<string, number>();
    for (const p of Object.values(plan.placements))
      if (p.container === id) sums.set(p.supply, (sums.get(p.supply) ?? 0) + p.count);
    return new Set([...sums].map(([supply, count]) => `${supply} ${count}`));
  };
  const olds = byName(plan.containers).filter(now);
  const news = byName(plan.containers).filter((c) => !now(c));
  const pairs = news.flatMap((to) => {
    const wanted = inside(to.id);
    return olds
      .filter((from) => shape(from) === shape(to) && (from.parent === null) === (to.parent === null))
      .map((from) => {
        const held = inside(from.id);
        const common = [...held].filter((x) => wanted.has(x)).length;
        const same = common === held.size && common === wanted.size;
        const place = from.unit === to.unit && from.slot === to.slot;
        const score = common * 4 + (same && common > 0 ? 100 : 0) + (place ? 3 : 0) + (from.name === to.name ? 2 : 0);
        return { from: from.id, to: to.id, score };
      });
  });
  pairs.sort((a, b) => b.score - a.score || (a.to < b.to ? -1 : a.to > b.to ? 1 : a.from < b.from ? -1 : 1));
  const becomes = new Map<string, string>();
  const taken = new Set<string>();
  for (const own of olds) {
    if (own.becomes === null || plan.containers[own.becomes]?.arrangement !== 'planned' || becomes.has(own.becomes))
      continue;
    becomes.set(own.becomes, own.id);
    taken.add(own.id);
  }
  for (const { from, to } of pairs) {
    if (becomes.has(to) || taken.has(from)) continue;
    becomes.set(to, from);
    taken.add(from);
  }
  for (const c of news) if (!becomes.has(c.id)) becomes.set(c.id, idOfNew(plan, c.id));
  return becomes;
}

/** Supplies that lie elsewhere in the plan than today. */
export function countMoves(plan: Plan): number {
  const becomes = becoming(plan);
  const where = { today: new Map<string, string[]>(), planned: new Map<string, string[]>() };
  for (const p of Object.values(plan.placements)) {
    if (p.arrangement === 'staged') continue;
    const list = where[p.arrangement].get(p.supply) ?? [];
    // A container of today and the planned one that it becomes are the same place, wherever it stands meanwhile.
    const container = p.container !== null && p.arrangement === 'planned' ? becomes.get(p.container)! : p.container;
    list.push(`${placeKey({ ...p, container })}:${p.count}`);
    where[p.arrangement].set(p.supply, list);
  }
  let moves = 0;
  for (const [supply, places] of where.planned) {
    if (places.sort().join() !== (where.today.get(supply) ?? []).sort().join()) moves++;
  }
  return moves;
}
