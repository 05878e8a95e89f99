/** What a place costs a supply: seconds of its fetches and, listed apart, penalties for broken wishes (methods.md 5). */
import { element } from '../fetch/elements.ts';
import { fetchSeconds, type Finding, type Way } from '../fetch/fetch.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { massEach } from '../fit/fit.ts';
import type { Arrangement, Supply } from '../model/plan.ts';
import { usesOf, type Scene } from '../scene.ts';

/** Seconds that one look along a row of things takes: what every further line in a compartment adds half of to each fetch. */
const LOOK_SECONDS = element('look').seconds;

/** D4, heavy low: from this mass a piece is heavy, g; and seconds that each kilogram above adds to a fetch from a bad height. Our constants, no source. */
export const HEAVY = { from: 2000, secondsPerKilo: 2 } as const;

/** Seconds that hunting for a thing without a place takes on each fetch. Our constant, no source. */
export const HUNT_SECONDS = 60;

/** Fronts through which one does not see. */
const CLOSED: ReadonlySet<string> = new Set(['drawer', 'pull-out', 'door', 'lid']);

export interface Penalty {
  code: 'heavy';
  /** Seconds on each fetch. */
  seconds: number;
  words: string;
}

/** What else lies in a compartment, as far as it costs time. */
export interface Crowd {
  /** Lines of supplies there, this one included. */
  lines: number;
  /** Taken width as a share of the inside width; above 1 things lie on and before each other. */
  share: number;
}

/** How a supply is found in a compartment of an arrangement. A plan counts on its labels; today only on those that are there. */
export function findingIn(
  scene: Scene,
  supply: Supply,
  compartment: Compartment,
  crowd: Crowd,
  arrangement: Arrangement,
): Finding {
  const unit = scene.plan.units[compartment.unit]!;
  const box = compartment.container === null ? null : scene.plan.containers[compartment.container]!;
  const labelled = box ? box.labelled || box.seeThrough : unit.labelled;
  const known = arrangement === 'planned' || labelled || !CLOSED.has(compartment.access);
  return {
    lines: crowd.lines,
    known,
    alike:
      unit.kind === 'drawer unit'
        ? unit.tiers.length
        : unit.kind === 'cabinet'
          ? unit.bays.flatMap((b) => b.cells).filter((c) => CLOSED.has(c.access)).length || 1
          : 1,
    loose: supply.form === 'loose',
    // Of what lies too much, half is in front or on top of the one that is wanted.
    aside: crowd.share > 1 ? ((1 - 1 / crowd.share) * crowd.lines) / 2 : 0,
  };
}

/** The penalties of a supply in a compartment; the same whoever fetches it, but judged at the height band of the way. */
export function penaltiesOf(supply: Supply, way: Way): Penalty[] {
  const mass = massEach(supply);
  if (
    supply.form !== 'sheets' &&
    supply.form !== 'loose' &&
    mass !== null &&
    mass > HEAVY.from &&
    way.band !== 'easy' &&
    way.band !== 'low'
  ) {
    const seconds = ((mass - HEAVY.from) / 1000) * HEAVY.secondsPerKilo;
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
    scene.ways.get(station)!.get(compartment.id)!,
    findingIn(scene, supply, compartment, crowd, arrangement),
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
  for (const use of usesOf(scene, supply.id)) {
    fetching += use.fetches * secondsFrom(scene, supply, compartment, use.seat, crowd, arrangement);
    penalty +=
      use.fetches *
      penaltiesOf(supply, scene.ways.get(use.seat)!.get(compartment.id)!).reduce((sum, p) => sum + p.seconds, 0);
    fetches += use.fetches;
  }
  return { fetching, penalty, fetches };
}

/** Seconds that looking through n lines adds to a fetch; the part of a cost that depends on what else lies there. */
export function searchSeconds(lines: number): number {
  return lines > 1 ? ((lines + 1) / 2) * LOOK_SECONDS : 0;
}
