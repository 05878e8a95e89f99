/**
 * `npm run kinds [ROOM …]`: how much of a room lies together, counted without asking what the program calls a home: only kinds,
 * seats, and what lies where. For the demo, the sample rooms and the evenings, after Fill; --all says which kinds lie in several runs.
 */
import { applyChanges, setMeta } from '@heronstone/core/model/change.ts';
import type { Placement, Plan } from '@heronstone/core/model/plan.ts';
import { evaluate } from '@heronstone/core/report/evaluate.ts';
import { compartmentId, sceneOf, usesOf } from '@heronstone/core/scene/scene.ts';
import { changesTo, solveAll } from '@heronstone/core/search/solve.ts';
import { runsOf } from '@heronstone/core/zones/neighbours.ts';
import { demoPlan } from '@heronstone/testing/demo.ts';
import { ROOMS, sampleRoom } from '../demo/sampleRooms.ts';
import { EVENINGS } from '@heronstone/testing/evenings/evenings.ts';
import { play } from '@heronstone/testing/evenings/play.ts';

/** Lines of a room by their kind at their seat: all, those in the run of most of them, and those in the two runs of most. */
function together(plan: Plan): { lines: number; main: number; two: number; torn: string[] } {
  const scene = sceneOf(plan);
  const largest = new Map<string, Placement>();
  for (const p of Object.values(plan.placements)) {
    if (p.arrangement !== 'planned' || p.spare || !scene.compartment.has(compartmentId(p))) continue;
    if ((largest.get(p.supply)?.count ?? 0) < p.count) largest.set(p.supply, p);
  }
  const groups = new Map<string, string[]>();
  for (const [id, p] of largest) {
    const main = [...usesOf(scene, id)].sort((a, b) => b.fetches - a.fetches)[0];
    const key = `${plan.supplies[id]!.category.toLowerCase()} @${main?.station ?? ''}`;
    groups.set(key, [...(groups.get(key) ?? []), compartmentId(p)]);
  }
  const sum = { lines: 0, main: 0, two: 0, torn: [] as string[] };
  for (const [key, places] of groups) {
    const runs = runsOf(scene, places)
      .map((run) => places.filter((p) => run.includes(p)).length)
      .sort((a, b) => b - a);
    sum.lines += places.length;
    sum.main += runs[0]!;
    sum.two += runs[0]! + (runs[1] ?? 0);
    if (runs.length > 1) sum.torn.push(`${key}: ${runs.join(' + ')}`);
  }
  return sum;
}

const demo = () => {
  const plan = demoPlan();
  return {
    ...plan,
    placements: Object.fromEntries(
      Object.entries(plan.placements).filter(([, p]) => p.arrangement === 'today' || p.pinned),
    ),
  };
};
const rooms: Array<readonly [string, () => Plan]> = [
  ['demo', demo],
  ...Object.keys(ROOMS).map((key) => [key, () => sampleRoom(key)] as const),
  ...EVENINGS.map(
    (e, i) =>
      [
        `evening ${i + 1}`,
        () => {
          const { plan } = play(e);
          return { ...plan, placements: {} };
        },
      ] as const,
  ),
];
const all = process.argv.includes('--all');
const asked = process.argv.slice(2).filter((a) => a !== '--all');
const percent = (n: number, of: number) => `${Math.round((100 * n) / Math.max(1, of))} %`;
for (const [name, make] of rooms) {
  if (asked.length > 0 && !asked.includes(name)) continue;
  const empty = make();
  const row: string[] = [name.padEnd(10)];
  for (const way of ['quickest', 'home'] as const) {
    const plan = applyChanges(empty, [setMeta(empty, { sorting: { ...empty.meta.sorting, way } })]).plan;
    const start = performance.now();
    const filled = applyChanges(plan, changesTo(plan, solveAll(plan, { seed: 1 }))).plan;
    const took = (performance.now() - start) / 1000;
    const report = evaluate(filled);
    const { lines, main, two, torn } = together(filled);
    const week = report.week.planned;
    const names = report.names.planned;
    row.push(
      `${way}: ${week.minutes.toFixed(1)} min, main ${percent(main, lines)}, two ${percent(two, lines)} of ${lines}, out ${week.without}, ` +
        `named ${percent(names.placesNamed, names.places)} of ${names.places}, one answer ${percent(names.linesTogether, names.lines)}, errors ${report.errors}, ${took.toFixed(1)} s` +
        (all && way === 'home' ? `\n  ${torn.join('\n  ')}` : ''),
    );
  }
  process.stdout.write(`${row.join(' | ')}\n`);
}
