/** Furniture, containers and things as money: what is wanted against what is owned. */
import { byName, type Plan } from '../model/plan.ts';
import type { Shopping } from './report.ts';

/** What is wanted against what is owned, with the money that is known. */
export function shoppingOf(plan: Plan): Shopping {
  const units = byName(plan.units);
  const wanted = units.filter((u) => !u.owned);
  const owned = units.filter((u) => u.owned);
  const containers = wantedContainers(plan);
  const sum = (list: ReadonlyArray<{ price: number | null }>) => list.reduce((total, u) => total + (u.price ?? 0), 0);
  const unknown = (list: ReadonlyArray<{ price: number | null }>) => list.filter((u) => u.price === null).length;
  return {
    wanted: wanted.map((u) => ({ unit: u.id, name: u.name, price: u.price })),
    containers,
    things: byName(plan.supplies).flatMap((s) => (s.toBuy > 0 ? [{ supply: s.id, name: s.name, count: s.toBuy }] : [])),
    cost: sum(wanted) + containers.reduce((total, c) => total + (c.price ?? 0) * c.count, 0),
    unpriced: unknown(wanted) + unknown(containers),
    owned: { count: owned.length, worth: sum(owned), unpriced: unknown(owned) },
  };
}

/** Planned containers that are not owned, the same ones together. */
function wantedContainers(plan: Plan): Shopping['containers'] {
  const lines = new Map<string, Shopping['containers'][number]>();
  for (const c of byName(plan.containers)) {
    if (c.owned || c.arrangement !== 'planned') continue;
    const key = [c.kind, c.width, c.depth, c.height, c.insideWidth, c.lid, c.seeThrough, c.price].join(' ');
    const line = lines.get(key);
    const place = `${plan.units[c.unit]!.name} ${c.slot}`;
    if (line) {
      line.count++;
      if (!line.places.includes(place)) line.places.push(place);
    } else
      lines.set(key, {
        kind: c.kind,
        size: [c.width, c.depth, c.height],
        lid: c.lid !== 'none',
        count: 1,
        price: c.price,
        places: [place],
        names: [],
      });
    lines.get(key)!.names.push(c.name);
  }
  return [...lines.values()].sort((a, b) => a.kind.localeCompare(b.kind, 'en') || b.size[0]! - a.size[0]!);
}
