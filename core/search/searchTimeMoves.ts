/**
 * What looking costs while things move: each thing is looked for among the lines of its home, wherever they lie, and those of
 * other homes in its place. What its own home asks is the same wherever it lies and is in the cost of a place (problem.ts);
 * here is what others add.
 */
/** Among what things are looked for, in a problem. */
export interface Sought {
  places: number;
  /** Fetches of each item; 0 for none, and for what is seen at once. */
  traffic: Float64Array;
  /** What an item adds to the lines that are looked through: 1, or 0 for what is seen at once. */
  line: Float64Array;
  /** Seconds of a look. */
  look: number;
  /** The home among whose lines each item is looked for, and how many lines each home has. */
  home: Int32Array;
  homeLines: Float64Array;
  /** Tops of tables: what stays out there is looked for by itself, and does not tear its home. */
  out: Uint8Array;
  /** Lines in each place that are there already, containers too; and those that are fetched. */
  lines: Float64Array;
  lying: ReadonlyArray<{ home: number; place: number; line: number; fetches: number }>;
}

/** What others that lie there add to one fetch, looks. @param others their lines @param own lines of the thing's home */
const furtherLooks = (others: number, own: number): number => (own > 1 || others === 0 ? others / 2 : 1 + others / 2);

export class SearchTime {
  /** Lines that are looked through in each place, and fetches. */
  private readonly lines: Float64Array;
  private readonly fetches: Float64Array;
  /** The same of each home in each place; on the tops of tables every line is looked for by itself. */
  private readonly ownLines: Float64Array;
  private readonly ownFetches: Float64Array;
  /** Lines in each place that are all of their home. */
  private readonly single: Int32Array;
  private readonly p: Sought;

  constructor(p: Sought) {
    this.p = p;
    this.lines = Float64Array.from(p.lines);
    this.fetches = new Float64Array(p.places);
    this.ownLines = new Float64Array(p.homeLines.length * p.places);
    this.ownFetches = new Float64Array(p.homeLines.length * p.places);
    this.single = new Int32Array(p.places);
    for (const l of p.lying) this.count(l.home, l.place, l.line, l.fetches, 1);
  }

  /** What one more item adds, s a week. @param here it lies there already: what it adds as it is */
  added(i: number, j: number, here = false): number {
    const { p } = this;
    if (p.look === 0) return 0;
    const [f, line, home] = [p.traffic[i]!, p.line[i]!, p.home[i]!];
    const out = p.out[j] !== 0;
    let all = this.lines[j]!;
    let fetches = this.fetches[j]!;
    let single = this.single[j]!;
    let own = 0;
    let ownFetches = 0;
    if (!out) {
      const at = home * p.places + j;
      own = this.ownLines[at]!;
      ownFetches = this.ownFetches[at]!;
    }
    if (here) {
      all -= line;
      fetches -= f;
      if (line > 0 && (out || p.homeLines[home] === 1)) single--;
      if (!out) {
        own -= line;
        ownFetches -= f;
      }
    }
    let looks = f * furtherLooks(all - own, out ? 1 : p.homeLines[home]!);
    if (line > 0) {
      looks += ((fetches - ownFetches) * line) / 2;
      // What lay alone, and is all of its home, was found at once.
      if (all === 1 && single === 1 && own === 0) looks += fetches;
    }
    return looks * p.look;
  }

  put(i: number, j: number, by: 1 | -1): void {
    const { p } = this;
    this.lines[j]! += by * p.line[i]!;
    this.count(p.home[i]!, j, p.line[i]!, p.traffic[i]!, by);
  }

  private count(home: number, j: number, line: number, fetches: number, by: 1 | -1): void {
    const { p } = this;
    this.fetches[j]! += by * fetches;
    if (line > 0 && (p.out[j] !== 0 || p.homeLines[home] === 1)) this.single[j]! += by;
    if (p.out[j] !== 0) return;
    const at = home * p.places + j;
    this.ownLines[at]! += by * line;
    this.ownFetches[at]! += by * fetches;
  }

  /** What all of it costs, s a week, from nothing. */
  total(): number {
    const { p } = this;
    let looks = 0;
    for (let j = 0; j < p.places; j++) {
      const all = this.lines[j]!;
      if (p.out[j] !== 0) {
        looks += this.fetches[j]! * furtherLooks(Math.max(0, all - 1), 1);
        continue;
      }
      if (this.fetches[j] === 0) continue;
      for (let h = 0, at = j; h < p.homeLines.length; h++, at += p.places)
        if (this.ownFetches[at] !== 0)
          looks += this.ownFetches[at]! * furtherLooks(all - this.ownLines[at]!, p.homeLines[h]!);
    }
    return looks * p.look;
  }
}
