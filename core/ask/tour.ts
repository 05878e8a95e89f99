/**
 * A trip that fetches several things at once: the shortest round from the seat past every place and back. Small rounds
 * exactly (Held & Karp 1962); larger ones by the best of several starts, improved by 2-opt (Croes 1958) and by moving
 * short stretches (Or 1976).
 */
import { floorOf } from '../room/floor.ts';
import { distance, type Point } from '../geometry/geometry.ts';
import { pathsFrom } from '../geometry/path.ts';
import { standing } from '../room/standing.ts';
import type { Arrangement, Plan } from '../model/plan.ts';
import { crowdAround, layPlace, type PackedPlace } from '../report/contents.ts';
import { compartmentId, contentsOf, openingOf, seatsOf, type Scene } from '../scene/scene.ts';
import { seatKey } from '../scene/seatKey.ts';
import { pace } from '../reach/body.ts';
import { lookupIn } from '../cost/cost.ts';
import { element, totalSeconds, type Element } from '../fetch/elements.ts';
import type { Approach } from '../fetch/approach.ts';
import { fetchElements } from '../fetch/fetch.ts';

/** With at most this many stops, all orders are covered. */
export const EXACT_STOPS = 12;

/** Length of a round that begins and ends at 0. */
export function roundLength(order: readonly number[], far: ReadonlyArray<readonly number[]>): number {
  let [sum, at] = [0, 0];
  for (const next of order) {
    sum += far[at]![next]!;
    at = next;
  }
  return sum + (order.length > 0 ? far[at]![0]! : 0);
}

/**
 * The order in which to visit places 1 to n - 1 from place 0 and back.
 * @param far distances between all places, the same both ways, and none longer than a way round by another place
 */
export function shortestRound(far: ReadonlyArray<readonly number[]>): number[] {
  const stops = far.length - 1;
  if (stops <= 2) return Array.from({ length: Math.max(0, stops) }, (_, i) => i + 1);
  return stops <= EXACT_STOPS ? exactly(far) : nearly(far);
}

function exactly(far: ReadonlyArray<readonly number[]>): number[] {
  const n = far.length - 1;
  const full = 1 << n;
  const best = new Float64Array(full * n).fill(Infinity);
  const before = new Int8Array(full * n).fill(-1);
  for (let i = 0; i < n; i++) best[(1 << i) * n + i] = far[0]![i + 1]!;
  for (let set = 1; set < full; set++)
    for (let last = 0; last < n; last++) {
      const so = best[set * n + last]!;
      if (so === Infinity || !(set & (1 << last))) continue;
      for (let next = 0; next < n; next++) {
        if (set & (1 << next)) continue;
        const at = (set | (1 << next)) * n + next;
        const length = so + far[last + 1]![next + 1]!;
        if (length < best[at]!) {
          best[at] = length;
          before[at] = last;
        }
      }
    }
  let [last, least] = [0, Infinity];
  for (let i = 0; i < n; i++) {
    const length = best[(full - 1) * n + i]! + far[i + 1]![0]!;
    if (length < least) [last, least] = [i, length];
  }
  const order: number[] = [];
  for (let set = full - 1; set > 0 && last >= 0;) {
    order.unshift(last + 1);
    const previous = before[set * n + last]!;
    set &= ~(1 << last);
    last = previous;
  }
  return order;
}

function nearly(far: ReadonlyArray<readonly number[]>): number[] {
  const n = far.length;
  let best: number[] | null = null;
  for (let start = 1; start < n; start++) {
    // Nearest next, from each first stop once; then improved.
    const left = new Set(Array.from({ length: n - 1 }, (_, i) => i + 1));
    const order = [start];
    left.delete(start);
    while (left.size > 0) {
      const at = order.at(-1)!;
      let next = -1;
      for (const j of left) if (next < 0 || far[at]![j]! < far[at]![next]!) next = j;
      order.push(next);
      left.delete(next);
    }
    const improved = improve(order, far);
    if (!best || roundLength(improved, far) < roundLength(best, far) - 1e-9) best = improved;
  }
  return best!;
}

function improve(start: readonly number[], far: ReadonlyArray<readonly number[]>): number[] {
  const tour = [0, ...start];
  const n = tour.length;
  const d = (i: number, j: number) => far[tour[((i % n) + n) % n]!]![tour[((j % n) + n) % n]!]!;
  for (let better = true; better;) {
    better = false;
    for (let i = 0; i < n - 1; i++)
      for (let j = i + 2; j < n; j++) {
        if (i === 0 && j === n - 1) continue;
        if (d(i, j) + d(i + 1, j + 1) < d(i, i + 1) + d(j, j + 1) - 1e-9) {
          const turned = tour.slice(i + 1, j + 1).reverse();
          tour.splice(i + 1, turned.length, ...turned);
          better = true;
        }
      }
    for (let size = 1; size <= 3; size++)
      for (let i = 1; i + size <= n; i++) {
        const part = tour.slice(i, i + size);
        const rest = [...tour.slice(0, i), ...tour.slice(i + size)];
        const f = (a: number, b: number) => far[a]![b]!;
        const [p, q] = [rest[i - 1]!, rest[i % rest.length]!];
        const gain = f(p, part[0]!) + f(part.at(-1)!, q) - f(p, q);
        let [at, cost, turn] = [-1, gain - 1e-9, false];
        for (let k = 0; k < rest.length; k++) {
          const [a, b] = [rest[k]!, rest[(k + 1) % rest.length]!];
          for (const back of [false, true]) {
            const [s, e] = back ? [part.at(-1)!, part[0]!] : [part[0]!, part.at(-1)!];
            const added = f(a, s) + f(e, b) - f(a, b);
            if (added < cost) [at, cost, turn] = [k, added, back];
          }
        }
        if (at >= 0) {
          rest.splice(at + 1, 0, ...(turn ? part.reverse() : part));
          tour.splice(0, n, ...rest);
          better = true;
        }
      }
  }
  const zero = tour.indexOf(0);
  return [...tour.slice(zero + 1), ...tour.slice(0, zero)];
}

interface Stop {
  /** The opening at which one stands, and what is taken out of it. */
  compartment: string;
  supplies: string[];
}
export interface Tour {
  station: string;
  /** In the order of the round. */
  stops: Stop[];
  /** What is in hand from the seat, without a round. */
  atHand: Stop[];
  /** Not in the plan's arrangement. */
  without: string[];
  /** The round, mm; and its seconds with everything that is done at the stops. */
  length: number;
  seconds: number;
  /** The same things fetched one by one, s. */
  singly: number;
  /** Whether the order is known to be the shortest. */
  exact: boolean;
}

/**
 * The pull list of an activity as one round: everything that a session uses, from one of its stations.
 * @returns null for an activity without a station
 */
export function pullTour(scene: Scene, activityId: string, arrangement: Arrangement): Tour | null {
  const { plan } = scene;
  const activity = plan.activities[activityId];
  const stationId = activity && seatsOf(plan, activity)[0];
  if (!activity || stationId === undefined) return null;
  const wanted = Object.values(plan.uses).flatMap((u) => (u.activity === activityId ? [u.supply] : []));
  return roundFor(scene, stationId, activity.person, wanted, arrangement);
}

/**
 * One round from a station past the places of supplies and back.
 * @param who null for the person of the station
 */
export function roundFor(
  scene: Scene,
  stationId: string,
  who: string | null,
  supplies: readonly string[],
  arrangement: Arrangement,
): Tour {
  const { plan } = scene;
  const station = plan.stations[stationId]!;
  const person = who ?? station.person;
  const ways = scene.approaches.get(seatKey(station, person))!;
  const wanted = new Set(supplies);
  const stops = new Map<string, Stop & { elements: Element[] }>();
  const found = new Set<string>();
  let singly = 0;
  const contents = contentsOf(scene, arrangement);
  const lying = new Map<string, PackedPlace>();
  for (const p of Object.values(plan.placements)) {
    if (p.arrangement !== arrangement || !wanted.has(p.supply) || found.has(p.supply)) continue;
    const compartment = scene.compartment.get(compartmentId(p));
    if (!compartment) continue;
    found.add(p.supply);
    const way = ways.get(compartment.id)!;
    // Looked for among what lies there, as the week counts it.
    const list = contents.get(compartment.id)!;
    let there = lying.get(compartment.id);
    if (!there) lying.set(compartment.id, (there = layPlace(scene, compartment, list, arrangement)));
    const crowd = crowdAround(scene, compartment, list, list.indexOf(p), there);
    const find = lookupIn(scene, plan.supplies[p.supply]!, compartment, crowd, arrangement);
    const all = fetchElements(way, find);
    singly += totalSeconds(all);
    const opening = openingOf(compartment.id);
    const stop = stops.get(opening) ?? { compartment: opening, supplies: [], elements: [] };
    stop.supplies.push(p.supply);
    stop.elements.push(...atPlace(all, way, stop.supplies.length > 1));
    stops.set(opening, stop);
  }
  const strip = ({ compartment, supplies }: Stop): Stop => ({ compartment, supplies });
  const near = [...stops.values()].filter((s) => ways.get(s.compartment)!.ripple <= 3);
  const far = [...stops.values()].filter((s) => ways.get(s.compartment)!.ripple > 3);
  const constants = scene.constants;
  const stride = pace(plan.people[person]!.stature, constants);
  // Between furniture a pace takes longer.
  const pacing = Object.keys(plan.corners).length >= 3 ? 'walk round furniture' : 'walk';
  const matrix = distances(
    plan,
    scene,
    station,
    far.map((s) => s.compartment),
    stride / element(pacing, 1, constants).seconds,
  );
  const order = shortestRound(matrix);
  const round = order.map((i) => far[i - 1]!);
  const length = roundLength(order, matrix);
  const sits = station.posture === 'seated' && !plan.people[person]!.wheelchair;
  const walking: Element[] =
    far.length === 0
      ? []
      : [
          ...(sits ? [element('push the chair back', 1, constants), element('stand up', 1, constants)] : []),
          // Going from each place one turns, and turns to face it; and to face the work at the end.
          element('turn', 1 + far.length, constants),
          element(pacing, Math.max(1, length / stride), constants),
          element('turn round', 1 + far.length, constants),
          ...(sits ? [element('sit down', 1, constants), element('draw the chair up', 1, constants)] : []),
        ];
  return {
    station: stationId,
    stops: round.map(strip),
    atHand: near.map(strip),
    without: [...wanted].filter((s) => !found.has(s)),
    length,
    seconds:
      totalSeconds(walking) +
      far.reduce((sum, s) => sum + totalSeconds(s.elements), 0) +
      near.reduce((sum, s) => sum + totalSeconds(s.elements), 0),
    singly,
    exact: far.length <= EXACT_STOPS,
  };
}

const ON_THE_WAY: ReadonlySet<Element['kind']> = new Set([
  'walk',
  'walk round furniture',
  'push the chair back',
  'draw the chair up',
  'turn',
  'turn round',
  'stand up',
  'sit down',
  'roll',
  'go elsewhere',
]);
/** What is done at the place itself; for a further thing out of the same place only looking and taking. */
function atPlace(all: readonly Element[], way: Approach, again: boolean): Element[] {
  const here = way.ripple > 3 ? all.filter((e) => !ON_THE_WAY.has(e.kind)) : [...all];
  if (!again) return here;
  const done = new Set([...way.go, ...way.open, ...way.close, ...way.come].map((e) => e.kind));
  return here.filter((e) => !done.has(e.kind));
}

/** Walking distances between the seat and all places, mm; what is elsewhere counts as its time at a walk. */
function distances(
  plan: Plan,
  scene: Scene,
  seat: Point & { id: string },
  places: readonly string[],
  /** mm in a second, walking. */
  speed: number,
): number[][] {
  const here = standing(plan);
  const floor = Object.keys(plan.corners).length >= 3 ? floorOf(here) : null;
  const walks = scene.walks.get(seat.id)!;
  const stands = places.map((id) => walks.get(id)!.path?.points.at(-1) ?? scene.compartment.get(id)!.stand);
  const away = places.map((id) => {
    const row = plan.units[scene.compartment.get(id)!.unit]!.elsewhere;
    return row === null ? 0 : plan.elsewheres[row]!.seconds;
  });
  const points: Point[] = [seat, ...stands];
  const extra = [0, ...away.map((s) => s * speed)];
  const matrix = points.map((from, i) => {
    const paths = floor ? pathsFrom(floor, from, points) : null;
    return points.map((to, j) => {
      if (i === j) return 0;
      const path = paths?.[j];
      const inRoom =
        extra[i]! + extra[j]! > 0 ? 0 : path && typeof path !== 'string' ? path.length : distance(from, to);
      return inRoom + (extra[i] === extra[j] ? 0 : extra[i]! + extra[j]!);
    });
  });
  // The same both ways, whichever was found shorter.
  for (let i = 0; i < matrix.length; i++)
    for (let j = 0; j < i; j++) matrix[i]![j] = matrix[j]![i] = Math.min(matrix[i]![j]!, matrix[j]![i]!);
  return matrix;
}
