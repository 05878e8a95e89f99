/** What a place holds, against what makers find when they try (common practice, no source). */
import { holds } from '@heronstone/testing/holds.ts';
import { thing } from '@heronstone/testing/thing.ts';
import { fit, lieWords } from '../fit/fit.ts';
import { layOut } from '../fit/layOut.ts';
import { piecesIn } from '../fit/pieces.ts';
import { seenWords } from '../report/contents.ts';
import { CONTAINER_TYPES } from '@heronstone/library/containerTypes.ts';
import { roomInContainer } from '../ask/capacity.ts';
import { readLine } from '../entry/read.ts';
import { totalSeconds } from '../fetch/elements.ts';
import { diggingElements } from '../fetch/fetch.ts';
import { CONTAINER_DEFAULTS } from '../model/supply.ts';
import { diggingIn } from '../fit/digging.ts';
import { partsOf } from '../furniture/parts.ts';
import { foldedThickness, sheetThickness } from '../fit/sheets.ts';
import { PUBLISHED } from '../model/constants.ts';
import { ContainerShapeSchema, type ContainerShape, type Supply } from '../model/plan.ts';

const card = (thickness: number) => thing({ form: 'sheets', count: 500, length: 297, width: 210, thickness });

test.each([0.27, 0.3])(
  'a slot of 24 mm takes two packs of 25 sheets of %d mm and a few more, lying or upright',
  (t) => {
    for (const slot of [holds('open', 320, 330, 24), holds('open', 24, 330, 320)]) {
      const { count } = fit(card(t), 500, slot);
      expect(count).toBeGreaterThanOrEqual(50);
      expect(count).toBeLessThanOrEqual(80);
    }
  },
);

test.each([0.27, 0.3])('a tray of 32 mm takes 75 to 95 sheets of %d mm', (t) => {
  const { count } = fit(card(t), 500, { ...holds('open', 320, 330, 32), walls: 'all' });
  expect(count).toBeGreaterThanOrEqual(75);
  expect(count).toBeLessThanOrEqual(95);
});

test('about 1,600 round beads of 6 mm go into 300 ml', () => {
  const beads = thing({ form: 'loose', count: 5000, length: 6, width: 6, thickness: 6 });
  const { count } = fit(beads, 5000, holds('box', 60, 60, 300_000 / 3600));
  expect(count).toBeGreaterThan(1450);
  expect(count).toBeLessThan(1750);
});

test('bulky punches on edge take clearly less of a drawer than flat', () => {
  const punch = thing({ count: 12, length: 130, width: 90, thickness: 55 });
  const drawer = holds('drawer', 600, 300, 110);
  // In one layer, as heavy things that are each different lie.
  const flat = fit({ ...punch, stack: 1 }, 12, drawer, 600, 'flat');
  const edge = fit({ ...punch, stack: 1 }, 12, drawer, 600, 'edge');
  expect([flat.count, edge.count]).toEqual([12, 12]);
  expect(edge.width).toBeLessThan(0.8 * flat.width);
});

test('piled, only the top one of the ink pads is seen', () => {
  const pads = thing({ count: 8, length: 95, width: 60, thickness: 20, orientations: ['flat'] });
  const drawer = holds('drawer', 130, 100, 110);
  const { laid } = layOut(drawer, [{ supply: pads, count: 8, only: null }], [], 0);
  expect(laid[0]).toMatchObject({ fits: 8, lie: { layers: 4 } });
  expect(seenWords(pads, drawer, laid[0]!)).toBe('stacked: only the top ones are seen');
});

test('boards, magnets and rods hold what they can', () => {
  const board = (hangs: 'hooks' | 'magnet' | 'rods') => ({ ...holds('peg', 400, 20, 500), hangs });
  const die = thing({ count: 99, length: 100, width: 80, thickness: 2, mass: 60, orientations: ['flat', 'end'] });
  expect(fit(die, 99, board('magnet'))).toMatchObject({ count: 0, reason: 'does not hold on a magnet' });
  // By area: four fifths of 2,000 cm² for pieces of 80 cm².
  expect(fit({ ...die, traits: ['sticks to a magnet'] }, 99, board('magnet')).count).toBe(20);
  const trimmer = thing({ length: 400, width: 160, thickness: 45, mass: 1100, traits: ['sticks to a magnet'] });
  expect(fit(trimmer, 1, board('magnet')).count).toBe(0);
  // A rod of 700 mm over rolls of 40 mm and 3 mm of play.
  const ribbon = thing({
    form: 'rolls',
    count: 99,
    length: 40,
    width: 70,
    thickness: 70,
    orientations: ['flat', 'end'],
  });
  expect(fit(ribbon, 99, { ...holds('peg', 700, 140, 150), hangs: 'rods' }).count).toBe(2 * Math.floor(700 / 43));
  expect(fit(ribbon, 1, board('hooks'))).toMatchObject({ count: 0, reason: 'is not a thing to hang on a board' });
  // A broad thin board has nothing to hang by, and leans in a rack for that; what is small falls over in it.
  const poster = thing({ count: 10, length: 711, width: 559, thickness: 1.6, orientations: ['flat', 'edge', 'end'] });
  const leaning = { ...holds('open', 612, 82, 588), walls: 'all' as const, above: 294 };
  expect(fit(poster, 10, board('hooks'))).toMatchObject({ count: 0, reason: 'is not a thing to hang on a board' });
  expect(fit(poster, 10, leaning).count).toBe(10);
  expect(fit({ ...die, count: 1 }, 1, leaning)).toMatchObject({
    count: 0,
    reason: 'this is a rack in which boards and mats lean',
  });
  expect(fit(die, 1, board('rods')).reason).toBe('is not a roll or spool, and this is a rod');
  expect(fit({ ...die, mass: 2500 }, 1, board('hooks')).reason).toBe('is too heavy for a hook');
  const marker = thing({ count: 24, length: 140, width: 12, thickness: 12 });
  expect(fit(marker, 24, board('hooks'))).toMatchObject({ count: 0, reason: 'is not a thing to hang on a board' });
  expect(fit(thing({ length: 240, width: 80, thickness: 15 }), 1, board('hooks')).count).toBe(1);
});

test('stacks end where makers end them', () => {
  const high = (s: Supply, place: ReturnType<typeof holds>) => fit(s, 1000, place).lie?.layers ?? 0;
  const tall = {
    shelf: holds('open', 800, 400, 1000),
    drawer: holds('drawer', 800, 400, 400),
    top: holds('top', 800, 400, 1000),
  };
  const box = thing({ count: 1000, length: 300, width: 200, thickness: 60, orientations: ['flat'] });
  expect([high(box, tall.shelf), high(box, tall.drawer), high(box, tall.top)]).toEqual([4, 4, 2]);
  const crate = { ...box, thickness: 160 };
  expect(high(crate, tall.shelf)).toBe(1);
  const die = thing({ count: 1000, length: 100, width: 80, thickness: 2, orientations: ['flat'] });
  expect([high(die, tall.shelf), high(die, tall.drawer)]).toEqual([30, 30]);
  const bottle = thing({ form: 'bottles', count: 40, length: 120, width: 40, thickness: 40, orientations: ['end'] });
  expect(high(bottle, tall.shelf)).toBe(1);
  // Where the lids are flat the maker says so.
  expect(high({ ...bottle, stack: 2 }, tall.shelf)).toBe(2);
  expect(high(thing({ form: 'machine', length: 300, width: 200, thickness: 150 }), tall.shelf)).toBe(1);
  const pen = thing({ count: 1000, length: 140, width: 12, thickness: 12, orientations: ['flat'] });
  expect(high(pen, holds('drawer', 310, 430, 60))).toBe(4);
  expect(fit(pen, 5, tall.top)).toMatchObject({
    count: 0,
    reason: 'would roll off: it needs a rim or something to lie in',
  });
  // A pile of pens on a shelf rolls out of its open front; a few lie there, and so do long dowels.
  expect(fit({ ...pen, count: 24 }, 24, tall.shelf)).toMatchObject({
    count: 0,
    reason: 'would roll out: pens and short sticks need a cup, a box or a drawer',
  });
  expect(fit({ ...pen, count: 3 }, 3, tall.shelf).count).toBe(3);
  expect(fit({ ...pen, count: 24, length: 300 }, 24, tall.shelf).count).toBe(24);
});

test('what stands free is thick enough for its height, and a row leans on the side of its shelf', () => {
  const shelf = holds('open', 800, 300, 400);
  const wall = { ...shelf, walls: 'back' as const };
  const book = (count: number) =>
    thing({ form: 'set', count, length: 280, width: 210, thickness: 20, orientations: ['edge'] });
  expect(fit(book(1), 1, shelf)).toMatchObject({ count: 0, reason: 'would fall over on edge here' });
  expect(fit(book(12), 12, shelf).count).toBe(12);
  expect(fit(book(12), 12, wall).count).toBe(0);
  const case_ = thing({ form: 'set', length: 280, width: 210, thickness: 40, orientations: ['edge'] });
  expect(fit(case_, 1, wall).count).toBe(1);
  expect(lieWords(case_, fit(case_, 1, wall).lie!, 1)).toBe('on edge, one layer');
});

test('some turned by a quarter: four pads of 200 × 150 on 350 × 350, seven boxes of 130 × 90 on 310 × 270', () => {
  const pads = thing({ count: 4, length: 200, width: 150, thickness: 30, orientations: ['flat'], stack: 1 });
  const boxes = thing({ count: 7, length: 130, width: 90, thickness: 40, orientations: ['flat'], stack: 1 });
  for (const [supply, width, depth] of [
    [pads, 350, 350],
    [boxes, 310, 270],
  ] as const) {
    const place = holds('drawer', width, depth, 60);
    expect(fit(supply, supply.count, place).count).toBe(supply.count);
    const { laid } = layOut(place, [{ supply, count: supply.count, only: null }], [], 0);
    const marks = piecesIn(laid[0]!, 100)!;
    expect(marks).toHaveLength(supply.count);
    for (const [i, a] of marks.entries())
      for (const b of marks.slice(i + 1))
        expect(
          Math.min(a.x + a.w, b.x + b.w) - Math.max(a.x, b.x) > 1e-6 &&
            Math.min(a.y + a.d, b.y + b.d) - Math.max(a.y, b.y) > 1e-6,
        ).toBe(false);
  }
});

const inBox = (more: Partial<ContainerShape>) => {
  const shape = {
    ...CONTAINER_DEFAULTS,
    ...{ name: 'Box', kind: 'box' as const, width: 200, depth: 200, height: 200 },
    ...{ insideWidth: 190, insideDepth: 190, insideHeight: 190 },
    ...more,
  };
  return ContainerShapeSchema.parse(shape);
};
const most = (supply: Supply, box: ContainerShape) => roomInContainer({ ...supply, count: 10_000 }, box).most;

test('a box 140 mm wide inside and a metre long files about 160 sets in 5 x 7 in pockets, and so do two lanes of half a metre', () => {
  // A pocket of 5 x 7 in with its set is about 6 mm thick.
  const set = thing({ form: 'set', length: 178, width: 130, thickness: 6, orientations: ['edge', 'end'] });
  const long = { insideWidth: 140, insideDepth: 1000, insideHeight: 190, width: 146, depth: 1006, height: 193 };
  const lanes = { insideWidth: 282, insideDepth: 500, insideHeight: 190, width: 288, depth: 506, height: 193 };
  for (const box of [
    inBox({ ...long, divided: 'lanes', across: 1 }),
    inBox({ ...lanes, divided: 'lanes', across: 2, divider: 2 }),
  ]) {
    const count = most(set, box);
    expect(count).toBeGreaterThanOrEqual(150);
    expect(count).toBeLessThanOrEqual(175);
  }
});

test('a turning tower holds 144 disc cases, one in each cell', () => {
  const tower = CONTAINER_TYPES.find((t) => t.shape.name === 'Turning tower for 144 cases')!.shape;
  const disc = thing({ length: 142, width: 125, thickness: 10 });
  expect(most(disc, tower)).toBe(144);
});

test('a folded card base is twice its sheet, and springs: two and a half times', () => {
  const sheet = sheetThickness(300);
  expect(foldedThickness(sheet, true)).toBeCloseTo(2 * sheet, 9);
  expect(foldedThickness(sheet)).toBeCloseTo(2.5 * sheet, 9);
  const read = readLine('60 card bases 148 x 105 mm 300 gsm', 'metric');
  const plain = readLine('60 cards 148 x 105 mm 300 gsm', 'metric');
  expect(read.supply.thickness! / plain.supply.thickness!).toBeCloseTo(2.5, 3);
});

test('a ring binder of 60 mm takes about 60 page protectors with one sheet of foil each way', () => {
  const binder = inBox({
    ...{ kind: 'binder', width: 68, depth: 285, height: 320 },
    ...{ insideWidth: 60, insideDepth: 277, insideHeight: 316, divided: 'pages', across: 60 },
  });
  const foil = thing({ form: 'sheets', length: 297, width: 210, thickness: 0.3 });
  // Two sheets of foil in each of 60 pages, back to back.
  expect(most(foil, binder)).toBe(120);
  expect(most(thing({ form: 'sheets', length: 297, width: 210, thickness: 0.9 }), binder)).toBe(0);
});

test('ink pads in a wall rack are quicker and take more room than two piles in a drawer', () => {
  const pads = thing({ count: 24, length: 95, width: 65, thickness: 22, orientations: ['flat'], alike: 'different' });
  const rack = partsOf(inBox({ ...CELLS, divided: 'cells', across: 2, over: 12 }))!;
  const wall = { ...holds('open', CELLS.insideWidth!, CELLS.insideDepth!, CELLS.insideHeight!), parts: rack };
  const drawer = holds('drawer', 200, 200, 110);
  const [hung] = layOut(wall, [{ supply: pads, count: 24, only: null }], [], 0).laid;
  const [piled] = layOut(drawer, [{ supply: pads, count: 24, only: null }], [], 0).laid;
  expect([hung!.fits, piled!.fits]).toEqual([24, 24]);
  const dig = (laid: typeof hung, place: Parameters<typeof diggingIn>[2]) =>
    totalSeconds(diggingElements(diggingIn(pads, laid!, place), PUBLISHED));
  expect(dig(hung, wall)).toBeLessThan(dig(piled, drawer));
  const litres = ({ inside }: { inside: { width: number; depth: number; height: number } }) =>
    inside.width * inside.depth * inside.height;
  // The piles themselves, not the drawer that is left over round them.
  const piles = 24 * 95 * 65 * 22;
  expect(litres(wall)).toBeGreaterThan(piles);
});
const CELLS: Partial<ContainerShape> = {
  ...{ width: 212, depth: 80, height: 320 },
  ...{ insideWidth: 206, insideDepth: 76, insideHeight: 314, divider: 2 },
};

test('what is used daily is not under anything', () => {
  const daily = thing({ id: 'daily', form: 'sheets', count: 20, length: 297, width: 210, thickness: 0.2 });
  const rare = thing({ ...daily, id: 'rare' });
  // The order in which things are given is that of their use: what is used most lies on top of its pile.
  const { laid } = layOut(
    holds('drawer', 320, 330, 60),
    [daily, rare].map((supply) => ({ supply, count: 20, only: null })),
    [],
    0,
  );
  expect(laid[0]!.pile ?? { above: 0 }).toMatchObject({ above: 0 });
});
