/** Every place for a supply with what it would cost there: seconds, rules, what would have to go. */
import { groupBy } from '../model/groups.ts';
import { inFront } from '../report/contents.ts';
import { diggingIn } from '../fit/digging.ts';
import { fit, lying } from '../fit/fit.ts';
import { layOut } from '../fit/layOut.ts';
import type { Rect } from '../geometry/pack/freeSpace.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Arrangement, Placement, Plan, Supply } from '../model/plan.ts';
import { linesElsewhere, lookedThrough, soughtAs } from '../zones/searchTime.ts';
import { lookSeconds, penaltiesOf, secondsFrom } from '../cost/cost.ts';
import { barredFrom, mayLieIn, type Barred } from '../cost/rules.ts';
import { orderOf, wantedOf } from '../cost/sortingCost.ts';
import { shareOf, sparesPlaced } from '../cost/stock.ts';
import { homeOfPlacement } from '../zones/named.ts';
import type { Ripple } from '../reach/body.ts';
import { compartmentId, contentsOf, fetchesAWeek, sceneOf, usesOf, type Scene } from '../scene/scene.ts';

/** What would have to go so that something else fits. */
interface Displaced {
  placement: string;
  name: string;
  fetchesPerWeek: number;
}

/** One way of placing a supply, for "why here" and "next best". */
export interface Alternative {
  compartment: string;
  place: string;
  ripple: Ripple;
  secondsPerFetch: number;
  /** Minutes a week, penalties included, if all of it lay there. */
  minutesPerWeek: number;
  /** Minutes a week that the wished order weighs more with it there than without it. */
  orderMinutes: number;
  /** Minutes a week by which what else lies there is looked through longer for one more line. */
  crowdMinutes: number;
  /** How many of the count fit into what room is left. */
  fits: number;
  /** How many would fit if the place were empty. */
  fitsEmpty: number;
  reason: string | null;
  /** The rule against it; it can be put there by hand, and is then said as a caution. */
  barred: Barred | null;
  /** What is to be minded there, in words. */
  cautions: string[];
  /** What is used least there and would have to go so that all of it fits; empty where it fits, or nothing helps. */
  displaces: Displaced[];
}

/** Minutes a week of the thing there and of looking for what else lies there. */
export const weekMinutes = (a: Alternative): number => a.minutesPerWeek + a.crowdMinutes;
/** Minutes a week with all that weighs besides. */
export const weight = (a: Alternative): number => weekMinutes(a) + a.orderMinutes;
/** Cheapest first: minutes with the order and with what others there lose, then seconds of a fetch. */
export const cheapness = (a: Alternative, b: Alternative): number =>
  weight(a) - weight(b) || a.secondsPerFetch - b.secondsPerFetch;

/**
 * Every place for a supply (or one placement of it), cheapest first.
 * @param placement the placement whose own room counts as free; null for a supply not placed yet
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
  const own = placement === null ? undefined : plan.placements[placement];
  const spare = own?.spare ?? false;
  const share = shareOf(supply, { count, spare }, sparesPlaced(plan, arrangement).get(supplyId) ?? 0);
  const places = scene.compartments.filter(
    (c) => (c.only === null || c.only === arrangement) && mayLieIn(plan, supply, c),
  );
  const order = orderAt(scene, arrangement, supply, count, placement, spare);
  const station = mainSeat(scene, supplyId);
  const result = places.map((c): Alternative => {
    const others = (contents.get(c.id) ?? []).filter((p) => p.id !== placement);
    const standing = scene.standing[arrangement].get(c.id) ?? [];
    const fixed = standing.flatMap((s) => (s.rect ? [s.rect] : []));
    const { laid, share: taken, room } = among(plan, c, others, supply, count, fixed);
    const empty = fit(supply, count, c, c.inside.width, null, plan.meta.units);
    const crowd = {
      lines: others.reduce((sum, p) => sum + lookedThrough(plan.supplies[p.supply]!), 0) + standing.length + 1,
      elsewhere: linesElsewhere(scene, { supply: supplyId, spare }, c, [...others, { supply: supplyId, spare }]),
      share: taken,
      behind: inFront(c, laid, laid.length - 1, fixed),
      digging: diggingIn(supply, laid.at(-1)!, c),
    };
    let [seconds, fetches, penalty] = [0, 0, 0];
    const words = new Set<string>();
    for (const use of usesOf(scene, supplyId)) {
      seconds += secondsFrom(scene, supply, c, use.seat, crowd, arrangement) * use.fetches * share;
      for (const p of penaltiesOf(scene, supply, c, scene.approaches.get(use.seat)!.get(c.id)!)) {
        penalty += p.seconds * use.fetches * share;
        words.add(p.words);
      }
      fetches += use.fetches * share;
    }
    const barred = barredFrom(scene, supply, c);
    if (barred) words.add(barred.words);
    const idle = station ? secondsFrom(scene, supply, c, station, crowd, arrangement) : 0;
    return {
      compartment: c.id,
      place: c.name,
      ripple: station ? scene.approaches.get(station)!.get(c.id)!.ripple : 5,
      secondsPerFetch: fetches > 0 ? seconds / fetches : idle,
      minutesPerWeek: (seconds + penalty) / 60,
      orderMinutes: order(c),
      crowdMinutes: lookedLonger(scene, c, others, { supply: supplyId, spare }, crowd.lines - 1),
      fits: room,
      fitsEmpty: empty.count,
      reason:
        room >= count ? null : (empty.reason ?? (room > 0 ? `only ${room} fit beside what lies there` : 'it is full')),
      barred,
      cautions: [...words],
      displaces: room >= count || empty.count < count ? [] : displacedIn(scene, c, others, supply, count, fixed),
    };
  });
  return result.sort(cheapness);
}

/**
 * Minutes a week by which what is of other homes in a place is looked through longer for one more line; its own home is looked
 * through wherever it lies.
 * @param lines that are looked through there without it
 */
function lookedLonger(
  scene: Scene,
  c: Compartment,
  others: readonly Placement[],
  thing: Pick<Placement, 'supply' | 'spare'>,
  lines: number,
): number {
  const { plan, constants } = scene;
  if (lookedThrough(plan.supplies[thing.supply]!) === 0) return 0;
  const { key } = soughtAs(scene, thing, c);
  return (
    others.reduce((sum, p) => {
      if (soughtAs(scene, p, c).key === key) return sum;
      const supply = plan.supplies[p.supply]!;
      const fetches = lookedThrough(supply) * fetchesAWeek(scene, p.supply) * (p.count / supply.count);
      const now = lines + linesElsewhere(scene, p, c, others);
      return sum + fetches * (lookSeconds(now + 1, constants) - lookSeconds(now, constants));
    }, 0) / 60
  );
}

/** How many of a supply lie in a place beside what is there, when nothing of that loses its room. */
function among(
  plan: Plan,
  c: Compartment,
  others: readonly Placement[],
  supply: Supply,
  count: number,
  fixed: readonly Rect[],
) {
  const items = others.map((p) => lying(plan.supplies[p.supply]!, p.count, c, p.orientation));
  const { laid, share } = layOut(c, [...items, { supply, count, only: null }], fixed, plan.meta.roomToGrow, true);
  const displaced = laid.slice(0, -1).some((l, i) => l.fits < items[i]!.count);
  return { laid, share, room: displaced ? 0 : laid.at(-1)!.fits };
}

/** What is used least and would have to go; what is kept there stays. */
function displacedIn(
  scene: Scene,
  c: Compartment,
  others: readonly Placement[],
  supply: Supply,
  count: number,
  fixed: readonly Rect[],
): Displaced[] {
  const { plan } = scene;
  const fetches = (p: Placement) => fetchesAWeek(scene, p.supply);
  const gone: Placement[] = [];
  for (const p of others.filter((o) => !o.pinned).sort((a, b) => fetches(a) - fetches(b) || (a.id < b.id ? -1 : 1))) {
    gone.push(p);
    const left = others.filter((o) => !gone.includes(o));
    if (among(plan, c, left, supply, count, fixed).room < count) continue;
    // Whatever need not go after all stays.
    for (const back of [...gone].slice(0, -1).reverse()) {
      const with_ = [...left, ...others.filter((o) => gone.includes(o) && o !== p)].filter(
        (o) => !gone.includes(o) || o === back,
      );
      if (among(plan, c, with_, supply, count, fixed).room < count) continue;
      gone.splice(gone.indexOf(back), 1);
      left.push(back);
    }
    return gone.map((g) => ({ placement: g.id, name: plan.supplies[g.supply]!.name, fetchesPerWeek: fetches(g) }));
  }
  return [];
}

/** Minutes a week of the wished order with a thing in a place, less without it. */
function orderAt(
  scene: Scene,
  arrangement: Arrangement,
  supply: Supply,
  count: number,
  placement: string | null,
  spare: boolean,
): (c: Compartment) => number {
  const { sorted, sets } = wantedOf(scene);
  const { plan } = scene;
  if (
    !sorted(supply.id) &&
    sets.size === 0 &&
    Object.keys(plan.allotments).length === 0 &&
    plan.meta.sorting.shown === 'as it comes'
  )
    return () => 0;
  const others = Object.values(plan.placements).filter((p) => p.arrangement === arrangement && p.id !== placement);
  // Only what is of its home or its sets, and what lies in the place, can weigh more or less for it: the rest is the same in both sums.
  const home = homeOfPlacement(scene, { supply: supply.id, spare });
  const mates = new Set([supply.id, ...[...sets.values()].filter((ids) => ids.includes(supply.id)).flat()]);
  const own = others.filter((p) => mates.has(p.supply) || homeOfPlacement(scene, p) === home);
  const rest = groupBy(others, (p) => (own.includes(p) ? undefined : compartmentId(p)));
  const bare = orderOf(scene, own).minutes;
  return (c) => {
    const { unit, slot, container } = c;
    const row: Placement = {
      ...{ id: placement ?? '', arrangement, supply: supply.id, unit, slot, container, count },
      ...{ orientation: null, part: null, pinned: false, spare, returns: null },
    };
    const there = rest.get(c.id);
    const without = there ? orderOf(scene, [...own, ...there]).minutes : bare;
    return orderOf(scene, [...own, ...(there ?? []), row]).minutes - without;
  };
}

/** The seat from which a supply is used most; the first when nobody uses it. */
export function mainSeat(scene: Scene, supply: string): string | undefined {
  const uses = [...usesOf(scene, supply)].sort((a, b) => b.fetches - a.fetches);
  return uses[0]?.seat ?? scene.stations[0]?.id;
}
