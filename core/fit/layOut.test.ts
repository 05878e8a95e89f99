import { runs } from '@heronstone/testing/runs.ts';
import { holds } from '@heronstone/testing/holds.ts';
import fc from 'fast-check';
import { supplyRow } from '@heronstone/testing/randomPlan.ts';
import { overlaps } from './containers.ts';
import type { Access } from '../furniture/compartments.ts';
import { fit, volume } from './fit.ts';
import { floorOf, layOut } from './layOut.ts';
import { heightIn, piecesIn } from './pieces.ts';

const side = fc.integer({ min: 40, max: 900 });
const access = fc.constantFrom<Access>('open', 'drawer', 'lid', 'peg', 'door', 'top', 'box', 'pull-out');
const place = fc
  .record({ access, width: side, depth: side, height: side })
  .map(({ access: a, width, depth, height }) => holds(a, width, depth, height));
const things = fc
  .array(supplyRow, { minLength: 1, maxLength: 7 })
  .map((rows) => rows.map((row, i) => ({ supply: { ...row, id: `s${i}` }, count: row.count, only: null })));
const boxes = fc.array(
  fc.record({
    x: fc.integer({ min: 0, max: 300 }),
    y: fc.integer({ min: 0, max: 300 }),
    w: fc.integer({ min: 10, max: 200 }),
    d: fc.integer({ min: 10, max: 200 }),
  }),
  { maxLength: 2 },
);

test('property: blocks lie inside and apart from each other and from what stands there; nothing is counted twice', () => {
  fc.assert(
    fc.property(place, things, boxes, fc.constantFrom(0, 0.15), (p, items, standing, grow) => {
      const { width, depth } = floorOf(p);
      const fixed = standing.filter((r) => r.x + r.w <= width && r.y + r.d <= depth);
      const apart = fixed.filter((r, i) => !fixed.slice(0, i).some((q) => overlaps(q, r)));
      const { laid, share, reach } = layOut(p, items, apart, grow);
      const blocks = laid.flatMap((l) => (l.block ? [l.block] : []));
      const wrong = blocks.filter(
        (b, i) =>
          b.x < -1e-6 ||
          b.y < -1e-6 ||
          b.x + b.w > width + 1e-6 ||
          b.y + b.d > depth + 1e-6 ||
          [...apart, ...blocks.slice(0, i)].some((o) => overlaps(o, b)),
      );
      expect(wrong).toEqual([]);
      laid.forEach((l, i) => {
        expect(l.fits).toBeLessThanOrEqual(items[i]!.count);
        expect(l.fits > 0).toBe(l.block !== null);
      });
      const all = laid.every((l, i) => l.fits === items[i]!.count);
      expect(all ? share <= 1 + 1e-9 : share > 1).toBe(true);
      expect(reach).toBeLessThanOrEqual(width + 1e-6);
    }),
    { numRuns: runs(150) },
  );
});

test('property: alone in a place as many lie there as the fit says, and no more than its volume holds', () => {
  fc.assert(
    fc.property(place, supplyRow, (p, row) => {
      const supply = { ...row, id: 's' };
      const said = fit(supply, supply.count, p);
      const { laid } = layOut(p, [{ supply, count: supply.count, only: null }], [], 0);
      expect(laid[0]!.fits).toBeGreaterThanOrEqual(said.count === supply.count ? said.count : 0);
      if (p.access !== 'peg' && laid[0]!.block)
        expect(volume(supply, laid[0]!.fits)).toBeLessThanOrEqual(
          (p.inside.width * p.inside.depth * p.inside.height) / 1e6 + 1e-6,
        );
    }),
    { numRuns: runs(150) },
  );
});

test('property: whether everything fits does not depend on the order in which it is given', () => {
  fc.assert(
    fc.property(place, things, (p, items) => {
      const whole = (list: typeof items) => layOut(p, list, [], 0.1).laid.every((l, i) => l.fits === list[i]!.count);
      expect(whole([...items].reverse())).toBe(whole(items));
    }),
    { numRuns: runs(150) },
  );
});

test('property: the single pieces of a block lie in it, apart, and their piles add up to the count', () => {
  fc.assert(
    fc.property(place, supplyRow, (p, row) => {
      const supply = { ...row, id: 's' };
      const { laid } = layOut(p, [{ supply, count: supply.count, only: null }], [], 0);
      const marks = piecesIn(laid[0]!, 120);
      if (!marks) return;
      const { block } = laid[0]!;
      if (p.access !== 'peg') expect(heightIn(laid[0]!, supply)).toBeLessThanOrEqual(p.inside.height + 1e-6);
      expect(marks.reduce((sum, m) => sum + m.high, 0)).toBe(laid[0]!.fits);
      const out = marks.filter(
        (m) =>
          m.x < block!.x - 1e-6 ||
          m.y < block!.y - 1e-6 ||
          m.x + m.w > block!.x + block!.w + 1e-5 ||
          m.y + m.d > block!.y + block!.d + 1e-5,
      );
      expect(out).toEqual([]);
      const close = marks.some((m, i) =>
        marks
          .slice(0, i)
          .some((o) =>
            m.round
              ? Math.hypot(m.x - o.x, m.y - o.y) < m.w - 1e-5
              : overlaps({ ...m, w: m.w - 1e-5, d: m.d - 1e-5 }, o),
          ),
      );
      expect(close).toBe(false);
    }),
    { numRuns: runs(150) },
  );
});

test('property: as flat as there is room, the same things lie in the same place, none higher than before', () => {
  fc.assert(
    fc.property(place, things, (p, items) => {
      const high = layOut(p, items, [], 0);
      const flat = layOut(p, items, [], 0, true);
      expect(flat.laid.map((l) => l.fits)).toEqual(high.laid.map((l) => l.fits));
      const { width, depth } = floorOf(p);
      flat.laid.forEach((l, i) => {
        expect(l.lie?.layers ?? 0).toBeLessThanOrEqual(high.laid[i]!.lie?.layers ?? 0);
        if (!l.block) return;
        expect(l.block.x + l.block.w).toBeLessThanOrEqual(width + 1e-6);
        expect(l.block.y + l.block.d).toBeLessThanOrEqual(depth + 1e-6);
        expect(flat.laid.slice(0, i).every((o) => !o.block || !overlaps(l.block!, o.block))).toBe(true);
        // All of them have room so.
        if (l.lie!.pattern === 'grid' && !l.lie!.round)
          expect(Math.floor(l.block.w / l.lie!.across + 1e-6) * l.rows * l.lie!.layers).toBeGreaterThanOrEqual(l.fits);
      });
    }),
    { numRuns: runs(300, 10_000) },
  );
});
