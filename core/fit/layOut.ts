/**
 * Where everything in one place really lies: each supply a block of pieces, each container its outline, none overlapping.
 * Strips side by side are tried first (what the search for places reckons with), then blocks of other shapes, packed.
 * From above: x from the left, y from the front; on a board y runs down from its upper edge. Lengths in mm.
 */
import type { Supply } from '../model/plan.ts';
import type { Item, Packed, LaidOut } from './packed.ts';
import { pilesOf } from './piles.ts';
import { differs } from './alike.ts';
import { diggingOf } from './digging.ts';
import { chooseLie } from './fit.ts';
import type { Holds } from './limits.ts';
import {
  countWithin,
  LOOSE_LEAST,
  posesOf,
  staggeredWidth,
  staggersOf,
  volumePoured,
  withLayers,
  type Pose,
  type Stagger,
} from './poses.ts';
import { dealParts, partCount, partRect, type Parts } from '../furniture/parts.ts';
import { FreeSpace, RULES, type Rect, type Rule } from '../geometry/pack/freeSpace.ts';

/** One shape of the block that a whole count can lie in. */
interface Shape {
  w: number;
  d: number;
  lie: Pose;
  /** Pieces (or stacks) from front to back in one column. */
  rows: number;
  stagger: Stagger | null;
}

/** Width and depth in which things lie: a board is as deep as it is high. */
export function floorOf(place: Pick<Holds, 'inside' | 'access'>): { width: number; depth: number } {
  const { width, depth, height } = place.inside;
  return { width, depth: place.access === 'peg' ? height : depth };
}

/** Shapes in which a whole count can lie in one place, fewest columns first. */
function shapesOf(lie: Pose, supply: Supply, count: number, width: number, depth: number): Shape[] {
  const shapes: Shape[] = [];
  const add = (w: number, d: number, rows: number, stagger: Stagger | null = null) => {
    if (w <= width + 1e-6 && d <= depth + 1e-6 && w > 0 && d > 0) shapes.push({ w, d, lie, rows, stagger });
  };
  if (lie.pattern === 'slant' || lie.pattern === 'mixed') {
    if (count <= lie.perColumn) add(width, depth, lie.rows);
    return shapes;
  }
  if (lie.pattern === 'fill') {
    const area = (volumePoured(supply) * count) / lie.up;
    const least = Math.min(LOOSE_LEAST, width, depth);
    for (const d of [depth, depth / 2, depth / 3, Math.sqrt(area)])
      if (d >= least - 1e-6 && d <= depth + 1e-6) add(Math.max(least, area / d), d, 1);
    return shapes;
  }
  const stacks = Math.ceil(count / lie.layers);
  for (const rows of someOf(Math.min(lie.rows, stacks)))
    add(Math.ceil(stacks / rows) * lie.across, rows * lie.into, rows);
  if (lie.round)
    for (const s of staggersOf(lie.across, lie.deep)) add(staggeredWidth(s, lie.across, stacks), lie.deep, s.per, s);
  return shapes;
}

/** The numbers of rows that are tried: all when they are few, else some spread over them, the largest always. */
function someOf(most: number): number[] {
  if (most <= 8) return Array.from({ length: most }, (_, i) => most - i);
  return [...new Set([most, Math.ceil(most / 2), Math.ceil(most / 3), Math.ceil(most / 4), 4, 3, 2, 1])];
}

/** Whether a lie hangs on a board. */
const hangs = (place: Pick<Holds, 'access'>) => place.access === 'peg';

/** One order of things, however they are given: so that whether they all fit is the same for whoever asks. */
export const settledOrder = (items: readonly Item[]): number[] =>
  items
    .map((_, i) => i)
    .sort((a, b) => {
      const [x, y] = [items[a]!, items[b]!];
      return x.supply.id < y.supply.id ? -1 : x.supply.id > y.supply.id ? 1 : x.count - y.count;
    });

/**
 * Lays things into a place. Where they do not all find room as they are given, they are laid in one settled order, too.
 * @param items in the order in which they choose, most used first
 * @param fixed what stands there already (containers), in the same coordinates
 * @param grow share of the width that stays free as long as that is possible
 * @param flat whether things lie with as few on each other as the room allows, as one lays them into a drawer
 */
export function layOut(
  place: Holds,
  items: readonly Item[],
  fixed: readonly Rect[],
  grow: number,
  flat = false,
): LaidOut {
  const given = laidAsGiven(place, items, fixed, grow, flat);
  const whole = ({ laid }: LaidOut, list: readonly Item[]) => laid.every((l, i) => l.fits === list[i]!.count);
  if (items.length < 2 || place.parts || whole(given, items)) return given;
  const { width, depth } = floorOf(place);
  const floor = fixed.reduce((sum, r) => sum + r.w * r.d, 0) + given.laid.reduce((sum, l) => sum + l.wants, 0);
  const order = settledOrder(items);
  if (floor > width * depth + 1e-3 || order.every((i, k) => i === k)) return given;
  const list = order.map((i) => items[i]!);
  const settled = laidAsGiven(place, list, fixed, grow, flat);
  if (!whole(settled, list)) return given;
  const laid: Packed[] = [];
  order.forEach((i, k) => (laid[i] = settled.laid[k]!));
  return { ...settled, laid };
}

function laidAsGiven(
  place: Holds,
  items: readonly Item[],
  fixed: readonly Rect[],
  grow: number,
  flat: boolean,
): LaidOut {
  const floor = floorOf(place);
  const { width, depth } = floor;
  const ways = waysOf(place, items);
  if (place.parts) return inParts(place.parts, items, ways, width, depth);
  const shapes = items.map((item, i) =>
    ways[i]!.flatMap((lie) => shapesOf(lie, item.supply, item.count, width, depth)),
  );
  const wants = items.map((item, i) => floorWanted(item, ways[i]!, shapes[i]!, width, depth));
  const whole = laidWhole(place, items, fixed, { grow, flat, ways, shapes, wants });
  if (whole) return whole;
  const laid =
    inAnyOrder(items, ways, shapes, wants, fixed, width, depth) ??
    sheetsPiled(place, items, fixed, wants) ??
    partly(items, ways, shapes, wants, fixed, width, depth);
  return sharesOf(laid, items, fixed, floor);
}

/** The ways in which each thing can lie in a place. */
const waysOf = (place: Holds, items: readonly Item[]): Pose[][] =>
  items.map(({ supply, only, anyhow }) =>
    posesOf(supply, place, only, anyhow).map((lie) => (hangs(place) ? onBoard(lie) : lie)),
  );

interface Prepared {
  grow: number;
  flat: boolean;
  ways: ReadonlyArray<readonly Pose[]>;
  shapes: ReadonlyArray<readonly Shape[]>;
  wants: readonly number[];
}

/** All of the things, side by side or sheets on each other; null where they do not all find room. */
function laidWhole(
  place: Holds,
  items: readonly Item[],
  fixed: readonly Rect[],
  { grow, flat, ways, shapes, wants }: Prepared,
): LaidOut | null {
  const { width, depth } = floorOf(place);
  for (const limit of grow > 0 ? [width * (1 - grow), width] : [width]) {
    const dense = strips(place, items, ways, fixed, limit, flat) ?? packed(items, shapes, fixed, limit, depth);
    if (!dense) continue;
    const found = (flat && loosened(place, items, ways, fixed, limit, depth, dense)) || dense;
    const laid = found.map((s, i): Packed => asLaid(s, items[i]!.count, ways[i]!, wants[i]!));
    return sharesOf(laid, items, fixed, { width, depth });
  }
  const piled = inPiles(place, items, ways, fixed, width, depth);
  if (!piled) return null;
  const taken = fixed.reduce((sum, r) => sum + r.w * r.d, 0) + piled.floor;
  const share = Math.max(piled.high, taken / (width * depth));
  return { laid: piled.laid, share: Math.min(1, share), reach: piled.reach };
}

/** What things take of a floor, laid as they are. */
function sharesOf(
  drawn: readonly Packed[],
  items: readonly Item[],
  fixed: readonly Rect[],
  { width, depth }: { width: number; depth: number },
): LaidOut {
  const taken = fixed.reduce((sum, r) => sum + r.w * r.d, 0);
  // What is drawn whole takes no more than that: a few loose things lie closer than they are reckoned.
  const laid = drawn.map((l, i): Packed =>
    l.block && l.fits === items[i]!.count && l.block.w * l.block.d < l.wants
      ? { ...l, wants: l.block.w * l.block.d }
      : l,
  );
  const wanted = (taken + laid.reduce((sum, l) => sum + l.wants, 0)) / (width * depth);
  const missing = laid.reduce((sum, l, i) => sum + l.wants * (1 - l.fits / items[i]!.count), 0) / (width * depth);
  return {
    laid,
    share: missing > 1e-9 ? Math.max(wanted, 1 + missing) : Math.min(1, wanted),
    reach: [...fixed, ...laid.flatMap((l) => (l.block ? [l.block] : []))].reduce((m, r) => Math.max(m, r.x + r.w), 0),
  };
}

/** Whole parts of a divided place for each thing, as many as its count needs. */
function inParts(
  parts: Parts,
  items: readonly Item[],
  ways: ReadonlyArray<readonly Pose[]>,
  width: number,
  depth: number,
): LaidOut {
  const all = partCount(parts);
  const area = (width * depth) / all;
  const chosen = ways.map((own) => own[0] ?? null);
  const needs = items.map((item, i) => {
    const lie = chosen[i];
    return lie ? Math.ceil(item.count / lie.layers - 1e-9) : 0;
  });
  const dealt = dealParts(
    parts,
    items.map((item, i) => ({ needs: needs[i]!, first: item.part == null ? null : item.part - 1 })),
  );
  const laid = items.map((item, i): Packed => {
    const lie = chosen[i]!;
    const own = dealt[i]!;
    const wants = lie ? needs[i]! * area : width * depth;
    if (!lie || own.length === 0)
      return { fits: 0, block: null, lie: null, rows: 0, stagger: null, possible: lie !== null, wants, parts: [] };
    const rects = own.map((n) => partRect(parts, width, depth, n));
    const [x, y] = [Math.min(...rects.map((r) => r.x)), Math.min(...rects.map((r) => r.y))];
    const block = {
      x,
      y,
      w: Math.max(...rects.map((r) => r.x + r.w)) - x,
      d: Math.max(...rects.map((r) => r.y + r.d)) - y,
    };
    const fits = Math.min(item.count, own.length * lie.layers);
    return { fits, block, lie, rows: 1, stagger: null, possible: true, wants, parts: own };
  });
  const wanted = needs.reduce((sum, n, i) => sum + (chosen[i] ? n : all), 0) / all;
  const taken = dealt.reduce((sum, own) => sum + own.length, 0) / all;
  return { laid, share: Math.max(wanted, taken), reach: width * Math.min(1, taken) };
}

/**
 * Sheets of several lines on each other, where they do not all lie side by side; null where that does not help. The larger ones
 * lie below; of equal ones what is used most lies on top.
 */
function inPiles(
  place: Holds,
  items: readonly Item[],
  ways: ReadonlyArray<readonly Pose[]>,
  fixed: readonly Rect[],
  width: number,
  depth: number,
): { laid: Packed[]; floor: number; reach: number; high: number } | null {
  const piles = pilesOf(place, items, ways);
  if (piles.every((p) => p.members.length < 2)) return null;
  const whole: Item[] = piles.map((p) => p.item);
  const own = whole.map((_, i) => (piles[i]!.members.length > 1 ? [piles[i]!.lie!] : ways[piles[i]!.members[0]!.at]!));
  const shapes = whole.map((item, i) => own[i]!.flatMap((lie) => shapesOf(lie, item.supply, item.count, width, depth)));
  const found = strips(place, whole, own, fixed, width, false) ?? packed(whole, shapes, fixed, width, depth);
  if (!found) return null;
  const laid: Packed[] = [];
  let high = 0;
  piles.forEach((pile, i) => {
    const s = found[i]!;
    if (pile.members.length === 1) {
      laid[pile.members[0]!.at] = asLaid(s, pile.item.count, own[i]!, s.w * s.d);
      return;
    }
    high = Math.max(high, pile.height / pile.most);
    for (const { at, lie, below, above } of pile.members) {
      const block = { x: s.x, y: s.y, w: Math.min(s.w, lie.across), d: Math.min(s.d, lie.into) };
      const fits = items[at]!.count;
      const wants = (s.w * s.d * (fits * items[at]!.supply.thickness)) / pile.height;
      const one = { ...lie, up: fits * items[at]!.supply.thickness, rows: 1, perColumn: lie.layers };
      laid[at] = { fits, block, lie: one, rows: 1, stagger: null, possible: true, wants, pile: { below, above } };
    }
  });
  const reach = [...fixed, ...found].reduce((m, r) => Math.max(m, r.x + r.w), 0);
  return { laid, floor: found.reduce((sum, s) => sum + s.w * s.d, 0), reach, high };
}

/**
 * As many sheets as lie on each other where not all do: each line in turn as many as still find room with those before it; null
 * where there are no piles to speak of.
 */
function sheetsPiled(
  place: Holds,
  items: readonly Item[],
  fixed: readonly Rect[],
  wants: readonly number[],
): Packed[] | null {
  const flat = ({ supply, only }: Item) => supply.form === 'sheets' && (only === null || only === 'flat');
  if (items.filter(flat).length < 2 || !items.every((item) => item.supply.form === 'sheets')) return null;
  const kept: Item[] = [];
  let laid: Packed[] = [];
  const { width, depth } = floorOf(place);
  const fits = (item: Item, count: number): boolean => {
    const list = [...kept, { ...item, count }];
    const ways = waysOf(place, list);
    const shapes = list.map(({ supply, count: n }, i) =>
      ways[i]!.flatMap((lie) => shapesOf(lie, supply, n, width, depth)),
    );
    const tried = laidWhole(place, list, fixed, { grow: 0, flat: false, ways, shapes, wants: list.map(() => 0) });
    if (tried) laid = tried.laid;
    return tried !== null;
  };
  const counts = items.map((item) => {
    let [low, high] = [0, item.count + 1];
    while (high - low > 1) {
      const middle = low === 0 && high > item.count ? item.count : Math.floor((low + high) / 2);
      if (fits(item, middle)) low = middle;
      else high = middle;
    }
    if (low > 0) kept.push({ ...item, count: low });
    return low;
  });
  let at = 0;
  return counts.map((count, i) =>
    count > 0
      ? { ...laid[at++]!, wants: wants[i]! }
      : { fits: 0, block: null, lie: null, rows: 0, stagger: null, possible: wants[i]! > 0, wants: wants[i]! },
  );
}

/** Heights of stacks that are tried for things of which one is wanted, lowest first; in coarser steps when packing, which takes longer. */
const FEW_LAYERS = [1, 2, 3, 5, 8];
const FEW_PACKED: ReadonlySet<number> = new Set([2, 5]);

/**
 * The same things with fewer on each other wherever one of a line is wanted; null where there is no room for that.
 * @param dense how they lie with as many on each other as may be
 */
function loosened(
  place: Holds,
  items: readonly Item[],
  ways: ReadonlyArray<readonly Pose[]>,
  fixed: readonly Rect[],
  limit: number,
  depth: number,
  dense: ReadonlyArray<(Shape & Rect) | null>,
): Array<Shape & Rect> | null {
  const wanted = items.map((item) => item.count > 1 && differs(item.supply));
  const layersOf = (s: Shape | null, i: number) =>
    s && wanted[i] && s.lie.pattern === 'grid' ? Math.min(s.lie.layers, items[i]!.count) : 1;
  const most = dense.reduce((high, s, i) => Math.max(high, layersOf(s, i)), 1);
  for (const few of FEW_LAYERS) {
    if (few >= most) return null;
    const looser = ways.map((own, i) =>
      wanted[i] ? own.map((lie) => (lie.pattern === 'grid' && lie.layers > few ? withLayers(lie, few) : lie)) : own,
    );
    const better = (now: ReadonlyArray<Shape>) =>
      now.every((s, i) => !wanted[i] || workOf(place, items[i]!, s) <= workOf(place, items[i]!, dense[i]!) + 1e-9);
    const inStrips = strips(place, items, looser, fixed, limit, true);
    if (inStrips && better(inStrips)) return inStrips;
    if (!FEW_PACKED.has(few)) continue;
    const shapes = items.map((item, i) =>
      looser[i]!.flatMap((lie) => shapesOf(lie, item.supply, item.count, limit, depth)),
    );
    const found = packed(items, shapes, fixed, limit, depth);
    if (found && better(found)) return found;
  }
  return null;
}

/** What motions count against each other, in looks: a look 7.3 TMU, flicking to the next 14.7, a handful off and back 47.7 (MTM-1). */
const IN_LOOKS = { flick: 2, lift: 6.5 } as const;
/** A look over things, in looks for each mm of width, and at most (eye travel 15.2 T/D, at most 20 TMU). */
const LOOK_OVER = { each: 1 / 219, most: 2.74 } as const;

/** What finding and taking one of a line takes where it lies so, in looks. */
function workOf(place: Holds, { supply, count }: Item, { lie, rows, stagger }: Shape): number {
  const dig = diggingOf(supply, { ...lie, rows: stagger ? stagger.per : rows }, count, place);
  const over = Math.min(LOOK_OVER.most, dig.travel * LOOK_OVER.each);
  return over + dig.looks + dig.flicks * IN_LOOKS.flick + dig.lifts * IN_LOOKS.lift;
}

/** A column on a board is as deep as the board is high: rows below each other take the part of rows behind each other. */
function onBoard(lie: Pose): Pose {
  return { ...lie, into: lie.up, rows: lie.layers, layers: 1 };
}

function asLaid(s: (Shape & Rect) | null, count: number, ways: readonly Pose[], wants: number): Packed {
  if (!s) return { fits: 0, block: null, lie: null, rows: 0, stagger: null, possible: ways.length > 0, wants };
  const block = { x: s.x, y: s.y, w: s.w, d: s.d };
  return { fits: count, block, lie: s.lie, rows: s.rows, stagger: s.stagger, possible: true, wants };
}

/** The least floor that the whole count takes; a multiple of the whole where not all can lie there even alone. */
function floorWanted(
  item: Item,
  ways: readonly Pose[],
  shapes: readonly Shape[],
  width: number,
  depth: number,
): number {
  if (ways.length === 0) return width * depth;
  if (shapes.length > 0) return Math.min(...shapes.map((s) => s.w * s.d));
  const most = Math.max(...ways.map((lie) => countWithin(lie, width)));
  return (width * depth * item.count) / Math.max(1, most);
}

/** Strips side by side from the left, each over the depth that it needs; null when they do not all fit. */
function strips(
  place: Holds,
  items: readonly Item[],
  ways: ReadonlyArray<readonly Pose[]>,
  fixed: readonly Rect[],
  limit: number,
  flat: boolean,
): Array<Shape & Rect> | null {
  let x = fixed.reduce((m, r) => Math.max(m, r.x + r.w), 0);
  const result: Array<Shape & Rect> = [];
  for (const [i, item] of items.entries()) {
    const best = chooseLie(ways[i]!, item.count, limit - x);
    if (best?.count !== item.count) return null;
    const { lie } = best;
    const stacks = Math.ceil(item.count / lie.layers);
    const stagger =
      lie.round && Math.ceil(item.count / lie.perColumn) * lie.across > best.width + 1e-6
        ? staggersOf(lie.across, lie.deep).find(
            (s) => Math.abs(staggeredWidth(s, lie.across, stacks) - best.width) < 1e-6,
          )!
        : null;
    const rows = stagger ? stagger.per : lie.pattern === 'grid' ? Math.min(lie.rows, stacks) : lie.rows;
    const d = lie.pattern !== 'grid' || stagger ? lie.deep : rows * lie.into;
    result.push({ x, y: 0, w: best.width, d, lie, rows, stagger });
    x += best.width;
  }
  return flat ? spread(place, items, result, limit - x) : result;
}

/**
 * Strips with less on each other, as far as the width that is left allows: what is most used first. Sheets stay in one stack.
 * @param left mm
 */
function spread(place: Holds, items: readonly Item[], strips: Array<Shape & Rect>, left: number): Array<Shape & Rect> {
  let moved = 0;
  return strips.map((strip, i) => {
    const { supply, count } = items[i]!;
    const here = { ...strip, x: strip.x + moved };
    const { lie, rows } = strip;
    if (lie.pattern !== 'grid' || lie.round || supply.form === 'sheets' || lie.layers === 1) return here;
    const most = Math.floor(lie.deep / lie.into + 1e-9);
    for (let layers = 1; layers < Math.min(lie.layers, count); layers++) {
      const stacks = Math.ceil(count / layers);
      const wider = Math.ceil(stacks / most) * lie.across;
      if (wider > strip.w + left + 1e-6) continue;
      const deep = Math.min(most, stacks);
      const looser = {
        ...here,
        w: wider,
        d: deep * lie.into,
        rows: deep,
        lie: withLayers({ ...lie, rows: most }, layers),
      };
      // In a place that is open to the front, more rows behind each other may cost more than one on another.
      if (workOf(place, items[i]!, looser) > workOf(place, items[i]!, here) + 1e-9) continue;
      left -= wider - strip.w;
      moved += wider - strip.w;
      return looser;
    }
    return { ...here, rows };
  });
}

const AREA = (s: readonly Shape[]) => Math.min(...s.map((x) => x.w * x.d));
const DEEP = (s: readonly Shape[]) => Math.max(...s.map((x) => Math.max(x.w, x.d)));

/** Blocks of any shape packed into what is free; null when not all find a place. */
function packed(
  items: readonly Item[],
  shapes: ReadonlyArray<readonly Shape[]>,
  fixed: readonly Rect[],
  limit: number,
  depth: number,
): Array<Shape & Rect> | null {
  if (shapes.some((s) => s.length === 0)) return null;
  const taken = fixed.reduce((sum, r) => sum + Math.max(0, Math.min(limit, r.x + r.w) - r.x) * r.d, 0);
  if (taken + shapes.reduce((sum, s) => sum + AREA(s), 0) > limit * depth + 1e-6) return null;
  // The same whatever order the things are given in, so that a search and the report find the same.
  const given = shapes
    .map((_, i) => i)
    .sort((a, b) => items[a]!.supply.id.localeCompare(items[b]!.supply.id) || items[a]!.count - items[b]!.count);
  const orders = [
    [...given].sort((a, b) => AREA(shapes[b]!) - AREA(shapes[a]!)),
    [...given].sort((a, b) => DEEP(shapes[b]!) - DEEP(shapes[a]!)),
  ];
  for (const order of orders) {
    for (const rule of RULES) {
      const space = spaceLeft(limit, depth, fixed);
      const result: Array<Shape & Rect> = [];
      const whole = order.every((i) => {
        const at = bestShape(space, shapes[i]!, rule);
        if (!at) return false;
        space.take(at);
        result[i] = at;
        return true;
      });
      if (whole) return result;
    }
  }
  return null;
}

function spaceLeft(width: number, depth: number, fixed: readonly Rect[]): FreeSpace {
  const space = new FreeSpace(width, depth);
  for (const r of fixed) space.take(r);
  return space;
}

function bestShape(space: FreeSpace, shapes: readonly Shape[], rule: Rule): (Shape & Rect) | null {
  let best: (Shape & Rect & { score: number; second: number }) | null = null;
  for (const shape of shapes) {
    // Shapes differ in floor, so wasted floor counts first.
    const waste = shape.w * shape.d;
    if (best && waste >= best.w * best.d + 1) continue;
    const at = space.find(shape.w, shape.d, rule);
    if (at && (!best || waste < best.w * best.d - 1 || at.score < best.score)) best = { ...shape, ...at };
  }
  return best;
}

/** With at most this many things, all orders are tried once packing has found no room. */
const FEW = 4;

/**
 * Things that find room one after the other in some order, although packing them did not: a thing may lie in a row that
 * only the room left by others asks for. So whether few things fit does not depend on the order in which they are given.
 */
function inAnyOrder(
  items: readonly Item[],
  ways: ReadonlyArray<readonly Pose[]>,
  shapes: ReadonlyArray<readonly Shape[]>,
  wants: readonly number[],
  fixed: readonly Rect[],
  width: number,
  depth: number,
): Packed[] | null {
  const taken = fixed.reduce((sum, r) => sum + r.w * r.d, 0);
  if (items.length > FEW || taken + wants.reduce((a, b) => a + b, 0) > width * depth + 1e-6) return null;
  const given = items
    .map((_, i) => i)
    .sort((a, b) => items[a]!.supply.id.localeCompare(items[b]!.supply.id) || items[a]!.count - items[b]!.count);
  for (const order of ordersOf(given)) {
    const of = <T>(list: readonly T[]) => order.map((i) => list[i]!);
    const laid = partly(of(items), of(ways), of(shapes), of(wants), fixed, width, depth);
    if (laid.every((l, k) => l.fits === items[order[k]!]!.count)) {
      const result: Packed[] = [];
      order.forEach((i, k) => (result[i] = laid[k]!));
      return result;
    }
  }
  return null;
}

function* ordersOf(list: readonly number[]): Generator<number[]> {
  if (list.length <= 1) yield [...list];
  for (const [i, first] of list.entries())
    if (list.length > 1) for (const rest of ordersOf(list.filter((_, k) => k !== i))) yield [first, ...rest];
}

/** One after the other, each as many as still find room. */
function partly(
  items: readonly Item[],
  ways: ReadonlyArray<readonly Pose[]>,
  shapes: ReadonlyArray<readonly Shape[]>,
  wants: readonly number[],
  fixed: readonly Rect[],
  width: number,
  depth: number,
): Packed[] {
  const space = spaceLeft(width, depth, fixed);
  return items.map((item, i): Packed => {
    const whole = bestShape(space, shapes[i]!, 'short side');
    if (whole) {
      space.take(whole);
      return asLaid(whole, item.count, ways[i]!, wants[i]!);
    }
    let most: { count: number; shape: Shape & Rect } | null = null;
    for (const lie of ways[i]!) {
      for (const f of space.free) {
        const count = Math.min(item.count, countInto(lie, item.supply, f));
        if (count < 1 || (most && count <= most.count)) continue;
        const shape = shapesOf(lie, item.supply, count, f.w, f.d).sort((a, b) => a.w * a.d - b.w * b.d)[0];
        if (shape) most = { count, shape: { ...shape, x: f.x, y: f.y } };
      }
    }
    if (!most) return asLaid(null, item.count, ways[i]!, wants[i]!);
    space.take(most.shape);
    return { ...asLaid(most.shape, most.count, ways[i]!, wants[i]!) };
  });
}

/** How many lie in a free rectangle in one way. */
function countInto(lie: Pose, supply: Supply, f: Rect): number {
  if (lie.pattern === 'slant' || lie.pattern === 'mixed')
    return f.w >= lie.across - 1e-6 && f.d >= lie.into - 1e-6 ? lie.perColumn : 0;
  if (lie.pattern === 'fill') {
    const least = Math.min(LOOSE_LEAST, f.w, f.d);
    return least < 10 ? 0 : Math.floor((f.w * f.d * lie.up) / volumePoured(supply) + 1e-9);
  }
  return Math.floor(f.w / lie.across + 1e-9) * Math.floor(f.d / lie.into + 1e-9) * lie.layers;
}
