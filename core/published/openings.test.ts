/** Bins and sheets in a 330 mm opening: figures that people of the trade go by (common practice, no source). */
import { thing } from '@heronstone/testing/thing.ts';
import { fit } from '../fit/fit.ts';
import { sheetThickness } from '../fit/sheets.ts';
import type { Supply } from '../model/plan.ts';

const opening = { access: 'open' as const, walls: 'sides' as const, inside: { width: 330, depth: 380, height: 330 } };
const bin = (width: number): Supply => thing({ id: 'b', count: 9, length: width, width: 370, thickness: 300 });

test.each([
  [165, 2],
  [166, 1],
  [110, 3],
  [111, 2],
  [82, 4],
  [83, 3],
])('bins %d mm wide: %d go across', (width, across) => {
  // Bins stay upright: 300 high, 370 deep.
  const upright = { ...bin(width), orientations: [width <= 300 ? ('edge' as const) : ('flat' as const)] };
  const found = fit(upright, 9, opening);
  expect(found.count).toBe(across);
});

const sheets = (side: [number, number], count: number, grammage: number): Supply => ({
  ...bin(1),
  form: 'sheets',
  length: side[0],
  width: side[1],
  thickness: sheetThickness(grammage),
  grammage,
  count,
  orientations: ['flat'],
});

test('12 x 12 in paper lies in the opening, A3 does not', () => {
  expect(fit(sheets([304.8, 304.8], 100, 216), 100, opening).count).toBe(100);
  expect(fit(sheets([420, 297], 1, 160), 1, opening)).toMatchObject({ count: 0, reason: '40 mm too long lying flat' });
});

test('a slot of 25 mm takes two packs of 25 sheets of cover-weight card with a few sheets to spare', () => {
  const slot = { access: 'open' as const, walls: 'sides' as const, inside: { width: 25, depth: 380, height: 330 } };
  const card = { ...sheets([279.4, 215.9], 200, 216), orientations: ['edge' as const, 'end' as const] };
  expect(fit(card, 200, slot).count).toBeGreaterThanOrEqual(53);
});

test('250 sheets of 220 g/m² card are about 68 mm: 38 mm are 140 sheets', () => {
  expect(Math.round(38 / sheetThickness(220))).toBe(140);
});

test('6 x 6 in pads stand in pairs across 12 in', () => {
  const pads: Supply = { ...bin(1), length: 152.4, width: 152.4, thickness: 12, count: 100, orientations: ['flat'] };
  expect(
    fit(pads, 100, { access: 'drawer', walls: 'all', inside: { width: 304.8, depth: 304.8, height: 60 } }).lie,
  ).toMatchObject({
    rows: 2,
    across: 152.4,
  });
});
