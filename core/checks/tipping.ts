/**
 * Whether a unit tips forward: moments about its front feet, with drawers pulled out and somebody pulling on the
 * uppermost of them (after ASTM F2057, value from memory). Whatever comes out: tall furniture is fixed to the wall.
 */
import type { Compartment } from '../furniture/compartments.ts';
import { PUBLISHED, type Constants } from '../model/constants.ts';
import type { Unit } from '../model/plan.ts';

/** Up to this height somebody pulls on a drawer, mm (after ASTM F2057, value from memory). */
const PULL_BELOW = 1400;
/** Mass of a board, kg/m³: particleboard (EN 312, usual value, from memory). */
export const DENSITY = 650;

export interface Part {
  /** kg */
  mass: number;
  /** From the front feet backwards, mm; negative in front of them. */
  behind: number;
}

/** What holds a unit down over what tips it; below 1 it tips. Infinite when nothing tips it. */
export function steadiness(parts: readonly Part[]): number {
  let [holding, tipping] = [0, 0];
  for (const { mass, behind } of parts) {
    if (behind >= 0) holding += mass * behind;
    else tipping -= mass * behind;
  }
  return tipping === 0 ? Infinity : holding / tipping;
}

/** Thickness of the sides and of the bottom of a drawer, mm. Common practice, no source. */
const [DRAWER_SIDE, DRAWER_BOTTOM] = [12, 4];
/** The most that drawers make up of a unit whose mass was entered. Common practice, no source. */
const IN_DRAWERS = 0.7;

/** Mass of an empty drawer with its front, kg, from its boards. */
function drawerMass({ inside, front }: Pick<Compartment, 'inside' | 'front'>, board: number): number {
  const [wide, high] = [front.right - front.left, front.top - front.bottom];
  const { depth } = inside;
  const volume = wide * high * board + (2 * depth + wide) * high * DRAWER_SIDE + wide * depth * DRAWER_BOTTOM;
  return (volume / 1e9) * DENSITY;
}

/** Mass of an empty unit without its drawers, and that of each drawer, kg: by its boards, or as entered. */
function emptyMass(unit: Unit, drawers: readonly Compartment[]): { body: number; drawer: (c: Compartment) => number } {
  const { width: w, depth: d, height: h, board } = unit;
  const boxes = drawers.reduce((sum, c) => sum + drawerMass(c, board), 0);
  if (unit.mass !== null) {
    const all = unit.mass / 1000;
    const share = boxes > 0 ? Math.min(1, (IN_DRAWERS * all) / boxes) : 0;
    return { body: all - share * boxes, drawer: (c) => share * drawerMass(c, board) };
  }
  // Between drawers there are no shelves.
  const levels = drawers.length > 0 ? 1 : Math.max(1, unit.tiers.length || (unit.bays[0]?.cells.length ?? 1));
  const area = 2 * h * d + (levels + 1) * w * d + (unit.kind === 'cube shelf' ? (unit.columns - 1) * h * d : 0);
  return { body: ((area * board + w * h * 5) / 1e9) * DENSITY, drawer: (c) => drawerMass(c, board) };
}

export interface Tipping {
  /** With the one drawer out that tips most, and with all of them out. */
  single: number;
  all: number;
  /** The slot of that drawer; null for a unit without drawers. */
  drawer: string | null;
}

/**
 * @param contents mass in each compartment of the unit, kg
 */
export function tippingOf(
  unit: Unit,
  compartments: readonly Compartment[],
  contents: (compartment: string) => number,
  constants: Constants = PUBLISHED,
): Tipping {
  const middle = unit.depth / 2;
  const drawers = compartments.filter((c) => c.access === 'drawer' || c.access === 'pull-out');
  const empty = emptyMass(unit, drawers);
  const own: Part = { mass: empty.body, behind: middle };
  const out = (open: ReadonlySet<string>): number => {
    const parts: Part[] = [own];
    for (const c of compartments) {
      const travel = open.has(c.id) ? c.inside.depth : 0;
      // A drawer goes out with its own weight.
      const drawer = drawers.includes(c) ? empty.drawer(c) : 0;
      parts.push({ mass: contents(c.id) + drawer, behind: middle - travel });
    }
    const pulled = drawers.filter((c) => open.has(c.id) && c.front.top < PULL_BELOW);
    const top = pulled.reduce<Compartment | null>((a, c) => (a && a.front.top >= c.front.top ? a : c), null);
    if (top) parts.push({ mass: constants.pull, behind: -top.inside.depth });
    return steadiness(parts);
  };
  let [single, drawer]: [number, string | null] = [Infinity, null];
  for (const c of drawers) {
    const one = out(new Set([c.id]));
    if (one < single) [single, drawer] = [one, c.slot];
  }
  return { single, all: out(new Set(drawers.map((c) => c.id))), drawer };
}
