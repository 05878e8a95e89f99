/** What each place is called, and whether that name says where to look: no other place has it but its neighbours in the same run. */
import { keepOf } from '../cost/keeps.ts';
import { groupBy } from '../model/groups.ts';
import { byCompartment } from '../furniture/compartments.ts';
import type { Scene } from '../scene/scene.ts';
import { nameOfPlace, type Named } from '../zones/named.ts';
import { runsOf } from '../zones/neighbours.ts';

/** The name of a place, and whether it can be named. */
export interface PlaceName {
  homes: string[];
  name: string;
  canBeNamed: boolean;
}

/** Every place by its id. Neighbours that hold one thing are counted through: "Card, 1 of 3". */
export function placeNames(scene: Scene, named: Named): Map<string, PlaceName> {
  const names = new Map<string, PlaceName>();
  for (const p of named.places.values()) {
    const odds = keepOf(scene.plan, scene.compartment.get(p.id)!)?.for === 'odds';
    const { name, says } = nameOfPlace(scene, named, p);
    names.set(p.id, {
      homes: p.of.map((h) => h.id),
      name: odds ? 'Odds and ends' : name,
      canBeNamed: odds || (p.tooMany === 0 && says),
    });
  }
  // "Paints · Brushes" says the same as "Brushes · Paints".
  const said = (id: string) => names.get(id)!.name.split(' · ').sort().join(' · ');
  for (const ids of groupBy(names.keys(), said).values()) {
    if (ids.length < 2) continue;
    const { name } = names.get(ids[0]!)!;
    const runs = runsOf(scene, ids);
    if (runs.length > 1) for (const id of ids) names.get(id)!.canBeNamed = false;
    for (const run of runs) {
      if (run.length < 2) continue;
      const inOrder = run.map((id) => scene.compartment.get(id)!).sort(byCompartment);
      for (const [n, { id }] of inOrder.entries()) names.get(id)!.name = `${name}, ${n + 1} of ${run.length}`;
    }
  }
  return names;
}
