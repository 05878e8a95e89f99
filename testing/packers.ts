/** Seeded drawers with containers for checks and benchmarks, and what the packing package makes of them. */
import { MaxRectsPacker, PACKING_LOGIC } from 'maxrects-packer/dist/maxrects-packer.mjs';
import type { Box } from '@heronstone/core/geometry/pack/box.ts';
import { seeded } from '@heronstone/core/geometry/seeded.ts';

export interface Drawer {
  width: number;
  depth: number;
  boxes: Box[];
}

/** A drawer and containers of sizes as they are sold, a little more than it holds. */
export function randomDrawer(seed: number): Drawer {
  const random = seeded(seed);
  const pick = (least: number, most: number) => Math.round(least + random() * (most - least));
  const [width, depth] = [pick(280, 620), pick(260, 480)];
  const kinds = Array.from({ length: pick(2, 6) }, () => [pick(50, 190), pick(50, 260)] as const);
  const boxes: Box[] = [];
  let area = 0;
  const wanted = width * depth * (0.85 + random() * 0.4);
  while (area < wanted && boxes.length < 40) {
    const [w, d] = kinds[pick(0, kinds.length - 1)]!;
    boxes.push({ id: `b${boxes.length}`, w, d });
    area += w * d;
  }
  return { width, depth, boxes };
}

/** The most containers that any heuristic of the package puts into one drawer: its rules, with turns, in five orders. */
export function bestOfPackage({ width, depth, boxes }: Drawer): number {
  const orders: Array<((a: Box, b: Box) => number) | null> = [
    null,
    (a, b) => b.w * b.d - a.w * a.d,
    (a, b) => a.w * a.d - b.w * b.d,
    (a, b) => Math.max(b.w, b.d) - Math.max(a.w, a.d),
    (a, b) => Math.max(a.w, a.d) - Math.max(b.w, b.d),
  ];
  let best = 0;
  for (const logic of [PACKING_LOGIC.MAX_AREA, PACKING_LOGIC.MAX_EDGE, PACKING_LOGIC.FILL_WIDTH]) {
    const options = { smart: false, pot: false, square: false, allowRotation: true, border: 0, logic };
    const all = new MaxRectsPacker(width, depth, 0, options);
    all.addArray(boxes.map((b) => ({ width: b.w, height: b.d, x: 0, y: 0 })) as never[]);
    best = Math.max(best, ...all.bins.map((bin) => bin.rects.length));
    for (const order of orders) {
      const one = new MaxRectsPacker(width, depth, 0, options);
      for (const b of order ? [...boxes].sort(order) : boxes) one.add(b.w, b.d, null);
      best = Math.max(best, one.bins[0]?.rects.length ?? 0);
    }
  }
  return best;
}
