/** What it costs that homes are torn and that places cannot be named: counted while things move, and summed from nothing. */

import { Counts } from './counts.ts';
import { HomeRuns, NONE, type Tearing } from './homeRuns.ts';

/** The homes of the items of a problem, and what each fault costs, s a week. */
export interface Naming extends Tearing {
  /** Home of each item, its zone, and what the home counts as in a name; -1 for none. */
  home: Int32Array;
  zone: Int32Array;
  label: Int32Array;
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

const mostOf = (list: Iterable<number>) => {
  let most = -1;
  for (const x of list) if (x > most) most = x;
  return most + 1;
};

/** The homes in places while a search moves things. */
export class Names {
  private readonly p: Naming;
  private readonly homes: Counts;
  private readonly zones: Counts;
  private readonly labels: Counts;
  private readonly runs: HomeRuns;
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
    this.runs = new HomeRuns(p, near, homes, this.homes);
    for (const l of p.lying) this.count(l.home, l.zone, l.label, l.place, 1);
  }

  private tooMany(j: number, homes: number, lines: number): number {
    return this.out[j] === 0 ? Math.max(0, homes - this.p.homesInPlace) : Math.max(0, lines - this.p.linesOnTable);
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
    if (here) return sum + this.runs.now(h) - this.runs.with(h, NONE, j);
    return sum + this.runs.with(h, j, from) - (from === NONE ? this.runs.now(h) : this.runs.with(h, NONE, from));
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
    this.runs.count(h, j, by, this.homes.add(h, j, by));
  }

  /** What all of it costs. */
  total(): number {
    const { p } = this;
    let sum = this.runs.total();
    for (let j = 0; j < this.near.length; j++) {
      const homes = this.homes.different[j]!;
      if (homes === 0) continue;
      sum += (homes - 1) * p.mixed[j]! + Math.max(0, this.zones.different[j]! - 1) * p.strangers;
      sum += p.tangled * this.tooMany(j, this.labels.different[j]!, this.labels.all[j]!);
    }
    return sum;
  }
}
