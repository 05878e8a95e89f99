import { demoPlan, withFewThings } from '@heronstone/testing/demo.ts';
import { longTest } from '@heronstone/testing/longTest.ts';
import { runs } from '@heronstone/testing/runs.ts';
import { roomToArrange } from '@heronstone/testing/roomsToArrange.ts';
import { evaluate } from '../../report/evaluate.ts';
import { applyChanges, set } from '../../model/change.ts';
import type { Plan } from '../../model/plan.ts';
import { seeded } from '../../geometry/seeded.ts';
import { Arranging, choicesOf, faultsOf, movable, standChanges, tripsOf } from './stands.ts';
import { carried } from '../../room/putDown.ts';
import { finer, proposeAll, search } from './propose.ts';

const demo = withFewThings(demoPlan(), [], 3);

function arrangingOf(plan: Plan, step: number) {
  const units = movable(plan);
  const choices = choicesOf(plan, units, step);
  const arranging = new Arranging(plan, tripsOf(plan, evaluate(plan), 'planned'), choices);
  return { units, choices, arranging, fine: finer(plan, units) };
}

/** Metres a week of arrangements at random that pass all checks of the room. */
function atRandom(plan: Plan, wanted: number, tries: number): number[] {
  const { choices, arranging, fine } = arrangingOf(plan, 100);
  const random = seeded(5);
  const found: number[] = [];
  for (let n = 0; n < tries && found.length < wanted; n++) {
    const places = Int32Array.from(choices, (c) => Math.floor(random() * c.stands.length));
    if (arranging.trouble(places) < 0.5 && fine(arranging.at(places)).length === 0)
      found.push(arranging.metres(places));
  }
  return found;
}

/** What every proposal must be. */
function inspect(plan: Plan, proposals: ReturnType<typeof proposeAll>): void {
  const before = new Set(faultsOf(plan).map((f) => `${f.code} ${f.targets[0]?.id}`));
  for (const p of proposals) {
    const after = applyChanges(plan, p.changes).plan;
    expect(faultsOf(after).filter((f) => !before.has(`${f.code} ${f.targets[0]?.id}`))).toEqual([]);
    expect(evaluate(after).errors).toBeLessThanOrEqual(evaluate(plan).errors);
    for (const u of Object.values(plan.units))
      if (!p.moved.includes(u.id) && u.host === null)
        expect(after.units[u.id]).toMatchObject({ x: u.x, y: u.y, turn: u.turn });
    const { planned } = evaluate(after).week;
    expect([p.minutes, p.walked]).toEqual([planned.minutes, planned.metres]);
    expect(p.walked).toBeLessThan(p.walkedToday);
    expect(p.minutes).toBeLessThan(p.minutesToday);
  }
}

longTest(
  'the demo: two or three arrangements that differ, better than today and than random, with nothing in the way',
  () => {
    const proposals = proposeAll(demo, { seed: 1, moves: runs(170, 2000) });
    expect(proposals.length).toBeGreaterThanOrEqual(2);
    inspect(demo, proposals);
    for (const p of proposals) expect(p.faults).toBeLessThan(p.faultsToday);
    const { choices, arranging } = arrangingOf(demo, 100);
    const today = arranging.metres(Int32Array.from(choices, () => 0));
    const random = atRandom(demo, 3, runs(60, 8000));
    const best = Math.min(...proposals.map((p) => p.metres));
    expect(best).toBeLessThan(today);
    expect(best).toBeLessThan(Math.min(Infinity, ...random));
    // They differ: a third of the furniture stands at least 400 mm elsewhere.
    const stands = proposals.map((p) => applyChanges(demo, p.changes).plan.units);
    const [one, two] = [stands[0]!, stands[1]!];
    const apart = Object.keys(one).filter((id) => Math.hypot(one[id]!.x - two[id]!.x, one[id]!.y - two[id]!.y) > 400);
    expect(apart.length).toBeGreaterThanOrEqual(movable(demo).length / 3);
  },
);

test('generated rooms: better than today, and than every arrangement at random', () => {
  for (let seed = 1; seed <= runs(1, 10); seed++) {
    const plan = roomToArrange(seed, 4);
    const proposals = proposeAll(plan, { seed: 1, moves: runs(200, 1000) });
    expect(proposals.length).toBeGreaterThan(0);
    inspect(plan, proposals);
    const random = atRandom(plan, 5, runs(100, 2000));
    expect(random.length).toBeGreaterThan(0);
    expect(Math.min(...proposals.map((p) => p.metres))).toBeLessThan(Math.min(...random));
  }
});

test('the smallest rooms: as good as the best of all arrangements', () => {
  for (let seed = 21; seed <= 20 + runs(2, 5); seed++) {
    const plan = roomToArrange(seed, 1);
    const { choices, arranging, fine } = arrangingOf(plan, 400);
    let best = Infinity;
    const [a, b] = choices;
    for (let i = 0; i < a!.stands.length; i++)
      for (let j = 0; j < b!.stands.length; j++) {
        const places = [i, j];
        const metres = arranging.metres(places);
        if (metres >= best || arranging.trouble(places) >= 0.5) continue;
        if (fine(arranging.at(places)).length === 0) best = metres;
      }
    const run = search(arranging, seed, 6000, fine);
    let step = run.next();
    while (!step.done) step = run.next();
    expect(step.value?.metres).toBeCloseTo(best, 6);
  }
});

test('what is fixed to the wall stays, and what is asked for moves alone', () => {
  const plan = roomToArrange(3, 3);
  const fixed = applyChanges(plan, [set('units', 'u0', { fixed: true })]).plan;
  for (const p of proposeAll(fixed, { seed: 1, moves: 500 })) expect(p.moved).not.toContain('u0');
  for (const p of proposeAll(plan, { seed: 1, moves: 500, units: ['u1'] })) expect(p.moved).toEqual(['u1']);
  expect(proposeAll(plan, { seed: 1, units: [] })).toEqual([]);
});

test('a seat turns with its table, and what stands on a unit goes with it', () => {
  const from = { x: 1000, y: 500, turn: 0 };
  expect(carried({ x: 1000, y: 1100, turn: 0 }, from, { x: 500, y: 2000, turn: 90 })).toEqual({
    x: -100,
    y: 2000,
    turn: 90,
  });
  const changes = standChanges(demo, [demo.units.bench!], [{ x: 2000, y: 1500, turn: 180 }]);
  const seats = Object.values(demo.stations).filter((s) => s.unit === 'bench');
  expect(
    changes
      .filter((c) => c.table === 'stations')
      .map((c) => c.id)
      .sort(),
  ).toEqual(seats.map((s) => s.id).sort());
});
