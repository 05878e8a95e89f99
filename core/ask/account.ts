/** One fetch, opened down to its elements: seconds, constants and sources. What the command line, the screen and print show. */
import { CONSTANTS, type ConstantKey } from '../model/constants.ts';
import { type Scene } from '../scene/scene.ts';
import { seatKey } from '../scene/seatKey.ts';
import { TIMES, totalSeconds, type Element } from '../fetch/elements.ts';
import type { Approach } from '../fetch/approach.ts';
import { ALONE, fetchElements, returnElements } from '../fetch/fetch.ts';

interface AccountLine {
  kind: Element['kind'];
  quantity: number;
  unit: string;
  seconds: number;
  source: string;
  /** The constants it is made of, as they are now, and as published. */
  constants: Array<{ key: ConstantKey; value: number; published: number; unit: string }>;
}
export interface Account {
  from: string;
  to: string;
  person: string;
  ripple: Approach['ripple'];
  band: Approach['band'];
  walk: number;
  elements: AccountLine[];
  seconds: number;
  returning: AccountLine[];
  returnSeconds: number;
}

/** Elements with what they are made of. */
function accountLines(elements: readonly Element[], way: Approach): AccountLine[] {
  return elements.map((e) => {
    const timing = TIMES[e.kind];
    return {
      kind: e.kind,
      quantity: Math.round(e.quantity * 100) / 100,
      unit: timing.unit,
      seconds: e.seconds,
      source: timing.source,
      constants: [...timing.of, timing.motion].map((key) => ({
        key,
        value: way.constants[key],
        published: CONSTANTS[key].value,
        unit: CONSTANTS[key].unit,
      })),
    };
  });
}

/**
 * A fetch of one thing that lies alone and labelled.
 * @returns null when there is no such station, person or compartment
 */
export function accountOf(scene: Scene, from: string, to: string, person?: string): Account | null {
  const station = scene.plan.stations[from];
  if (!station) return null;
  const who = person ?? station.person;
  const way = scene.approaches.get(seatKey(station, who))?.get(to);
  if (!way) return null;
  const [there, back] = [fetchElements(way, ALONE), returnElements(way)];
  return {
    from,
    to,
    person: who,
    ripple: way.ripple,
    band: way.band,
    walk: way.walk,
    elements: accountLines(there, way),
    seconds: totalSeconds(there),
    returning: accountLines(back, way),
    returnSeconds: totalSeconds(back),
  };
}
