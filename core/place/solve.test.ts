import fc from 'fast-check';
import { randomPlan } from '../checks/randomPlan.ts';
import { element } from '../fetch/elements.ts';
import { evaluate } from '../evaluate.ts';
import { floorOf, layOut } from '../fit/layout.ts';
import { overlaps } from '../furniture/containers.ts';
import { applyChanges } from '../model/change.ts';
import type { Plan } from '../model/plan.ts';
import { compartmentId, sceneOf } from '../scene.ts';
import { changesTo, solve, solveAll, type Solution } from './solve.ts';

/** Looks at a solution with nothing but the plan and the fit: the rules that may never be broken. */
function inspect(plan: Plan, solution: Solution): void {
  const scene = sceneOf(plan);
  const locked = Object.values(plan.placements).filter((p) => p.locked);
  // Locks: each is there, unchanged.
  for (const lock of locked) expect(solution.placements).toContainEqual(lock);
  // Nothing lost, nothing made: placed and unplaced add up to what is owned.
  for (const supply of Object.values(plan.supplies)) {
    const placed = solution.placements.filter((p) => p.supply === supply.id).reduce((sum, p) => sum + p.count, 0);
    const without = solution.unplaced.find((u) => u.supply === supply.id)?.count ?? 0;
    expect(placed + without).toBe(supply.count);
  }
  // Capacity: what the solver put somewhere fits beside what is there, within the room to grow.
  const byPlace = new Map<string, typeof solution.placements>();
  for (const p of solution.placements) byPlace.set(compartmentId(p), [...(byPlace.get(compartmentId(p)) ?? []), p]);
  for (const [id, list] of byPlace) {
    const compartment = scene.compartment.get(id)!;
    const lockedHere = list.filter((p) => p.locked);
    if (lockedHere.length === list.length) continue;
    const items = list.map((p) => ({ supply: plan.supplies[p.supply]!, count: p.count, only: p.orientation }));
    const boxes = (scene.standing.planned.get(id) ?? []).flatMap((s) => (s.rect ? [s.rect] : []));
    const { laid, reach } = layOut(compartment, items, boxes, plan.meta.roomToGrow);
    list.forEach((p, i) => expect(laid[i]!.fits === p.count || p.locked).toBe(true));
    expect(boxes.length > 0 || reach <= compartment.inside.width * (1 - plan.meta.roomToGrow) + 1e-6).toBe(true);
    expect(Math.max(0, reach)).toBeLessThanOrEqual(compartment.inside.width + 1e-6);
    // Nothing lies on anything else, nothing sticks out.
    const { width, depth } = floorOf(compartment);
    laid.forEach(({ block }, i) => {
      if (!block) return;
      expect(block.x >= -1e-6 && block.y >= -1e-6 && block.x + block.w <= width + 1e-6).toBe(true);
      expect(block.y + block.d).toBeLessThanOrEqual(depth + 1e-6);
      for (const box of boxes) expect(overlaps(block, box)).toBe(false);
      for (const other of laid.slice(0, i)) if (other.block) expect(overlaps(block, other.block)).toBe(false);
    });
    // At most one placement of a supply in a place, so that "homes" can be counted.
    const free = list.filter((p) => !p.locked).map((p) => p.supply);
    expect(new Set(free).size).toBe(free.length);
  }
  expect(new Set(solution.placements.map((p) => p.id)).size).toBe(solution.placements.length);
}

test('property: never over capacity, never a broken lock, never a lost piece; the same seed gives the same result', () => {
  fc.assert(
    fc.property(randomPlan(30), fc.integer({ min: 0, max: 1000 }), (plan, seed) => {
      const solution = solveAll(plan, { seed, moves: 150 });
      inspect(plan, solution);
      expect(solveAll(plan, { seed, moves: 150 })).toEqual(solution);
    }),
    { numRuns: 150 },
  );
});

test('property: in the evaluated plan every solved placement fits whole, and the report agrees with the solver on the seconds', () => {
  fc.assert(
    fc.property(randomPlan(20), (plan) => {
      const solution = solveAll({ ...plan, placements: {} }, { seed: 7, moves: 150 });
      const bare = { ...plan, placements: {} };
      const placed = applyChanges(bare, changesTo(bare, solution)).plan;
      const report = evaluate(placed);
      expect(report.findings.filter((f) => f.code === 'does not fit')).toEqual([]);
      // Setting up is the same wherever things lie; the solver leaves it out.
      const { minutes, setup } = report.week.planned;
      // What is laid behind something else is not known to the search, which reckons with strips side by side.
      const behind = Object.values(report.placements).reduce(
        (sum, p) => sum + p.fetchesPerWeek * (p.crowd.behind ?? 0) * element('move aside').seconds,
        0,
      );
      expect((minutes - setup) * 60 - behind).toBeCloseTo(solution.seconds, 4);
    }),
    { numRuns: 60 },
  );
});

test('property: placing again changes nothing, and an interrupted search is still whole', () => {
  fc.assert(
    fc.property(randomPlan(20), (plan) => {
      const solution = solveAll(plan, { seed: 3, moves: 150 });
      const placed = applyChanges(plan, changesTo(plan, solution)).plan;
      expect(changesTo(placed, solveAll(placed, { seed: 3, moves: 150 }))).toEqual([]);
      const stopped = solveAll(plan, { seed: 3, moves: 150, stop: () => true });
      inspect(plan, stopped);
      expect(stopped.seconds).toBeGreaterThanOrEqual(solution.seconds - 1e-6);
    }),
    { numRuns: 40 },
  );
});

test('what is fetched often comes nearer than what is fetched seldom, all else equal', () => {
  fc.assert(
    fc.property(randomPlan(1), (plan) => {
      const thing = {
        ...Object.values(plan.supplies)[0]!,
        form: 'pieces' as const,
        count: 1,
        length: 40,
        width: 30,
        thickness: 20,
        orientations: ['flat' as const],
      };
      const base = { ...plan, placements: {}, supplies: {}, uses: {} };
      const twins = applyChanges(base, [
        { table: 'supplies', id: 'often', set: { ...thing, id: 'often', name: 'Often' } },
        { table: 'supplies', id: 'seldom', set: { ...thing, id: 'seldom', name: 'Seldom' } },
        { table: 'uses', id: 'u1', set: { id: 'u1', supply: 'often', activity: 'a', fetches: 20 } },
        { table: 'uses', id: 'u2', set: { id: 'u2', supply: 'seldom', activity: 'a', fetches: 0.1 } },
      ]).plan;
      const report = evaluate(applyChanges(twins, changesTo(twins, solveAll(twins, { seed: 1 }))).plan);
      const seconds = (id: string) =>
        Object.values(report.placements).find((p) => p.supply === id)?.secondsPerFetch ?? Infinity;
      expect(seconds('often')).toBeLessThanOrEqual(seconds('seldom') + 1e-9);
    }),
    { numRuns: 40 },
  );
});

test('progress runs from placing to improving', () => {
  const [plan] = fc.sample(randomPlan(30), { numRuns: 1, seed: 5 });
  const phases = [...solve(plan!, { seed: 1 })].map((p) => p.phase);
  expect(phases[0]).toBe('placing');
  expect(phases.at(-1)).toBe('improving');
});
