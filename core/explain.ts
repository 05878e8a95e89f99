/** Why something lies where it lies: the elements of its fetch, reasons in words, and what other places would cost. */
import type { Element } from './fetch/elements.ts';
import { fetchElements, returnElements } from './fetch/fetch.ts';
import { inFront } from './contents.ts';
import { fit } from './fit/fit.ts';
import { layOut } from './fit/layout.ts';
import type { Compartment } from './furniture/compartments.ts';
import type { PlacementReport, Report } from './evaluate.ts';
import { formatLength } from './model/measure.ts';
import type { Arrangement, Plan } from './model/plan.ts';
import { findingIn, penaltiesOf, secondsFrom } from './place/cost.ts';
import { mayLieIn } from './place/rules.ts';
import type { Ripple } from './reach/body.ts';
import { contentsOf, sceneOf, usesOf, type Scene } from './scene.ts';

/** One way of placing a supply, for "why here" and "next best". */
export interface Alternative {
  compartment: string;
  place: string;
  ripple: Ripple;
  secondsPerFetch: number;
  /** Minutes a week, penalties included, if all of it lay there. */
  minutesPerWeek: number;
  /** How many of the count fit into what room is left. */
  fits: number;
  /** How many would fit if the place were empty. */
  fitsEmpty: number;
  reason: string | null;
}

export interface Explanation {
  placement: string;
  elements: Element[];
  returning: Element[];
  reasons: string[];
  /** The best other places with room for it, cheapest first. */
  nextBest: Alternative[];
  /** Cheaper places that are full. */
  fuller: Alternative[];
}

/**
 * Every place for a supply (or one placement of it), cheapest first.
 * @param placement the placement whose own room counts as free; null for a supply without a place
 */
export function alternativesFor(
  plan: Plan,
  supplyId: string,
  count: number,
  placement: string | null,
  arrangement: Arrangement = 'planned',
): Alternative[] {
  const scene = sceneOf(plan);
  const supply = plan.supplies[supplyId]!;
  const contents = contentsOf(scene, arrangement);
  const places = scene.compartments.filter(
    (c) => (c.only === null || c.only === arrangement) && mayLieIn(plan, supply, c),
  );
  const result = places.map((c): Alternative => {
    const others = (contents.get(c.id) ?? []).filter((p) => p.id !== placement);
    const standing = scene.standing[arrangement].get(c.id) ?? [];
    const items = others.map((p) => ({ supply: plan.supplies[p.supply]!, count: p.count, only: p.orientation }));
    const fixed = standing.flatMap((s) => (s.rect ? [s.rect] : []));
    const { laid, share } = layOut(c, [...items, { supply, count, only: null }], fixed, plan.meta.roomToGrow);
    const displaced = laid.slice(0, -1).some((l, i) => l.fits < items[i]!.count);
    const room = displaced ? 0 : laid.at(-1)!.fits;
    const empty = fit(supply, count, c, c.inside.width, null, plan.meta.units);
    const crowd = {
      lines: others.length + standing.length + 1,
      share,
      behind: inFront(c, laid, laid.length - 1, fixed),
    };
    let [seconds, fetches, penalty] = [0, 0, 0];
    for (const use of usesOf(scene, supplyId)) {
      const share = count / supply.count;
      seconds += secondsFrom(scene, supply, c, use.seat, crowd, arrangement) * use.fetches * share;
      penalty +=
        penaltiesOf(scene, supply, c, scene.ways.get(use.seat)!.get(c.id)!).reduce((sum, p) => sum + p.seconds, 0) *
        use.fetches *
        share;
      fetches += use.fetches * share;
    }
    const station = mainSeat(scene, supplyId);
    const idle = station ? secondsFrom(scene, supply, c, station, crowd, arrangement) : 0;
    return {
      compartment: c.id,
      place: c.name,
      ripple: station ? scene.ways.get(station)!.get(c.id)!.ripple : 5,
      secondsPerFetch: fetches > 0 ? seconds / fetches : idle,
      minutesPerWeek: (seconds + penalty) / 60,
      fits: room,
      fitsEmpty: empty.count,
      reason:
        room >= count ? null : (empty.reason ?? (room > 0 ? `only ${room} fit beside what lies there` : 'it is full')),
    };
  });
  return result.sort((a, b) => a.minutesPerWeek - b.minutesPerWeek || a.secondsPerFetch - b.secondsPerFetch);
}

function mainSeat(scene: Scene, supply: string): string | undefined {
  const uses = [...usesOf(scene, supply)].sort((a, b) => b.fetches - a.fetches);
  return uses[0]?.seat ?? scene.stations[0]?.id;
}

/**
 * Why a placement is where it is: elements of its fetch, the strongest reasons in words, and the next best places.
 * @throws Error when the placement is not in the plan or its compartment does not exist
 */
export function explain(plan: Plan, report: Report, placementId: string): Explanation {
  const p = report.placements[placementId];
  if (!p) throw new Error(`There is no placement “${placementId}” in a compartment of this plan.`);
  const scene = sceneOf(plan);
  const supply = plan.supplies[p.supply]!;
  const compartment = scene.compartment.get(p.compartment)!;
  const all = alternativesFor(plan, p.supply, p.count, placementId, p.arrangement);
  const here = all.find((a) => a.compartment === p.compartment)!;
  const others = all.filter((a) => a !== here);
  const nextBest = others.filter((a) => a.fits >= p.count).slice(0, 3);
  const cheaper = others.filter(
    (a) =>
      a.minutesPerWeek < here.minutesPerWeek - 1e-6 ||
      (p.fetchesPerWeek > 0 && a.secondsPerFetch < here.secondsPerFetch - 1e-6),
  );
  const fuller = cheaper.filter((a) => a.fits < p.count && a.fitsEmpty >= p.count).slice(0, 3);
  const station = mainSeat(scene, p.supply);
  const way = station ? scene.ways.get(station)!.get(compartment.id)! : null;
  const find = findingIn(scene, supply, compartment, p.crowd, p.arrangement);
  return {
    placement: placementId,
    elements: way ? fetchElements(way, find) : [],
    returning: way && supply.goesBack ? returnElements(way) : [],
    reasons: reasonsFor(plan, p, compartment, all, nextBest, fuller),
    nextBest,
    fuller,
  };
}

function reasonsFor(
  plan: Plan,
  p: PlacementReport,
  compartment: Compartment,
  all: readonly Alternative[],
  nextBest: readonly Alternative[],
  fuller: readonly Alternative[],
): string[] {
  const reasons: string[] = [];
  const times = (n: number) => (n >= 10 ? String(Math.round(n)) : String(Number(n.toFixed(1))));
  if (p.locked) reasons.push('You keep it here.');
  if (p.fetchesPerWeek > 0) {
    const stations = [...new Set(p.from.map((u) => plan.stations[u.station]!.name))];
    const n = times(p.fetchesPerWeek);
    const often = n === '1' ? 'Fetched once a week' : `Fetched ${n} times a week`;
    reasons.push(
      stations.length === 1
        ? `${often}, all at ${stations[0]}.`
        : `${often}, from ${stations.length} stations, most at ${stations[0]}.`,
    );
    const possible = all.filter((a) => a.fitsEmpty >= p.count);
    const rank = possible.filter((a) => a.secondsPerFetch < p.secondsPerFetch - 1e-6).length;
    const middle = possible[Math.floor(possible.length / 2)];
    if (possible.length > 1 && middle)
      reasons.push(
        `${p.secondsPerFetch.toFixed(1)} s a fetch: ${rank === 0 ? 'the quickest' : `number ${rank + 1}`} of ${possible.length} places that hold it; half of them take ${middle.secondsPerFetch.toFixed(1)} s or more.`,
      );
  } else reasons.push('Nobody fetches it in an ordinary week, so the near places are left to other things.');
  if (fuller[0])
    reasons.push(
      `${fuller[0].place} would be ${(p.secondsPerFetch - fuller[0].secondsPerFetch).toFixed(1)} s nearer, but is full.`,
    );
  else if (nextBest[0] && nextBest[0].secondsPerFetch >= p.secondsPerFetch)
    reasons.push(
      `The next best, ${nextBest[0].place}, takes ${(nextBest[0].secondsPerFetch - p.secondsPerFetch).toFixed(1)} s more each time.`,
    );
  if (p.lie)
    reasons.push(
      `${formatLength(compartment.inside.height, plan.meta.units)} high inside: ${p.fits === p.count ? `${p.count === 1 ? 'it fits' : `all ${p.count} fit`}` : `${p.fits} of ${p.count} fit`} ${p.how}.`,
    );
  for (const penalty of p.penalties.slice(0, 1))
    reasons.push(`It is ${penalty.words}: ${penalty.seconds.toFixed(0)} s are added to each fetch.`);
  return reasons;
}
