import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { shoppingRows, writeShoppingCsv } from '../formats/shoppingCsv.ts';
import { CONTAINER_DEFAULTS } from '../model/supply.ts';
import { applyChanges, set } from '../model/change.ts';
import { evaluate } from '../report/evaluate.ts';
import { sceneOf } from '../scene/scene.ts';
import { worksIn } from '../cost/atWork.ts';
import { roomEverywhere, roomIn, roomInContainer } from './capacity.ts';

const demo = withFewThings(demoPlan(), ['card-a4-coloured', 'markers', 'sewing-machine', 'steel-rule-600-mm'], 3);
const scene = sceneOf(demo);
const report = evaluate(demo);

test('how many more fit is what the report takes when they are put there', () => {
  const supply = demo.supplies.markers!;
  const placement = Object.values(demo.placements).find((p) => p.arrangement === 'planned' && p.supply === 'markers')!;
  const [own] = roomEverywhere(scene, supply, 'planned');
  expect(own).toMatchObject({ compartment: report.placements[placement.id]!.compartment, own: true });
  const count = supply.count + own!.more;
  const more = evaluate(
    applyChanges(demo, [
      set('supplies', 'markers', { count: count + 1 }),
      set('placements', placement.id, { count, orientation: null }),
    ]).plan,
  );
  expect(more.placements[placement.id]!.fits).toBe(count);
});

test('every place says how many, or why not with the millimetres', () => {
  for (const room of roomEverywhere(scene, demo.supplies['steel-rule-600-mm']!, 'planned')) {
    if (room.most === 0) expect(room.reason).toMatch(/mm too (long|wide|tall)|may not lie|hang|decided|would fall/);
    else expect(room.how).not.toBe('');
  }
  const drawer = scene.compartment.get('slim/d1')!;
  expect(roomIn(scene, demo.supplies['steel-rule-600-mm']!, drawer, 'planned')).toMatchObject({
    most: 0,
    reason: expect.stringMatching(/too long/),
  });
});

test('how many pockets in this bin: a box 140 mm wide takes sets in 5 x 7 in pockets in one row (common practice, no source)', () => {
  const pocket = {
    ...demo.supplies.markers!,
    form: 'pieces' as const,
    length: 177.8,
    width: 127,
    thickness: 4.5,
    traits: [],
    orientations: ['end' as const],
  };
  const box = {
    name: 'Box for pockets',
    kind: 'box' as const,
    ...CONTAINER_DEFAULTS,
    width: 145,
    depth: 400,
    height: 190,
    insideWidth: 139,
    insideDepth: 394,
    insideHeight: 187,
  };
  const one = roomInContainer(pocket, box);
  // Standing across: three rows of thirty; one behind the other there would be 87.
  expect(one.most).toBe(Math.floor(139 / 4.5) * Math.floor(394 / 127));
  // A full-length double bin holds about 160 such sets.
  expect(2 * one.most).toBeGreaterThanOrEqual(160);
  expect(roomInContainer({ ...pocket, length: 500 }, box).reason).toMatch(/too/);
});

test('a machine works where its mat goes through: on the table, not on a shelf that is too low or in a drawer', () => {
  const machine = { ...demo.supplies['sewing-machine']!, workAbove: 150 };
  const at = (id: string, s = machine) =>
    worksIn(demo, s, demo.units[scene.compartment.get(id)!.unit]!, scene.compartment.get(id)!);
  expect(at('slim/d1')).toMatchObject({ works: false, words: [expect.stringMatching(/drawer/)] });
  // 300 mm high with 150 above it under 420: 30 short; and 190 deep with 250 behind it in 220: 220 short.
  expect(at('shelfE/s1').words).toEqual(
    expect.arrayContaining([
      expect.stringMatching(/^30 mm short in height/),
      expect.stringMatching(/^220 mm short from front to back/),
    ]),
  );
  expect(at('bench/top', { ...machine, workAbove: 0, workBack: 100, workFront: 100 })).toMatchObject({ works: true });
});

test('dividers stand beside what lies loose in a drawer, spacers behind sheets that would slide back', () => {
  for (const piece of report.cuts) {
    const c = report.compartments.find((x) => x.id === piece.compartment)!;
    expect(piece.length).toBeGreaterThan(0);
    if (piece.kind === 'divider') {
      expect(piece.length).toBeLessThanOrEqual(c.inside.depth);
      expect(piece.breadth).toBeLessThanOrEqual(c.inside.height);
    } else expect(piece.breadth).toBeLessThan(c.inside.depth);
  }
  // The missing depth behind letter paper in an opening 380 mm deep: 380 - 279.4, less the play of 1 mm.
  const letter = applyChanges(demo, [
    set('supplies', 'letter', {
      ...demo.supplies['card-a4-coloured']!,
      id: 'letter',
      name: 'Letter paper',
      length: 279.4,
      width: 215.9,
      orientations: ['flat'],
    }),
    ...Object.values(demo.placements)
      .filter((p) => p.unit === 'cubes' && p.arrangement === 'planned')
      .map((p) => ({ table: 'placements', id: p.id, remove: true as const })),
    set('placements', 'l', {
      id: 'l',
      arrangement: 'planned',
      supply: 'letter',
      unit: 'cubes',
      slot: 'c2r3',
      count: 100,
      orientation: 'flat',
      pinned: false,
    }),
  ]).plan;
  const [spacer] = evaluate(letter).cuts.filter((p) => p.compartment === 'cubes/c2r3');
  expect(spacer).toMatchObject({ kind: 'spacer', breadth: Math.floor(380 - 279.4 - 1) });
});

test('the shopping list holds furniture, containers and what is to be cut, with the money', () => {
  const rows = shoppingRows(demo, report);
  expect(rows.filter((r) => r[0] === 'furniture').map((r) => r[1])).toEqual(['Locked cabinet']);
  expect(rows.find((r) => r[0] === 'container')).toEqual([
    'container',
    'bin',
    '160 × 370 × 150 mm',
    '2',
    '6.00',
    '12.00',
    'Left bin; Right bin',
  ]);
  expect(report.shopping.cost).toBe(95 + 12 + 5);
  expect(writeShoppingCsv(demo, report).split('\n')[0]).toBe('what,name,size,count,price each,price,for');
});
