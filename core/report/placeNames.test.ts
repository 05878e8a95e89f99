/** What places are called: each name says where to look, or the place cannot be named. */
import { demoPlan } from '@heronstone/testing/demo.ts';
import { applyChanges, remove, set } from '../model/change.ts';
import { sceneOf } from '../scene/scene.ts';
import { runsOf } from '../zones/neighbours.ts';
import { evaluate } from './evaluate.ts';

const demo = demoPlan();

test('no two places of the demo have one name, but those of one run, which are counted through', () => {
  const report = evaluate(demo);
  const scene = sceneOf(demo);
  const used = report.compartments.filter((c) => c.homes.planned.length > 0);
  // In whatever order the homes of a place are said.
  const names = used.map((c) => c.homeName.planned.split(' · ').sort().join(' · '));
  expect(new Set(names).size).toBe(names.length);
  const counted = used.filter((c) => / of \d+$/.test(c.homeName.planned));
  for (const c of counted) {
    const [, base, of] = /^(.*), \d+ of (\d+)$/.exec(c.homeName.planned)!;
    const run = counted.filter(
      (o) => o.homeName.planned.startsWith(`${base!}, `) && o.homeName.planned.endsWith(` of ${of!}`),
    );
    expect([base, run.length]).toEqual([base, Number(of)]);
    expect(
      runsOf(
        scene,
        run.map((o) => o.id),
      ).length,
    ).toBe(1);
  }
});

test('a few things away from most of their home are called by their own names, many are not named', () => {
  const report = evaluate(demo);
  const home = report.homes.find((h) => h.supplies.length > 7 && !h.own && !h.spares)!;
  const rows = Object.values(demo.placements).filter((p) => p.arrangement === 'planned');
  const top = { unit: 'landing-cupboard', slot: 'top', container: null };
  const withOnTop = (n: number) => {
    const moved = rows.filter((p) => home.supplies.slice(0, n).includes(p.supply) && !p.spare);
    const there = rows.filter((p) => p.unit === top.unit && p.slot === top.slot).map((p) => remove('placements', p.id));
    // All of the rest lies in one drawer, so that most of it does.
    const rest = rows.filter((p) => home.supplies.slice(n).includes(p.supply) && !p.spare);
    const drawer = { unit: 'tall', slot: 'd1', container: null };
    const changes = [
      ...there,
      ...moved.map((p) => set('placements', p.id, top)),
      ...rest.map((p) => set('placements', p.id, drawer)),
    ];
    const { compartments } = evaluate(applyChanges(demo, changes).plan);
    return compartments.find((c) => c.unit === top.unit && c.slot === top.slot)!;
  };
  const name = (id: string) => demo.supplies[id]!.name;
  const [one, two, three] = [withOnTop(1), withOnTop(2), withOnTop(3)];
  expect([one.homeName.planned, one.canBeNamed.planned]).toEqual([name(home.supplies[0]!), true]);
  expect(two.homeName.planned.toLowerCase().split(' and ').sort()).toEqual(
    home.supplies
      .slice(0, 2)
      .map((s) => name(s).toLowerCase())
      .sort(),
  );
  // Three would be too long a name, and that of their home stands elsewhere already.
  expect([three.homeName.planned, three.canBeNamed.planned]).toEqual([home.name, false]);
});

test('names do not depend on the order in which the rows of a plan come', () => {
  const rows = Object.entries(demo.placements);
  const said = (entries: typeof rows) =>
    evaluate({ ...demo, placements: Object.fromEntries(entries) }).compartments.map(({ id, homeName, canBeNamed }) => ({
      ...{ id, homeName, canBeNamed },
    }));
  expect(said([...rows].reverse())).toEqual(said(rows));
});
