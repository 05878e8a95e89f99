import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import type { Account } from '@heronstone/core/ask/account.ts';
import { readPlanFile, writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { applyChanges } from '@heronstone/core/model/change.ts';
import { demoPlan } from '@heronstone/testing/demo.ts';
import { main } from './heron.ts';

const folder = mkdtempSync(join(tmpdir(), 'heron-reach-'));
const file = join(folder, 'demo.json');
const text = writePlanFile(demoPlan());
writeFileSync(file, text);
const read = readPlanFile(text);
if (!read.ok) throw new Error('The demo cannot be read.');
const demo = read.plan;

async function heron(...args: string[]) {
  let [out, err] = ['', ''];
  const code = await main(args, { out: (t) => (out += t), err: (t) => (err += t) });
  return { code, out, err };
}

test('heron fetch prints elements whose seconds add up, each with its source', async () => {
  const { code, out } = await heron('fetch', file, '--from', 'seat-bench', '--to', 'books/s2');
  expect(code).toBe(0);
  const account = JSON.parse(out) as Account;
  expect(account.elements.reduce((sum, e) => sum + e.seconds, 0)).toBeCloseTo(account.seconds, 9);
  expect(account.returning.reduce((sum, e) => sum + e.seconds, 0)).toBeCloseTo(account.returnSeconds, 9);
  for (const e of account.elements) expect(e.source.length).toBeGreaterThan(10);
  // The same field that screens show.
  const reach = evaluate(demo).compartments.find((c) => c.id === 'books/s2')!.reach['seat-bench']!;
  expect(account.seconds).toBe(reach.seconds);
  expect(account.ripple).toBe(reach.ripple);
});

test('for another person', async () => {
  const of = async (person: string) =>
    JSON.parse(
      (await heron('fetch', file, '--from', 'stand-bench', '--to', 'shelfE/s1', '--person', person)).out,
    ) as Account;
  const [maker, child] = [await of('maker'), await of('apprentice')];
  expect(maker.band).toBe('high');
  expect(child.person).toBe('apprentice');
  expect(child.seconds).toBeGreaterThan(maker.seconds);
});

test.each([
  [['fetch', '--from', 'nowhere', '--to', 'books/s2'], /no station “nowhere”; there are .*seat-bench/],
  [['fetch', '--from', 'seat-bench', '--to', 'books/s99'], /no compartment “books\/s99”/],
  [
    ['fetch', '--from', 'seat-bench', '--to', 'books/s2', '--person', 'x'],
    /no person “x”; there are apprentice, maker/,
  ],
  [['pull', '--activity', 'x'], /no activity “x”/],
])('%p is refused with what there is', async ([command, ...rest], message) => {
  const { code, err, out } = await heron(command!, file, ...rest);
  expect([code, out]).toEqual([2, '']);
  expect(err).toMatch(message);
});

test('heron week prints the week of the report', async () => {
  const printed = JSON.parse((await heron('week', file)).out) as unknown;
  const { week, worst, strain } = evaluate(demo);
  expect(printed).toEqual(JSON.parse(JSON.stringify({ week, worst, strain })));
});

test('a changed constant changes the week and the fetch', async () => {
  const slow = join(folder, 'slow.json');
  const plan = applyChanges(demo, [
    { table: 'meta', id: 'demo', set: { constants: { walk: 30, betweenFurniture: 4 } } },
  ]).plan;
  writeFileSync(slow, writePlanFile(plan));
  const walk = async (path: string) =>
    (JSON.parse((await heron('fetch', path, '--from', 'seat-bench', '--to', 'books/s2')).out) as Account).elements.find(
      (e) => e.kind === 'walk round furniture',
    )!;
  const [before, after] = [await walk(file), await walk(slow)];
  expect(after.seconds).toBeCloseTo(2 * before.seconds, 9);
  expect(after.constants[0]).toEqual({ key: 'walk', value: 30, published: 15, unit: 'TMU a pace' });
});

test('heron pull', async () => {
  const tour = JSON.parse((await heron('pull', file, '--activity', 'stringing', '--of', 'today')).out) as {
    stops: unknown[];
  };
  expect(tour.stops.length).toBeGreaterThan(2);
});
