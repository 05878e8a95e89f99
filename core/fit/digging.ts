/**
 * What it takes to find one thing among others of its kind and to get it out, by how they lie: seen at once, filed on edge, in
 * flat stacks, in a heap, one row behind another. Of things that are alike the top or front one is taken, and nothing of this
 * is done. Figures are common practice without a published source; the times of the motions are those of MTM-1 (elements.ts).
 */
import { PUBLISHED } from '../model/constants.ts';
import type { Supply } from '../model/plan.ts';
import { differs } from './alike.ts';
import type { Packed } from './packed.ts';
import { partPlace, type Pose } from './poses.ts';
import { seenFromAbove, type Holds } from './limits.ts';

/** Motions that finding one among its neighbours adds to a fetch. */
export interface Digging {
  /** Width over which the eye travels, mm; 0 where nothing is looked over. */
  travel: number;
  /** Things flicked through on their edges. */
  flicks: number;
  /** Edges or tops looked at one by one. */
  looks: number;
  /** Handfuls lifted off and put back. */
  lifts: number;
  /** Whether it is grasped out of a jumble. */
  jumble: boolean;
}

export const NO_DIGGING: Digging = { travel: 0, flicks: 0, looks: 0, lifts: 0, jumble: false };

/** Thinner than this, what stands on its edge is flicked through; thicker things show their spines, mm. */
const SPINE = 12;
/** After this many one stops looking at each and rakes through the heap instead. */
export const MOST_LOOKS = 20;

/** Handfuls lifted off to get at one of a stack, on average over all that lie in it: none for the top one. */
function liftsFrom(stack: number, each: number, handful: number): number {
  const atOnce = Math.max(1, Math.floor(handful / each + 1e-9));
  let lifts = 0;
  for (let above = 1; above < stack; above++) lifts += Math.ceil(above / atOnce);
  return lifts / stack;
}

/**
 * What finding one of a line and getting it out takes.
 * @param lie how they lie there
 * @param count how many lie there
 */
export function diggingOf(supply: Supply, lie: Pose | null, count: number, place: Holds): Digging {
  if (!lie || count <= 1 || !differs(supply)) return NO_DIGGING;
  const k = place.constants ?? PUBLISHED;
  const { across, up, layers, rows, pattern, orientation } = lie;
  if (place.access === 'peg') {
    const columns = Math.ceil(count / lie.perColumn);
    return { ...NO_DIGGING, travel: columns * across };
  }
  if (lie.inPart && place.parts) {
    const own = diggingOf(supply, lie.inPart, Math.min(count, layers), partPlace(place, place.parts));
    const used = Math.ceil(count / layers);
    const { division } = place.parts;
    // Pages and pockets are leafed through; cells are seen side by side.
    return division === 'pages' || division === 'pockets' || division === 'cards'
      ? { ...own, flicks: own.flicks + Math.min(k.flicks, used / 2) }
      : { ...own, travel: used * across };
  }
  if (pattern === 'fill') {
    if (supply.form === 'loose') return { ...NO_DIGGING, looks: Math.min(MOST_LOOKS, (count + 1) / 2), jumble: true };
    // Folded cloth and skeins lie in piles beside each other; their folds are seen, and what lies on them is lifted off.
    const each = Math.max(1, supply.thickness * supply.squeeze);
    const high = Math.min(count, Math.max(1, Math.floor(up / each)));
    const wide = Math.min(
      place.inside.width,
      (Math.ceil(count / high) * supply.width) / Math.max(1, place.inside.depth / supply.length),
    );
    return { ...NO_DIGGING, travel: Math.max(wide, supply.width), lifts: liftsFrom(high, each, k.handful) };
  }
  const high = Math.min(layers, count);
  const stacks = Math.ceil(count / layers);
  const deep = Math.min(rows, stacks);
  const travel = pattern === 'slant' || pattern === 'mixed' ? place.inside.width : Math.ceil(stacks / deep) * across;
  const thin = Math.min(across, lie.into);
  const filed = orientation === 'edge' && thin < SPINE && high === 1;
  // From the front the rows behind the first one are not seen; what one looks into from above has no behind.
  const behind = seenFromAbove(place) ? 0 : (deep - 1) / 2;
  if (filed) return { ...NO_DIGGING, flicks: Math.min(k.flicks, count / 2), lifts: behind };
  // A look over one layer, or over stacks and then at what lies in one of them.
  const looks = high > 1 ? (high + 1) / 2 : 0;
  return { ...NO_DIGGING, travel, looks, lifts: liftsFrom(high, up, k.handful) + behind };
}

/** The same of things as they are laid out; in a pile of several lines what lies above is lifted off first. */
export function diggingIn(
  supply: Supply,
  { lie, rows, stagger, fits, pile }: Pick<Packed, 'lie' | 'rows' | 'stagger' | 'fits' | 'pile'>,
  place: Holds,
): Digging {
  const own = diggingOf(supply, lie && { ...lie, rows: stagger ? stagger.per : rows }, fits, place);
  if (!pile || pile.above <= 0) return own;
  const { handful } = place.constants ?? PUBLISHED;
  return { ...own, lifts: own.lifts + Math.ceil(pile.above / handful - 1e-9) };
}
