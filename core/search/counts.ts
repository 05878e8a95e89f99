/** How often each value occurs in each place, counted while things move. */
/** How often each value occurs in each place, how many different ones and how many in all there are. */
export class Counts {
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
