/** What it costs that homes are torn and that places cannot be named: counted while things move, and summed from nothing. */

import { OWN_NAMES } from '../zones/named.ts';

/** The homes of the items of a problem, and what each fault costs, s a week. */
export interface Naming {
  /** Home of each item, its zone, and what the home counts as in a name; -1 for none. */
  home: Int32Array;
  zone: Int32Array;
  label: Int32Array;
  /** How much more it weighs that a home is torn, by home: a set counts more. */
  weight: Float64Array;
  /** Each item outside the run where most of its home lies, and more for one outside of its two largest; each further run and place. */
  torn: number;
  far: number;
  /** Each further run with more items than are called by their own names: its place can only have the name of the home. */
  nameless: number;
  run: number;
  place: number;
  /** Each further home in a place, by place. */
  mixed: Float64Array;
  /** Each further zone in a place. */
  strangers: number;
  /** Each home, or on a table each line, too many to name a place. */
  tangled: number;
  /** How many homes have room in a name, and how many lines stay out on a table. */
  homesInPlace: number;
  linesOnTable: number;
  /** What lies in places already. */
  lying: ReadonlyArray<{ home: number; zone: number; label: number; place: number }>;
}

/** How often each value occurs in each place, and how many different ones and how many in all there are. */
class Counts {
  private readonly n: Int32Array;
  readonly different: Int32Array;
  readonly all: Int32Array;
  private readonly places: number;
  constructor(values: number, places: number) {
    this.n = new Int32Array(values * places);
    this.different = new Int32Array(places);
    this.all = new Int32Array(places);
    this.places = places;
  }
  /** How many of a value there are. */
  of(value: number, place: number): number {
    return value < 0 ? 0 : this.n[value * this.places + place]!;
  }
  /** How many different ones there are. @param less whether one of the value is to be taken as gone */
  without(value: number, place: number, less: boolean): number {
    return this.different[place]! - (less && this.of(value, place) === 1 ? 1 : 0);
  }
  /** How many different ones there are with one of a value. */
  with(value: number, place: number): number {
    return this.different[place]! + (value < 0 || this.of(value, place) > 0 ? 0 : 1);
  }
  /** @returns whether a value came to a place, or went from it, altogether */
  add(value: number, place: number, by: 1 | -1): boolean {
    if (value < 0) return false;
    const at = value * this.places + place;
    const had = this.n[at]! > 0;
    this.n[at]! += by;
    this.all[place]! += by;
    const changed = this.n[at]! > 0 !== had;
    if (changed) this.different[place]! += by;
    return changed;
  }
}

const mostOf = (list: Iterable<number>) => {
  let most = -1;
  for (const x of list) if (x > most) most = x;
  return most + 1;
};

/** No place. */
const NONE = -1;

/** The homes in places while a search moves things. */
export class Names {
  private readonly p: Naming;
  private readonly homes: Counts;
  private readonly zones: Counts;
  private readonly labels: Counts;
  /** Places of each home. */
  readonly placesOf: number[][];
  /** What it costs now that each home is torn; NaN where that has to be worked out again. */
  private readonly torn: Float64Array;
  private readonly seen: Int32Array;
  private readonly queue: Int32Array;
  private stamp = 0;

  private readonly near: ReadonlyArray<readonly number[]>;
  private readonly out: Uint8Array;

  /** @param near neighbours of each place @param out tops of tables */
  constructor(p: Naming, near: ReadonlyArray<readonly number[]>, out: Uint8Array) {
    const places = near.length;
    this.p = p;
    this.near = near;
    this.out = out;
    const homes = mostOf([...p.home, ...p.lying.map((l) => l.home)]);
    this.homes = new Counts(homes, places);
    this.labels = new Counts(mostOf([...p.label, ...p.lying.map((l) => l.label)]), places);
    this.zones = new Counts(mostOf([...p.zone, ...p.lying.map((l) => l.zone)]), places);
    this.placesOf = Array.from({ length: homes }, () => []);
    this.torn = new Float64Array(homes);
    this.seen = new Int32Array(places);
    this.queue = new Int32Array(places);
    for (const l of p.lying) this.count(l.home, l.zone, l.label, l.place, 1);
  }

  private tooMany(j: number, homes: number, lines: number): number {
    return this.out[j] === 0 ? Math.max(0, homes - this.p.homesInPlace) : Math.max(0, lines - this.p.linesOnTable);
  }

  /**
   * What it costs that a home is torn.
   * @param more a place where one more of it lies @param less one where one less does
   */
  private tornWith(h: number, more: number, less: number): number {
    const { near, homes, seen, queue, p } = this;
    const own = this.placesOf[h]!;
    const stamp = ++this.stamp;
    let [places, runs, lines, most, second, many] = [0, 0, 0, 0, 0, 0];
    for (let n = 0; n <= own.length; n++) {
      const from = n < own.length ? own[n]! : more;
      if (from === NONE || seen[from] === stamp) continue;
      let end = 0;
      let inRun = 0;
      queue[end++] = from;
      seen[from] = stamp;
      for (let at = 0; at < end; at++) {
        const j = queue[at]!;
        const there = homes.of(h, j) + (j === more ? 1 : 0) - (j === less ? 1 : 0);
        // What goes away altogether joins nothing.
        if (there === 0) continue;
        places++;
        inRun += there;
        if (own.length === 1 && more === NONE) break;
        for (const k of near[j]!)
          if (seen[k] !== stamp && (k === more || homes.of(h, k) > (k === less ? 1 : 0))) {
            seen[k] = stamp;
            queue[end++] = k;
          }
      }
      if (inRun === 0) continue;
      runs++;
      lines += inRun;
      if (inRun > OWN_NAMES) many++;
      if (inRun > most) [most, second] = [inRun, most];
      else if (inRun > second) second = inRun;
    }
    if (places < 2) return 0;
    const torn = p.torn * (lines - most) + p.far * (lines - most - second);
    const named = p.nameless * Math.max(0, many - 1);
    return p.weight[h]! * (torn + named + p.run * (runs - 1) + p.place * (places - 1));
  }

  /**
   * What one more item would cost.
   * @param from where it still lies, as if it were gone from there already; the same place tells what it costs as it is
   */
  added(i: number, j: number, from = NONE): number {
    const { p } = this;
    const h = p.home[i]!;
    if (h < 0) return 0;
    const [z, l] = [p.zone[i]!, p.label[i]!];
    const here = from === j;
    const now = this.homes.without(h, j, here);
    let sum = z >= 0 && this.zones.of(z, j) === (here ? 1 : 0) && this.zones.without(z, j, here) > 0 ? p.strangers : 0;
    if (p.tangled > 0) {
      const lines = this.labels.all[j]! - (here ? 1 : 0);
      const after = this.tooMany(j, this.labels.with(l, j), lines + 1);
      if (after > 0) sum += p.tangled * (after - this.tooMany(j, this.labels.without(l, j, here), lines));
    }
    if (now > 0 && this.homes.of(h, j) === (here ? 1 : 0)) sum += p.mixed[j]!;
    if (here) return sum + this.tornNow(h) - this.tornWith(h, NONE, j);
    return sum + this.tornWith(h, j, from) - (from === NONE ? this.tornNow(h) : this.tornWith(h, NONE, from));
  }

  /** About the least that `added` can be: joining runs saves. */
  least(i: number): number {
    const h = this.p.home[i]!;
    return h < 0 ? 0 : -this.p.weight[h]! * (this.p.run + 3 * (this.p.torn + this.p.far));
  }

  put(i: number, j: number, by: 1 | -1): void {
    const { p } = this;
    this.count(p.home[i]!, p.zone[i]!, p.label[i]!, j, by);
  }

  private count(h: number, z: number, l: number, j: number, by: 1 | -1): void {
    if (h < 0) return;
    this.zones.add(z, j, by);
    this.labels.add(l, j, by);
    if (this.homes.add(h, j, by)) {
      const places = this.placesOf[h]!;
      if (by > 0) places.push(j);
      else places.splice(places.indexOf(j), 1);
    }
    this.torn[h] = Number.NaN;
  }

  private tornNow(h: number): number {
    const known = this.torn[h]!;
    return Number.isNaN(known) ? (this.torn[h] = this.tornWith(h, NONE, NONE)) : known;
  }

  /** What all of it costs. */
  total(): number {
    const { p } = this;
    let sum = 0;
    for (let h = 0; h < this.torn.length; h++) sum += this.tornNow(h);
    for (let j = 0; j < this.near.length; j++) {
      const homes = this.homes.different[j]!;
      if (homes === 0) continue;
      sum += (homes - 1) * p.mixed[j]! + Math.max(0, this.zones.different[j]! - 1) * p.strangers;
      sum += p.tangled * this.tooMany(j, this.labels.different[j]!, this.labels.all[j]!);
    }
    return sum;
  }
}
