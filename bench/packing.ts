/** Containers into drawers: ours against the best heuristic of the packing package, on the same seeded drawers in one run. */
import { bestOfPackage, randomDrawer } from '@heronstone/testing/packers.ts';
import { packRectangles } from '@heronstone/core/geometry/pack/rectangles.ts';

const DRAWERS = 300;

export function benchPacking(): void {
  const drawers = Array.from({ length: DRAWERS }, (_, i) => randomDrawer(i + 1));
  for (const d of drawers.slice(0, 20)) {
    bestOfPackage(d);
    packRectangles(d.boxes, d.width, d.depth);
  }
  const timed = (work: (d: (typeof drawers)[number]) => number) => {
    const start = performance.now();
    const counts = drawers.map(work);
    return { counts, ms: performance.now() - start };
  };
  const theirs = timed(bestOfPackage);
  const ours = timed((d) => packRectangles(d.boxes, d.width, d.depth).placed.length);
  const sum = (list: number[]) => list.reduce((a, b) => a + b, 0);
  const more = ours.counts.filter((n, i) => n > theirs.counts[i]!).length;
  const fewer = ours.counts.filter((n, i) => n < theirs.counts[i]!).length;
  console.log(
    `containers into ${DRAWERS} seeded drawers, against the best of 18 runs of the package maxrects-packer a drawer:`,
  );
  console.log(
    `  placed: x ${(sum(ours.counts) / sum(theirs.counts)).toFixed(4)} of theirs; more in ${more} drawers, fewer in ${fewer}`,
  );
  console.log(
    `  time: x ${(ours.ms / theirs.ms).toFixed(2)} of all those runs (here ${(ours.ms / DRAWERS).toFixed(1)} ms a drawer)`,
  );
}
