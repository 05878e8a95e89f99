import { longTest } from '@heronstone/testing/longTest.ts';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PDFDocument } from '@cantoo/pdf-lib';
import ICAL from 'ical.js';
import { changeOver } from '@heronstone/core/changeover/changeOver.ts';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { readPlanFile, writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { applyChanges, remove } from '@heronstone/core/model/change.ts';
import { main } from './heron.ts';

const demo = new URL('../demo/plan.json', import.meta.url).pathname;
const folder = mkdtempSync(join(tmpdir(), 'heron-doing-'));
const at = (name: string) => join(folder, name);
const read = readPlanFile(readFileSync(demo, 'utf8'));
if (!read.ok) throw new Error('no demo');
const plan = read.plan;

async function heron(...args: string[]) {
  let [out, err] = ['', ''];
  const code = await main(args, { out: (t) => (out += t), err: (t) => (err += t) });
  return { code, out, err };
}

longTest('heron moves says the figures of core, in sittings', async () => {
  const { code, out } = await heron('moves', demo, demo, '--minutes', '45');
  expect(code).toBe(0);
  const said = JSON.parse(out) as {
    moves: number;
    peak: number;
    everything: number;
    sittings: Array<{ moves: unknown[] }>;
  };
  const own = changeOver(plan, evaluate(plan), 45);
  expect(said.moves).toBe(own.moves);
  expect(said.everything).toBeCloseTo(own.everything, 6);
  expect(said.peak).toBeLessThan(said.everything / 20);
  expect(said.sittings.flatMap((s) => s.moves)).toHaveLength(said.moves);
  // From a plan to itself as it is today there is nothing to do.
  const rows = Object.values(plan.placements).flatMap((p) =>
    p.arrangement === 'planned' ? [remove('placements', p.id)] : [],
  );
  const boxes = Object.values(plan.containers).flatMap((c) =>
    c.arrangement === 'planned' ? [remove('containers', c.id)] : [],
  );
  writeFileSync(at('today.json'), writePlanFile(applyChanges(plan, [...rows, ...boxes]).plan));
  const still = await heron('moves', at('today.json'), at('today.json'));
  expect((JSON.parse(still.out) as { moves: number }).moves).toBe(0);
});

test('heron find answers in spite of misspelling, with place and count', async () => {
  const { out } = await heron('find', demo, 'scisors', 'fabric');
  const { found } = JSON.parse(out) as {
    found: Array<{ id: string; places: Array<{ count: number; place: string }> }>;
  };
  expect(found[0]!.id).toBe('fabric-scissors');
  expect(found[0]!.places[0]!.place).not.toBe('');
});

test('heron pull goes round once for a project', async () => {
  const { out } = await heron('pull', demo, '--project', 'Wolf, hand puppet');
  const round = JSON.parse(out) as {
    stops: Array<{ supplies: string[] }>;
    atHand: Array<{ supplies: string[] }>;
    seconds: number;
    singly: number;
    without: string[];
  };
  const all = [...round.stops, ...round.atHand].flatMap((s) => s.supplies).concat(round.without);
  expect(all.sort()).toEqual(
    Object.values(plan.pulls)
      .flatMap((n) => (n.project === 'wolf' ? [n.supply] : []))
      .sort(),
  );
  expect(round.seconds).toBeLessThan(round.singly);
  expect((await heron('pull', demo, '--project', 'moon')).err).toMatch(/no project “moon”; there are/);
});

test('heron binder and heron calendar write files that others read', async () => {
  expect((await heron('binder', demo, '--out', at('binder.pdf'))).code).toBe(0);
  expect(readFileSync(at('binder.pdf')).subarray(0, 5).toString()).toBe('%PDF-');
  const { out, code } = await heron('calendar', demo, '--day', '2026-11-25', '--out', at('room.ics'));
  expect(code).toBe(0);
  const events = new ICAL.Component(ICAL.parse(readFileSync(at('room.ics'), 'utf8'))).getAllSubcomponents('vevent');
  expect(events).toHaveLength((JSON.parse(out) as { occasions: unknown[] }).occasions.length);
  expect((await heron('calendar', demo, '--day', 'soon', '--out', at('x.ics'))).err).toMatch(/--day is a date like/);
});

test('heron doors writes a sheet for each piece of furniture, or for those that are named', async () => {
  expect((await heron('doors', demo, '--out', at('doors.pdf'))).code).toBe(0);
  const pages = async (file: string) => (await PDFDocument.load(readFileSync(file))).getPageCount();
  const used = new Set(Object.values(plan.placements).flatMap((p) => (p.arrangement === 'planned' ? [p.unit] : [])));
  expect(await pages(at('doors.pdf'))).toBe(used.size);
  expect((await heron('doors', demo, '--units', 'slim', '--out', at('slim.pdf'))).code).toBe(0);
  expect(await pages(at('slim.pdf'))).toBe(1);
  expect((await heron('doors', demo, '--units', 'nowhere', '--out', at('x.pdf'))).err).toMatch(
    /no unit “nowhere”; there are/,
  );
});
