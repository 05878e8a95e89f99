/** Last look at a filled room: what gets hot does not lie beside what burns, as long as another place holds it. */
import { burns } from '../checks/dangers.ts';
import { compartmentId } from '../scene/scene.ts';
import type { Placement, Supply } from '../model/plan.ts';
import { bestPlace, type Filling, type Part } from './filling.ts';

/** @param pinned what stays where it is */
export function keepApart(search: Filling, pinned: readonly Placement[]): void {
  const { plan, compartments } = search.scene;
  const index = new Map(compartments.map((c, i) => [c.id, i]));
  const fixed = pinned.map((p) => ({ at: index.get(compartmentId(p)) ?? -1, supply: plan.supplies[p.supply]! }));
  const hot = (s: Supply) => s.traits.includes('hot');
  // What is used here does not go to another room for it.
  const room = (at: number) => plan.units[compartments[at]!.unit]!.elsewhere;
  const sameRoom = (a: number, b: number) => room(a) === room(b);
  const has = (at: number, what: (s: Supply) => boolean, but: Supply) =>
    [...search.parts, ...fixed].some((p) => p.at === at && p.supply !== but && what(p.supply));
  // What an exact layout found room for takes no strip: how much is left beside it is not known here.
  const exact = (at: number) => search.parts.some((p) => p.at === at && p.width === 0);
  const move = (part: Part, away: (s: Supply) => boolean): boolean => {
    search.drop(part);
    const place = bestPlace(
      search,
      part,
      part.at,
      (at) => !has(at, away, part.supply) && sameRoom(at, part.at) && !exact(at),
      true,
    );
    search.put(place ? { ...part, ...place } : part);
    return place !== null;
  };
  for (const part of search.parts.filter((p) => hot(p.supply))) {
    if (!has(part.at, burns, part.supply) || move(part, burns)) continue;
    // There is no place for it by itself: what burns goes.
    for (const other of search.parts.filter((p) => p.at === part.at && p !== part && burns(p.supply))) move(other, hot);
  }
}
