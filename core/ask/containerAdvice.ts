/**
 * Which containers? For one place and what is to lie in it: every supply gets containers of one kind, as many as its count
 * needs; the mixes that really fit side by side, best first, by the floor they take or by their price. Mixes are looked at
 * in the order of what is to be small, so the first that can be packed is the best there is (unless the search is cut).
 */
import TinyQueue from 'tinyqueue';
import { outline, tooLargeFor } from '../fit/containers.ts';
import type { Compartment } from '../furniture/compartments.ts';
import type { ContainerShape, Supply } from '../model/plan.ts';
import { suits } from './suits.ts';
import { roomInContainer } from './capacity.ts';
import { floorOf, layOut } from '../fit/layOut.ts';
import type { Packed } from '../geometry/pack/box.ts';
import { packRectangles } from '../geometry/pack/rectangles.ts';

export type By = 'space' | 'price';

/** What one supply lies in. */
export interface InContainers {
  supply: string;
  count: number;
  /** null when it lies without a container. */
  shape: ContainerShape | null;
  /** How many containers, and how many of the supply each takes at the most. */
  containers: number;
  each: number;
  how: string;
  /** Floor it takes, mm², and price; null where no price is known. */
  floor: number;
  price: number | null;
}

export interface Mix {
  items: InContainers[];
  /** Outlines on the floor; ids are "supply number". */
  placed: Packed[];
  /** Share of the floor that is taken, and the price of all; containers without a price count as nothing and are counted. */
  share: number;
  price: number;
  unpriced: number;
  /** Some lies without a container that could have had one, since not all containers fit. */
  partly: boolean;
}

export interface Advice {
  mixes: Mix[];
  /** Supplies that fit in no container of the library there. */
  without: string[];
  /** Whether no better mix can exist; false when the search was cut. */
  exact: boolean;
  reason: string | null;
}

export interface AdviceLimits {
  /** How many mixes are wanted. */
  mixes?: number;
  /** Mixes looked at, and packed, at the most. */
  looks?: number;
  packs?: number;
}

type Place = Pick<Compartment, 'inside' | 'access' | 'walls'>;

/** The ways in which one supply can lie in containers in a place, cheapest by a measure first. */
export function optionsFor(
  supply: Supply,
  count: number,
  place: Place,
  types: readonly ContainerShape[],
  by: By,
): InContainers[] {
  const { width, depth } = floorOf(place);
  const options: InContainers[] = [];
  for (const shape of types) {
    if (tooLargeFor(shape, place, 'metric') || !suits(supply, shape)) continue;
    const { most, how } = roomInContainer(supply, shape);
    if (most < 1) continue;
    const containers = Math.ceil(count / most);
    const { w, d } = outline(shape, place.access);
    const floor = containers * w * d;
    if (floor > width * depth + 1e-6) continue;
    const price = shape.price === null ? null : shape.price * containers;
    options.push({ supply: supply.id, count, shape, containers, each: Math.min(most, count), how, floor, price });
  }
  return options.sort((a, b) => costOf(a, by) - costOf(b, by));
}

/** What is to be small: floor first and then the price, or the other way round. */
export function costOf(option: Pick<InContainers, 'floor' | 'price'>, by: By): number {
  const [floor, price] = [option.floor, option.price ?? 0];
  return by === 'space' ? floor + price * 1e-3 : price * 1e6 + floor * 1e-3;
}

/** The best mixes of containers for what is to lie in a place. */
export function containerAdvice(
  lines: ReadonlyArray<{ supply: Supply; count: number }>,
  place: Place,
  types: readonly ContainerShape[],
  by: By,
  { mixes: wanted = 5, looks = 30_000, packs = 150 }: AdviceLimits = {},
): Advice {
  const { width, depth } = floorOf(place);
  const without: string[] = [];
  const loose = lines.map(({ supply, count }) => looseIn(supply, count, place));
  const options = lines.map(({ supply, count }, i) => {
    const found = optionsFor(supply, count, place, types, by);
    if (found.length > 0) return found;
    without.push(supply.id);
    return loose[i] ? [loose[i]] : [];
  });
  const impossible = lines.filter((_, i) => options[i]!.length === 0);
  if (lines.length === 0) return { mixes: [], without, exact: true, reason: 'nothing is to lie here yet' };
  if (impossible.length > 0)
    return {
      mixes: [],
      without,
      exact: true,
      reason: `${impossible.map((l) => l.supply.name).join(', ')}: not all of it fits here, with or without a container`,
    };
  const queue = new TinyQueue<{ at: number[]; cost: number }>([], (a, b) => a.cost - b.cost);
  const seen = new Set<string>();
  const push = (at: number[]) => {
    const key = at.join();
    if (seen.has(key)) return;
    seen.add(key);
    queue.push({ at, cost: at.reduce((sum, o, i) => sum + costOf(options[i]![o]!, by), 0) });
  };
  push(lines.map(() => 0));
  const mixes: Mix[] = [];
  let [looked, packed] = [0, 0];
  while (queue.length > 0 && mixes.length < wanted && looked < looks && packed < packs) {
    const { at } = queue.pop()!;
    looked++;
    const items = at.map((o, i) => options[i]![o]!);
    if (items.reduce((sum, o) => sum + o.floor, 0) <= width * depth + 1e-6) {
      packed++;
      const mix = packMix(items, lines, place);
      if (mix) mixes.push(mix);
    }
    at.forEach((o, i) => o + 1 < options[i]!.length && push(at.map((x, j) => (j === i ? x + 1 : x))));
  }
  const cut = mixes.length < wanted && queue.length > 0;
  const exact = !cut || mixes.length > 0;
  if (mixes.length === 0) {
    const found = byStrips(options, loose, lines, place, by);
    if (found) mixes.push(found);
  }
  return {
    mixes,
    without,
    exact: exact && mixes[0]?.partly !== true,
    reason: mixes.length > 0 ? null : 'no mix of containers fits side by side here',
  };
}

/** A supply that lies in a place without a container; null where not all of it does. */
function looseIn(supply: Supply, count: number, place: Place): InContainers | null {
  const { block, fits } = layOut(place, [{ supply, count, only: null }], [], 0).laid[0]!;
  if (!block || fits < count) return null;
  const floor = block.w * block.d;
  return {
    supply: supply.id,
    count,
    shape: null,
    containers: 0,
    each: count,
    how: 'without a container',
    floor,
    price: 0,
  };
}

/** How much width containers take in columns over the whole depth, whichever way they are turned. */
function stripOf(option: InContainers, place: Place): number {
  if (option.shape === null) return option.floor / floorOf(place).depth;
  const { depth } = floorOf(place);
  const { w, d } = outline(option.shape, place.access);
  const column = (across: number, into: number) =>
    into > depth + 1e-6 ? Infinity : Math.ceil(option.containers / Math.floor(depth / into + 1e-9)) * across;
  return Math.min(column(w, d), place.access === 'peg' ? Infinity : column(d, w));
}

/**
 * A mix that fits when the search in order found none: the containers that take the least width in columns; where they do not
 * all fit, what saves most lies without one; then for each supply whatever is cheaper and still fits. Good, not the best.
 */
function byStrips(
  options: readonly InContainers[][],
  loose: ReadonlyArray<InContainers | null>,
  lines: ReadonlyArray<{ supply: Supply; count: number }>,
  place: Place,
  by: By,
): Mix | null {
  const items = options.map((list) =>
    list.reduce((best, o) => (stripOf(o, place) < stripOf(best, place) - 1e-9 ? o : best)),
  );
  let mix = packMix(items, lines, place);
  while (!mix) {
    const saves = items.map((o, i) => (o.shape === null || !loose[i] ? -Infinity : o.floor - loose[i].floor));
    const most = Math.max(...saves);
    if (most === -Infinity) return null;
    const at = saves.indexOf(most);
    items[at] = loose[at]!;
    mix = packMix(items, lines, place);
  }
  for (let better = true; better;) {
    better = false;
    for (const [i, list] of options.entries()) {
      if (items[i]!.shape === null) continue;
      const cheaper = list.filter((o) => costOf(o, by) < costOf(items[i]!, by) - 1e-9).slice(0, 12);
      for (const o of cheaper) {
        const tried = packMix(
          items.map((x, j) => (j === i ? o : x)),
          lines,
          place,
        );
        if (!tried) continue;
        items[i] = o;
        mix = tried;
        better = true;
        break;
      }
    }
  }
  return mix.items.every((o) => o.shape === null)
    ? null
    : { ...mix, partly: items.some((o, i) => o.shape === null && options[i]![0]!.shape !== null) };
}

/** Packs the containers of a mix, and what lies without one; null when they do not all fit. */
export function packMix(
  items: readonly InContainers[],
  lines: ReadonlyArray<{ supply: Supply; count: number }>,
  place: Place,
): Mix | null {
  const { width, depth } = floorOf(place);
  const boxes = items.flatMap((item, i) => {
    if (item.shape === null) {
      const { block } = layOut(place, [{ supply: lines[i]!.supply, count: item.count, only: null }], [], 0).laid[0]!;
      return [{ id: `${item.supply} 1`, w: block!.w, d: block!.d, turns: false }];
    }
    const { w, d } = outline(item.shape, place.access);
    return Array.from({ length: item.containers }, (_, n) => ({
      id: `${item.supply} ${n + 1}`,
      w,
      d,
      turns: place.access !== 'peg',
    }));
  });
  const { placed, left } = packRectangles(boxes, width, depth, { tries: 40 });
  if (left.length > 0) return null;
  return {
    items: [...items],
    placed,
    share: items.reduce((sum, o) => sum + o.floor, 0) / (width * depth),
    price: items.reduce((sum, o) => sum + (o.price ?? 0), 0),
    unpriced: items.filter((o) => o.price === null).length,
    partly: false,
  };
}
