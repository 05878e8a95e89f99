/** Last look at names: out of a place that holds too many homes or kinds one home goes elsewhere, as long as that weighs less. */
import { groupBy } from '../model/groups.ts';
import { compartmentId } from '../scene/scene.ts';
import type { Placement } from '../model/plan.ts';
import { heldBy, homeOfPlacement } from '../zones/named.ts';
import { bestPlace, type Filling, type Part } from './filling.ts';

/** @param pinned what stays where it is */
export function unmix(search: Filling, pinned: readonly Placement[]): void {
  const { scene } = search;
  const said = (p: Part) => ({ supply: p.supply.id, spare: p.spare });
  for (const [at, place] of scene.compartments.entries()) {
    const fixed = pinned.filter((p) => compartmentId(p) === place.id);
    const there = () => search.parts.filter((p) => p.at === at);
    const tooMany = () => heldBy(scene, [...fixed, ...there().map(said)]);
    if (there().length < 2 || tooMany() === 0) continue;
    // The homes with the fewest parts first: the place keeps the name of the others.
    const homes = groupBy(there(), (p) => homeOfPlacement(scene, said(p)));
    for (const parts of [...homes.values()].sort((a, b) => a.length - b.length)) {
      if (tooMany() === 0) break;
      // What an exact layout found room for takes no strip: how much is left without it is not known here.
      if (parts.some((p) => p.width === 0)) continue;
      const before = tooMany() * scene.constants.tangled + parts.reduce((n, p) => n + search.added(p, at, p.lie), 0);
      for (const p of parts) search.drop(p);
      const moved: Part[] = [];
      let after = tooMany() * scene.constants.tangled;
      for (const p of parts) {
        const to = bestPlace(search, p, at, () => true, true);
        if (!to) break;
        after += search.added(p, to.at, to.lie) + search.tangled(p, to.at);
        const next = { ...p, ...to };
        search.put(next);
        moved.push(next);
      }
      if (moved.length === parts.length && after < before) continue;
      for (const m of moved) search.drop(m);
      for (const p of parts) search.put(p);
    }
  }
}
