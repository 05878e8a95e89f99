/** What the program of plan version 6 wrote still opens, and says the same. */
import { gunzipSync } from 'node:zlib';
import { readFileSync } from 'node:fs';
import { evaluate } from '../report/evaluate.ts';
import { readPlanFile, writePlanFile } from './planFile.ts';
import { upgradeChange } from './upgrade.ts';

const kept = (name: string) =>
  gunzipSync(readFileSync(new URL(`../../testing/fixtures/version6/${name}.gz`, import.meta.url))).toString('utf8');
const open = (text: string) => {
  const read = readPlanFile(text);
  if (!read.ok) throw new Error(read.findings[0]!.message);
  return read;
};

test('a file of version 6 opens with every row, in the words of today', () => {
  const old = JSON.parse(kept('plan.json')) as Record<string, Array<Record<string, unknown>>>;
  expect(old.version).toBe(6);
  const { plan, pictures } = open(kept('plan.json'));
  const of = (table: string) => old[table]!;
  expect(Object.keys(plan.helpers).sort()).toEqual(
    of('hosts')
      .map((r) => r.id)
      .sort(),
  );
  expect(Object.keys(plan.bans).sort()).toEqual(
    of('nevers')
      .map((r) => r.id)
      .sort(),
  );
  expect(Object.keys(plan.pulls).sort()).toEqual(
    of('needs')
      .map((r) => r.id)
      .sort(),
  );
  for (const unit of of('units'))
    expect(plan.units[unit.id as string]).toMatchObject({ pinned: unit.locked, keyLocked: unit.keyed });
  for (const p of of('placements')) expect(plan.placements[p.id as string]!.pinned).toBe(p.locked);
  const traits = Object.values(plan.supplies).flatMap((s) => s.traits);
  expect(traits).toEqual(expect.arrayContaining(['keep out of light', 'keep from heat', 'keep dry']));
  expect(Object.keys(pictures)).toEqual(['ph']);
  // And it goes out and in again as it is.
  expect(open(writePlanFile(plan, pictures)).plan).toEqual(plan);
});

test('its Report is the one that was kept: every figure, place by place and supply by supply', () => {
  const was = JSON.parse(kept('report.json')) as Record<string, unknown>;
  const now = JSON.parse(JSON.stringify(evaluate(open(kept('plan.json')).plan))) as Record<string, unknown>;
  // What order weighs is reckoned by lines apart from most of their home since, and no part of the week.
  for (const part of ['room', 'week', 'worst', 'strain', 'supplies', 'moves', 'open', 'shopping', 'cuts', 'setups'])
    expect([part, figures(now[part])]).toEqual([part, figures(was[part])]);
  for (const part of ['units', 'placements', 'containers', 'compartments'])
    expect([part, figures(now[part])]).toEqual([part, figures(was[part])]);
  const codes = (r: Record<string, unknown>) =>
    (r.findings as Array<{ code: string; path: string; by?: number }>).map((f) => [
      f.code.replace('over full', 'overfull'),
      f.path,
      f.by,
    ]);
  expect(codes(now)).toEqual(codes(was));
});

/** All numbers of a part by their path; words may be said in another way. */
function figures(part: unknown, path = ''): Record<string, number> {
  if (typeof part === 'number') return { [path]: Math.round(part * 1e6) / 1e6 };
  if (typeof part !== 'object' || part === null) return {};
  return Object.assign({}, ...Object.entries(part).map(([key, value]) => figures(value, `${path}/${key}`))) as Record<
    string,
    number
  >;
}

test('changes of a journal are read in the words of today, and those of today stay as they are', () => {
  expect(upgradeChange({ table: 'nevers', id: 'n', remove: true })).toEqual({ table: 'bans', id: 'n', remove: true });
  expect(upgradeChange({ table: 'units', id: 'u', set: { keyed: true, locked: false, x: 3 } })).toEqual({
    table: 'units',
    id: 'u',
    set: { keyLocked: true, pinned: false, x: 3 },
  });
  expect(upgradeChange({ table: 'supplies', id: 's', set: { traits: ['damp-shy', 'sharp'] } })).toEqual({
    table: 'supplies',
    id: 's',
    set: { traits: ['keep dry', 'sharp'] },
  });
  const today = { table: 'placements', id: 'p', set: { pinned: true } };
  expect(upgradeChange(today)).toEqual(today);
  expect(upgradeChange('no change')).toBe('no change');
});
