/** How well a furnished room serves before anything is in it: the minutes a week of a usual stock. */
import { ALONE, fetchSeconds } from '../fetch/fetch.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Plan } from '../model/plan.ts';
import { sceneOf, seatsOf } from '../scene/scene.ts';

/** Fetches a week that a seat makes, and over how many litres they thin out to a third. Common practice, no source. */
const FETCHES = 250;
const LITRES = 40;
/** Share of a place that is filled; what is used most lies in one layer, and on an open shelf in front, mm. Common practice, no source. */
const FILLED = 0.6;
const LAYER = 120;
const IN_FRONT = 250;

/** Room for what is used most, litres. */
function litresOf({ inside, access }: Compartment): number {
  const deep = access === 'drawer' || access === 'pull-out' ? inside.depth : Math.min(inside.depth, IN_FRONT);
  return (FILLED * inside.width * deep * Math.min(inside.height, LAYER)) / 1e6;
}

/**
 * Minutes a week of fetching a stock that is used at each seat as much as is done there, and lies as near to it as it can: what is used most fills
 * the quickest places, litre by litre, what is used less the next ones.
 */
export function minutesOfUsualStock(plan: Plan): number {
  const scene = sceneOf(plan);
  let seconds = 0;
  const done = Object.values(plan.activities).flatMap((a) => seatsOf(plan, a));
  for (const { id } of scene.stations) {
    // Where nothing is done nothing is fetched; while nobody has said what is done where, every seat counts.
    const share = done.length === 0 ? 1 / scene.stations.length : done.filter((s) => s === id).length / done.length;
    if (share === 0) continue;
    const places = scene.compartments
      .filter((c) => c.container === null && !(c.access === 'top' && plan.units[c.unit]!.kind === 'table'))
      .map((c) => ({
        litres: litresOf(c),
        seconds: fetchSeconds(scene.approaches.get(id)!.get(c.id)!, ALONE, true),
      }))
      .sort((a, b) => a.seconds - b.seconds);
    let before = 0;
    for (const place of places) {
      // Fetches of the litres from `before` on: their density falls off exponentially.
      const part = Math.exp(-before / LITRES) - Math.exp(-(before + place.litres) / LITRES);
      seconds += FETCHES * share * part * place.seconds;
      before += place.litres;
    }
    // What finds no room is fetched from outside the room.
    seconds += FETCHES * share * Math.exp(-before / LITRES) * OUTSIDE;
  }
  return seconds / 60;
}

/** Seconds for what is in no place of the room: to fetch it from the next room. Common practice, no source. */
const OUTSIDE = 40;
