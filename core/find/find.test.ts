import { demoPlan } from '@heronstone/testing/demo.ts';
import { OTHER_WORDS } from '@heronstone/library/otherWords.ts';
import { evaluate } from '../report/evaluate.ts';
import { applyChanges, set } from '../model/change.ts';
import { goesWith } from './goesWith.ts';
import { QUERIES } from '@heronstone/testing/queries.ts';
import { finderOf } from './find.ts';

const demo = demoPlan();
const report = evaluate(demo);
const finder = finderOf(demo, report, 'planned', OTHER_WORDS);

test.each([
  ['gou', 'gouges'],
  ['scisors fabric', 'fabric-scissors'],
  ['sewing mach', 'sewing-machine'],
  ['acrilics', 'acrylics-bottled'],
  ['glass eye small', 'glass-eyes-small'],
])('%s finds %s first', (words, id) => expect(finder.find(words)[0]).toMatchObject({ kind: 'supply', id }));

test('a list of misspelt and other words, written before tuning, finds the right thing first', () => {
  expect(QUERIES.length).toBeGreaterThanOrEqual(60);
  const wrong = QUERIES.filter(([words, id]) => finder.find(words)[0]?.id !== id).map(
    ([words, id]) => `${words}: ${finder.find(words)[0]?.id ?? 'nothing'} instead of ${id}`,
  );
  expect(wrong).toEqual([]);
});

test('an answer says where and how many', () => {
  const [hit] = finder.find('markers');
  expect(hit!.count).toBe(84);
  expect(hit!.places.reduce((sum, p) => sum + p.count, 0)).toBe(84);
});

test('places are found by name, and nothing by nonsense', () => {
  expect(finder.find('trunk').some((f) => f.kind === 'place' && f.id === 'trunk/box')).toBe(true);
  expect(finder.find('zzzz')).toEqual([]);
  expect(finder.find('')).toEqual([]);
});

test('a word of one’s own and a place where one looked first are learnt', () => {
  const log = {
    id: 'l1',
    day: '2027-02-01',
    supply: 'gouges',
    kind: 'looked first',
    unit: 'trunk',
    slot: 'box',
  } as const;
  const plan = applyChanges(demo, [set('supplies', 'gouges', { alsoCalled: 'diggers' }), set('logs', 'l1', log)]).plan;
  const learnt = finderOf(plan, evaluate(plan), 'planned', OTHER_WORDS);
  expect(learnt.find('diggers')[0]!.id).toBe('gouges');
  expect(learnt.find('trunk').map((f) => f.id)).toContain('gouges');
  expect(finder.find('trunk').map((f) => f.id)).not.toContain('gouges');
});

test('what goes with a thing: what it lies together with first, then what the same work uses', () => {
  expect(goesWith(demo, 'craft-knives')[0]).toMatchObject({ supply: 'spare-blades', why: 'they belong together' });
  const gouges = goesWith(demo, 'gouges');
  expect(gouges.every((g) => g.supply !== 'gouges')).toBe(true);
  expect(gouges[0]!.why).toContain('Carving heads and hands');
});

test('offcuts of the same colour are named first', () => {
  const plan = applyChanges(demo, [
    set('supplies', 'velvet-remnants', { traits: ['offcut'] }),
    set('supplies', 'felt-sheets', { colour: 'red' }),
  ]).plan;
  expect(goesWith(plan, 'felt-sheets')[0]).toMatchObject({
    supply: 'velvet-remnants',
    why: 'red offcuts: look here first',
  });
});

test('of a question of 5,000 words the first twelve are asked', () => {
  const first = Array.from({ length: 12 }, (_, i) => (i % 2 === 0 ? 'fabric' : 'scissors')).join(' ');
  expect(finder.find(`${first} ${'gouges '.repeat(5_000)}`)).toEqual(finder.find(first));
});
