/** What may lie where, and how much room is left: the rules that no search may break. */
import { chooseLie } from './fit.ts';
import { lies, type Lie } from './lies.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { Supply } from '../model/plan.ts';

/** Width of a compartment that a plan may use, mm: what is left after the room to grow. */
export function usableWidth(compartment: Pick<Compartment, 'inside'>, roomToGrow: number): number {
  return compartment.inside.width * (1 - roomToGrow);
}

/** Finds how supplies lie in compartments, remembering the ways of lying for compartments of the same inside size. */
export class Fitter {
  private readonly known = new Map<string, Map<string, readonly Lie[]>>();
  private readonly shapes: string[];
  private readonly compartments: readonly Compartment[];
  readonly usable: number[];

  constructor(compartments: readonly Compartment[], roomToGrow: number) {
    this.compartments = compartments;
    this.shapes = compartments.map((c) => `${c.access} ${c.inside.width} ${c.inside.depth} ${c.inside.height}`);
    this.usable = compartments.map((c) => usableWidth(c, roomToGrow));
  }

  /** All ways in which a supply may lie in the compartment at an index. */
  ways(supply: Supply, at: number): readonly Lie[] {
    let byShape = this.known.get(supply.id);
    if (!byShape) this.known.set(supply.id, (byShape = new Map()));
    const shape = this.shapes[at]!;
    let ways = byShape.get(shape);
    if (!ways) {
      const { inside, access } = this.compartments[at]!;
      byShape.set(shape, (ways = lies(supply, inside, access)));
    }
    return ways;
  }

  /** How many of a supply fit beside what takes `taken` mm already; null when none does. */
  into(supply: Supply, count: number, at: number, taken: number): { count: number; width: number; lie: Lie } | null {
    const ways = this.ways(supply, at);
    return ways.length === 0 ? null : chooseLie(ways, count, this.usable[at]! - taken);
  }
}
