import { readLine } from './read.ts';
import { addSupplies } from './supplies.ts';
import { applyChanges } from '../model/change.ts';
import { emptyPlan } from '../model/plan.ts';

const activities = [
  { id: 'a1', name: 'Painting and varnish' },
  { id: 'a2', name: 'Cutting toy-theatre scenery' },
];

test.each<[string, Record<string, unknown>]>([
  [
    '84 markers 140 x 12 mm, painting 6x',
    { name: 'Markers', count: 84, form: 'pieces', length: 140, width: 12, thickness: 12 },
  ],
  ['250 sheets card A4 220 gsm', { name: 'Card', count: 250, form: 'sheets', length: 297, width: 210, grammage: 220 }],
  [
    '120 sheets of paper A3 80 g/m2',
    { name: 'Paper', count: 120, form: 'sheets', length: 420, width: 297, grammage: 80 },
  ],
  [
    '50 sheets 80 lb cover letter cardstock',
    { name: 'Cardstock', count: 50, form: 'sheets', length: 279.4, width: 215.9, grammage: 216 },
  ],
  ['box of 48 pads 76 x 51 x 22', { name: 'Pads', count: 48, form: 'pieces', length: 76, width: 51, thickness: 22 }],
  [
    '1 sewing machine 410x300x190 9 kg',
    { name: 'Sewing machine', count: 1, length: 410, width: 300, thickness: 190, mass: 9000 },
  ],
  ['sewing machine 41 x 30 x 19 cm', { name: 'Sewing machine', count: 1, length: 410, width: 300, thickness: 190 }],
  ['three rulers 300 x 30 x 2', { name: 'Rulers', count: 3, length: 300, width: 30, thickness: 2 }],
  ['200 wooden beads 8 mm', { name: 'Wooden beads', form: 'loose', count: 200, length: 8 }],
  ['300 loose buttons 15 x 15 x 4 mm', { name: 'Loose buttons', form: 'loose', count: 300, length: 15, thickness: 4 }],
  ['12 brushes 7 1/2 in x 1/4 in', { name: 'Brushes', count: 12, length: 190.5, width: 6.35 }],
  ['60 sheets 12x12 paper 120 gsm', { name: 'Paper', form: 'sheets', count: 60, length: 304.8, width: 304.8 }],
  ['25 envelopes A7 120 gsm', { name: 'Envelopes', form: 'sheets', count: 25, length: 184.15, width: 133.35 }],
  ['1,200 sheets paper A4 80 gsm', { name: 'Paper', count: 1200, grammage: 80 }],
  ['4 jars 8,5 x 6 cm', { name: 'Jars', count: 4, length: 85, width: 60, thickness: 60 }],
  ['a glue gun 20 x 18 x 5 cm', { name: 'Glue gun', count: 1, length: 200, width: 180, thickness: 50 }],
])('%s', (line, wanted) => {
  const read = readLine(line, 'metric', activities);
  expect({ missing: read.missing.filter((m) => !/second size/.test(m)), problems: read.problems }).toEqual({
    missing: [],
    problems: [],
  });
  for (const [field, value] of Object.entries(wanted)) {
    const got = (read.supply as Record<string, unknown>)[field];
    if (typeof value === 'number') expect(got).toBeCloseTo(value, 2);
    else expect([field, got]).toEqual([field, value]);
  }
});

test('uses come after the comma, by the beginning of the activity or of a word in it', () => {
  expect(readLine('84 markers 140 x 12, painting 6x, toy 2', 'metric', activities).uses).toEqual([
    { activity: 'painting', id: 'a1', fetches: 6 },
    { activity: 'toy 2', id: null, fetches: 1 },
  ]);
  expect(readLine('84 markers 140 x 12, toy 2x', 'metric', activities).uses).toEqual([
    { activity: 'toy', id: 'a2', fetches: 2 },
  ]);
  expect(readLine('3 pens 140 x 12, knitting 2x', 'metric', activities).problems[0]).toMatch(
    /“knitting” is not one of the activities/,
  );
  expect(readLine('3 pens 140 x 12, knitting 2x', 'metric', []).draft).not.toBeNull();
});

test('what is missing is asked for, what is not understood is named', () => {
  expect(readLine('84 markers', 'metric')).toMatchObject({ draft: null, missing: ['a size, for example 140 x 12 mm'] });
  expect(readLine('140 x 12 mm', 'metric')).toMatchObject({ draft: null, missing: ['a name'] });
  expect(readLine('84 markers 140 x 12 mm 77', 'metric').problems[0]).toMatch(/“77” was not understood/);
  expect(readLine('-4 markers 140 x 12 mm', 'metric').problems[0]).toMatch(/negative/);
  expect(readLine('0 markers 140 x 12 mm', 'metric').problems[0]).toMatch(/at least 1/);
  expect(readLine('3 poles 9 m x 20 mm', 'metric').problems[0]).toMatch(/more than 6 m/);
  expect(readLine('', 'metric').draft).toBeNull();
});

test('a bare number is inches in an imperial plan', () => {
  expect(readLine('84 markers 5 1/2 x 1/2', 'imperial').draft).toMatchObject({
    length: 139.7,
    width: 12.7,
    thickness: 12.7,
  });
});

test('what was read becomes changes; an activity that is not there yet is added once', () => {
  let n = 0;
  const plan = emptyPlan({ id: 'x' });
  const lines = ['3 pens 140 x 12, drawing 2x', '5 pencils 180 x 8, drawing 1x'].map((l) => readLine(l, 'metric'));
  const changes = addSupplies(
    plan,
    lines.map((l) => ({ draft: l.draft!, uses: l.uses })),
    () => `id${n++}`,
  );
  const after = applyChanges(plan, changes).plan;
  expect(Object.values(after.activities).map((a) => a.name)).toEqual(['drawing']);
  expect(Object.keys(after.uses)).toHaveLength(2);
});
