/** In what loose things are usually kept where nobody said it: cups, jars and boxes that are wanted, to be said no to. */
import { isMadeFor } from '../fit/limits.ts';
import { allCompartments } from '../furniture/compartments.ts';
import type { Change } from '../model/change.ts';
import { byName, type Plan, type Supply } from '../model/plan.ts';
import { settledUnits } from '../room/standing.ts';
import { fetchesAWeek, sceneOf } from '../scene/scene.ts';
import { holdersFilled } from './holderShapes.ts';
import { keepAllInHolders } from './keepHolders.ts';
import type { SaidHolder } from './line.ts';
import type { Known } from './usedFor.ts';

/** A thing and the holder that it wants. */
export interface WantedHolder {
  supply: Supply;
  held: SaidHolder;
}

/** From how many on loose things want a holder, how many of a thing there are at the most, and how long and how thick what stands in a cup is, mm. Common practice, no source. */
const SEVERAL = 3;
const MOST = 3;
const PEN = { length: 110, thick: 45 } as const;

function isSlender({ length, width, thickness }: Supply): boolean {
  const [long, wide] = [length, width, thickness].sort((a, b) => b - a) as [number, number];
  return long >= PEN.length && wide <= PEN.thick;
}

/** Loose things that lie in nothing yet and for which no piece of the room is made, what is fetched most first. */
export function wantedHolders(plan: Plan, { kinds }: Known): WantedHolder[] {
  const held = new Set(Object.values(plan.placements).flatMap((p) => (p.container === null ? [] : [p.supply])));
  const places = allCompartments({ units: settledUnits(plan) });
  const scene = sceneOf(plan);
  return byName(plan.supplies)
    .flatMap((supply): WantedHolder[] => {
      if (held.has(supply.id) || supply.life === 'retired' || supply.season !== '' || supply.count < SEVERAL) return [];
      const word = kinds.find(supply.name)?.everyday?.keptIn;
      if (!word || places.some((c) => isMadeFor(supply, c))) return [];
      if (word === 'cup' && !isSlender(supply)) return [];
      return [{ supply, held: { word, number: Math.min(MOST, holdersFilled(supply, word)), litres: null } }];
    })
    .sort((a, b) => fetchesAWeek(scene, b.supply.id) - fetchesAWeek(scene, a.supply.id));
}

/** Keeps loose things in holders that are on the shopping list. @param without supplies whose owner wants none */
export function keepInUsualHolders(
  plan: Plan,
  known: Known,
  newId: () => string,
  without: ReadonlySet<string> = new Set(),
): Change[] {
  const wanted = wantedHolders(plan, known).filter((w) => !without.has(w.supply.id));
  return keepAllInHolders(
    plan,
    wanted.map(({ supply, held }) => ({ supply: supply.id, held })),
    newId,
    false,
  );
}
