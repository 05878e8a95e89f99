import { readFileSync } from 'node:fs';
import { evaluate } from '../evaluate.ts';
import { readPlanFile } from '../formats/planFile.ts';
import { finderOf } from './search.ts';

const read = readPlanFile(readFileSync(new URL('../../demo/plan.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error('no demo');
const finder = finderOf(read.plan, evaluate(read.plan), 'planned');

test.each([
  ['gou', 'gouges'],
  ['scisors fabric', 'fabric-scissors'],
  ['sewing mach', 'sewing-machine'],
  ['acrilics', 'acrylics-bottled'],
  ['glass eye small', 'glass-eyes-small'],
])('%s finds %s first', (words, id) => expect(finder.find(words)[0]).toMatchObject({ kind: 'supply', id }));

test('an answer says where and how many', () => {
  const [hit] = finder.find('markers');
  expect(hit!.count).toBe(84);
  expect(hit!.places.reduce((sum, p) => sum + p.count, 0)).toBe(84);
});

test('places are found by name, and nothing by nonsense', () => {
  expect(finder.find('trunk').some((f) => f.kind === 'place' && f.id === 'trunk/box')).toBe(true);
  expect(finder.find('zzzz')).toEqual([]);
});
