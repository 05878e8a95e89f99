/** What it costs that homes are torn and that places cannot be named: counted while things move, and summed from nothing. */
import { tooMany } from '../zones/named.ts';

/** The homes of the items of a problem, and what each fault costs, s a week. */
export interface Naming {
  /** Home, its zone, counted kind and main activity of each item; -1 for none. */
  home: Int32Array;
  zone: Int32Array;
  /** What the home of each item counts as in a name; its kind, where that is counted. */
  label: Int32Array;
  kind: Int32Array;
  work: Int32Array;
  /** How much more it weighs that a home is torn, by home: a set counts more. */
  weight: Float64Array;
  /** Each further run of a home, each further piece of furniture, each further place. */
  run: number;
  furniture: number;
  place: number;
  /** Each further home in a place, by place. */
  mixed: Float64Array;
  /** Each further zone in a place. */
  strangers: number;
  /** Each home or kind too many to name a place. */
  tangled: number;
  homesInPlace: number;
  kindsInPlace: number;
  /** What lies in places already. */
  lying: ReadonlyArray<{ home: number; zone: number; label: number; kind: number; work: number; place: number }>;
}

/** How often each value occurs in each place, and how many different ones there are. */
class Counts {
  private readonly n: Int32Array;
  readonly different: Int32Array;
  private readonly places: number;
  constructor(values: number, places: number) {
    this.n = new Int32Array(values * places);
    this.different = new Int32Array(places);
    this.places = places;
  }
  has(value: number, place: number): boolean {
    return value >= 0 && this.n[value * this.places + place]! > 0;
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
    return this.different[place]! + (value < 0 || this.has(value, place) ? 0 : 1);
  }
  /** @returns whether a value came to a place, or went from it, altogether */
  add(value: number, place: number, by: 1 | -1): boolean {
    if (value < 0) return false;
    const at = value * this.places + place;
    const had = this.n[at]! > 0;
    this.n[at]! += by;
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

/** The homes in places while a search moves things. */
export class Names {
  private readonly p: Naming;
  private readonly homes: Counts;
  private readonly kinds: Counts;
  private readonly works: Counts;
  private readonly zones: Counts;
  private readonly labels: Counts;
  /** Items of a home in a unit, and units of a home. */
  private readonly inUnit: Int32Array;
  private readonly units: Int32Array;
  private readonly unitCount: number;
  /** Places of each home. */
  readonly placesOf: number[][];
  private readonly seen: Int32Array;
  private stamp = 0;

  private readonly unit: Int32Array;
  private readonly near: ReadonlyArray<readonly number[]>;
  private readonly out: Uint8Array;

  /** @param out tops of tables, where nothing is torn */
  constructor(p: Naming, unit: Int32Array, near: ReadonlyArray<readonly number[]>, out: Uint8Array) {
    const places = unit.length;
    this.p = p;
    this.unit = unit;
    this.near = near;
    this.out = out;
    const homes = mostOf([...p.home, ...p.lying.map((l) => l.home)]);
    this.homes = new Counts(homes, places);
    this.kinds = new Counts(mostOf([...p.kind, ...p.lying.map((l) => l.kind)]), places);
    this.labels = new Counts(mostOf([...p.label, ...p.lying.map((l) => l.label)]), places);
    this.zones = new Counts(mostOf([...p.zone, ...p.lying.map((l) => l.zone)]), places);
    this.works = new Counts(mostOf([...p.work, ...p.lying.map((l) => l.work)]), places);
    this.unitCount = mostOf(unit);
    this.inUnit = new Int32Array(homes * this.unitCount);
    this.units = new Int32Array(homes);
    this.placesOf = Array.from({ length: homes }, () => []);
    this.seen = new Int32Array(places);
    for (const l of p.lying) this.count(l.home, l.zone, l.label, l.kind, l.work, l.place, 1);
  }

  private excess(homes: number, kinds: number, works: number): number {
    return tooMany({ homes, kinds, works }, this.p);
  }

  /**
   * What one more item would cost.
   * @param from where it still lies, as if it were gone from there already; the same place tells what it costs as it is
   */
  added(i: number, j: number, from = -1): number {
    const { p } = this;
    const h = p.home[i]!;
    if (h < 0) return 0;
    const [z, l, k, w] = [p.zone[i]!, p.label[i]!, p.kind[i]!, p.work[i]!];
    const here = from === j;
    const now = this.homes.without(h, j, here);
    // Whether it comes to a place without any of its home.
    const comes = this.homes.of(h, j) === (here ? 1 : 0);
    let sum = z >= 0 && this.zones.of(z, j) === (here ? 1 : 0) && this.zones.without(z, j, here) > 0 ? p.strangers : 0;
    if (p.tangled > 0) {
      const after = this.excess(this.labels.with(l, j), this.kinds.with(k, j), this.works.with(w, j));
      if (after > 0) {
        const before = this.excess(
          this.labels.without(l, j, here),
          this.kinds.without(k, j, here),
          this.works.without(w, j, here),
        );
        // An empty place has no name that could be too long.
        sum += p.tangled * (after - (now > 0 ? before : 0));
      }
    }
    if (comes) {
      if (now > 0) sum += p.mixed[j]!;
      if (this.out[j] === 0) {
        const gone = from >= 0 && this.out[from] === 0 && this.homes.of(h, from) === 1 ? from : -1;
        if (this.placesOf[h]!.length > (gone >= 0 ? 1 : 0)) {
          const unit = this.unit[j]!;
          const there = this.inUnit[h * this.unitCount + unit]! - (gone >= 0 && this.unit[gone] === unit ? 1 : 0);
          const further = there === 0 ? p.furniture : 0;
          sum += p.weight[h]! * (p.place + p.run * (1 - this.touching(h, j, gone)) + further);
        }
      }
    }
    return sum;
  }

  /** The least that `added` can be: joining runs saves. */
  least(i: number): number {
    const h = this.p.home[i]!;
    return h < 0 ? 0 : -3 * this.p.weight[h]! * this.p.run;
  }

  /** How many runs of a home a place would touch, and so join. */
  private touching(h: number, j: number, gone: number): number {
    const { near } = this;
    let first = -1;
    let more: number[] | null = null;
    for (const k of near[j]!)
      if (k !== gone && this.out[k] === 0 && this.homes.has(h, k)) {
        if (first < 0) first = k;
        else (more ??= []).push(k);
      }
    if (first < 0) return 0;
    if (more === null) return 1;
    let runs = 0;
    this.stamp++;
    for (const from of [first, ...more]) {
      if (this.seen[from] === this.stamp) continue;
      runs++;
      const run = [from];
      this.seen[from] = this.stamp;
      for (const at of run)
        for (const k of near[at]!)
          if (k !== j && k !== gone && this.out[k] === 0 && this.seen[k] !== this.stamp && this.homes.has(h, k)) {
            this.seen[k] = this.stamp;
            run.push(k);
          }
    }
    return runs;
  }

  put(i: number, j: number, by: 1 | -1): void {
    const { p } = this;
    this.count(p.home[i]!, p.zone[i]!, p.label[i]!, p.kind[i]!, p.work[i]!, j, by);
  }

  private count(h: number, z: number, l: number, k: number, w: number, j: number, by: 1 | -1): void {
    if (h < 0) return;
    this.zones.add(z, j, by);
    this.labels.add(l, j, by);
    this.kinds.add(k, j, by);
    this.works.add(w, j, by);
    if (!this.homes.add(h, j, by) || this.out[j] !== 0) return;
    const places = this.placesOf[h]!;
    if (by > 0) places.push(j);
    else places.splice(places.indexOf(j), 1);
    const u = h * this.unitCount + this.unit[j]!;
    const had = this.inUnit[u]! > 0;
    this.inUnit[u]! += by;
    if (this.inUnit[u]! > 0 !== had) this.units[h]! += by;
  }

  /** What all of it costs. */
  total(): number {
    const { p } = this;
    let sum = 0;
    for (let j = 0; j < this.homes.different.length; j++) {
      const homes = this.homes.different[j]!;
      if (homes > 1) sum += (homes - 1) * p.mixed[j]!;
      sum += Math.max(0, this.zones.different[j]! - 1) * p.strangers;
      if (homes > 0)
        sum += p.tangled * this.excess(this.labels.different[j]!, this.kinds.different[j]!, this.works.different[j]!);
    }
    for (const [h, places] of this.placesOf.entries()) {
      if (places.length < 2) continue;
      sum += p.weight[h]! * ((places.length - 1) * p.place + (this.units[h]! - 1) * p.furniture);
      this.stamp++;
      let runs = 0;
      for (const from of places) {
        if (this.seen[from] === this.stamp) continue;
        runs++;
        const run = [from];
        this.seen[from] = this.stamp;
        for (const at of run)
          for (const k of this.near[at]!)
            if (this.out[k] === 0 && this.seen[k] !== this.stamp && this.homes.has(h, k)) {
              this.seen[k] = this.stamp;
              run.push(k);
            }
      }
      sum += p.weight[h]! * (runs - 1) * p.run;
    }
    return sum;
  }
}
