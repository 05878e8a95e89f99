/** Rooms of five crafts after Fill: what every maker expects of how things lie, checked from the raw sizes. */
import { readFileSync } from 'node:fs';
import { fit } from '@heronstone/core/fit/fit.ts';
import { isMadeFor } from '@heronstone/core/fit/limits.ts';
import { applyChanges } from '@heronstone/core/model/change.ts';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { fetchesAWeek, sceneOf } from '@heronstone/core/scene/scene.ts';
import { changesTo, solveAll } from '@heronstone/core/search/solve.ts';
import { LONG_RUN } from '@heronstone/testing/runs.ts';
import { ROOMS, sampleRoom } from './sampleRooms.ts';

/** How high stiff things, and thin ones, lie on each other at most, mm; places.md 4 (common practice, no source). */
const HIGH = { stiff: 300, thin: 60, sheets: 150, onTop: { many: 2, sheets: 60 } };

/** A row of the table in rooms.md: its cells as sorted lists. */
function rowOf(key: string): string[][] {
  const text = readFileSync(new URL('rooms.md', import.meta.url), 'utf8');
  const row = text.split('\n').find((line) => line.startsWith(`| ${key} `))!;
  return row
    .split('|')
    .slice(1, -1)
    .map((cell) =>
      cell.trim() === '–'
        ? []
        : cell
            .trim()
            .split(/, (?=[A-Z])/)
            .sort(),
    );
}

describe.each(Object.keys(ROOMS))('%s', (key) => {
  const empty = sampleRoom(key);
  const plan = applyChanges(
    empty,
    changesTo(empty, solveAll(empty, { seed: 1, ...(LONG_RUN ? {} : { moves: 800 }) })),
  ).plan;
  const report = evaluate(plan);
  const scene = sceneOf(plan);
  const planned = Object.values(report.placements).filter((p) => p.arrangement === 'planned');
  const supplyOf = (p: (typeof planned)[number]) => plan.supplies[p.supply]!;
  const placeOf = (p: (typeof planned)[number]) => scene.compartment.get(p.compartment)!;

  test('it is a room without an error, and nearly all has a place', () => {
    expect(report.findings.filter((f) => f.severity === 'error').map((f) => f.message)).toEqual([]);
    expect(report.week.planned.without).toBeLessThanOrEqual(3);
    for (const p of planned) expect([supplyOf(p).name, p.badly, p.fits]).toEqual([supplyOf(p).name, null, p.count]);
  });

  test('its problems are those that rooms.md names', () => {
    const [, , fixed, high, without] = rowOf(key);
    const before = evaluate(empty).findings;
    const units = before.filter((f) => f.code === 'fix to the wall').map((f) => empty.units[f.targets[0]!.id]!.name);
    expect([...units].sort()).toEqual(fixed);
    const works = before.filter((f) => f.code === 'work height').map((f) => f.message.split(' at ')[0]!);
    expect([...works].sort()).toEqual(high);
    expect(before.length).toBe(fixed!.length + high!.length);
    const out = Object.values(report.supplies).filter((s) => s.without.planned > 0);
    expect(out.map((s) => plan.supplies[s.id]!.name).sort()).toEqual(without);
  });

  test('no line lies higher than it may', () => {
    for (const p of planned) {
      const { lie } = p;
      const s = supplyOf(p);
      const place = placeOf(p);
      if (!lie || place.access === 'peg' || lie.pattern === 'fill') continue;
      const high = s.form === 'sheets' ? lie.up : Math.min(lie.layers, p.count) * lie.up;
      // What stands upright may rise over a rim by a third of its height, where there is room above.
      const rim = lie.orientation === 'flat' ? 0 : Math.min(place.above ?? 0, lie.up / 3);
      expect([s.name, high <= place.inside.height + rim + 1e-6]).toEqual([s.name, true]);
      const onTop = place.walls === 'none';
      const stacked = s.form !== 'sheets' && Math.min(lie.layers, p.count) > 1;
      if (s.form === 'sheets' && lie.orientation === 'flat')
        expect([s.name, high <= (onTop ? HIGH.onTop.sheets : HIGH.sheets)]).toEqual([s.name, true]);
      if (s.form === 'bottles') expect([s.name, lie.layers]).toEqual([s.name, 1]);
      if (!stacked || s.form === 'rolls' || Math.max(s.width, s.thickness) < 20) continue;
      expect([s.name, high <= (lie.up < 12 ? HIGH.thin : HIGH.stiff)]).toEqual([s.name, true]);
      if (onTop && lie.up >= 12) expect([s.name, lie.layers <= HIGH.onTop.many]).toEqual([s.name, true]);
    }
  });

  test('sheets lie in slots before anywhere else where there are slots', () => {
    const slots = scene.compartments.filter((c) => isMadeFor({ form: 'sheets', traits: [] }, c));
    const taken = new Set(planned.map((p) => p.compartment));
    const free = slots.filter((c) => !taken.has(c.id));
    for (const p of planned) {
      const s = supplyOf(p);
      // Daily sheets may stay out on the table, as everything daily may.
      if (s.form !== 'sheets' || isMadeFor(s, placeOf(p)) || fetchesAWeek(scene, s.id) >= 5) continue;
      expect([s.name, free.filter((c) => fit(s, p.count, c).count >= p.count).map((c) => c.name)]).toEqual([
        s.name,
        [],
      ]);
    }
  });

  test('nothing but what stays out lies on a table', () => {
    for (const p of planned.filter((q) => placeOf(q).access === 'top')) {
      const s = supplyOf(p);
      const out = s.form === 'machine' || s.traits.includes('keep in view') || fetchesAWeek(scene, s.id) >= 5;
      expect([s.name, out]).toEqual([s.name, true]);
    }
  });

  test('machines stand where they can be lifted from', () => {
    for (const p of planned.filter((q) => supplyOf(q).form === 'machine'))
      expect([supplyOf(p).name, ['easy', 'low'].includes(p.band ?? 'easy')]).toEqual([supplyOf(p).name, true]);
  });
});
