/** The runs of neighbouring places in which each home lies while a search moves things, and what it costs that homes are torn. */
import type { Counts } from './counts.ts';

/** What it costs that a home is torn, s a week. */
export interface Tearing {
  /** How much more it weighs that a home is torn, by home: a set counts more. */
  weight: Float64Array;
  /** Up to how many of its things in a further run are called by their own names there, by home. */
  ownNames: Int32Array;
  /** Each item outside the run where most of its home lies, and more for one outside of its two largest; each further run and place. */
  torn: number;
  far: number;
  /** Each further run with more items than are called by their own names: its place can only have the name of the home. */
  nameless: number;
  run: number;
  place: number;
}

/** No place. */
export const NONE = -1;

export class HomeRuns {
  /** Places of each home. */
  private readonly placesOf: number[][];
  /** How many items lie in each run of a home, and the run of each of its places; and whether they have to be found again. */
  private readonly linesIn: number[][];
  private readonly runAt: Int32Array;
  private readonly stale: Uint8Array;
  /** What it costs now that each home is torn; NaN where that has to be worked out again. */
  private readonly torn: Float64Array;
  private readonly seen: Int32Array;
  private readonly queue: Int32Array;
  private stamp = 0;
  /** Items in the runs that are looked at. */
  private readonly lines: Int32Array;

  private readonly p: Tearing;
  private readonly near: ReadonlyArray<readonly number[]>;
  private readonly items: Counts;

  /** @param near neighbours of each place @param items how many items of each home lie in each place */
  constructor(p: Tearing, near: ReadonlyArray<readonly number[]>, homes: number, items: Counts) {
    const places = near.length;
    this.p = p;
    this.near = near;
    this.items = items;
    this.placesOf = Array.from({ length: homes }, () => []);
    this.linesIn = Array.from({ length: homes }, () => []);
    this.stale = new Uint8Array(homes).fill(1);
    this.runAt = new Int32Array(homes * places);
    this.torn = new Float64Array(homes);
    this.seen = new Int32Array(places);
    this.queue = new Int32Array(places);
    this.lines = new Int32Array(places + 1);
  }

  /** Counts that an item came to a place, or went from it. @param changed whether its home came to the place, or left it */
  count(h: number, j: number, by: 1 | -1, changed: boolean): void {
    this.torn[h] = Number.NaN;
    if (changed) {
      const places = this.placesOf[h]!;
      if (by > 0) places.push(j);
      else places.splice(places.indexOf(j), 1);
      this.stale[h] = 1;
    }
    if (this.stale[h] === 0) this.linesIn[h]![this.runAt[h * this.near.length + j]!]! += by;
  }

  now(h: number): number {
    const known = this.torn[h]!;
    return Number.isNaN(known) ? (this.torn[h] = this.with(h, NONE, NONE)) : known;
  }

  /** What all homes cost. */
  total(): number {
    let sum = 0;
    for (let h = 0; h < this.torn.length; h++) sum += this.now(h);
    return sum;
  }

  /**
   * What it costs that a home is torn.
   * @param more a place where one more of it lies @param less another one where one less does
   */
  with(h: number, more: number, less: number): number {
    const { near, items, lines, runAt } = this;
    const base = h * near.length;
    if (this.stale[h] === 1) this.find(h);
    const known = this.linesIn[h]!;
    let runs = known.length;
    let places = this.placesOf[h]!.length;
    for (let n = 0; n < runs; n++) lines[n] = known[n]!;
    const gone = less !== NONE && items.of(h, less) === 1 ? less : NONE;
    if (gone !== NONE && this.joins(h, gone)) return this.costOf(h, this.spread(h, more, gone), this.ofSpread(h, more));
    if (less !== NONE) lines[runAt[base + less]!]!--;
    if (gone !== NONE) places--;
    if (more === NONE) return this.costOf(h, runs, places);
    if (items.of(h, more) > 0) {
      lines[runAt[base + more]!]!++;
      return this.costOf(h, runs, places);
    }
    let into = NONE;
    for (const k of near[more]!) {
      if (k === gone || items.of(h, k) === 0) continue;
      const run = runAt[base + k]!;
      if (into === NONE) into = run;
      else if (run !== into) {
        lines[into]! += lines[run]!;
        lines[run] = 0;
      }
    }
    if (into === NONE) lines[runs++] = 1;
    else lines[into]!++;
    return this.costOf(h, runs, places + 1);
  }

  /** Whether a place has two neighbours of a home or more, so that its run may fall apart without it. */
  private joins(h: number, j: number): boolean {
    let n = 0;
    for (const k of this.near[j]!) if (this.items.of(h, k) > 0 && ++n > 1) return true;
    return false;
  }

  /** Finds the runs of a home. */
  private find(h: number): void {
    const known = this.linesIn[h]!;
    known.length = this.spread(h, NONE, NONE, true);
    for (let n = 0; n < known.length; n++) known[n] = this.lines[n]!;
    this.stale[h] = 0;
  }

  /** How many places a home has when one goes, and another comes or not. */
  private ofSpread(h: number, more: number): number {
    return this.placesOf[h]!.length - 1 + (more !== NONE && this.items.of(h, more) === 0 ? 1 : 0);
  }

  /**
   * Counts the items of each run of a home, from each of its places on to their neighbours.
   * @param more a place where one more of it lies @param gone a place that it has left
   * @param keep whether the run of each place is kept
   * @returns how many runs there are
   */
  private spread(h: number, more: number, gone: number, keep = false): number {
    const { near, items, seen, queue, lines, runAt } = this;
    const stamp = ++this.stamp;
    const own = this.placesOf[h]!;
    let runs = 0;
    for (let n = 0; n <= own.length; n++) {
      const from = n < own.length ? own[n]! : more;
      if (from === NONE || from === gone || seen[from] === stamp) continue;
      let end = 0;
      let inRun = 0;
      queue[end++] = from;
      seen[from] = stamp;
      for (let at = 0; at < end; at++) {
        const j = queue[at]!;
        inRun += items.of(h, j) + (j === more ? 1 : 0);
        if (keep) runAt[h * near.length + j] = runs;
        for (const k of near[j]!)
          if (seen[k] !== stamp && k !== gone && (k === more || items.of(h, k) > 0)) {
            seen[k] = stamp;
            queue[end++] = k;
          }
      }
      lines[runs++] = inRun;
    }
    return runs;
  }

  /** What it costs that a home lies in some places and runs, with their items in `lines`; runs without any are none. */
  private costOf(h: number, many: number, places: number): number {
    if (places < 2) return 0;
    const { p, lines } = this;
    const own = p.ownNames[h]!;
    let [runs, all, most, second, called] = [0, 0, 0, 0, 0];
    for (let n = 0; n < many; n++) {
      const inRun = lines[n]!;
      if (inRun === 0) continue;
      runs++;
      all += inRun;
      if (inRun > own) called++;
      if (inRun > most) {
        second = most;
        most = inRun;
      } else if (inRun > second) second = inRun;
    }
    const torn = p.torn * (all - most) + p.far * (all - most - second);
    const named = p.nameless * Math.max(0, called - 1);
    return p.weight[h]! * (torn + named + p.run * (runs - 1) + p.place * (places - 1));
  }
}
