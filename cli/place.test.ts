import type { ComparedPlans } from '@heronstone/core/report/todayVsPlan.ts';
import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { longTest } from '@heronstone/testing/longTest.ts';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { evaluate, type Report } from '@heronstone/core/report/evaluate.ts';
import { readPlanFile, writePlanFile } from '@heronstone/core/formats/planFile.ts';
import { applyChanges, remove, set, type Change } from '@heronstone/core/model/change.ts';
import { sceneOf, mainStationOf } from '@heronstone/core/scene/scene.ts';
import { main } from './heron.ts';

const folder = mkdtempSync(join(tmpdir(), 'heron-place-'));
const at = (name: string) => join(folder, name);
const planOf = (file: string) => {
  const read = readPlanFile(readFileSync(file, 'utf8'));
  if (!read.ok) throw new Error(read.findings[0]!.message);
  return read.plan;
};
/** The room of the demo with a part of its things. */
const plan = withFewThings(demoPlan(), ['gouges', 'pins', 'sheets-a2'], 3);
const demo = at('demo.json');
writeFileSync(demo, writePlanFile(plan));

async function heron(...args: string[]) {
  let [out, err] = ['', ''];
  const code = await main(args, { out: (t) => (out += t), err: (t) => (err += t) });
  return { code, out, err };
}

test('heron why gives reasons, elements that add up, and other places with their cost', async () => {
  const { code, out } = await heron('why', demo, '--supply', 'gouges');
  expect(code).toBe(0);
  const why = JSON.parse(out) as {
    placements: Array<{ place: string; reasons: string[]; nextBest: unknown[]; secondsPerFetch: number }>;
  };
  expect(why.placements).toHaveLength(1);
  expect(why.placements[0]!.reasons.length).toBeGreaterThanOrEqual(2);
  const own = Object.values(evaluate(plan).placements).find(
    (p) => p.supply === 'gouges' && p.arrangement === 'planned',
  )!;
  expect(why.placements[0]).toMatchObject({ place: own.place, secondsPerFetch: own.secondsPerFetch });
  expect((await heron('why', demo, '--supply', 'No such thing')).code).toBe(2);
  expect(JSON.parse((await heron('why', demo, '--supply', 'Sheets A2')).out)).toMatchObject({
    without: 30,
    placements: [],
  });
});

test('heron compare sets two plans side by side', async () => {
  writeFileSync(
    at('slow.json'),
    writePlanFile(applyChanges(plan, [{ table: 'meta', id: 'demo', set: { constants: { walk: 30 } } }]).plan),
  );
  const { code, out } = await heron('compare', demo, at('slow.json'));
  expect(code).toBe(0);
  const both = JSON.parse(out) as Record<'a' | 'b' | 'difference', Record<string, number>>;
  expect(both.a.minutes).toBeCloseTo(evaluate(plan).week.planned.minutes, 9);
  expect(both.difference.minutes).toBeCloseTo(both.b.minutes! - both.a.minutes!, 9);
  expect(both.difference.minutes).toBeGreaterThan(5);
  expect(both.difference.metres).toBe(0);
  // The same things and fetches in both, and the difference explained by its parts.
  const { common } = JSON.parse(out) as { common: ComparedPlans };
  expect(common.only).toEqual({ a: { supplies: [], minutes: 0 }, b: { supplies: [], minutes: 0 } });
  expect(common.fetches.a).toBeCloseTo(common.fetches.b, 9);
  const parts = Object.values(common.difference).reduce((sum, x) => sum + x, 0);
  expect(parts).toBeCloseTo(both.difference.minutes!, 6);
  expect(both.a.bends).toBeGreaterThan(0);
  expect((await heron('compare', '-', '-')).code).toBe(2);
});

test('--only-new leaves what is planned, and places what is not', async () => {
  const id = Object.values(plan.placements).find((p) => p.arrangement === 'planned' && p.supply === 'pins')!.id;
  writeFileSync(at('new.json'), writePlanFile(applyChanges(plan, [remove('placements', id)]).plan));
  expect((await heron('place', at('new.json'), '--only-new', '--out', at('placed.json'))).code).toBe(0);
  const placed = planOf(at('placed.json'));
  for (const p of Object.values(plan.placements)) if (p.id !== id) expect(placed.placements[p.id]).toEqual(p);
  expect(
    Object.values(placed.placements).filter((p) => p.supply === 'pins' && p.arrangement === 'planned'),
  ).toHaveLength(1);
});

test('--station plans again only what is used most at a station', async () => {
  writeFileSync(
    at('moved.json'),
    writePlanFile(applyChanges(plan, [set('stations', 'seat-sewing', { x: 1300 })]).plan),
  );
  const done = await heron('place', at('moved.json'), '--station', 'seat-sewing', '--out', at('zone.json'));
  expect(done.code).toBe(0);
  const zone = planOf(at('zone.json'));
  const scene = sceneOf(planOf(at('moved.json')));
  for (const p of Object.values(plan.placements))
    if (mainStationOf(scene, p.supply) !== 'seat-sewing') expect(zone.placements[p.id]).toEqual(p);
  expect((await heron('place', demo, '--station', 'nowhere')).err).toMatch(/no station “nowhere”; there are/);
});

test('heron place --by a way of sorting keeps it in the plan, and --unit fills one unit alone', async () => {
  const { code, out } = await heron('place', demo, '--by', 'colour', '--out', at('colour.json'));
  expect(code).toBe(0);
  const said = JSON.parse(out) as { by: string; order: { furtherHomes: number; sorts: unknown[] } };
  expect(said.by).toBe('colour');
  expect(said.order.sorts.length).toBeGreaterThan(5);
  const sorted = planOf(at('colour.json'));
  expect(sorted.meta.sorting).toMatchObject({ way: 'colour', inside: 'rainbow' });
  expect((await heron('place', demo, '--by', 'smell')).code).toBe(2);
  expect((await heron('place', demo, '--unit', 'slim/d2', '--out', at('one.json'))).code).toBe(0);
  const before = new Map(Object.values(plan.placements).map((p) => [p.id, `${p.unit}/${p.slot}`]));
  for (const p of Object.values(planOf(at('one.json')).placements))
    if (before.has(p.id) && before.get(p.id) !== `${p.unit}/${p.slot}`) expect(`${p.unit}/${p.slot}`).toBe('slim/d2');
  expect((await heron('place', demo, '--unit', 'wardrobe')).code).toBe(2);
  expect((await heron('place', demo, '--only-new', '--zone', 'seat-bench')).code).toBe(2);
});

longTest('heron advise and arrange stop after their seconds, and say so; what they found can be made', async () => {
  const advice = await heron('advise', demo, '--seconds', '1');
  expect(advice.code).toBe(0);
  const said = JSON.parse(advice.out) as { base: number; ended: string; tried: number; ideas: number; help: unknown[] };
  expect(said.ended).toBe('stopped');
  expect(said.tried).toBeLessThan(said.ideas);
  const arranged = await heron('arrange', demo, '--seconds', '1', '--units', 'cart,slim');
  const { proposals, ended } = JSON.parse(arranged.out) as {
    ended: string;
    proposals: Array<{ changes: Change[]; walked: number; walkedToday: number; minutes: number }>;
  };
  expect(ended).toBe('stopped');
  for (const p of proposals) {
    expect(p.walked).toBeLessThan(p.walkedToday);
    expect(evaluate(applyChanges(plan, p.changes).plan).week.planned.minutes).toBeCloseTo(p.minutes, 6);
  }
  expect((await heron('arrange', demo, '--units', 'wardrobe')).code).toBe(2);
});

test('heron zones says zones, homes and names as the Report does, with proposals; --zone plans the homes of one zone', async () => {
  const { code, out } = await heron('zones', demo, '--propose');
  expect(code).toBe(0);
  const said = JSON.parse(out) as Pick<Report, 'zones' | 'homes' | 'names'> & {
    places: Array<{ id: string; homes: string }>;
    proposals: Array<{ way: string; of: unknown[] }>;
  };
  const report = evaluate(plan);
  expect(said.zones).toEqual(JSON.parse(JSON.stringify(report.zones)));
  expect(said.homes.length).toBe(report.homes.length);
  expect(said.names.planned.placesNamed).toBe(report.names.planned.placesNamed);
  expect(said.proposals.map((p) => p.way)).toEqual(['walking', 'room', 'near']);
  expect((await heron('place', demo, '--zone', 'c', '--out', at('sewing.json'))).code).toBe(0);
  const own = new Set(report.homes.filter((h) => h.zone === 'zone-sewing').flatMap((h) => h.supplies));
  const after = planOf(at('sewing.json'));
  for (const p of Object.values(plan.placements)) if (!own.has(p.supply)) expect(after.placements[p.id]).toEqual(p);
  expect((await heron('place', demo, '--zone', 'Z')).err).toMatch(/no zone “Z”; there are A Carving/);
});
