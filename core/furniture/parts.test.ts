/** Divided places: each line has whole parts, and they are called by their names. */
import fc from 'fast-check';
import { runs } from '@heronstone/testing/runs.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { ContainerShapeSchema } from '../model/plan.ts';
import { CONTAINER_DEFAULTS } from '../model/supply.ts';
import { layOut } from '../fit/layOut.ts';
import { dealParts, partCount, partName, partRect, partsInWords, partsOf, type Parts } from './parts.ts';

const box = (more: object) =>
  ContainerShapeSchema.parse({
    ...CONTAINER_DEFAULTS,
    ...{ name: 'Box', kind: 'box', width: 200, depth: 300, height: 50 },
    ...{ insideWidth: 196, insideDepth: 296, insideHeight: 46 },
    ...more,
  });
const wrong = (more: object) =>
  ContainerShapeSchema.safeParse({ ...box({}), ...more }).error?.issues.map((i) => [i.path[0], i.message]);

test.each([
  ['a divider wider than its box', { divided: 'lanes', across: 2, divider: 400 }, 'divider', /dividers take 400 mm/],
  [
    'a page that is larger than its binder',
    { divided: 'pages', across: 10, partHeight: 60 },
    'partHeight',
    /larger than the 46 mm of height/,
  ],
  [
    'a cell with a name that another has',
    { divided: 'cells', across: 2, partNames: ['Red', 'red'] },
    'partNames',
    /“red”/,
  ],
  ['too many parts', { divided: 'cells', across: 100, along: 5, divider: 0 }, 'across', /at most 400 parts/],
] as const)('%s is refused, and the message names its field', (_, more, field, message) => {
  expect(wrong(more)).toContainEqual([field, expect.stringMatching(message)]);
});

test('parts are called by their number until they have a name', () => {
  const cells = partsOf(box({ divided: 'cells', across: 4, along: 6 }))!;
  expect([partName(cells, 0), partName(cells, 6)]).toEqual(['cell 1', 'cell 7']);
  expect(partsInWords(cells, [2, 3, 4])).toBe('cells 3 to 5');
  const named = partsOf(box({ divided: 'cells', across: 4, partNames: ['', 'Blue'] }))!;
  expect(partsInWords(named, [0, 1])).toBe('cell 1, Blue');
  const pages = partsOf(box({ divided: 'pages', across: 20, over: 2 }))!;
  expect(partName(pages, 3)).toBe('page 2, pocket 2');
  expect(partName(partsOf(box({ divided: 'lanes', across: 2, along: 3 }))!, 4)).toBe('lane 2, section 2');
});

test('a thing keeps the part that it has, whatever else comes in', () => {
  const parts = partsOf(box({ divided: 'cells', across: 4, along: 6 }))!;
  const place = {
    inside: { width: 196, depth: 296, height: 46 },
    access: 'lid' as const,
    walls: 'close' as const,
    parts,
  };
  const beads = (id: string, part: number | null) => ({
    supply: thing({ id, form: 'loose', count: 60, length: 6, width: 6, thickness: 6 }),
    ...{ count: 60, only: null, part },
  });
  const { laid } = layOut(place, [beads('new', null), beads('old', 1)], [], 0);
  expect(laid.map((l) => l.parts)).toEqual([[1], [0]]);
});

test('parts lie beside each other within their place; each is dealt once, and all that is asked for where there are enough', () => {
  const shape = fc.record({
    division: fc.constantFrom<Parts['division']>('cells', 'lanes', 'pages', 'pockets', 'cards'),
    across: fc.integer({ min: 1, max: 9 }),
    along: fc.integer({ min: 1, max: 5 }),
    over: fc.integer({ min: 1, max: 4 }),
  });
  const wish = fc.record({
    needs: fc.integer({ min: 0, max: 9 }),
    first: fc.option(fc.nat(60), { nil: null }),
  });
  fc.assert(
    fc.property(shape, fc.array(wish, { maxLength: 8 }), (of, wishes) => {
      const parts: Parts = { ...of, part: { width: 1, depth: 1, height: 1 }, front: false, names: [] };
      const n = partCount(parts);
      const dealt = dealParts(parts, wishes);
      const all = dealt.flat();
      expect(new Set(all).size).toBe(all.length);
      expect(all.every((p) => p >= 0 && p < n)).toBe(true);
      const asked = wishes.reduce((sum, w) => sum + w.needs, 0);
      expect(all.length).toBe(Math.min(n, asked));
      const rects = Array.from({ length: n }, (_, i) => partRect(parts, 360, 240, i));
      expect(rects.reduce((sum, r) => sum + r.w * r.d, 0)).toBeCloseTo(360 * 240, 4);
      expect(new Set(rects.map((r) => `${r.x.toFixed(3)} ${r.y.toFixed(3)}`)).size).toBe(n);
    }),
    { numRuns: runs(200) },
  );
});
