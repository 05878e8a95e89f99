/** Finding a supply or a place by a few letters. */
import MiniSearch from 'minisearch';
import { byName, type Arrangement, type Plan } from '../model/plan.ts';
import type { Report } from '../evaluate.ts';

export interface Found {
  kind: 'supply' | 'place';
  /** Supply id or compartment id. */
  id: string;
  name: string;
  /** Where it lies, in the chosen arrangement. */
  places: Array<{ placement: string; compartment: string; place: string; count: number; fits: number }>;
  /** Owned in all, for a supply; lines inside, for a place. */
  count: number;
}

export interface Finder {
  find: (words: string, most?: number) => Found[];
}

/** Builds an index of all supplies and places of a plan. */
export function finderOf(plan: Plan, report: Report, arrangement: Arrangement): Finder {
  const index = new MiniSearch<{ id: string; name: string; more: string }>({
    fields: ['name', 'more'],
    searchOptions: {
      prefix: true,
      fuzzy: (term) => (term.length > 3 ? 0.25 : false),
      boost: { name: 3 },
      combineWith: 'AND',
    },
  });
  const uses = new Map<string, string[]>();
  for (const use of Object.values(plan.uses))
    uses.set(use.supply, [...(uses.get(use.supply) ?? []), plan.activities[use.activity]!.name]);
  index.addAll(
    byName(plan.supplies).map((s) => ({
      id: `supply ${s.id}`,
      name: s.name,
      more: `${s.category} ${s.note} ${(uses.get(s.id) ?? []).join(' ')}`,
    })),
  );
  index.addAll(report.compartments.map((c) => ({ id: `place ${c.id}`, name: c.name, more: '' })));
  const bySupply = new Map<string, Found['places']>();
  for (const p of Object.values(report.placements)) {
    if (p.arrangement !== arrangement) continue;
    bySupply.set(p.supply, [
      ...(bySupply.get(p.supply) ?? []),
      { placement: p.id, compartment: p.compartment, place: p.place, count: p.count, fits: p.fits },
    ]);
  }
  const compartments = new Map(report.compartments.map((c) => [c.id, c]));
  return {
    find: (words, most = 30) =>
      index
        .search(words)
        .slice(0, most)
        .map(({ id: key }): Found => {
          const [kind, id] = [key.slice(0, key.indexOf(' ')), key.slice(key.indexOf(' ') + 1)];
          if (kind === 'supply')
            return {
              kind: 'supply',
              id,
              name: plan.supplies[id]!.name,
              count: plan.supplies[id]!.count,
              places: bySupply.get(id) ?? [],
            };
          const c = compartments.get(id)!;
          const inside = c.contents[arrangement].map((pid) => report.placements[pid]!);
          return {
            kind: 'place',
            id,
            name: c.name,
            count: inside.length,
            places: inside.map((p) => ({
              placement: p.id,
              compartment: id,
              place: c.name,
              count: p.count,
              fits: p.fits,
            })),
          };
        }),
  };
}
