/** What a place costs a supply: seconds of its fetches and, listed apart, penalties for broken wishes. */
import { element, totalSeconds } from '../fetch/elements.ts';
import { PUBLISHED, type Constants } from '../model/constants.ts';
import type { Approach } from '../fetch/approach.ts';
import { diggingElements, fetchSeconds, type Lookup } from '../fetch/fetch.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Digging } from '../fit/digging.ts';
import { massEach } from '../fit/fit.ts';
import type { Arrangement, Supply } from '../model/plan.ts';
import { usesOf, type Scene } from '../scene/scene.ts';
import { unsortedLooks, lookedThrough } from '../zones/searchTime.ts';
import { usedInPlace } from './atWork.ts';
import { hazardsOf, type Penalty } from './hazards.ts';
import { CLOSED } from './rules.ts';

/** What else lies in a compartment, as far as it costs time. */
export interface Crowd {
  /** Lines of supplies there that are looked through, this one included. */
  lines: number;
  /** Further lines of its home, in other places: the name of a home does not say in which of them it is. */
  elsewhere?: number;
  /** Taken width as a share of the inside width; above 1 things lie on and before each other. */
  share: number;
  /** Other things that lie before it, seen from the front. */
  behind?: number;
  /** What finding one among its own line takes, by how they lie. */
  digging?: Digging;
}

/** Whether a label, or a clear side, tells today what is in a place. */
export function isLabelled(scene: Scene, compartment: Compartment): boolean {
  const box = compartment.container === null ? null : scene.plan.containers[compartment.container]!;
  return box ? box.labelled || box.seeThrough : scene.plan.units[compartment.unit]!.labelled;
}

/** How a supply is found in a compartment of an arrangement. A plan counts on its labels; today only on those that are there. */
export function lookupIn(
  scene: Scene,
  supply: Supply,
  compartment: Compartment,
  crowd: Crowd,
  arrangement: Arrangement,
): Lookup {
  const unit = scene.plan.units[compartment.unit]!;
  const heap = unsortedLooks(scene, supply.id);
  const known = arrangement === 'planned' || isLabelled(scene, compartment) || !CLOSED.has(compartment.access);
  return {
    lines: lookedThrough(supply) === 0 ? 1 : crowd.lines + (crowd.elsewhere ?? 0),
    known,
    alike:
      unit.kind === 'drawer unit'
        ? unit.tiers.length
        : unit.kind === 'cabinet'
          ? unit.bays.flatMap((b) => b.cells).filter((c) => CLOSED.has(c.access)).length || 1
          : 1,
    loose: supply.form === 'loose',
    ...(usedInPlace(scene, supply, compartment) ? { inPlace: true } : {}),
    ...(crowd.digging ? { digging: crowd.digging } : {}),
    kilograms: (massEach(supply) ?? (supply.form === 'machine' ? MACHINE : 0)) / 1000,
    ...(heap === null ? {} : { heap }),
    // Of what lies too much, half is in front or on top of the one that is wanted.
    aside: (crowd.share > 1 ? ((1 - 1 / crowd.share) * crowd.lines) / 2 : 0) + (crowd.behind ?? 0),
  };
}

/** The penalties of a supply in a compartment on the way from a seat: heavy things high or low, and what is wrong with the place itself. */
export function penaltiesOf(scene: Scene, supply: Supply, compartment: Compartment, way: Approach): Penalty[] {
  return [...heavyPenalty(supply, way), ...hazardsOf(scene, supply, compartment)];
}

/** A machine that nobody weighed, g. Common practice, no source. */
const MACHINE = 5000;

/** Heavy things lie low: judged at the height band of the way. */
function heavyPenalty(supply: Supply, way: Approach): Penalty[] {
  const machine = supply.form === 'machine';
  const mass = massEach(supply) ?? (machine ? MACHINE : null);
  // A machine is lifted with both hands, however light it is.
  const from = machine ? 0 : way.constants.heavyFrom;
  if (
    supply.form !== 'sheets' &&
    supply.form !== 'loose' &&
    mass !== null &&
    mass > from * 1000 &&
    way.band !== 'easy' &&
    way.band !== 'low'
  ) {
    const seconds = (mass / 1000 - from) * way.constants.heavyPerKilo;
    return [
      {
        code: 'heavy',
        seconds,
        words: `heavy, and ${way.band === 'floor' ? 'on the floor' : way.band === 'high' ? 'above the shoulder' : 'above overhead reach'}`,
      },
    ];
  }
  return [];
}

/** Seconds of one fetch (and return) of a supply from a station out of a compartment, without penalties. */
export function secondsFrom(
  scene: Scene,
  supply: Supply,
  compartment: Compartment,
  station: string,
  crowd: Crowd,
  arrangement: Arrangement,
): number {
  return fetchSeconds(
    scene.approaches.get(station)!.get(compartment.id)!,
    lookupIn(scene, supply, compartment, crowd, arrangement),
    supply.goesBack,
  );
}

/** Cost of all of a supply in a compartment, seconds a week. */
export interface PlaceCost {
  /** Fetches and returns. */
  fetching: number;
  penalty: number;
  fetches: number;
}

/** Cost of a supply in a compartment with what else lies there. */
export function placeCost(
  scene: Scene,
  supply: Supply,
  compartment: Compartment,
  crowd: Crowd,
  arrangement: Arrangement,
): PlaceCost {
  let [fetching, penalty, fetches] = [0, 0, 0];
  const uses = usesOf(scene, supply.id);
  const hazards = uses.length === 0 ? [] : hazardsOf(scene, supply, compartment);
  for (const use of uses) {
    const way = scene.approaches.get(use.seat)!.get(compartment.id)!;
    fetching += use.fetches * secondsFrom(scene, supply, compartment, use.seat, crowd, arrangement);
    penalty += use.fetches * [...heavyPenalty(supply, way), ...hazards].reduce((s, p) => s + p.seconds, 0);
    fetches += use.fetches;
  }
  return { fetching, penalty, fetches };
}

/** Seconds that finding and getting out one of its line adds to a fetch, by how they lie. */
export function diggingSeconds(digging: Digging, constants: Constants): number {
  const grasp = digging.jumble
    ? element('pick from a jumble', 1, constants).seconds - element('grasp', 1, constants).seconds
    : 0;
  return totalSeconds(diggingElements(digging, constants)) + grasp;
}

/** Seconds that looking through n lines adds to a fetch; the part of a cost that depends on what else lies there. */
export function lookSeconds(lines: number, constants: Constants = PUBLISHED): number {
  return lines > 1 ? element('search', (lines + 1) / 2, constants).seconds : 0;
}
