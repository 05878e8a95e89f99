/**
 * Rectangles with quarter turns into a rectangle: as many as possible, and of those the most area. Five rules by several
 * orders first, then a seeded search over orders, and for few rectangles that nearly fill it a search that is exact.
 */
import { seeded } from '../seeded.ts';
import type { Box, Packed } from './box.ts';
import { FreeSpace, RULES, type Rule } from './freeSpace.ts';
import { packTight } from './tight.ts';

export interface Packing {
  placed: Packed[];
  /** Ids not placed yet. */
  left: string[];
}

export interface PackOptions {
  /** Tries of the search over orders; more finds more and takes longer. */
  tries?: number;
  seed?: number;
}

type Order = (a: Box, b: Box) => number;
const area = (b: Box) => b.w * b.d;
const longest = (b: Box) => Math.max(b.w, b.d);
const shortest = (b: Box) => Math.min(b.w, b.d);
const ORDERS: readonly Order[] = [
  (a, b) => area(b) - area(a) || longest(b) - longest(a),
  (a, b) => longest(b) - longest(a) || shortest(b) - shortest(a),
  (a, b) => shortest(b) - shortest(a) || longest(b) - longest(a),
  (a, b) => b.w + b.d - a.w - a.d,
];

/**
 * Packs boxes into a floor, none overlapping, all inside.
 * @param width across, mm @param depth from front to back, mm
 */
export function packRectangles(
  boxes: readonly Box[],
  width: number,
  depth: number,
  options: PackOptions = {},
): Packing {
  const floor = width * depth;
  const fitting = boxes.filter((b) => fitsAlone(b, width, depth));
  const best = new Best(boxes.length);
  if (fitting.length === 0) return { placed: [], left: boxes.map((b) => b.id) };
  const random = seeded(options.seed ?? 1);
  const tries = options.tries ?? 60;
  const byArea = [...fitting].sort((a, b) => area(a) - area(b));
  // How many could fit at the most: the smallest ones whose areas together are no more than the floor.
  let [most, sum] = [0, 0];
  while (most < byArea.length && sum + area(byArea[most]!) <= floor + 1e-6) sum += area(byArea[most++]!);
  best.most = most;
  for (const order of ORDERS) {
    const sorted = [...fitting].sort(order);
    for (const rule of RULES) if (best.offer(inOrder(sorted, width, depth, rule))) return best.result(boxes);
  }
  for (let k = most; k > best.placed.length; k--) {
    const subset = byArea.slice(0, k);
    if (search(subset, width, depth, best, tries, random)) return best.result(boxes);
  }
  if (best.placed.length < fitting.length) search(fitting, width, depth, best, tries, random);
  return best.result(boxes);
}

function fitsAlone(b: Box, width: number, depth: number): boolean {
  return (
    (b.w <= width + 1e-6 && b.d <= depth + 1e-6) || (b.turns !== false && b.d <= width + 1e-6 && b.w <= depth + 1e-6)
  );
}

/** The best packing so far: most boxes, then most area. */
class Best {
  placed: Packed[] = [];
  most = Infinity;
  private covered = 0;
  readonly all: number;

  constructor(all: number) {
    this.all = all;
  }

  /** @returns whether nothing better is possible */
  offer(placed: Packed[]): boolean {
    const covered = placed.reduce((s, p) => s + p.w * p.d, 0);
    if (placed.length > this.placed.length || (placed.length === this.placed.length && covered > this.covered + 1e-6)) {
      this.placed = placed;
      this.covered = covered;
    }
    return this.placed.length === this.all;
  }

  result(boxes: readonly Box[]): Packing {
    const done = new Set(this.placed.map((p) => p.id));
    return { placed: this.placed, left: boxes.filter((b) => !done.has(b.id)).map((b) => b.id) };
  }
}

/** Looks for a packing of a whole subset; offers what it finds on the way. @returns whether all boxes there are have a place */
function search(
  subset: readonly Box[],
  width: number,
  depth: number,
  best: Best,
  tries: number,
  random: () => number,
): boolean {
  let order = [...subset].sort(ORDERS[0]);
  let [rule, reached]: [Rule, number] = ['short side', -1];
  for (const by of ORDERS) {
    const sorted = [...subset].sort(by);
    for (const r of RULES) {
      const placed = inOrder(sorted, width, depth, r);
      if (best.offer(placed)) return true;
      if (placed.length > reached) [order, rule, reached] = [sorted, r, placed.length];
    }
  }
  if (reached === subset.length) return false;
  const waste = width * depth - subset.reduce((s, b) => s + area(b), 0);
  if (subset.length <= 14 && waste < width * depth * 0.12) {
    const tight = packTight(subset, width, depth, 20_000);
    if (tight && best.offer(tight)) return true;
    if (tight) return false;
  }
  // Changes of the order that are no worse are kept (a walk over plateaus).
  for (let i = 0; i < tries; i++) {
    const next = order.slice();
    const missing = next.length > 1 ? Math.floor(random() * next.length) : 0;
    const to = Math.floor(random() * Math.min(next.length, 1 + missing));
    const [moved] = next.splice(missing, 1);
    next.splice(to, 0, moved!);
    const by = random() < 0.25 ? RULES[Math.floor(random() * RULES.length)]! : rule;
    const placed = inOrder(next, width, depth, by);
    if (placed.length >= reached) {
      [order, rule, reached] = [next, by, placed.length];
      if (best.offer(placed)) return true;
      if (reached === subset.length) return false;
    }
  }
  return false;
}

/** Puts boxes in one by one, each where and turned as the rule likes best; those that fit nowhere are left out. */
function inOrder(boxes: readonly Box[], width: number, depth: number, rule: Rule): Packed[] {
  const space = new FreeSpace(width, depth);
  const placed: Packed[] = [];
  for (const box of boxes) {
    const straight = space.find(box.w, box.d, rule);
    const turned = box.turns !== false && box.w !== box.d ? space.find(box.d, box.w, rule) : null;
    const turn =
      turned !== null &&
      (straight === null ||
        turned.score < straight.score - 1e-6 ||
        (turned.score < straight.score + 1e-6 && turned.second < straight.second - 1e-6));
    const at = turn ? turned : straight;
    if (!at) continue;
    space.take(at);
    placed.push({ id: box.id, x: at.x, y: at.y, w: at.w, d: at.d, turned: turn });
  }
  return placed;
}
