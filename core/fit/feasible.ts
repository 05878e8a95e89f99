/** What may lie where, and how much room is left: the rules that no search may break. */
import { remembered } from '../model/memo.ts';
import { chooseLie } from './fit.ts';
import { holdsPile } from './limits.ts';
import { grown, leavingRoom } from './growth.ts';
import { countWithin, posesOf, shapeOf, stripWidth, type Pose } from './poses.ts';
import { TOP, type Compartment } from '../furniture/compartments.ts';
import type { Supply } from '../model/plan.ts';

/** Share of the strip of a table that one line takes at the most. Common practice, no source. */
const ON_A_TABLE = 1 / 3;

/** Finds how supplies lie in compartments, remembering the ways of lying for compartments of the same inside size. */
export class Fitter {
  private readonly poses = new Map<string, Map<string, readonly Pose[]>>();
  private readonly shapes: string[];
  /** Places in which sheets lie on each other. */
  private readonly piles: readonly boolean[];
  private readonly compartments: readonly Compartment[];
  /** Width of each compartment, mm. */
  readonly usable: number[];
  private readonly grow: number;
  /** The least width of each line, mm, so that few sorts of things stay out on a table. */
  private readonly least: number[];
  /** Width that containers take, mm: what lies beside them alone has the rest to itself. */
  private readonly standing: readonly number[];

  constructor(
    compartments: readonly Compartment[],
    roomToGrow: number,
    standing: readonly number[] = compartments.map(() => 0),
    onATable = Infinity,
    bounds: ReadonlyArray<{ least: number; share: number } | null> = [],
  ) {
    this.grow = roomToGrow;
    this.least = compartments.map((c, at) =>
      Math.max(c.slot === TOP ? c.inside.width / onATable : 0, bounds[at]?.least ?? 0),
    );
    this.standing = standing;
    this.compartments = compartments;
    this.shapes = compartments.map(shapeOf);
    this.piles = compartments.map(holdsPile);
    this.usable = compartments.map((c, at) => c.inside.width * (bounds[at]?.share ?? 1));
  }

  /** Whether a rule lets a place take this many lines, or this much: what an exact layout does not know. */
  limited(at: number): boolean {
    return this.least[at]! > 0 || this.usable[at]! < this.compartments[at]!.inside.width;
  }

  /** All ways in which a supply may lie in the compartment at an index. */
  ways(supply: Supply, at: number): readonly Pose[] {
    const byShape = remembered(this.poses, supply.id, () => new Map<string, readonly Pose[]>());
    return remembered(byShape, this.shapes[at]!, () => posesOf(supply, this.compartments[at]!));
  }

  /**
   * How many of a supply fit beside what takes `taken` mm already, and the width that is theirs then, with room for more of
   * them. What fills a place by itself has all of it, if need be without room to grow.
   * @returns null when none does
   */
  into(supply: Supply, count: number, at: number, taken: number): { count: number; width: number; lie: Pose } | null {
    if (this.piles[at]) return this.ontoPile(supply, count, at, taken);
    const ways = this.ways(supply, at);
    const whole = this.usable[at]! - taken;
    // A table is to work at: many of a line do not spread over it.
    const table = this.compartments[at]!.access === 'top' && supply.count > 1 && supply.form !== 'machine';
    const free = table ? Math.min(whole, this.usable[at]! * ON_A_TABLE) : whole;
    const least = this.least[at]!;
    if (free < least - 1e-6) return null;
    let best: { count: number; width: number; lie: Pose } | null = null;
    for (const lie of ways) {
      const fits = Math.min(count, leavingRoom(supply, countWithin(lie, free), this.grow));
      if (fits <= 0) continue;
      const width = Math.max(least, stripWidth(lie, grown(supply, fits, this.grow)));
      if (!best || fits > best.count || (fits === best.count && width < best.width - 1e-9))
        best = { count: fits, width, lie };
    }
    // On a table no line has all of it, so others come beside it and it keeps its room to grow.
    if (best?.count === count || table || taken > this.standing[at]!) return best;
    const alone = ways.length === 0 ? null : chooseLie(ways, count, free);
    return alone && alone.count > (best?.count ?? 0) ? { ...alone, width: free } : best;
  }

  /**
   * In a place for one pile sheets take the share of its height that is theirs, as a width, whatever their size; all else has the
   * place to itself.
   */
  private ontoPile(supply: Supply, count: number, at: number, taken: number) {
    const ways = this.ways(supply, at);
    const usable = this.usable[at]!;
    const free = usable - taken;
    const flat = supply.form === 'sheets' ? ways.find((lie) => lie.orientation === 'flat') : undefined;
    let best: { count: number; width: number; lie: Pose } | null = null;
    if (flat) {
      const most = Math.floor((free / usable) * flat.layers + 1e-6);
      const fits = Math.min(count, leavingRoom(supply, most, this.grow));
      const width = (usable * Math.min(most, grown(supply, fits, this.grow))) / flat.layers;
      if (fits > 0) best = { count: fits, width, lie: flat };
    }
    if (best?.count === count || taken > this.standing[at]! || ways.length === 0) return best;
    const alone = chooseLie(ways, count, free);
    return alone && alone.count > (best?.count ?? 0) ? { ...alone, width: free } : best;
  }
}
