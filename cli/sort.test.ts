import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { roomEverywhere } from '@heronstone/core/ask/capacity.ts';
import { readPlanFile } from '@heronstone/core/formats/planFile.ts';
import { sceneOf } from '@heronstone/core/scene/scene.ts';
import { balanceOf } from '@heronstone/core/ask/balance.ts';
import { purgeOf } from '@heronstone/core/ask/purge.ts';
import { main } from './heron.ts';

const demo = fileURLToPath(new URL('../demo/plan.json', import.meta.url));
const read = readPlanFile(readFileSync(demo, 'utf8'));
if (!read.ok) throw new Error('The demo plan cannot be read.');
const { plan } = read;
const folder = mkdtempSync(join(tmpdir(), 'heronstone-sort-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const file = (name: string, text: string) => {
  writeFileSync(join(folder, name), text);
  return join(folder, name);
};

async function heron(...args: string[]) {
  let [out, err] = ['', ''];
  const code = await main(args, { out: (t) => (out += t), err: (t) => (err += t) });
  return { code, out, err };
}
const same = (out: string, value: unknown) => expect(JSON.parse(out)).toEqual(JSON.parse(JSON.stringify(value)));

test('heron read prints one JSON object a line: what was understood, what is missing, which word was not', async () => {
  const lines = file(
    'lines.txt',
    '# a shelf\n38 mm of A4 card 220 gsm\n12 skeins yarn 50 g\n\n84 markers 12 parsec\n-3 pens 5 mm\n',
  );
  const { code, out, err } = await heron('read', lines);
  expect([code, err]).toEqual([1, expect.stringMatching(/1 line could not be read whole/)]);
  const [card, yarn, markers, pens] = out
    .trim()
    .split('\n')
    .map((l) => JSON.parse(l));
  expect(card).toMatchObject({
    name: 'Card',
    count: 140,
    form: 'sheets',
    size: [297, 210, 0.2706],
    missing: [],
    problems: [],
  });
  expect(yarn).toMatchObject({
    name: 'Yarn',
    count: 12,
    form: 'soft',
    mass: 50,
    missing: [],
    kind: 'yarn',
    sizeFrom: expect.stringMatching(/usual size/),
  });
  expect(markers.doubts[0]).toMatch(/“12 parsec” was left in the name/);
  expect(pens.problems[0]).toMatch(/negative/);
  const inches = await heron('read', file('inch.txt', '84 markers 5 1/2 x 1/2\n'), '--units', 'imperial');
  expect(JSON.parse(inches.out).size).toEqual([139.7, 12.7, 12.7]);
});

test('heron fit prints how many fit, how, or why not: the same as the core says', async () => {
  const all = await heron('fit', demo, '--supply', 'markers');
  same(all.out, {
    supply: 'markers',
    name: 'Markers',
    count: 84,
    places: roomEverywhere(sceneOf(plan), plan.supplies.markers!, 'planned'),
  });
  const one = await heron('fit', demo, '--supply', 'Steel rule, 600 mm', '--compartment', 'slim/d1');
  expect(JSON.parse(one.out)).toMatchObject({ most: 0, reason: expect.stringMatching(/mm too long/) });
  const machine = await heron('fit', demo, '--supply', 'sewing-machine', '--compartment', 'bench/top');
  expect(JSON.parse(machine.out).working.words.length).toBeGreaterThan(0);
  expect(await heron('fit', demo, '--supply', 'unicorns')).toMatchObject({
    code: 2,
    err: expect.stringMatching(/no supply “unicorns”/),
  });
  expect(await heron('fit', demo, '--supply', 'markers', '--compartment', 'x/y')).toMatchObject({
    code: 2,
    err: expect.stringMatching(/no compartment “x\/y”/),
  });
});

test('heron balance, purge and shopping print what the screens show', async () => {
  same((await heron('balance', demo)).out, balanceOf(plan));
  same((await heron('purge', demo)).out, purgeOf(plan));
  const out = join(folder, 'list.csv');
  expect((await heron('shopping', demo, '--out', out)).code).toBe(0);
  expect(readFileSync(out, 'utf8')).toMatch(/^what,name,size,count,price each,price,for\nfurniture,Locked cabinet/);
  expect((await heron('shopping', demo)).out).toBe(readFileSync(out, 'utf8'));
});

test('heron supplies --csv takes sizes from the starter lists and places by their names', async () => {
  const csv = file('more.csv', 'item,qty,where\nAlcohol markers,12,"Cart, tray 1"\n');
  const out = join(folder, 'more.json');
  expect((await heron('supplies', demo, '--csv', csv, '--out', out)).code).toBe(0);
  const after = readPlanFile(readFileSync(out, 'utf8'));
  if (!after.ok) throw new Error('It cannot be read.');
  const made = Object.values(after.plan.supplies).find((s) => s.name === 'Alcohol markers')!;
  expect(made).toMatchObject({ count: 12, length: 150, traits: ['flammable'] });
  expect(Object.values(after.plan.placements).find((p) => p.supply === made.id)).toMatchObject({
    arrangement: 'today',
    unit: 'cart',
    slot: 't1',
  });
});

test('heron begin makes a first plan from words, says what it could not read, and refuses a room that is none', async () => {
  const furniture = file('furniture.txt', 'desk with two drawers on each side, 8 cube shelf, wobbly thing');
  const lines = file('things.txt', 'ink pads\nsequins in jars\n#10 envelopes\nthe blue tin\n');
  const out = join(folder, 'begun.json');
  const words = ['begin', '--units', 'in', '--crafts', 'card making', '--room', '10 x 9'];
  const made = await heron(...words, '--furniture', furniture, '--lines', lines, '--out', out);
  expect([made.code, made.err]).toEqual([1, expect.stringMatching(/no furniture is called “wobbly thing”/)]);
  expect(JSON.parse(made.out)).toMatchObject({
    ...{ things: 4, unread: [], leftOut: [], errors: [] },
    furniture: expect.arrayContaining(['Desk', 'Desk drawers', 'Desk drawers 2', 'Cube shelf']) as string[],
    unknown: [{ typed: 'wobbly thing' }],
  });
  const back = readPlanFile(readFileSync(out, 'utf8'));
  expect(back.ok && Object.values(back.plan.supplies).map((s) => s.name)).toEqual(
    expect.arrayContaining(['Ink pads', 'Sequins', 'Envelopes', 'Blue tin']),
  );
  const none = await heron('begin', '--crafts', 'cards', '--room', 'ten', '--out', out);
  expect([none.code, none.err]).toEqual([2, expect.stringMatching(/“ten” is no room/)]);
});
