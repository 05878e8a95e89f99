/** What a filling comes to: its parts as placements, and its seconds. */
import type { Placement } from '../model/plan.ts';
import { compartmentId, fetchesAWeek, type Scene } from '../scene/scene.ts';
import type { Filling, Left, Part } from './filling.ts';

/** Seconds a week of what has a place, with hunting for the rest and what the wished order weighs. */
export function total(search: Filling, unplaced: readonly Left[]): number {
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

/** Parts as planned placements; what stays where it is planned keeps its id. */
export function asPlacements(scene: Scene, parts: readonly Part[], pinned: readonly Placement[]): Placement[] {
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
