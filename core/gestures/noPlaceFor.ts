/** Why a new piece does not stand where such a piece stands, and which size would: said when it is added. */
import { mountsOf } from '../furniture/mounts.ts';
import { applyChanges, type Change } from '../model/change.ts';
import { formatLength, formatSize } from '../model/measure.ts';
import type { Plan, Shape, Unit } from '../model/plan.ts';
import { newlySaid } from './goodSpot.ts';
import type { Standing } from './newUnit.ts';
import { emptyOpenings } from './sameAgain.ts';

/** Why a shape hangs on no door and no edge and stands in no opening; null for one that is to stand on the floor or a wall. */
export function whyNotHeld(plan: Plan, shape: Shape, standing: Standing): string | null {
  if (standing === 'door') return whyNoDoor(plan, shape);
  if (standing === 'edge') return whyNoEdge(plan, shape);
  return standing === 'insert' ? whyNoOpening(plan, shape) : null;
}

function whyNoDoor({ openings, meta }: Plan, shape: Shape): string {
  const leaves = Object.values(openings).filter((o) => o.kind === 'door' && o.swing !== 'slide');
  const largest = leaves.sort((a, b) => b.width - a.width)[0];
  const own = formatSize([shape.width, shape.height], meta.units);
  return largest
    ? `${shape.name} is ${own}; the widest door has a leaf of ${formatSize([largest.width, largest.height], meta.units)}. It hangs on a wall.`
    : `No door here swings, so ${shape.name} hangs on a wall.`;
}

function whyNoEdge({ units, meta }: Plan, shape: Shape): string {
  const edges = Object.values(units).flatMap((u) =>
    u.elsewhere === null ? mountsOf(u).filter((m) => m.slot === 'edge') : [],
  );
  const longest = Math.max(0, ...edges.map((m) => m.inside.width));
  return longest > 0
    ? `${shape.name} is ${formatLength(shape.width, meta.units)} wide; the longest front edge here is ${formatLength(longest, meta.units)}. It hangs on a wall.`
    : `Nothing here has a front edge for ${shape.name}: a table or a wall shelf has. It hangs on a wall.`;
}

function whyNoOpening(plan: Plan, shape: Shape): string {
  const system = plan.meta.units;
  const openings = emptyOpenings(plan).map((c) => c.inside);
  const own = formatSize([shape.width, shape.depth, shape.height], system);
  const [first] = openings;
  if (!first)
    return `No cube shelf, bookcase or cabinet here has an empty opening for ${shape.name}. It stands by itself.`;
  // That which it fills best is meant.
  const off = (i: typeof first) =>
    Math.abs(Math.log(shape.width / i.width)) + Math.abs(Math.log(shape.height / i.height));
  const best = openings.reduce((a, b) => (off(b) < off(a) ? b : a), first);
  return `${shape.name} is ${own}; the opening that comes nearest is ${formatSize([best.width, best.depth, best.height], system)}. It stands by itself.`;
}

/** The sizes that are tried where a piece finds no free place, as shares of its width. */
const NARROWER = [0.9, 0.75, 0.6, 0.5, 0.4, 0.3];
/** Below this nobody wants one, mm. */
const NARROWEST = 100;

/**
 * What is said of a piece that stands in the way wherever it stands: what it does there, and which width would not.
 * @param made the piece, as it is added
 * @param fits whether one of a width would stand in nobody's way; null when no more time is to be spent
 */
export function whyInTheWay(
  plan: Plan,
  { unit, changes }: { unit: Unit; changes: readonly Change[] },
  onWall: boolean,
  fits: (width: number) => boolean | null,
): string {
  const system = plan.meta.units;
  const own = formatSize(onWall ? [unit.width, unit.height] : [unit.width, unit.depth], system);
  const [first] = newlySaid(applyChanges(plan, changes).plan, plan);
  const tried = NARROWER.map((share) => unit.width * share).filter((w) => w >= NARROWEST);
  const width = tried.find((w) => fits(w) === true);
  const would = width === undefined ? '' : ` One that is ${formatLength(width, system)} wide would go.`;
  return `No free ${onWall ? 'stretch of wall' : 'place'} takes ${unit.name} (${own}): ${first?.message ?? 'there is no way on foot to it, or to what is behind it.'}${would}`;
}
