import { SupplySchema, emptyPlan } from '../model/plan.ts';
import { applyChanges } from '../model/change.ts';
import { KindFinder } from './kinds.ts';
import { KINDS } from '@heronstone/library/usualSizes.ts';
import { LINES, UNREADABLE } from '@heronstone/testing/readLines.ts';
import { readLine } from './read.ts';
import { addSupplies } from './addSupplies.ts';

const activities = [
  { id: 'a1', name: 'Painting and varnish' },
  { id: 'a2', name: 'Cutting toy-theatre scenery' },
];
const yarn = {
  name: 'Yarn',
  category: 'yarn',
  form: 'soft' as const,
  length: 150,
  width: 80,
  thickness: 70,
  grammage: null,
  mass: 50,
  squeeze: 0.8,
  traits: [],
};

test('the set has at least 120 lines, none twice, of every form', () => {
  expect(LINES.length).toBeGreaterThanOrEqual(120);
  expect(new Set(LINES.map((l) => l.line)).size).toBe(LINES.length);
  expect(new Set(LINES.map((l) => l.form)).size).toBe(10);
});

test.each(LINES.map((l) => [l.line, l] as const))('%s', (_, wanted) => {
  const read = readLine(wanted.line, wanted.imperial ? 'imperial' : 'metric', activities, new KindFinder([yarn]));
  expect({ missing: read.missing, problems: read.problems }).toEqual({ missing: [], problems: [] });
  expect({ name: read.supply.name, count: read.supply.count, form: read.supply.form }).toEqual({
    name: wanted.name,
    count: wanted.count,
    form: wanted.form,
  });
  const got = [read.supply.length, read.supply.width, read.supply.thickness];
  wanted.size.forEach((mm, i) => mm > 0 && expect([i, got[i]]).toEqual([i, expect.closeTo(mm, mm < 2 ? 3 : 1)]));
  for (const [field, value] of Object.entries(wanted.more ?? {}))
    expect([field, read.draft![field as 'mass']]).toEqual([field, expect.closeTo(value, field === 'grammage' ? 0 : 1)]);
  // Whatever was read can be kept.
  expect(SupplySchema.safeParse({ ...read.draft, id: 'x' }).error?.issues).toBeUndefined();
});

test.each(UNREADABLE)('not kept: %s', (line, said) => {
  const read = readLine(line, 'metric', activities);
  expect(read.draft).toBeNull();
  expect([...read.problems, ...read.missing].join(' ')).toMatch(said);
});

test('uses come after a comma, by the beginning of the activity or of a word in it', () => {
  const uses = (line: string) => readLine(line, 'metric', activities).uses;
  expect(uses('84 markers 140 x 12, painting 6x, toy 2x')).toEqual([
    { activity: 'painting', id: 'a1', fetches: 6 },
    { activity: 'toy', id: 'a2', fetches: 2 },
  ]);
  expect(uses('84 markers 140 x 12, for painting')).toEqual([{ activity: 'painting', id: 'a1', fetches: 1 }]);
  expect(readLine('3 pens 140 x 12, knitting 2x', 'metric', activities).problems[0]).toMatch(
    /“knitting” is not one of the activities/,
  );
  expect(readLine('3 pens 140 x 12, knitting 2x', 'metric', []).draft).not.toBeNull();
});

test('a known kind gives what was not typed, and says so', () => {
  const bare = readLine('12 skeins yarn', 'metric', [], new KindFinder([yarn]));
  expect(bare.draft).toMatchObject({ form: 'soft', length: 150, width: 80, thickness: 70, mass: 50, category: 'yarn' });
  expect(bare.assumed).toEqual(['150 × 80 × 70 mm (usual size of yarn)']);
  expect(bare.draft?.sizeFrom).toBe('usual size of yarn');
  expect(readLine('12 gizmos', 'metric').draft).toMatchObject({ sizeFrom: 'not known yet', count: 12 });
  const measured = readLine('12 skeins yarn 200 x 60 x 60', 'metric', [], new KindFinder([yarn]));
  expect(measured.draft).toMatchObject({ length: 200, width: 60, thickness: 60 });
  expect(measured.assumed).toEqual([]);
  expect(measured.draft?.sizeFrom).toBe('');
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

test.each([
  ['pen 12 ft', /12 ft is \d+ times as long as usual for pen/],
  ['12 pens 77', /“77” was left in the name/],
])('%s is kept, with a doubt', (line, said) => {
  const read = readLine(line, 'imperial', [], KINDS);
  expect(read.draft).not.toBeNull();
  expect(read.doubts.join(' ')).toMatch(said);
});

test.each([
  ['pens -5 mm', /negative/],
  ['thread 1/0 in', /“1\/0” is not a number/],
  ['0 x 0', /a name/],
  ['pens 0 x 0', /above zero/],
  ['2,000,000 beads', /at most 1,000,000/],
  ['😀', /a name has letters/],
  ['xxxxx, 20000 of them', /at most 400 characters; this one has 20000/],
])('%s is not kept, and why is said', (said20k, said) => {
  const line = said20k.startsWith('xxxxx') ? 'x'.repeat(20_000) : said20k;
  const read = readLine(line, 'metric', [], KINDS);
  expect(read.draft).toBeNull();
  expect([...read.missing, ...read.problems].join(' ')).toMatch(said);
});

test('both systems in a line, three units in a size, feet and inches, half an emoji', () => {
  const size = (line: string, system: 'metric' | 'imperial' = 'metric') => {
    const { draft } = readLine(line, system, [], KINDS);
    return [draft!.length, draft!.width, draft!.thickness].map((mm) => Math.round(mm * 10) / 10);
  };
  expect(size('board 1 in x 20 mm x 1 cm')).toEqual([25.4, 20, 10]);
  expect(size('ruler 12 in (300 mm)', 'imperial')[0]).toBeCloseTo(304.8);
  expect(size(`ruler 1' 6"`, 'imperial')[0]).toBeCloseTo(457.2);
  expect(size(`dowels 3' 6" x 1/2 in`, 'imperial').slice(0, 2)).toEqual([1066.8, 12.7]);
  expect(readLine('\ud83d paint', 'metric', [], KINDS).draft!.name).toBe('Paint');
  expect(readLine('🎨 paint', 'metric', [], KINDS).draft!.name.isWellFormed()).toBe(true);
  const long = readLine(`thing ${'🎨'.repeat(190)}`, 'metric', [], KINDS);
  expect(long.draft!.name.isWellFormed()).toBe(true);
  expect(SupplySchema.safeParse({ ...long.draft, id: 'x' }).success).toBe(true);
});
