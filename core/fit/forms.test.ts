import { holds } from '@heronstone/testing/holds.ts';
import { usualOrientations } from './forms.ts';
import { fit, lieWords, massEach, volume } from './fit.ts';
import { posesOf, stripWidth, HOOK_PITCH } from './poses.ts';
import { layOut } from './layOut.ts';
import type { Holds } from './limits.ts';
import { FORMS, SUPPLY_DEFAULTS, type Form, type Supply } from '../model/plan.ts';

const thing = (form: Form, size: [number, number, number], count = 1, more: Partial<Supply> = {}): Supply => ({
  ...SUPPLY_DEFAULTS,
  id: form,
  name: form,
  category: '',
  form,
  count,
  length: size[0],
  width: size[1],
  thickness: size[2],
  grammage: null,
  mass: null,
  orientations: usualOrientations(form),
  goesBack: true,
  note: '',
  ...more,
});
test('every form has a way to lie, and words for it', () => {
  for (const form of FORMS) {
    const where = form === 'hung' ? holds('peg', 800, 20, 600) : holds('drawer', 700, 500, 500);
    const found = fit(thing(form, [60, 40, 40], 1), 1, where);
    expect([form, found.count]).toEqual([form, 1]);
    expect(lieWords(thing(form, [60, 40, 40]), found.lie!, 1)).not.toBe('');
  }
});

test('a long thing lies slanting where it does not lie straight: a 640 mm rule in 500 x 430, by Carver', () => {
  const rule = thing('long', [640, 40, 2], 3);
  expect(fit(rule, 3, holds('drawer', 500, 430, 60)).lie).toMatchObject({ pattern: 'slant' });
  expect(fit(rule, 3, holds('drawer', 500, 380, 60)).count).toBe(0);
  // A stiff piece that is not long does not.
  expect(fit({ ...rule, form: 'pieces' }, 3, holds('drawer', 500, 430, 60)).count).toBe(0);
});

test('bottles stand: side by side, one high, never lying when they are kept upright', () => {
  const bottles = thing('bottles', [120, 40, 40], 100, { orientations: ['flat', 'end'] });
  expect(new Set(posesOf(bottles, holds('open', 400, 400, 400)).map((l) => l.orientation))).toEqual(
    new Set(['end', 'flat']),
  );
  const upright = { ...bottles, traits: ['keep upright' as const] };
  expect(posesOf(upright, holds('drawer', 400, 400, 100))).toEqual([]);
  expect(fit(upright, 1, holds('drawer', 400, 400, 100)).reason).toMatch(/^30 mm too tall standing$/);
});

test('squat rolls stand on each other, slender ones do not', () => {
  // Four of them, as of all stiff things.
  const tape = fit(thing('rolls', [25, 100, 100], 40, { orientations: ['end'] }), 40, holds('drawer', 110, 110, 160));
  expect(tape.count).toBe(4);
  expect(tape.lie).toMatchObject({ orientation: 'end', layers: 4 });
  expect(posesOf(thing('rolls', [300, 70, 70], 9), holds('open', 100, 100, 700))[0]).toMatchObject({
    layers: 1,
  });
});

test('soft things take the volume they are pressed to; loose ones fill 60 %', () => {
  const yarn = thing('soft', [150, 80, 70], 50, { squeeze: 0.5 });
  expect(volume(yarn, 10)).toBeCloseTo((150 * 80 * 70 * 0.5 * 10) / 1e6, 9);
  const found = fit(yarn, 50, holds('box', 300, 300, 302));
  // Half of 840 ml each into three quarters of 22.5 l: not higher than one lifts.
  expect(found.count).toBe(40);
  expect(found.width).toBeCloseTo((40 * 150 * 80 * 70 * 0.5) / 0.75 / (300 * 250));
});

test('hung things take a place to the next hook and lie nowhere else', () => {
  const scissors = thing('hung', [240, 88, 20], 4);
  const found = fit(scissors, 4, holds('peg', 800, 20, 600));
  expect(found.lie!.across % HOOK_PITCH).toBe(0);
  expect(found.lie!.across).toBe(125); // 88 + 20 of finger gap, to the next 25
  expect(fit(scissors, 1, holds('open', 800, 400, 400))).toMatchObject({
    count: 0,
    reason: expect.stringMatching(/hangs/),
  });
});

test('machines stand as they are: never on their side, never on each other', () => {
  const machine = thing('machine', [410, 190, 300], 2, { mass: 9000 });
  expect(fit(machine, 2, holds('open', 900, 420, 320)).count).toBe(2);
  expect(fit(machine, 2, holds('open', 900, 420, 700)).lie).toMatchObject({ layers: 1, up: 300 });
  expect(fit(machine, 1, holds('open', 900, 420, 310)).count).toBe(0);
  expect(massEach(machine)).toBe(9000);
});

test('fragile things lie in one layer; a thing kept upright stands by its thickness', () => {
  const cups = thing('pieces', [80, 80, 60], 12, { traits: ['fragile'] });
  expect(posesOf(cups, holds('open', 300, 300, 300)).every((l) => l.layers === 1)).toBe(true);
  const box = thing('pieces', [200, 100, 150], 1, { traits: ['keep upright'] });
  expect(posesOf(box, holds('box', 400, 400, 170)).map((l) => l.up)).toEqual([150, 150]);
  expect(posesOf(box, holds('box', 400, 400, 149))).toEqual([]);
});

test('what is slender falls over on end on a shelf, and stands in a drawer or box', () => {
  const gouges = thing('pieces', [230, 28, 28], 5, { orientations: ['end'] });
  expect(fit(gouges, 5, holds('open', 400, 300, 300))).toMatchObject({
    count: 0,
    reason: 'would fall over on end here',
  });
  expect(fit(gouges, 5, holds('box', 400, 300, 300)).count).toBe(5);
  // A block stands; a tool has no foot.
  expect(fit({ ...gouges, length: 50 }, 5, holds('open', 400, 300, 300)).count).toBe(5);
  expect(fit({ ...gouges, length: 100 }, 5, holds('open', 400, 300, 300)).count).toBe(0);
  expect(fit({ ...gouges, orientations: ['flat', 'end'] }, 5, holds('open', 400, 300, 300)).lie!.orientation).toBe(
    'flat',
  );
});

describe('layouts', () => {
  test('blocks behind each other where strips would not fit: four kinds of 150 x 150 in 320 x 320', () => {
    const four = ['a', 'b', 'c', 'd'].map((id) => ({
      supply: { ...thing('pieces', [150, 150, 40], 1), id },
      count: 1,
      only: null,
    }));
    const { laid, share } = layOut(holds('drawer', 320, 320, 60), four, [], 0);
    expect(laid.map((l) => l.fits)).toEqual([1, 1, 1, 1]);
    expect(share).toBeCloseTo((4 * 150 * 150) / 320 ** 2, 9);
    expect(laid.reduce((sum, l) => sum + stripWidth(l.lie!, 1), 0)).toBeGreaterThan(320);
  });

  test('room to grow is kept as long as it can be, and used when it must be', () => {
    const one = (w: number) => [
      { supply: thing('pieces', [300, w, 40], 1, { orientations: ['flat'] }), count: 1, only: null },
    ];
    const drawer = holds('drawer', 200, 310, 60);
    expect(layOut(drawer, one(160), [], 0.15).reach).toBeLessThanOrEqual(170);
    expect(layOut(drawer, one(190), [], 0.15).laid[0]!.fits).toBe(1);
  });

  test('what stands there already is kept clear; what has no room is counted above one', () => {
    const items = [{ supply: thing('pieces', [150, 150, 40], 1), count: 1, only: null }];
    const drawer = holds('drawer', 320, 160, 60);
    const { laid } = layOut(drawer, items, [{ x: 0, y: 0, w: 160, d: 160 }], 0);
    expect(laid[0]!.block).toMatchObject({ x: 160 });
    const none = layOut(drawer, items, [{ x: 40, y: 0, w: 240, d: 160 }], 0);
    expect(none.laid[0]!.fits).toBe(0);
    expect(none.share).toBeGreaterThan(1);
  });
});

test('a machine stands on its table whatever depth the strip for things has; other things keep to the strip', () => {
  const strip: Holds = { ...holds('top', 1400, 180, 400), before: 520 };
  expect(fit(thing('machine', [400, 300, 300], 1), 1, strip).count).toBe(1);
  expect(fit(thing('machine', [800, 750, 300], 1), 1, strip).count).toBe(0);
  expect(fit(thing('pieces', [400, 300, 300], 1), 1, strip).count).toBe(0);
});
