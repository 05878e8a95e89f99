/** The state of filling a room: what lies where, how much width is taken, what fetching costs; and the first filling of it. */
import { totalSeconds } from '../fetch/elements.ts';
import { volume } from '../fit/fit.ts';
import type { Pose } from '../fit/poses.ts';
import type { Compartment } from '../furniture/compartments.ts';
import { remembered } from '../model/memo.ts';
import { byName, type Placement, type Supply } from '../model/plan.ts';
import { compartmentId, fetchesAWeek, type Scene } from '../scene/scene.ts';
import { isAnothers } from '../zones/homes.ts';
import { lookedThrough, soughtAs } from '../zones/searchTime.ts';
import { diggingSeconds, lookSeconds, placeCost } from '../cost/cost.ts';
import { diggingOf, NO_DIGGING } from '../fit/digging.ts';
import { containerPlace } from '../fit/containers.ts';
import { Fitter } from '../fit/feasible.ts';
import { isMadeFor } from '../fit/limits.ts';
import { barredFrom } from '../cost/rules.ts';
import { boundOf } from '../cost/keeps.ts';
import { wantedOf, type Wanted } from '../cost/sortingCost.ts';
import { apartFrom } from '../zones/separations.ts';
import { heldBy } from '../zones/named.ts';
import { shareOf } from '../cost/stock.ts';
import { fitsTightly } from '../fit/tighten.ts';

/** A part of a supply that lies together: of its working stock, or of its spares. */
export interface Part {
  supply: Supply;
  spare: boolean;
  count: number;
  at: number;
  lie: Pose;
  width: number;
}
export type Thing = Pick<Part, 'supply' | 'spare' | 'count'>;
export type Left = Thing;

/** A supply that has a compartment to itself. */
const ALONE = { lines: 1, share: 0 };
/** The most places for one line of supply; more would mean looking everywhere. */
const MOST_PARTS = 4;

/** The state of a search: what lies where, how much width is taken, and what fetching costs. */
export class Filling {
  readonly parts: Part[] = [];
  readonly taken: number[];
  /** How many parts of each compartment take no strip, since an exact layout found their room. */
  private readonly tight: number[];
  /** Width that containers take in each compartment, mm. */
  readonly standing: readonly number[];
  readonly lines: number[];
  /** In each compartment by what things are looked for among: how many of its lines lie there, how many there are, and fetches. */
  private readonly sought: Array<Map<string, { here: number; lines: number; fetches: number }>>;
  private readonly base = new Map<string, Float64Array>();
  private readonly wishes = new Map<string, Float64Array>();
  private readonly barred = new Map<string, Uint8Array>();
  private readonly wanted: Wanted;
  private readonly partsOf = new Map<string, Part[]>();
  readonly scene: Scene;
  readonly fitter: Fitter;
  /** How many of each supply are to lie apart as spares. */
  readonly spares: ReadonlyMap<string, number>;
  private readonly open: (compartment: string, supply: string) => boolean;
  /** Containers that have no room where they are said to stand: nothing is put into them. */
  private readonly homeless: ReadonlySet<string>;
  private readonly pinned: readonly Placement[];
  /** Where parts lie that stay: supply and compartment. */
  private readonly kept: ReadonlySet<string>;

  /**
   * @param open whether a supply may be put into a compartment in this run
   * @param pinned what stays where it is
   */
  constructor(
    scene: Scene,
    spares: ReadonlyMap<string, number>,
    open: (compartment: string, supply: string) => boolean,
    pinned: readonly Placement[],
  ) {
    this.pinned = pinned;
    this.kept = new Set(pinned.map((p) => `${p.supply} ${compartmentId(p)}`));
    this.scene = scene;
    this.wanted = wantedOf(scene);
    this.homeless = new Set(
      [...scene.standing.planned.values()]
        .flat()
        .flatMap((s) => (s.rect ? [] : [containerPlace(scene.plan.containers[s.container]!)])),
    );
    this.spares = spares;
    this.open = open;
    this.sought = scene.compartments.map(() => new Map<string, { here: number; lines: number; fetches: number }>());
    // A container is a thing to look past, too.
    this.lines = scene.compartments.map((c) => scene.standing.planned.get(c.id)?.length ?? 0);
    // Containers stand where they stand; strips begin beside them.
    this.standing = scene.compartments.map((c) =>
      (scene.standing.planned.get(c.id) ?? []).reduce((x, s) => Math.max(x, s.rect ? s.rect.x + s.rect.w : 0), 0),
    );
    this.taken = [...this.standing];
    this.tight = scene.compartments.map(() => 0);
    this.fitter = new Fitter(
      scene.compartments,
      scene.plan.meta.roomToGrow,
      this.standing,
      scene.constants.onATable,
      scene.compartments.map((c) => boundOf(scene.plan, c)),
    );
  }

  /** Seconds a week of all the working stock of a supply alone in each compartment, without the wished order. */
  costs(supply: Supply): Float64Array {
    return remembered(this.base, supply.id, () =>
      Float64Array.from(this.scene.compartments, (c) => {
        const cost = placeCost(this.scene, supply, c, ALONE, 'planned');
        return cost.fetching + cost.penalty;
      }),
    );
  }

  /** The share of the fetches of its supply that goes to a part. */
  share(part: Thing): number {
    return shareOf(part.supply, part, this.spares.get(part.supply.id) ?? 0);
  }

  fetches(part: Thing): number {
    return fetchesAWeek(this.scene, part.supply.id) * this.share(part);
  }

  /** Seconds a week that a part weighs in a compartment for not being shown as wished, or out of line. */
  order(part: Thing, at: number): number {
    const { supply, spare, count } = part;
    const tidy = this.tidy(part, at);
    if (spare) return tidy;
    const wishes = remembered(this.wishes, supply.id, () => {
      const { shown, line, given, holder } = this.wanted;
      const { compartments } = this.scene;
      return Float64Array.from(
        compartments,
        (c) => shown(supply, c) + line(supply, c) + given(supply, c) + holder(supply, c),
      );
    });
    return tidy + (wishes[at]! * count) / supply.count;
  }

  /** What of that the quickest plan knows nothing of: good places are for what is in use, locked ones for what is dangerous. */
  tidy(part: Thing, at: number): number {
    const c = this.scene.compartments[at]!;
    const locked = part.spare ? 0 : (this.wanted.lockedAway(part.supply, c) * part.count) / part.supply.count;
    return this.wanted.rent(part, c) + locked;
  }

  /** Seconds a week that finding and getting out one of a part takes when it lies so. */
  digging(part: Thing, at: number, lie: Pose): number {
    const fetches = this.fetches(part);
    if (fetches === 0 || part.count === 1) return 0;
    const digging = diggingOf(part.supply, lie, part.count, this.scene.compartments[at]!);
    return digging === NO_DIGGING ? 0 : fetches * diggingSeconds(digging, this.scene.constants);
  }

  /** Seconds a week that a part adds to a compartment, the looking of the others there included. */
  added(part: Thing, at: number, lie: Pose): number {
    const { constants, compartments } = this.scene;
    const line = lookedThrough(part.supply);
    const all = this.lines[at]!;
    const { key, lines } = soughtAs(this.scene, { supply: part.supply.id, spare: part.spare }, compartments[at]!);
    const sought = this.sought[at]!;
    const own = line * this.fetches(part) * lookSeconds(all - (sought.get(key)?.here ?? 0) + lines, constants);
    let others = 0;
    if (line > 0)
      for (const [other, of] of sought) {
        if (other === key) continue;
        const now = all - of.here + of.lines;
        others += of.fetches * (lookSeconds(now + line, constants) - lookSeconds(now, constants));
      }
    return (
      this.costs(part.supply)[at]! * this.share(part) +
      this.order(part, at) +
      this.digging(part, at, lie) +
      own +
      others
    );
  }

  /** Seconds a week of looking for a part among its home and what else lies where it is. */
  looking(part: Part): number {
    const { constants, compartments } = this.scene;
    const { key, lines } = soughtAs(this.scene, { supply: part.supply.id, spare: part.spare }, compartments[part.at]!);
    const others = this.lines[part.at]! - this.sought[part.at]!.get(key)!.here;
    return lookedThrough(part.supply) * this.fetches(part) * lookSeconds(others + lines, constants);
  }

  /** Seconds a week that it weighs when a place can be named worse with a part than without it; pinned things count, too. */
  tangled(part: Pick<Thing, 'supply' | 'spare'>, at: number): number {
    const { scene } = this;
    if (!this.wanted.sorted(part.supply.id)) return 0;
    const { id } = scene.compartments[at]!;
    const there = [
      ...this.parts.filter((p) => p.at === at).map((p) => ({ supply: p.supply.id, spare: p.spare })),
      ...this.pinned.filter((p) => compartmentId(p) === id),
    ];
    const own = { supply: part.supply.id, spare: part.spare };
    return scene.constants.tangled * (heldBy(scene, id, [...there, own]) - heldBy(scene, id, there));
  }

  /** How many of a supply fit into a compartment beside what is there. */
  fits(supply: Supply, count: number, at: number) {
    // Where an exact layout found room for something, strips do not say what is left.
    if (this.tight[at]! > 0 || this.bars(supply, at) || this.besideOther(supply, at)) return null;
    return this.fitter.into(supply, count, at, this.taken[at]!);
  }

  /** Whether a supply may not lie in a compartment: nobody can get at it, it is gone in the plan, or a rule says so. */
  bars(supply: Supply, at: number): boolean {
    const { scene } = this;
    const row = remembered(this.barred, supply.id, () =>
      Uint8Array.from(scene.compartments, (c) =>
        c.only === 'today' ||
        scene.shut.has(c.id) ||
        this.homeless.has(c.id) ||
        !this.open(c.id, supply.id) ||
        isAnothers(scene, supply.id, c.id) ||
        this.kept.has(`${supply.id} ${c.id}`) ||
        barredFrom(scene, supply, c) !== null
          ? 1
          : 0,
      ),
    );
    return row[at] === 1;
  }

  /** Whether another part of the same supply lies there: parts of one supply do not share a compartment. */
  hasAlready(part: Pick<Part, 'supply'>, at: number): boolean {
    return (this.partsOf.get(part.supply.id) ?? []).some((p) => p !== part && p.at === at);
  }

  /** Whether something lies there from which a supply is kept apart. */
  besideOther(supply: Supply, at: number): boolean {
    const not = apartFrom(this.scene.plan).get(supply.id);
    if (!not) return false;
    const place = this.scene.compartments[at]!.id;
    return (
      this.parts.some((p) => p.at === at && not.has(p.supply.id)) ||
      [...not.keys()].some((id) => this.kept.has(`${id} ${place}`))
    );
  }

  /** Takes a part out altogether. */
  drop(part: Part): void {
    this.parts.splice(this.parts.indexOf(part), 1);
    this.partsOf.set(
      part.supply.id,
      this.partsOf.get(part.supply.id)!.filter((p) => p !== part),
    );
    this.count(part, -1);
  }

  put(part: Part): void {
    this.parts.push(part);
    this.partsOf.set(part.supply.id, [...(this.partsOf.get(part.supply.id) ?? []), part]);
    this.count(part, 1);
  }

  count(part: Thing & Pick<Part, 'at' | 'width'>, sign: 1 | -1): void {
    this.taken[part.at]! += sign * part.width;
    if (part.width === 0) this.tight[part.at]! += sign;
    const line = lookedThrough(part.supply);
    this.lines[part.at]! += sign * line;
    const place = this.scene.compartments[part.at]!;
    const { key, lines } = soughtAs(this.scene, { supply: part.supply.id, spare: part.spare }, place);
    const sought = this.sought[part.at]!;
    const of = sought.get(key) ?? { here: 0, lines, fetches: 0 };
    sought.set(key, of);
    of.here += sign * line;
    of.fetches += sign * line * this.fetches(part);
  }
}

/**
 * The order in which supplies choose: those that only few places can hold first, then by cube-per-order, litres
 * for each fetch a week, least first; what nobody fetches comes last, bulky things first.
 */
export function inOrder(search: Filling, things: readonly Thing[]): Thing[] {
  const { scene } = search;
  const few = Math.max(2, scene.compartments.length * 0.12);
  const keys = new Map(
    things.map((thing) => {
      const { supply: s } = thing;
      const fetches = search.fetches(thing);
      const litres = volume(s, thing.count);
      const homes = scene.compartments.reduce(
        (n, _, at) => n + (!search.bars(s, at) && search.fitter.ways(s, at).length > 0 ? 1 : 0),
        0,
      );
      return [thing, fetches > 0 ? (homes <= few ? -1e9 / Math.max(homes, 1) : 0) + litres / fetches : 1e9 - litres];
    }),
  );
  const names = new Map(byName(scene.plan.supplies).map((s, i) => [s.id, i]));
  return [...things].sort((a, b) => keys.get(a)! - keys.get(b)! || names.get(a.supply.id)! - names.get(b.supply.id)!);
}

/**
 * Puts what is left where an exact layout has room for it, cheapest place first. Looking takes long when much is left: it
 * yields between things, and asks before each layout.
 * @param goOn whether another layout may be tried
 * @returns what still has no place
 */
export function* tighten(
  search: Filling,
  pinned: readonly Placement[],
  unplaced: readonly Left[],
  goOn: () => boolean,
): Generator<undefined, Left[]> {
  const { scene } = search;
  const { plan } = scene;
  const left: Left[] = [];
  for (const thing of unplaced) {
    yield;
    const { supply, spare, count } = thing;
    const cheapest = scene.compartments
      .map((_, at) => at)
      .filter((at) => !search.bars(supply, at) && search.fitter.ways(supply, at).length > 0)
      .filter((at) => !search.hasAlready({ supply }, at) && !search.besideOther(supply, at))
      .map((at) => ({
        at,
        cost: search.costs(supply)[at]! + search.order(thing, at) + search.tangled({ supply, spare }, at),
      }))
      .sort((a, b) => a.cost - b.cost)
      .map(({ at }) => at);
    const found = cheapest.some((at) => {
      if (!goOn()) return false;
      const place = scene.compartments[at]!;
      const there = [
        ...pinned
          .filter((p) => compartmentId(p) === place.id)
          .map((p) => ({ supply: plan.supplies[p.supply]!, count: p.count, only: p.orientation })),
        ...search.parts
          .filter((p) => p.at === at)
          .map((p) => ({ supply: p.supply, count: p.count, only: p.lie.orientation })),
      ];
      const fixed = (scene.standing.planned.get(place.id) ?? []).flatMap((s) => (s.rect ? [s.rect] : []));
      const orientation = fitsTightly(place, there, supply, count, fixed, plan.meta.roomToGrow);
      if (orientation === null) return false;
      const lie = search.fitter.ways(supply, at).find((l) => l.orientation === orientation)!;
      search.put({ supply, spare, count, at, lie, width: 0 });
      return true;
    });
    if (!found) left.push(thing);
  }
  return left;
}

/**
 * The cheapest place that holds a whole count, or null.
 * @param except a compartment that does not count
 * @param may whether one may be taken at all
 * @param named whether places that can be named without it stay so where they can
 */
export function bestPlace(
  search: Filling,
  thing: Thing,
  except: number,
  may: (at: number) => boolean = () => true,
  named = false,
): Pick<Part, 'at' | 'lie' | 'width'> | null {
  const { supply, count } = thing;
  let best: (Pick<Part, 'at' | 'lie' | 'width'> & { cost: number }) | null = null;
  for (let at = 0; at < search.scene.compartments.length; at++) {
    if (at === except || search.hasAlready({ supply }, at) || !may(at)) continue;
    const fits = search.fits(supply, count, at);
    if (fits?.count !== count) continue;
    const cost = search.added(thing, at, fits.lie) + (named ? search.tangled(thing, at) : 0);
    if (!best || cost < best.cost) best = { at, lie: fits.lie, width: fits.width, cost };
  }
  return best && { at: best.at, lie: best.lie, width: best.width };
}

/** Places a supply, whole where it can be, else in as few parts as it can. @returns how many found no place */
export function placeOne(search: Filling, thing: Thing): number {
  const { supply, spare } = thing;
  let missing = thing.count;
  const unused = search.fetches(thing) === 0;
  for (let part = 0; part < MOST_PARTS && missing > 0; part++) {
    let best: { at: number; count: number; rank: number; cost: number; lie: Pose; width: number } | null = null;
    search.scene.compartments.forEach((compartment, at) => {
      // What is left does not lie beside the rest of it.
      const fits = search.hasAlready({ supply }, at) ? null : search.fits(supply, missing, at);
      if (!fits) return;
      // What nobody fetches goes where a fetch takes longest, and leaves the good places free.
      const cost = unused
        ? -farness(search.scene, compartment)
        : search.added({ supply, spare, count: fits.count }, at, fits.lie) / fits.count;
      // All of it together comes first; else the cheapest place that holds half of it. A holder made for its kind comes before
      // any other, as long as the parts are not too many.
      const own = isMadeFor(supply, compartment) && fits.count * (MOST_PARTS - part) >= missing;
      const rank = own ? Infinity : fits.count >= missing ? missing : Math.min(fits.count, Math.ceil(missing / 2));
      if (!best || rank > best.rank || (rank === best.rank && cost < best.cost))
        best = { at, count: fits.count, rank, cost, lie: fits.lie, width: fits.width };
    });
    if (!best) break;
    const { at, count, lie, width } = best as { at: number; count: number; lie: Pose; width: number };
    search.put({ supply, spare, count, at, lie, width });
    missing -= count;
  }
  return missing;
}

/** Mean walking and handling seconds to a compartment over all stations. */
export function farness(scene: Scene, compartment: Compartment): number {
  let sum = 0;
  for (const ways of scene.approaches.values()) {
    const way = ways.get(compartment.id)!;
    for (const part of [way.go, way.open, way.close, way.come]) sum += totalSeconds(part);
  }
  return sum;
}
