/** Why something lies where it lies: the elements of its fetch, reasons in words, and what other places would cost. */
import { alternativesFor, cheapness, mainSeat, type Alternative } from './alternatives.ts';
import type { Element } from '../fetch/elements.ts';
import { fetchElements, returnElements } from '../fetch/fetch.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { evaluator, type PlacementReport, type Report } from '../report/evaluate.ts';
import { applyChanges, set } from '../model/change.ts';
import { formatLength, listed } from '../model/measure.ts';
import { once } from '../model/memo.ts';
import type { Plan } from '../model/plan.ts';
import { lying } from '../fit/fit.ts';
import { fitsTightly } from '../fit/tighten.ts';
import { lookupIn } from '../cost/cost.ts';
import { wantedOf } from '../cost/sortingCost.ts';
import { contentsOf, sceneOf, type Scene } from '../scene/scene.ts';
import { apartFrom } from '../zones/separations.ts';
import { heldBy, homeOfPlacement } from '../zones/named.ts';

/** A cheaper place in which a thing does not lie, and what would have to change for it to lie there. */
export interface Nearer {
  compartment: string;
  place: string;
  /** Seconds of each fetch, and minutes a week, by which it is cheaper. */
  seconds: number;
  minutes: number;
  cause: 'full' | 'growth' | 'too small' | 'rule' | 'apart' | 'name' | 'home' | 'looking' | 'order';
  /** What would have to change, in words. */
  words: string;
}

export interface Explanation {
  placement: string;
  elements: Element[];
  returning: Element[];
  reasons: string[];
  /** The best other places with room for it, cheapest first, and by how many minutes the whole week changes with it there. */
  nextBest: Array<Alternative & { week: number }>;
  /** Cheaper places, and why it does not lie there. */
  nearer: Nearer[];
}

/** How many other places are named. */
const NAMED = 3;
const NOISE = 1e-6;

/**
 * Why a placement is where it is: elements of its fetch, the strongest reasons in words, the next best places, and what
 * would have to change for it to lie nearer.
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
  const nextBest = withWeeks(scene, p, others.filter((a) => a.fits >= p.count && a.barred === null).slice(0, NAMED));
  const nearer = nearerThan(scene, p, here, others);
  const station = mainSeat(scene, p.supply);
  const way = station ? scene.approaches.get(station)!.get(compartment.id)! : null;
  const find = lookupIn(scene, supply, compartment, p.crowd, p.arrangement);
  return {
    placement: placementId,
    elements: way ? fetchElements(way, find) : [],
    returning: way && supply.goesBack ? returnElements(way, find) : [],
    reasons: [
      ...(p.pinned ? ['You keep it here.'] : []),
      ...atHome(scene, report, p),
      ...howOften(plan, p),
      ...(find.inPlace ? ['It is used where it stands, so nobody carries it.'] : []),
      ...rank(p, all),
      ...belongs(scene, report, p),
      ...against(p, nearer, nextBest),
      ...howItLies(plan, p, compartment),
    ],
    nextBest,
    nearer,
  };
}

/** Measures plans that differ little from one: what is known of it is kept. */
const measuring = once((_: Plan) => evaluator());

/** Other places with the change of the whole week: what lies there and what stays behind is found slower or quicker, too. */
function withWeeks(scene: Scene, p: PlacementReport, places: readonly Alternative[]): Explanation['nextBest'] {
  const { plan } = scene;
  const measured = measuring(plan);
  const minutes = (of: Plan) => measured(of).week[p.arrangement].minutes;
  const now = places.length > 0 ? minutes(plan) : 0;
  return places.map((a) => {
    const { unit, slot, container } = scene.compartment.get(a.compartment)!;
    const moved = set('placements', p.id, { unit, slot, container, orientation: null, part: null });
    return { ...a, week: minutes(applyChanges(plan, [moved]).plan) - now };
  });
}

/** Cheaper places with what keeps the thing out of each, most minutes first; of each cause the strongest come first. */
function nearerThan(scene: Scene, p: PlacementReport, here: Alternative, others: readonly Alternative[]): Nearer[] {
  const idle = p.fetchesPerWeek === 0;
  const found: Nearer[] = [];
  for (const a of others) {
    const seconds = here.secondsPerFetch - a.secondsPerFetch;
    const minutes = here.minutesPerWeek - a.minutesPerWeek;
    if (idle ? seconds < NOISE : minutes < NOISE) continue;
    const why = keptOut(scene, p, here, a);
    if (why) found.push({ compartment: a.compartment, place: a.place, seconds, minutes, ...why });
  }
  const first = new Map<string, Nearer>();
  for (const n of found) if (!first.has(n.cause)) first.set(n.cause, n);
  const named = new Set([...first.values(), ...found].slice(0, Math.max(NAMED, first.size)));
  return found.filter((n) => named.has(n));
}

function keptOut(
  scene: Scene,
  p: PlacementReport,
  here: Alternative,
  a: Alternative,
): Pick<Nearer, 'cause' | 'words'> | null {
  if (a.barred) return { cause: 'rule', words: `a rule is against it: ${a.barred.words}` };
  if (a.fitsEmpty < p.count)
    return {
      cause: 'too small',
      words:
        a.fitsEmpty === 0
          ? `it ${/^\d/.test(a.reason ?? '') ? 'is ' : ''}${a.reason}`
          : `it holds ${a.fitsEmpty} of ${p.count}`,
    };
  if (a.fits < p.count) {
    const names = a.displaces.map((d) => `${d.name} (${often(d.fetchesPerWeek)})`);
    if (names.length === 0) return { cause: 'full', words: 'it is full with what you keep there' };
    return { cause: 'full', words: `it is full; ${listed(names)} would have to go` };
  }
  if (!leavesRoom(scene, p, a))
    return scene.plan.meta.roomToGrow === 0
      ? { cause: 'full', words: 'it would fit only if what lies there lay in another way' }
      : {
          cause: 'growth',
          words: `it would fit, but then nothing there could grow: ${percent(scene)} of each place is kept free`,
        };
  const beside = apartThere(scene, p, a);
  if (beside) return { cause: 'apart', words: `it is kept apart from ${beside}, which lies there` };
  if (cheapness(a, here) < 0) return null;
  return heldBack(scene, p, here, a);
}

/** What weighs more than the seconds that a place would save: a name, a home, others that are looked through longer. */
function heldBack(
  scene: Scene,
  p: PlacementReport,
  here: Alternative,
  a: Alternative,
): Pick<Nearer, 'cause' | 'words'> {
  const { plan } = scene;
  const there = (contentsOf(scene, p.arrangement).get(a.compartment) ?? []).filter((o) => o.id !== p.id);
  const own = plan.placements[p.id]!;
  const saved = here.minutesPerWeek - a.minutesPerWeek;
  const looking = a.crowdMinutes - here.crowdMinutes;
  const sorted = wantedOf(scene).sorted(p.supply);
  if (sorted && heldBy(scene, a.compartment, [...there, own]) > heldBy(scene, a.compartment, there)) {
    const names = [...new Set(there.map((o) => homeOfPlacement(scene, o).name))];
    return {
      cause: 'name',
      words: `with ${listed(names)} it would hold too many homes to be named`,
    };
  }
  if (looking >= saved - NOISE || looking > a.orderMinutes - here.orderMinutes)
    return {
      cause: 'looking',
      words: `one more line there would make the ${there.length === 1 ? 'other one' : `other ${there.length}`} be looked through longer, ${seconds(looking)} s a week in all`,
    };
  if (sorted && homeOfPlacement(scene, own).supplies.length > 1)
    return { cause: 'home', words: `it would tear the home “${homeOfPlacement(scene, own).name}”` };
  return { cause: 'order', words: sorted ? 'it would break the order' : 'it would part what belongs together' };
}

const seconds = (minutes: number) => Math.max(1, Math.round(minutes * 60));

/** The name of what lies in a place and is to lie apart from a thing; null where nothing is. */
function apartThere(scene: Scene, p: PlacementReport, a: Alternative): string | null {
  const not = apartFrom(scene.plan).get(p.supply);
  if (!not) return null;
  const other = (contentsOf(scene, p.arrangement).get(a.compartment) ?? []).find((o) => not.has(o.supply));
  return other ? scene.plan.supplies[other.supply]!.name : null;
}

const percent = (scene: Scene) => `${Math.round(scene.plan.meta.roomToGrow * 100)} %`;

/** Whether the room to grow of a place is still free when the thing lies there. */
function leavesRoom(scene: Scene, p: PlacementReport, a: Alternative): boolean {
  const { plan } = scene;
  const c = scene.compartment.get(a.compartment)!;
  const others = (contentsOf(scene, p.arrangement).get(c.id) ?? []).filter((o) => o.id !== p.id);
  const there = others.map((o) => lying(plan.supplies[o.supply]!, o.count, c, o.orientation));
  const fixed = (scene.standing[p.arrangement].get(c.id) ?? []).flatMap((s) => (s.rect ? [s.rect] : []));
  return fitsTightly(c, there, plan.supplies[p.supply]!, p.count, fixed, plan.meta.roomToGrow) !== null;
}

const often = (n: number) => (n === 0 ? 'not fetched' : `${times(n)} a week`);
const times = (n: number) => (n >= 10 ? String(Math.round(n)) : String(Number(n.toFixed(1))));

function howOften(plan: Plan, p: PlacementReport): string[] {
  const reasons: string[] = [];
  const inUse = Object.values(plan.placements).some(
    (o) => o.supply === p.supply && o.arrangement === p.arrangement && !o.spare,
  );
  if (p.spare)
    reasons.push(
      inUse || p.fetchesPerWeek === 0
        ? 'These are spares: fetched only when the working stock is used up.'
        : 'All of it is called spare, so it is fetched from here like anything in use.',
    );
  if (p.fetchesPerWeek > 0) {
    const stations = [...new Set(p.from.map((u) => plan.stations[u.station]!.name))];
    const n = times(p.fetchesPerWeek);
    const start = n === '1' ? 'Fetched once a week' : `Fetched ${n} times a week`;
    reasons.push(
      stations.length === 1
        ? `${start}, all at ${stations[0]}.`
        : `${start}, from ${stations.length} stations, most at ${stations[0]}.`,
    );
  } else if (p.fits === 0) reasons.push('It does not fit here as it is, so nothing is fetched from here.');
  else reasons.push('Nobody fetches it in an ordinary week, so the near places are left to other things.');
  return reasons;
}

/** Where it stands among the places that could hold it, and how many a rule takes away. */
function rank(p: PlacementReport, all: readonly Alternative[]): string[] {
  const reasons: string[] = [];
  const possible = all.filter((a) => a.fitsEmpty >= p.count && (a.barred === null || a.compartment === p.compartment));
  if (p.fetchesPerWeek > 0 && possible.length > 1) {
    const before = possible.filter((a) => a.secondsPerFetch < p.secondsPerFetch - NOISE).length;
    const seconds = possible.map((a) => a.secondsPerFetch).sort((a, b) => a - b)[Math.floor(possible.length / 2)]!;
    reasons.push(
      `${p.secondsPerFetch.toFixed(1)} s a fetch: ${before === 0 ? 'the quickest' : `number ${before + 1}`} of ${possible.length} places that hold it; half of them take ${seconds.toFixed(1)} s or more.`,
    );
  }
  const closed = all.filter((a) => a.barred !== null && a.fitsEmpty >= p.count);
  const [first] = closed;
  if (first?.barred) {
    const same = closed.filter((a) => a.barred!.code === first.barred!.code).length;
    reasons.push(`${same === 1 ? `${first.place} is` : `${same} places are`} ruled out: ${first.barred.words}.`);
  }
  const { barred } = p;
  if (barred) reasons.push(`A rule is against this place: ${barred.words}.`);
  return reasons;
}

/** Its zone and its home, and how much of that lies here. */
function atHome(scene: Scene, report: Report, p: PlacementReport): string[] {
  const home = homeOfPlacement(scene, scene.plan.placements[p.id]!);
  const zone = report.zones.find((z) => z.id === home.zone);
  const where = zone ? `, in zone ${zone.letter} · ${zone.name}` : '';
  if (home.supplies.length < 2) return [`It is a home of its own${where}.`];
  const mine = Object.values(report.placements).filter(
    (o) => o.arrangement === p.arrangement && homeOfPlacement(scene, scene.plan.placements[o.id]!) === home,
  );
  const here = mine.filter((o) => o.compartment === p.compartment).length;
  const rest = mine.length - here;
  return [
    `Its home is “${home.name}”${where}: ${rest === 0 ? `all ${here} of its supplies lie here` : `${here} of its ${mine.length} supplies lie here`}.`,
  ];
}

/** What of its set lies here or beside it. */
function belongs(scene: Scene, report: Report, p: PlacementReport): string[] {
  const { plan } = scene;
  const { sets } = wantedOf(scene);
  const mine = Object.values(report.placements).filter((o) => o.arrangement === p.arrangement && !o.spare);
  const unit = plan.placements[p.id]!.unit;
  const reasons: string[] = [];
  for (const [, ids] of sets) {
    if (!ids.includes(p.supply)) continue;
    const near = mine.filter(
      (o) => o.supply !== p.supply && ids.includes(o.supply) && plan.placements[o.id]!.unit === unit,
    );
    const names = [...new Set(near.map((o) => plan.supplies[o.supply]!.name))];
    if (names.length > 0)
      reasons.push(
        `It belongs with ${listed(names)}, which ${names.length === 1 ? 'lies' : 'lie'} in ${plan.units[unit]!.name} too.`,
      );
  }
  return reasons;
}

function against(p: PlacementReport, nearer: readonly Nearer[], nextBest: readonly Alternative[]): string[] {
  const [full] = nearer.filter((n) => n.cause === 'full');
  if (full) return [`${full.place} would be ${full.seconds.toFixed(1)} s nearer, but ${full.words}.`];
  const [next] = nextBest;
  if (next && next.secondsPerFetch >= p.secondsPerFetch)
    return [
      `The next best, ${next.place}, takes ${(next.secondsPerFetch - p.secondsPerFetch).toFixed(1)} s more each time.`,
    ];
  return [];
}

function howItLies(plan: Plan, p: PlacementReport, compartment: Compartment): string[] {
  const reasons: string[] = [];
  if (p.lie)
    reasons.push(
      `${formatLength(compartment.inside.height, plan.meta.units)} high inside: ${p.fits === p.count ? `${p.count === 1 ? 'it fits' : `all ${p.count} fit`}` : `${p.fits} of ${p.count} fit`} ${p.how}.`,
    );
  for (const penalty of p.penalties.slice(0, 1))
    reasons.push(`It is ${penalty.words}: ${penalty.seconds.toFixed(0)} s are added to each fetch.`);
  return reasons;
}
